import { describe, expect, it } from "vitest";
import { FOODS } from "./theme";

/** How three deficiencies see linear light (simulation of Machado, Oliveira and Fernandes 2009, full severity; from memory). */
const SEEN = {
  "all cones": [1, 0, 0, 0, 1, 0, 0, 0, 1],
  protanopia: [0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998],
  deuteranopia: [0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.01182, 0.04294, 0.968881],
  tritanopia: [1.255528, -0.076749, -0.178779, -0.078411, 0.930809, 0.147602, 0.004733, 0.691367, 0.3039],
};

const linear = (hex: string) =>
  [1, 3, 5].map((at) => {
    const share = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];

/** Relative luminance of WCAG 2.2 as it is seen. */
function luminance(hex: string, seen: number[]): number {
  const [r, g, b] = linear(hex);
  const [x, y, z] = [0, 3, 6].map((row) =>
    Math.min(1, Math.max(0, (seen[row] ?? 0) * r + (seen[row + 1] ?? 0) * g + (seen[row + 2] ?? 0) * b)),
  ) as [number, number, number];
  return 0.2126 * x + 0.7152 * y + 0.0722 * z;
}

function contrast(one: string, other: string, seen: number[]): number {
  const [low, high] = [luminance(one, seen), luminance(other, seen)].sort((a, b) => a - b) as [number, number];
  return (high + 0.05) / (low + 0.05);
}

/** A graphic is told from its ground from here on (WCAG 2.2, 1.4.11). */
const GRAPHIC = 3;

describe("the food in its own colours", () => {
  for (const [eye, seen] of Object.entries(SEEN)) {
    for (const mode of ["base", "_dark"] as const) {
      it(`is told by the line of its pieces, ${mode === "base" ? "light" : "dark"}, ${eye}`, () => {
        for (const [tone, { bed, line }] of Object.entries(FOODS)) {
          expect(contrast(line.value[mode], bed.value[mode], seen), tone).toBeGreaterThanOrEqual(GRAPHIC);
        }
      });
    }
  }
});
