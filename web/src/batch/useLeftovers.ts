import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ApiProblem, answer, api, type Leftover, type LeftoverWish } from "../api/client";

type Said = { words: string; undo: () => void };

/** Puts away what is left over, and says what became of it; each can be taken back. */
export function useLeftovers(kitchen: string) {
  const client = useQueryClient();
  const [said, setSaid] = useState<Said | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const write = async (call: Promise<unknown>, told: Said | null) => {
    setTrouble(null);
    try {
      await call;
      setSaid(told);
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setTrouble(thrown.problem.refusals[0]?.mend ?? thrown.problem.mend);
    }
    await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "leftovers"] });
  };
  const tell = (id: string, gone: "used" | "thrown" | "there") =>
    answer(
      api.PUT("/kitchens/{kitchen}/leftovers/{leftover}/gone", {
        params: { path: { kitchen, leftover: id } },
        body: { gone },
      }),
    );
  /** @param takeBack  what else is undone with it */
  const gone = (one: Leftover, how: "used" | "thrown", more = "", takeBack = () => {}) =>
    write(tell(one.id, how), {
      words: `${one.says}: ${how === "used" ? "used" : "thrown away"}.${more}`,
      undo: () => {
        takeBack();
        void write(tell(one.id, "there"), null);
      },
    });
  const put = async (wish: LeftoverWish) => {
    const made = answer(api.POST("/kitchens/{kitchen}/leftovers", { params: { path: { kitchen } }, body: wish }));
    await write(made, null);
    const one = await made.catch(() => null);
    if (one) {
      setSaid({ words: `${one.says}: in the ${one.place}.`, undo: () => void write(tell(one.id, "thrown"), null) });
    }
  };
  return { said, trouble, gone, put };
}
