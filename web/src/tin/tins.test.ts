import { describe, expect, it } from "vitest";
import { closed, FOLDS, measuresOf, reshaped, SHAPES, sameTin, type Tin } from "./tins";

const straight: Tin = { shape: "round-straight", diameterMm: 240, depthMm: 35 };

describe("a tin of another shape", () => {
  it("keeps the depth and, where it can, the width", () => {
    for (const [shape] of SHAPES) {
      const tin = reshaped(straight, shape);
      expect(tin.shape).toBe(shape);
      // discs have no depth, so nothing is kept of it
      if (shape === "folded") continue;
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
      const tin = reshaped(straight, shape);
      const measured = Object.entries(tin).filter(
        ([key, value]) => key !== "shape" && key !== "fold" && value !== null,
      );
      expect(
        measuresOf(tin)
          .map((one) => one.key)
          .sort(),
      ).toEqual(measured.map(([key]) => key).sort());
    }
  });

  it("that is folded is closed in six ways, and only a rectangle has a width of its own", () => {
    const half = reshaped(straight, "folded");
    if (half.shape !== "folded") throw new Error("not folded");
    for (const [fold] of FOLDS) {
      const tin = closed(half, fold);
      expect(tin.widthMm === null).toBe(fold !== "rectangle");
      expect(measuresOf(tin)).toHaveLength(fold === "rectangle" ? 3 : 2);
      expect(sameTin(tin, half)).toBe(fold === half.fold);
    }
  });
});
