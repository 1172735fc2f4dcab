/** What came of reading the words of an entry. */
export type ReadResult<T> = { ok: true; value: T } | { ok: false; mend: string };

/** "315 g" one step up is "316 g", ten steps "325 g"; words that do not begin with a plain number stay. */
export function nudged(words: string, by: number): string {
  const match = /^(\s*)(\d+(?:\.\d+)?)(?!\s*\/|\s+\d)(.*)$/.exec(words);
  if (!match) return words;
  const [, before = "", written = "0", after = ""] = match;
  const decimals = written.split(".")[1]?.length ?? 0;
  return before + Math.max(0, Number(written) + by).toFixed(decimals) + after;
}

/** A whole number within limits, read on the spot. */
export function readWhole(words: string, from: number, to: number): ReadResult<number> {
  const value = Number(words.trim());
  return /^\d+$/.test(words.trim()) && value >= from && value <= to
    ? { ok: true, value }
    : { ok: false, mend: `Write a whole number from ${from} to ${to}.` };
}

/** A line of text of some length, read on the spot. */
export function readText(words: string, from: number, to: number): ReadResult<string> {
  const value = words.trim();
  return value.length >= from && value.length <= to
    ? { ok: true, value }
    : { ok: false, mend: from > 0 && value === "" ? "Write a name." : `Keep it under ${to} letters.` };
}

/** A number within limits, with or without its unit, read on the spot. */
export function readNumber(words: string, from: number, to: number, unit: string): ReadResult<number> {
  const found = /^(\d+(?:[.,]\d+)?)\s*(\S*)$/.exec(words.trim());
  const value = Number(found?.[1]?.replace(",", "."));
  return found && (found[2] === "" || found[2] === unit) && value >= from && value <= to
    ? { ok: true, value }
    : { ok: false, mend: `Write a number from ${from} to ${to} ${unit}.` };
}
