import { describe, expect, it } from "vitest";
import { readPrice } from "./Foods";
import { readRuns, runsWords } from "./Ovens";

describe("what is written into the stores", () => {
  it.each([
    ["3.20", 3.2],
    ["3,20 a kg", 3.2],
    ["", null],
    ["no price", null],
  ])("reads a price: %s", (words, value) => expect(readPrice(words)).toEqual({ ok: true, value }));

  it.each([
    ["12 °C cold", -12],
    ["runs 8 hot", 8],
    ["true", 0],
    ["-4", -4],
    ["runs 12.5 °C cold", -12.5],
  ])("reads how an oven lies: %s", (words, value) => {
    expect(readRuns(words)).toEqual({ ok: true, value });
    expect(readRuns(runsWords(value))).toEqual({ ok: true, value });
  });

  it("says how to write it where it cannot be read", () => {
    expect(readPrice("cheap").ok).toBe(false);
    expect(readRuns("like hell").ok).toBe(false);
    expect(readRuns("200 hot").ok).toBe(false);
  });
});
