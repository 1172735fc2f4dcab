import { createContext, useContext } from "react";
import { ApiProblem, type EntryKind, type Food, type PieDesign, type Refusal } from "../../api/client";
import { readEntry } from "../../api/queries";
import type { ReadResult } from "../../ui/entry";

type Value = {
  kitchen: string;
  design: PieDesign;
  refusals: Refusal[];
  /** change the design for good */
  set: (to: PieDesign) => void;
  /** show a change while it is typed; null takes it back */
  preview: (to: PieDesign | null) => void;
};

export const BenchContext = createContext<Value | null>(null);

export function useBenchContext(): Value {
  const value = useContext(BenchContext);
  if (!value) throw new Error("A part of the bench was used outside of it.");
  return value;
}

export type ReadAmount = { words: string; value: number; said: string };

/** Asks the core what words come to; what it refuses comes back as what to write instead. */
export async function readWords(
  kitchen: string,
  kind: EntryKind,
  words: string,
  food?: Food,
): Promise<ReadResult<ReadAmount>> {
  try {
    return { ok: true, value: await readEntry(kitchen, kind, words, food) };
  } catch (thrown) {
    if (thrown instanceof ApiProblem) return { ok: false, mend: thrown.problem.mend };
    throw thrown;
  }
}
