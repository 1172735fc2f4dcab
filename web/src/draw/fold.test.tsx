import { describe, expect, it } from "vitest";
import { section, show } from "../../test/kitchen";
import type { Section } from "../api/client";
import { foldReachMm } from "./FoldSheet";
import { SmallCutaway } from "./SmallCutaway";

const lid = { thicknessMm: 4, openShare: 0.01, glaze: "egg" } as NonNullable<Section["lid"]>;
const fold: Section = {
  ...section,
  form: "folded",
  fold: "half-moon",
  lid,
  tin: { ...section.tin, crustMm: 4, linedFloorRadiusMm: 60, linedRimRadiusMm: 60, floorRadiusMm: 64, rimRadiusMm: 64 },
  fillTopMm: 20,
};

const numbers = (d: string) => (d.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number);
const paths = (one: Section) => {
  const { container } = show(<SmallCutaway section={one} />);
  return [...container.querySelectorAll("path")];
};

describe("a fold", () => {
  it("is one sheet, cut where its vent is, and drawn with both its halves", () => {
    const sheet = paths(fold).find(
      (path) => path.getAttribute("fill") === null && path.getAttribute("d")?.includes("L"),
    );
    const pieces = sheet?.getAttribute("d")?.split("M").filter(Boolean) ?? [];
    expect(pieces).toHaveLength(2);
    // the first begins left of the vent, the second right of it
    const [left, right] = pieces.map((piece) => numbers(piece)[0] ?? Number.NaN) as [number, number];
    expect(left).toBeLessThan(right);
  });

  it("without a vent is closed at the top", () => {
    const sheet = paths({ ...fold, lid: { ...lid, openShare: 0 } }).find(
      (path) => path.getAttribute("fill") === null && path.getAttribute("d")?.includes("L"),
    );
    const [left, right] = (sheet?.getAttribute("d")?.split("M").filter(Boolean) ?? []).map(
      (piece) => numbers(piece)[0],
    );
    expect(left).toBe(right);
  });

  it("stays inside its picture with its seam", () => {
    const { container } = show(<SmallCutaway section={fold} pxPerMm={1.88} />);
    const width = Number(container.querySelector("svg")?.getAttribute("width"));
    for (const path of container.querySelectorAll("g > path[stroke-width]")) {
      expect(Math.max(...numbers(path.getAttribute("d") ?? "0"))).toBeLessThanOrEqual(width);
    }
    expect(foldReachMm(fold)).toBe(64 + 9 + 4);
  });
});

describe("each way to close dough", () => {
  // the dough is drawn by thick strokes; what has no stroke is only the room inside
  const sheetOf = (one: Section) =>
    paths(one)
      .find((path) => path.getAttribute("stroke") !== null && path.getAttribute("d")?.includes("L"))
      ?.getAttribute("d") ?? "";
  const widths = (d: string) => numbers(d).filter((_, at) => at % 2 === 0);

  it("is told by its outline", () => {
    const drawn = (["half-moon", "top-crimp", "parcel", "patty"] as const).map((shape) =>
      sheetOf({ ...fold, fold: shape }),
    );
    expect(new Set(drawn).size).toBe(4);
    // a turnover and a folded rectangle are one sheet bent over, as a half-moon is
    for (const shape of ["turnover", "rectangle"] as const) expect(sheetOf({ ...fold, fold: shape })).toBe(drawn[0]);
  });

  it("is even on both sides where both sides are brought up, and has its seam at one side where it is folded", () => {
    for (const [shape, isEven] of [
      ["parcel", true],
      ["patty", true],
      ["half-moon", false],
    ] as const) {
      const all = widths(sheetOf({ ...fold, fold: shape }));
      const axis = 80;
      const [left, right] = [axis - Math.min(...all), Math.max(...all) - axis];
      if (isEven) expect(Math.abs(left - right)).toBeLessThan(9);
      else expect(right).toBeGreaterThan(left);
    }
  });

  it("opens a parcel in its middle, and stands a crimp above the dough", () => {
    const curves = (shape: Section["fold"]) => sheetOf({ ...fold, fold: shape }).split("C").length - 1;
    expect(curves("top-crimp")).toBe(6);
    expect(curves("parcel")).toBe(4);
    const parcel = sheetOf({ ...fold, fold: "parcel" })
      .split("M")
      .filter(Boolean);
    const [left, right] = parcel.map((piece) => numbers(piece).at(-2) ?? Number.NaN) as [number, number];
    expect(left).toBeLessThan(right);
  });
});

describe("a lid", () => {
  it("over a dish hooks down outside, and on a tin ends at the rim", () => {
    const steps = (form: Section["form"]) => {
      const { container } = show(<SmallCutaway section={{ ...section, form, lid }} />);
      return (container.querySelector("[data-lid]")?.getAttribute("d") ?? "").split("V").length;
    };
    expect(steps("pot-pie")).toBe(4);
    expect(steps("double-crust")).toBe(3);
  });
});
