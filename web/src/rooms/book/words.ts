import type { FaultName } from "../../api/client";

/** The four taps, from early to late; the words are the house's. */
export const TAPS = [
  { key: "underside", name: "Underside", words: ["crisp", "dry", "soft", "soggy"] },
  { key: "slice", name: "Slice", words: ["loose", "holds", "weeps"] },
  { key: "colour", name: "Colour", words: ["pale", "golden", "dark"] },
  { key: "salt", name: "Salt", words: ["bland", "enough", "salty"] },
] as const;
export type Tap = (typeof TAPS)[number];

export const FAULTS: [FaultName, string][] = [
  ["soggy-base", "soggy base"],
  ["slumped-side", "side slumped"],
  ["puffed-base", "base puffed"],
  ["weeping", "weeps"],
  ["cracked", "cracked"],
  ["scrambled", "scrambled"],
  ["rubbery", "rubbery"],
  ["pale", "pale"],
  ["burnt-rim", "burnt rim"],
  ["raw-middle", "raw middle"],
  ["hard-potato", "hard potato"],
  ["leaked", "leaked"],
  ["burst-seam", "burst seam"],
  ["hollow", "hollow"],
  ["dry", "dry"],
  ["greasy", "greasy"],
  ["tough-dough", "tough dough"],
  ["torn-dough", "torn dough"],
  ["sticky-dough", "sticky dough"],
  ["stuck", "stuck"],
  ["no-colour-below", "pale below"],
  ["too-salt", "too salt"],
  ["bland", "bland"],
  ["filling-left", "filling left"],
  ["filling-short", "filling short"],
  ["dough-left", "dough left"],
];

export const dayOf = (at: number) =>
  new Date(at).toLocaleDateString("en-GB", { weekday: "short", day: "numeric", month: "short" });
export const clockOf = (at: number) => new Date(at).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
