import { describe, expect, it } from "vitest";
import { doughChanged, doughFromBefore, lineChanged, newBatch, newLine } from "./batch";

describe("a batch", () => {
  const batch = newBatch("Saturday", [newLine("a", 2), newLine("b", 12)]);

  it("begins with what is usual", () => {
    expect(batch.lines[0]?.lining.rim).toBe("flush");
    expect(batch.lines[0]?.fold.settled).toBeNull();
    expect(batch.doughs).toEqual([]);
    expect(batch.kitchenCelsius).toBeGreaterThan(10);
  });

  it("changes one line and leaves the others as they are", () => {
    const changed = lineChanged(batch, "b", (line) => ({ ...line, count: 14 }));
    expect(changed.lines.map((line) => line.count)).toEqual([2, 14]);
    expect(changed.lines[0]).toBe(batch.lines[0]);
  });

  it("gives a dough its usual choices before one of them is changed, once", () => {
    const made = doughChanged(batch, "puff", (choice) => ({ ...choice, madeGrams: 900 }));
    expect(made.doughs).toHaveLength(1);
    expect(made.doughs[0]?.dough).toBe("puff");
    expect(made.doughs[0]?.vesselLitres).toBeGreaterThan(0);
    const again = doughChanged(made, "puff", (choice) => ({ ...choice, skipped: ["temper"] }));
    expect(again.doughs).toHaveLength(1);
    expect(again.doughs[0]).toMatchObject({ madeGrams: 900, skipped: ["temper"] });
  });

  it("takes dough from before, more of it when there is more, and gives it back to the gram", () => {
    const batch = newBatch("Saturday", [newLine("a", 2)]);
    const once = doughFromBefore(batch, "shortcrust", 97.4);
    expect(once.doughs[0]).toMatchObject({ dough: "shortcrust", fromBeforeGrams: 97.4 });
    const twice = doughFromBefore(once, "shortcrust", 50.2);
    expect(twice.doughs[0]?.fromBeforeGrams).toBe(147.6);
    expect(doughFromBefore(twice, "shortcrust", -97.4).doughs[0]?.fromBeforeGrams).toBe(50.2);
    expect(doughFromBefore(once, "shortcrust", -200).doughs[0]?.fromBeforeGrams).toBe(0);
    expect(batch.doughs).toEqual([]);
  });
});
