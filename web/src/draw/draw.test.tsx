import { describe, expect, it } from "vitest";
import { section } from "../../test/kitchen";
import { bandPath, frameOf, WATER_BREAKS } from "./frame";
import { seeded } from "./random";
import { piecesOf } from "./textures";

const margins = { left: 8, right: 74, top: 30, bottom: 40 };
const leeks = {
  id: "leeks",
  kind: "solid" as const,
  texture: "strands" as const,
  tint: "greens" as const,
  bottomMm: 3,
  topMm: 13,
  packing: 0.7,
  waterPercent: 75,
  hasBinder: false,
};

describe("the drawing", () => {
  it("is to scale along the radius and at most twice as tall", () => {
    const frame = frameOf(section, 560, margins);
    expect(frame.x(60) - frame.x(0)).toBeCloseTo((frame.x(120) - frame.x(0)) / 2);
    expect(frame.stretch).toBeGreaterThanOrEqual(1);
    expect(frame.stretch).toBeLessThanOrEqual(2);
    expect(frame.y(0) - frame.y(10)).toBeCloseTo(10 * frame.pxPerMm * frame.stretch);
  });

  it("keeps a deep pie and an overfull one inside the room there is", () => {
    for (const tall of [80, 150, 400]) {
      const frame = frameOf({ ...section, tin: { ...section.tin, depthMm: 70 }, fillTopMm: tall }, 560, margins);
      expect(frame.y(tall)).toBeGreaterThanOrEqual(margins.top - 0.01);
      expect(frame.height).toBeLessThanOrEqual(300 + margins.top + margins.bottom + 0.01);
    }
  });

  it("follows a sloped wall", () => {
    const sloped = {
      ...section,
      tin: { ...section.tin, rimRadiusMm: 130, linedRimRadiusMm: 126.9, linedFloorRadiusMm: 117.7 },
    };
    const frame = frameOf(sloped, 560, margins);
    expect(frame.insideMm(35)).toBeCloseTo(126.9, 0);
    expect(frame.wallMm(35)).toBeCloseTo(130);
    expect(bandPath(frame, 3, 20)).toMatch(/^M8,/);
  });

  it("puts a water content into the class its words name", () => {
    // water to solids of 0.05, 0.119, 0.121, 0.221, 0.384, 0.386; then a filling
    const percents = [0.05, 0.119, 0.121, 0.221, 0.384, 0.386].map((ratio) => (100 * ratio) / (1 + ratio));
    const classes = [...percents, 75, 90].map((percent) => WATER_BREAKS.filter((limit) => percent >= limit).length);
    expect(classes).toEqual([0, 1, 2, 3, 3, 4, 7, 8]);
  });

  it("does not jump: the same seed draws the same pieces, and more of a layer only adds to them", () => {
    expect(Array.from({ length: 3 }, seeded("leeks"))).toEqual(Array.from({ length: 3 }, seeded("leeks")));
    const frame = frameOf(section, 560, margins);
    const less = piecesOf(leeks, frame);
    const more = piecesOf({ ...leeks, topMm: 18 }, frame);
    expect(more.lines.startsWith(less.lines)).toBe(true);
    expect(more.lines.length).toBeGreaterThan(less.lines.length);
  });

  it("draws nothing where there is nothing", () => {
    expect(piecesOf({ ...leeks, topMm: 3 }, frameOf(section, 560, margins)).lines).toBe("");
  });
});
