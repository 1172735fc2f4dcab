import type { BakeFilm, BakeFrame } from "../api/client";
import { WATER_BREAKS } from "./frame";

export type FieldName = "heat" | "water" | "set" | "colour";

export type Field = {
  name: FieldName;
  title: string;
  /** eight limits between nine classes */
  breaks: number[];
  /** words of the classes from which they hold */
  words: [number, string][];
  /** of its limits; empty where nobody can measure them */
  unit: string;
};

const NINTHS = Array.from({ length: 8 }, (_, i) => ((i + 1) * 100) / 9);

/** The fields that a bake can be coloured by, with the classes of docs/look.md. */
export function fieldOf(name: FieldName, film: Pick<BakeFilm, "setsAtCelsius">): Field {
  switch (name) {
    case "heat": {
      const sets = Math.round(film.setsAtCelsius ?? 77);
      return {
        name,
        title: "heat",
        breaks: [30, 40, 50, 60, 70, Math.min(85, Math.max(71, sets)), 86, 100],
        words: [
          [0, "cool"],
          [3, "warm"],
          [5, "hot"],
          ...(film.setsAtCelsius === null ? [] : [[6, "sets"] as [number, string]]),
          [8, "boils"],
        ],
        unit: "°C",
      };
    }
    case "water":
      return {
        name,
        title: "water",
        breaks: WATER_BREAKS,
        words: [
          [0, "crisp"],
          [2, "dry"],
          [3, "soft"],
          [4, "soggy"],
          [5, "filling"],
        ],
        unit: "",
      };
    case "set":
      return {
        name,
        title: "set",
        breaks: NINTHS,
        words: [
          [0, "liquid"],
          [4, "trembles"],
          [8, "set"],
        ],
        unit: "",
      };
    case "colour":
      return {
        name,
        title: "colour",
        breaks: [0.15, 0.3, 0.45, 0.6, 0.8, 1, 1.5, 2],
        words: [
          [0, "pale"],
          [3, "straw"],
          [5, "gold"],
          [7, "dark"],
        ],
        unit: "",
      };
  }
}

export function classOf(value: number, breaks: number[]): number {
  return breaks.filter((limit) => value >= limit).length;
}

export function valuesOf(frame: BakeFrame, name: FieldName): number[] {
  if (name === "heat") return frame.celsius;
  return name === "water" ? frame.waterPercent : frame.setPercent;
}

/** The first word whose limit a value is below. */
const word = (value: number, steps: [number, string][], beyond: string) =>
  steps.find(([below]) => value < below)?.[1] ?? beyond;

/** What a cook would say of a point. */
export function meaning(celsius: number, set: number, kind: string, water: number, sets: number | null): string {
  if (kind !== "filling" && kind !== "topping")
    return word(
      water,
      [
        [WATER_BREAKS[1] as number, "crisp"],
        [WATER_BREAKS[2] as number, "dry"],
        [WATER_BREAKS[3] as number, "soft"],
      ],
      "soggy, or still raw",
    );
  if (sets === null)
    return word(
      celsius,
      [
        [50, "cold still"],
        [70, "warm, not safe yet"],
      ],
      "hot through",
    );
  return word(
    set,
    [
      [45, "liquid still"],
      [100, "trembling"],
      [101, "set"],
      [116, "set, a little past it"],
      [142, "past its best"],
    ],
    "tough, weeping",
  );
}
