import { describe, expect, it } from "vitest";
import type { PieDesign } from "../api/client";
import { appended, applyChanges, moved, removed, setAt } from "./pointer";

const design = {
  layers: [
    { id: "leeks", now: { words: "315 g", grams: 315 }, binder: null },
    { id: "custard", eggs: [] },
  ],
  crust: { seal: "none" },
} as unknown as PieDesign;

describe("a change of the design", () => {
  it("reaches into lists and objects and leaves the rest as it was", () => {
    const changed = setAt(design, "/layers/0/now/grams", 280);
    expect(changed.layers[0]).toMatchObject({ now: { words: "315 g", grams: 280 } });
    expect(changed.layers[1]).toBe(design.layers[1]);
    expect(design.layers[0]).toMatchObject({ now: { grams: 315 } });
  });
  it("puts a thing where there was none", () => {
    expect(setAt(design, "/layers/0/binder", { food: 1 }).layers[0]).toMatchObject({ binder: { food: 1 } });
  });
  it("applies all changes of a way out together", () => {
    const changed = applyChanges(design, [
      { at: "/crust/seal", to: "egg" },
      { at: "/layers/0/now/grams", to: 280 },
    ]);
    expect(changed.crust.seal).toBe("egg");
    expect(changed.layers[0]).toMatchObject({ now: { grams: 280 } });
  });
  it("moves a layer and stops at either end", () => {
    expect(moved(["a", "b", "c"], 0, 1)).toEqual(["b", "a", "c"]);
    expect(moved(["a", "b", "c"], 2, -2)).toEqual(["c", "a", "b"]);
    expect(moved(["a", "b"], 1, 1)).toEqual(["a", "b"]);
  });
  it("adds to a list and takes out of it as the design stands now, whatever was drawn before", () => {
    const changed = setAt(design, "/layers/0/now/grams", 280);
    expect(removed(changed, "/layers", 1).layers).toEqual([changed.layers[0]]);
    expect(appended(changed, "/layers/1/eggs", "egg").layers[1]).toMatchObject({ eggs: ["egg"] });
    expect(appended(changed, "/layers/1/eggs", "egg").layers[0]).toMatchObject({ now: { grams: 280 } });
  });
});
