import type { PieDesign } from "../api/client";
import { number } from "../ui/numbers";

export type Tin = PieDesign["tin"];
export type TinMeasure = { key: string; name: string; label: string; kind: "length" | "whole" | "volume" };

export const SHAPES: [Tin["shape"], string][] = [
  ["round-straight", "round, straight"],
  ["round-sloped", "round, sloped"],
  ["round-fluted", "round, fluted"],
  ["springform", "springform"],
  ["rectangular", "rectangular or square"],
  ["cups", "muffin cups"],
  ["measured-dish", "dish, measured with water"],
  ["folded-discs", "no tin: discs, folded"],
];

const DEEP: TinMeasure = { key: "depthMm", name: "deep", label: "Tin, inside depth", kind: "length" };
const WIDE: TinMeasure = { key: "diameterMm", name: "wide", label: "Tin, inside width", kind: "length" };
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
export const MEASURES: Record<Tin["shape"], TinMeasure[]> = {
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
  "folded-discs": [
    { key: "discs", name: "discs", label: "Discs, how many", kind: "whole" },
    { key: "discDiameterMm", name: "each", label: "Discs, width before folding", kind: "length" },
  ],
};

/** A tin of another shape, as near to the old one as a first guess can be; its measures are then taken by the cook. */
export function reshaped(tin: Tin, shape: Tin["shape"]): Tin {
  const depthMm = "depthMm" in tin ? tin.depthMm : 35;
  const rim = rimOf(tin);
  switch (shape) {
    case "round-straight":
    case "springform":
      return { shape, diameterMm: rim, depthMm };
    case "round-sloped":
      return { shape, floorDiameterMm: floorOf(tin), rimDiameterMm: rim, depthMm };
    case "round-fluted":
      return { shape, floorDiameterMm: floorOf(tin), rimDiameterMm: rim, flutes: 32, fluteMm: 4, depthMm };
    case "rectangular":
      return { shape, lengthMm: rim, widthMm: rim, flareMm: 0, depthMm };
    case "cups":
      return { shape, cups: 12, floorDiameterMm: 50, rimDiameterMm: 70, depthMm };
    case "measured-dish":
      return { shape, waterMl: 1500, depthMm };
    case "folded-discs":
      return { shape, discs: 4, discDiameterMm: 200 };
  }
}

function rimOf(tin: Tin): number {
  if ("diameterMm" in tin) return tin.diameterMm;
  if ("lengthMm" in tin) return tin.lengthMm;
  return "rimDiameterMm" in tin && tin.shape !== "cups" ? tin.rimDiameterMm : 240;
}

function floorOf(tin: Tin): number {
  return "floorDiameterMm" in tin && tin.shape !== "cups" ? tin.floorDiameterMm : rimOf(tin);
}

/** The same tin, in whatever order its measures stand. */
export const sameTin = (a: Tin, b: Tin) =>
  a.shape === b.shape && MEASURES[a.shape].every(({ key }) => measureOf(a, key) === measureOf(b, key));

export const measureOf = (tin: Tin, key: string) => (tin as unknown as Record<string, number>)[key] ?? 0;

/** A measure as a cook reads it off the ruler or the jug. */
export function measureWords(tin: Tin, measure: TinMeasure): string {
  const value = measureOf(tin, measure.key);
  if (measure.kind === "whole") return String(value);
  if (measure.kind === "volume") return `${number(value)} ml`;
  return `${number(value / 10, Number.isInteger(value / 10) ? 0 : 1)} cm`;
}
