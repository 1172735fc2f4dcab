import { ChakraProvider } from "@chakra-ui/react";
import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { effects, told } from "../advice/effects";
import type { Reading, WayOut } from "../api/client";
import { system } from "../ui/theme";
import { ReadingRow } from "./ReadingRow";
import { readingGeometry, readingSentence } from "./readingGeometry";

const base: Reading = {
  name: "base",
  title: "Base",
  unit: "%",
  shortUnit: "%",
  decimals: 0,
  value: 17.4,
  low: 14.6,
  high: 20.3,
  limits: { lower: null, lowerName: "", upper: 14, upperName: "dry to" },
  scale: { from: 0, to: 28 },
  state: "outside",
  verdict: "soft",
  reason: "49 g will still weep in the oven.",
};

const way: WayOut = {
  id: "press-out-leeks",
  act: "Press 35 g more from the leeks, to 280 g",
  clears: true,
  low: 12,
  high: 15,
  changes: [],
  effects: [
    {
      name: "set",
      title: "Set",
      unit: "g",
      decimals: 0,
      from: 95,
      to: 88,
      verdictBefore: "holds",
      verdictAfter: "holds",
    },
    {
      name: "base",
      title: "Base",
      unit: "%",
      decimals: 0,
      from: 17.4,
      to: 13.9,
      verdictBefore: "soft",
      verdictAfter: "dry",
    },
    {
      name: "salt",
      title: "Salt",
      unit: "%",
      decimals: 2,
      from: 0.98,
      to: 0.98,
      verdictBefore: "enough",
      verdictAfter: "enough",
    },
  ],
};

describe("a reading", () => {
  it("is told in one sentence to those who do not see it", () => {
    expect(readingSentence(base)).toBe("Base 17 %, between 15 and 20; dry to 14; soft.");
  });

  it("has no wall on a side without a limit, and its needle stands beyond the wall it is over", () => {
    const geometry = readingGeometry(base, 280);
    expect(geometry.from).toBeNull();
    expect(geometry.to).toBe(140);
    expect(geometry.needle).toBeGreaterThan(140);
    expect(geometry.loaf?.to).toBeGreaterThan(geometry.needle ?? 0);
  });

  it("never draws outside its rule, however wild the value", () => {
    const geometry = readingGeometry({ ...base, value: 900, low: -50, high: null }, 280);
    for (const at of [geometry.needle, geometry.loaf?.from, geometry.loaf?.to]) {
      expect(at).toBeGreaterThanOrEqual(0);
      expect(at).toBeLessThanOrEqual(280);
    }
  });

  it("shows its reason at once when it is in trouble, on demand when it is not", () => {
    const { rerender } = render(
      <ChakraProvider value={system}>
        <ReadingRow reading={base} />
      </ChakraProvider>,
    );
    expect(screen.getByText(base.reason)).toBeTruthy();
    expect(screen.queryByRole("button", { name: "Why: Base" })).toBeNull();
    rerender(
      <ChakraProvider value={system}>
        <ReadingRow reading={{ ...base, value: 12, low: 11, high: 13, state: "inside", verdict: "dry" }} />
      </ChakraProvider>,
    );
    expect(screen.getByRole("button", { name: "Why: Base" })).toBeTruthy();
  });

  it("says of a way out what it does to its own reading first and to others only where they move", () => {
    expect(effects(way, "base")).toBe("17 to 14 %, dry, set 95 to 88 g");
    expect(effects({ ...way, clears: false, effects: way.effects.slice(1, 2) }, "base")).toBe(
      "17 to 14 %, dry; not enough by itself",
    );
    expect(told(way.effects, 2)).toEqual(["base 17 to 14 %, dry"]);
    expect(told(way.effects.slice(0, 1), 2)).toEqual(["set 95 to 88 g"]);
    expect(told(way.effects.slice(2), 2)).toEqual([]);
  });
});
