import type { PieDesign } from "../api/client";
import { defaults } from "../api/generated/defaults";
import { number } from "../ui/numbers";

export type Tin = PieDesign["tin"];
export type TinMeasure = {
  key: string;
  name: string;
  label: string;
  kind: "length" | "width" | "depth" | "whole" | "volume";
};

export const SHAPES: [Tin["shape"], string][] = [
  ["round-straight", "round, straight"],
  ["round-sloped", "round, sloped"],
  ["round-fluted", "round, fluted"],
  ["springform", "springform"],
  ["rectangular", "rectangular or square"],
  ["cups", "muffin cups"],
  ["measured-dish", "dish, measured with water"],
  ["folded", "no tin: dough, folded"],
];

const DEEP: TinMeasure = { key: "depthMm", name: "deep", label: "Tin, inside depth", kind: "depth" };
const WIDE: TinMeasure = { key: "diameterMm", name: "wide", label: "Tin, inside width", kind: "width" };
const FLOOR: TinMeasure = {
  key: "floorDiameterMm",
  name: "at the floor",
  label: "Tin, inside width at the floor",
  kind: "length",
};
const RIM: TinMeasure = {
  key: "rimDiameterMm",
  name: "at the rim",
  label: "Tin, inside width at the rim",
  kind: "length",
};

/** What is measured of a tin of each shape, in the order in which a cook measures it. */
const MEASURES: Record<Tin["shape"], TinMeasure[]> = {
  "round-straight": [WIDE, DEEP],
  springform: [WIDE, DEEP],
  "round-sloped": [FLOOR, RIM, DEEP],
  "round-fluted": [
    FLOOR,
    RIM,
    DEEP,
    { key: "flutes", name: "flutes", label: "Tin, number of flutes", kind: "whole" },
    { key: "fluteMm", name: "each", label: "Tin, depth of a flute", kind: "length" },
  ],
  rectangular: [
    { key: "lengthMm", name: "long", label: "Tin, inside length at the floor", kind: "length" },
    { key: "widthMm", name: "wide", label: "Tin, inside width at the floor", kind: "length" },
    DEEP,
    { key: "flareMm", name: "wider at the rim", label: "Tin, how much wider at the rim", kind: "length" },
  ],
  cups: [{ key: "cups", name: "cups", label: "Tin, number of cups", kind: "whole" }, FLOOR, RIM, DEEP],
  "measured-dish": [
    { key: "waterMl", name: "of water to the rim", label: "Dish, water to the rim", kind: "volume" },
    DEEP,
  ],
  folded: [
    { key: "pieces", name: "pies", label: "Pies, how many", kind: "whole" },
    {
      key: "lengthMm",
      name: "wide, unfolded",
      label: "Dough, how wide before it is closed",
      kind: "length",
    },
  ],
};

type Folded = Extract<Tin, { shape: "folded" }>;
export const FOLDS: [Folded["fold"], string][] = [
  ["half-moon", "disc, crimped at the side"],
  ["top-crimp", "disc, crimped on top"],
  ["turnover", "square, to a triangle"],
  ["parcel", "square, points up"],
  ["rectangle", "rectangle, folded"],
  ["patty", "two discs"],
];
const FOLD_WIDTH: TinMeasure = {
  key: "widthMm",
  name: "across the fold",
  label: "Dough, how wide across the fold",
  kind: "length",
};

/** A rectangle is commonly so wide to its length. */
const RECTANGLE = 0.8;

/** Closed another way; a rectangle gets a width of its own. */
export const closed = (tin: Folded, fold: Folded["fold"]): Folded => ({
  ...tin,
  fold,
  widthMm: fold === "rectangle" ? Math.round(tin.lengthMm * RECTANGLE) : null,
});

/** What is measured of a tin. */
export const measuresOf = (tin: Tin): TinMeasure[] =>
  tin.shape === "folded" && tin.fold === "rectangle" ? [...MEASURES.folded, FOLD_WIDTH] : MEASURES[tin.shape];

/** A tin of another shape: what the old one tells, and else as is usual; its measures are then taken by the cook. */
export function reshaped(tin: Tin, shape: Tin["shape"]): Tin {
  const usual = defaults.tins.find((one) => one.shape === shape) as Tin;
  const { wide, floor, deep } =
    shape === "cups" || shape === "folded" ? { ...known(tin), wide: undefined, floor: undefined } : known(tin);
  // of a tin's width nothing follows for a cup or for dough that is folded
  const told: Record<string, number | undefined> = {
    diameterMm: wide,
    lengthMm: wide,
    widthMm: wide,
    rimDiameterMm: wide,
    floorDiameterMm: floor ?? wide,
    depthMm: deep,
  };
  return Object.fromEntries(Object.entries(usual).map(([key, value]) => [key, told[key] ?? value])) as Tin;
}

/** How wide and deep a tin is; nothing of cups and folded dough, which are no guess for a tin. */
function known(tin: Tin): { wide?: number; floor?: number; deep?: number } {
  const deep = "depthMm" in tin ? tin.depthMm : undefined;
  if ("diameterMm" in tin) return { wide: tin.diameterMm, deep };
  if (tin.shape === "folded") return {};
  if ("lengthMm" in tin) return { wide: tin.lengthMm, deep };
  return "rimDiameterMm" in tin && tin.shape !== "cups"
    ? { wide: tin.rimDiameterMm, floor: tin.floorDiameterMm, deep }
    : { deep };
}

/** The same tin, in whatever order its measures stand. */
export const sameTin = (a: Tin, b: Tin) =>
  a.shape === b.shape &&
  foldOf(a) === foldOf(b) &&
  measuresOf(a).every(({ key }) => measureOf(a, key) === measureOf(b, key));

const foldOf = (tin: Tin) => (tin.shape === "folded" ? tin.fold : null);

export const measureOf = (tin: Tin, key: string) => (tin as unknown as Record<string, number>)[key] ?? 0;

/** A measure as a cook reads it off the ruler or the jug. */
export function measureWords(tin: Tin, measure: TinMeasure): string {
  const value = measureOf(tin, measure.key);
  if (measure.kind === "whole") return String(value);
  if (measure.kind === "volume") return `${number(value)} ml`;
  return `${number(value / 10, Number.isInteger(value / 10) ? 0 : 1)} cm`;
}
