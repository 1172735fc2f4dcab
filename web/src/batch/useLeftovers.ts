import { answer, api, type Leftover, type LeftoverWish } from "../api/client";
import { type Done, useWrite } from "../api/useWrite";

/**
 * Puts away what is left over, and says what became of it; each can be taken back.
 *
 * @param after  what else looks again after each
 */
export function useLeftovers(kitchen: string, after: () => Promise<void> = async () => {}) {
  const { said, setSaid, trouble, write: send } = useWrite(kitchen);
  const write = async (call: Promise<unknown>, told: Done | null) => {
    await send("leftovers", call, told);
    await after();
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
