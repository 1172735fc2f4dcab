import { describe, expect, it } from "vitest";
import { trout } from "../../test/kitchen";
import type { PieDesign } from "../api/client";
import { answered, applied, pointerOf, settledIn } from "./assumed";

const assuming = (...places: string[]): PieDesign => ({ ...trout(), assumed: places.map((place) => ({ place })) });

describe("what is assumed", () => {
  it("is settled by a change of its place, and of nothing else", () => {
    const before = assuming("/crust/thicknessMm", "/bake/stages/0/mode", "/layers/leeks/fromCelsius");
    const after = { ...before, crust: { ...before.crust, thicknessMm: 5 } };
    expect(settledIn(before, after).assumed.map((one) => one.place)).toEqual([
      "/bake/stages/0/mode",
      "/layers/leeks/fromCelsius",
    ]);
    expect(settledIn(before, { ...before, name: "Another" }).assumed).toHaveLength(3);
  });

  it("holds while its layer moves, and goes with it", () => {
    const before = assuming("/layers/leeks/fromCelsius");
    const moved = { ...before, layers: [...before.layers].reverse() };
    expect(settledIn(before, moved).assumed).toHaveLength(1);
    const without = { ...before, layers: before.layers.filter((layer) => layer.id !== "leeks") };
    expect(settledIn(before, without).assumed).toEqual([]);
    expect(pointerOf(moved, "/layers/leeks/fromCelsius")).toBe(`/layers/${moved.layers.length - 1}/fromCelsius`);
    expect(pointerOf(without, "/layers/leeks/fromCelsius")).toBeNull();
  });

  it("takes an answer along to what is read anew, where the same layer still stands there", () => {
    const of = assuming("/layers/leeks/fromCelsius", "/crust/thicknessMm");
    const changes = [{ at: "/layers/0/fromCelsius", to: 60 }];
    const taken = applied(of, of, "/layers/leeks/fromCelsius", changes);
    expect(taken.layers[0]?.fromCelsius).toBe(60);
    expect(answered(taken, "/layers/leeks/fromCelsius")).toBe(true);
    expect(answered(taken, "/crust/thicknessMm")).toBe(false);
    const other = { ...of, layers: [...of.layers].reverse() };
    expect(applied(other, of, "/layers/leeks/fromCelsius", changes)).toBe(other);
    expect(applied(taken, of, "/layers/leeks/fromCelsius", [{ at: "/layers/0/fromCelsius", to: 5 }])).toBe(taken);
  });
});
