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
  words: [],
  between: "",
  wished: null,
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
      inWords: false,
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
      inWords: false,
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
      inWords: false,
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

  it("of a scale of words is told and drawn in words, not in figures nobody can check", () => {
    const words = [
      { word: "crisp", to: 0.12 },
      { word: "dry", to: 0.22 },
      { word: "soft", to: 0.385 },
      { word: "soggy", to: null },
    ];
    const limits = { lower: null, lowerName: "", upper: 0.385, upperName: "soggy" };
    const soft = {
      ...base,
      value: 0.3,
      low: 0.2,
      high: 0.4,
      words,
      between: "dry to soggy",
      limits,
      scale: { from: 0, to: 0.6 },
    };
    expect(readingSentence(soft)).toBe("Base: soft, in other kitchens dry to soggy.");
    expect(readingGeometry(soft, 280).limits.map((one) => one.text)).toEqual(["crisp", "dry", "soft", "soggy"]);
    expect(readingGeometry(soft, 90).limits.length).toBeLessThan(4);
    render(
      <ChakraProvider value={system}>
        <ReadingRow reading={soft} />
      </ChakraProvider>,
    );
    expect(screen.queryByTestId("base-value")).toBeNull();
    expect(screen.getByText("dry to soggy")).toBeTruthy();
  });

  it("puts no needle between crisp and soggy where the base is like paste", () => {
    const words = [
      { word: "crisp", to: 0.12 },
      { word: "soggy", to: null },
    ];
    const crisp = { ...base, value: 0.1, low: 0.08, high: 0.11, words, scale: { from: 0, to: 0.6 } };
    const drawn = (verdict: string) => {
      const { container, unmount } = render(
        <ChakraProvider value={system}>
          <ReadingRow reading={{ ...crisp, verdict }} />
        </ChakraProvider>,
      );
      const paths = container.querySelectorAll("path").length;
      unmount();
      return paths;
    };
    expect(drawn("like paste")).toBe(drawn("crisp") - 3);
  });

  it("shows what was chosen as a band of its own, which is a wish and no wall", () => {
    const chosen = { ...base, wished: { from: 4, to: 9 } };
    expect(readingGeometry(chosen, 280).wished).toEqual({ from: 40, to: 90 });
    expect(readingSentence(chosen)).toContain("you chose 4 to 9");
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
    const inWords = { ...(way.effects[1] as WayOut["effects"][number]), inWords: true };
    expect(told([inWords], 2)).toEqual(["base soft to dry"]);
  });
});
