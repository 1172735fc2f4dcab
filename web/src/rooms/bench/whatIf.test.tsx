import { fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { forecast, json, problem, server, show, trout } from "../../../test/kitchen";
import type { Reading, WhatIfPoint } from "../../api/client";
import { WhatIfChart } from "../../draw/WhatIfChart";
import { MatchKitchen } from "./advice/MatchKitchen";
import { WhatIf } from "./advice/WhatIf";
import { BenchContext } from "./BenchContext";

function onBench(node: React.ReactNode) {
  const [change, put] = [vi.fn(), vi.fn()];
  const value = {
    kitchen: "k",
    mayWrite: true,
    refusals: [],
    change,
    now: trout,
    enter: vi.fn(),
    ask: vi.fn(),
    put,
    preview: vi.fn(),
  };
  show(<BenchContext value={value}>{node}</BenchContext>);
  return { change, put };
}

const set = (value: number, verdict: string, state: Reading["state"]): Reading => ({
  ...(forecast().readings[1] as Reading),
  value,
  verdict,
  state,
  shortUnit: "min",
});
const points: WhatIfPoint[] = [
  {
    setting: 155,
    label: "155 °C",
    isNow: false,
    readings: [set(52, "not set", "outside")],
    changes: [{ at: "/portions", to: 3 }],
  },
  { setting: 165, label: "165 °C", isNow: false, readings: [set(48, "not set", "outside")], changes: [] },
  { setting: 175, label: "175 °C", isNow: true, readings: [set(43, "set", "inside")], changes: [] },
  { setting: 185, label: "185 °C", isNow: false, readings: [set(39, "past its best", "marginal")], changes: [] },
];

afterEach(() => vi.unstubAllGlobals());

describe("what if", () => {
  it("draws a mark a point that says how it stands, and a word only where the verdict turns", () => {
    const { container } = render(<WhatIfChart points={points} width={540} />);
    expect(container.querySelectorAll("rect")).toHaveLength(2);
    expect(container.querySelectorAll("circle")).toHaveLength(2);
    expect([...container.querySelectorAll("text")].map((one) => one.textContent)).toEqual(
      expect.arrayContaining(["not set", "set", "past its best", "175"]),
    );
    expect(container.querySelector("svg")?.getAttribute("aria-label")).toBe(
      "Set: not set (52 min) from 155 °C, set (43 min) from 175 °C, past its best (39 min) from 185 °C.",
    );
  });

  it("leaves a word out that would stand on another", () => {
    const { container } = render(<WhatIfChart points={points} width={180} />);
    expect([...container.querySelectorAll("text")].map((one) => one.textContent)).not.toContain("past its bestset");
    expect(container.textContent).toContain("not set");
  });

  it("asks only when it is wanted, puts a step in that is taken, and says what failed", async () => {
    const asked = server({
      "POST /what-if": ({ lever }) => (lever === "oven" ? json({ points }) : problem(500, "broken")),
    });
    const { put } = onBench(<WhatIf design={trout()} />);
    expect(asked).toHaveLength(0);
    fireEvent.click(screen.getByRole("button", { name: "Try one thing by steps" }));
    fireEvent.click(await screen.findByRole("button", { name: "Take 155 °C" }));
    expect(put.mock.calls[0]?.[0]).toEqual([{ at: "/portions", to: 3 }]);
    expect(screen.queryByRole("button", { name: "Take 175 °C" })).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: "minutes" }));
    expect(await screen.findByRole("status")).toBeTruthy();
  });
});

describe("match my oven", () => {
  const match = {
    matched: { ovenKelvins: -12, fromBelowFactor: 0.8, weepFactor: 1 },
    says: "Your oven behaves like 163 °C.",
    effects: [],
  };

  it("asks with what was told, and puts the match into the design once it is accepted", async () => {
    const asked = server({ "POST /matches": () => json({ match }) });
    const { change } = onBench(<MatchKitchen design={trout()} />);
    fireEvent.click(screen.getByRole("button", { name: "I baked it: say how it came out" }));
    fireEvent.change(screen.getByLabelText("How the top came out"), { target: { value: "pale" } });
    fireEvent.click(screen.getByRole("button", { name: "Find my oven" }));
    fireEvent.click(await screen.findByRole("button", { name: "Forecast with it" }));
    expect((asked[0] as { body: { told: unknown } }).body.told).toEqual({
      set: null,
      base: null,
      top: "pale",
      underside: null,
    });
    expect(change.mock.calls[0]?.[0](trout()).bake.matched).toEqual(match.matched);
  });

  it("says what to do where nothing was told, and forgets a match on demand", async () => {
    server({ "POST /matches": () => problem(422, "nothing-told") });
    const design = trout();
    const matched = { ...design, bake: { ...design.bake, matched: match.matched } };
    const { change } = onBench(<MatchKitchen design={matched} />);
    fireEvent.click(screen.getByRole("button", { name: "I baked it: say how it came out" }));
    fireEvent.click(screen.getByRole("button", { name: "Find my oven" }));
    await waitFor(() => expect(screen.getByRole("status").textContent).not.toBe("Trying ovens"));
    fireEvent.click(screen.getByRole("button", { name: "Forget it" }));
    expect(change.mock.calls[0]?.[0](matched).bake.matched).toBeNull();
  });
});
