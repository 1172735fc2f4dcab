import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ApiProblem } from "./client";

/** What was just done, and a way to take it back. */
export type Done = { words: string; undo?: () => void };
type Trouble = { code: string; at: string; mend: string } | null;

/** Writes something, says that it was done or why it was not, and has the screens look again either way. */
export function useWrite(kitchen: string) {
  const client = useQueryClient();
  const [said, setSaid] = useState<Done | null>(null);
  const [trouble, setTrouble] = useState<Trouble>(null);
  const write = async (part: string, call: Promise<unknown>, told: Done | null): Promise<boolean> => {
    setTrouble(null);
    try {
      await call;
      setSaid(told);
      return true;
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setTrouble({
        code: thrown.problem.refusals[0]?.code ?? thrown.problem.code,
        at: thrown.problem.refusals[0]?.at ?? "",
        mend: thrown.message,
      });
      return false;
    } finally {
      await client.invalidateQueries({ queryKey: ["kitchen", kitchen, part] });
    }
  };
  return { said, setSaid, trouble, write };
}
