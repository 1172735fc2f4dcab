import { ApiProblem, type Entry, type EntryKind, type Food } from "./client";
import { readEntry } from "./queries";

type ReadAmount = Pick<Entry, "words" | "value" | "least" | "most" | "said" | "others" | "mode">;

/** Asks the core what words come to; what it refuses comes back as what to write instead. */
export async function readWords(
  kitchen: string,
  kind: EntryKind,
  words: string,
  food?: Food,
): Promise<{ ok: true; value: ReadAmount } | { ok: false; mend: string }> {
  try {
    return { ok: true, value: await readEntry(kitchen, kind, words, food) };
  } catch (thrown) {
    if (thrown instanceof ApiProblem) return { ok: false, mend: thrown.problem.mend };
    throw thrown;
  }
}

/** The same for an entry that keeps only the figure. */
export const readFigure = (kitchen: string, kind: EntryKind, food?: Food) => async (words: string) => {
  const read = await readWords(kitchen, kind, words, food);
  return read.ok ? { ok: true as const, value: read.value.value } : read;
};
