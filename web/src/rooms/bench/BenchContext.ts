import { createContext, useContext } from "react";
import { ApiProblem, type EntryKind, type Food, type PieDesign, type Refusal } from "../../api/client";
import { readEntry } from "../../api/queries";
import type { ReadResult } from "../../ui/entry";

export type Change = (design: PieDesign) => PieDesign;

/** What every part of the bench needs, and nothing that is new with every key: parts re-draw only when their own piece changes. */
type Value = {
  kitchen: string;
  refusals: Refusal[];
  /** change the design for good */
  change: (by: Change) => void;
  /** the design as it stands this moment */
  now: () => PieDesign;
  /** show a change while it is typed; null takes it back */
  preview: (by: Change | null) => void;
};

export const BenchContext = createContext<Value | null>(null);

export function useBenchContext(): Value {
  const value = useContext(BenchContext);
  if (!value) throw new Error("A part of the bench was used outside of it.");
  return value;
}

/** What to write instead, where the design was refused at this place or below it. */
export function useMend(at: string): string | undefined {
  return useBenchContext().refusals.find((refusal) => refusal.at === at || refusal.at.startsWith(`${at}/`))?.mend;
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
