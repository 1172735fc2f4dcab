import type { Reading } from "../api/client";
import { number } from "../ui/numbers";

export type Geometry = {
  x: (value: number) => number;
  from: number | null;
  to: number | null;
  loaf: { from: number; to: number } | null;
  needle: number | null;
  wished: { from: number; to: number } | null;
  limits: { x: number; text: string; anchor: "start" | "middle" | "end" }[];
};

/** The ink of each reading's loaf: what it is of, never how it is judged. */
export const SUBSTANCE = {
  custard: "ink2",
  set: "heat",
  safe: "heat",
  base: "water",
  colour: "brown",
  salt: "ink2",
  fill: "ink2",
} as const;

const LEAST_LOAF = 8;

/** Where the parts of a reading stand on a rule of this width, px. */
export function readingGeometry(reading: Reading, width: number): Geometry {
  const { from, to } = reading.scale;
  const x = (value: number) => Math.max(4, Math.min(width - 4, ((value - from) / (to - from || 1)) * width));
  const { lower, upper, lowerName, upperName } = reading.limits;
  const needle = reading.value === null ? null : x(reading.value);
  return {
    x,
    from: lower === null ? null : x(lower),
    to: upper === null ? null : x(upper),
    loaf: needle === null ? null : loafAround(needle, reading, x, width),
    needle,
    wished: reading.wished && { from: x(reading.wished.from), to: x(reading.wished.to) },
    limits: reading.words.length
      ? wordsOf(reading, x, width)
      : apart([
          ...(lower === null ? [] : [limit(x(lower), `${lowerName} ${number(lower, digits(lower, reading))}`, width)]),
          ...(upper === null ? [] : [limit(x(upper), `${upperName} ${number(upper, digits(upper, reading))}`, width)]),
        ]),
  };
}

/** The words of a scale, each in the middle of where it holds; one that has no room there is left out. */
function wordsOf(reading: Reading, x: (value: number) => number, width: number): Geometry["limits"] {
  let end = 0;
  return reading.words.flatMap(({ word, to }, index) => {
    const from = x(reading.words[index - 1]?.to ?? reading.scale.from);
    const upto = x(to ?? reading.scale.to);
    const half = word.length * 3.6;
    const at = Math.max(half, Math.min(width - half, (from + upto) / 2));
    if (upto - from < 8 || at - half < end) return [];
    end = at + half + 6;
    return [{ x: at, text: word, anchor: "middle" as const }];
  });
}

function loafAround(needle: number, reading: Reading, x: (value: number) => number, width: number) {
  const from = reading.low === null ? needle : x(reading.low);
  const to = reading.high === null ? width - 4 : x(reading.high);
  const spare = Math.max(0, LEAST_LOAF - (to - from)) / 2;
  return { from: from - spare, to: to + spare };
}

/** 1.4 and not 1.40, 14 and not 14.00 */
function digits(value: number, reading: Reading): number {
  return Number.isInteger(value) ? 0 : Math.min(reading.decimals, Number.isInteger(value * 10) ? 1 : 2);
}

/** Two limits close together are written away from each other. */
function apart(limits: Geometry["limits"]): Geometry["limits"] {
  const [left, right] = limits;
  if (!left || !right || right.x - left.x > (left.text.length + right.text.length) * 3.6 + 8) return limits;
  return [
    { ...left, x: left.x + 8, anchor: "end" },
    { ...right, x: Math.max(right.x - 8, left.x + 16), anchor: "start" },
  ];
}

function limit(x: number, text: string, width: number): Geometry["limits"][number] {
  const half = text.length * 3.6;
  return { x, text, anchor: x < half ? "start" : x > width - half ? "end" : "middle" };
}

/** "Base 17 %, between 14 and 20; dry to 14; soft." */
export function readingSentence(reading: Reading): string {
  const chosen = reading.wished
    ? `; you chose ${number(reading.wished.from, reading.decimals)} to ${number(reading.wished.to, reading.decimals)}`
    : "";
  if (reading.words.length)
    return `${reading.title}: ${reading.verdict}${reading.between && `, in other kitchens ${reading.between}`}.`;
  const value = reading.value === null ? "" : ` ${number(reading.value, reading.decimals)} ${reading.unit}`;
  const between =
    reading.low === null || reading.high === null
      ? ""
      : `, between ${number(reading.low, reading.decimals)} and ${number(reading.high, reading.decimals)}`;
  const limits = readingGeometry(reading, 100)
    .limits.map((one) => `; ${one.text}`)
    .join("");
  return `${reading.title}${value}${between}${limits}${chosen}; ${reading.verdict}.`;
}
