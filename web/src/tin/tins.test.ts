import { describe, expect, it } from "vitest";
import { MEASURES, reshaped, SHAPES, sameTin, type Tin } from "./tins";

const straight: Tin = { shape: "round-straight", diameterMm: 240, depthMm: 35 };

describe("a tin of another shape", () => {
  it("keeps the depth and, where it can, the width", () => {
    for (const [shape] of SHAPES) {
      const tin = reshaped(straight, shape);
      expect(tin.shape).toBe(shape);
      // discs have no depth, so nothing is kept of it
      if (shape === "folded-discs") continue;
      expect(tin).toMatchObject({ depthMm: 35 });
      expect(reshaped(tin, "springform")).toMatchObject({ depthMm: 35 });
    }
    expect(reshaped(straight, "rectangular")).toMatchObject({ lengthMm: 240, widthMm: 240, flareMm: 0 });
    const sloped = { shape: "round-sloped", floorDiameterMm: 220, rimDiameterMm: 250, depthMm: 35 } as const;
    expect(reshaped(sloped, "round-fluted")).toMatchObject({ floorDiameterMm: 220, rimDiameterMm: 250 });
    expect(reshaped(sloped, "springform")).toMatchObject({ diameterMm: 250 });
    expect(reshaped(reshaped(straight, "cups"), "round-straight")).toMatchObject({ diameterMm: 240 });
  });

  it("is known again in whatever order its measures stand", () => {
    const turned = { depthMm: 35, diameterMm: 240, shape: "round-straight" } as const;
    expect(sameTin(straight, turned)).toBe(true);
    expect(sameTin(straight, { ...turned, depthMm: 36 })).toBe(false);
    expect(sameTin(straight, reshaped(straight, "springform"))).toBe(false);
  });

  it("has a field for each of its measures and none besides", () => {
    for (const [shape] of SHAPES) {
      const measured = Object.keys(reshaped(straight, shape)).filter((key) => key !== "shape");
      expect(MEASURES[shape].map((one) => one.key).sort()).toEqual(measured.sort());
    }
  });
});
