import { fireEvent, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { bakeReport, forecast, json, problem, server, show, trout } from "../../../test/kitchen";
import { ShellAdvice } from "./advice/ShellAdvice";
import { BenchContext } from "./BenchContext";
import { CutawayPane } from "./forecast/CutawayPane";
import { Events } from "./forecast/Events";
import { ReadingCurve } from "./forecast/ReadingCurve";

const onBench = (node: React.ReactNode, change = vi.fn()) => {
  show(
    <BenchContext
      value={{
        kitchen: "k",
        mayWrite: true,
        refusals: [],
        change,
        now: trout,
        enter: vi.fn(),
        ask: vi.fn(),
        put: vi.fn(),
        preview: vi.fn(),
      }}
    >
      {node}
    </BenchContext>,
  );
  return change;
};

describe("the bake on the bench", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("says when what is seen, and what would come only later", () => {
    show(<Events report={bakeReport} />);
    expect(screen.getByText("37–45 min")).toBeTruthy();
    expect(screen.getByText("It moves as one piece.")).toBeTruthy();
    expect(screen.getByText("only if it stayed in longer")).toBeTruthy();
  });

  it("asks for the film when a field is looked at, and says when it does not come", async () => {
    const asked = server({ "GET /ovens": () => json({ ovens: [] }), "POST /bake": () => problem(500, "broken") });
    onBench(<CutawayPane forecast={forecast()} design={trout()} of={trout()} before={null} />);
    expect(asked.some((one) => one.what.endsWith("/bake"))).toBe(false);
    fireEvent.click(screen.getByRole("button", { name: "heat" }));
    expect(await screen.findByText(/The bake could not be shown/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "as poured" }));
    expect(screen.getByTestId("weep-split")).toBeTruthy();
  });

  it("shows the curve behind a reading with its threshold, and the caution where safety is concerned", () => {
    show(<ReadingCurve name="safe" report={bakeReport} />);
    expect(screen.getByRole("img", { name: /safe at 71 °C/ })).toBeTruthy();
    expect(screen.getByText(/local food rules and licensed advice come first/)).toBeTruthy();
  });

  it("answers whether to par-bake and puts the chosen stages on the shell", async () => {
    const option = (name: string, verdict: string) => ({
      name,
      title: name,
      minutes: name === "raw" ? 0 : 15,
      verdict,
      rim: "golden",
      stages:
        name === "raw" ? [] : [{ how: "weighted", minutes: 15, ovenCelsius: 190, oven: "190 °C", look: "Rim pale." }],
    });
    server({
      "POST /shell": () =>
        json({
          shell: {
            choice: "par-baked",
            choiceName: "Yes: par-bake it.",
            why: "It is the least work.",
            options: [option("raw", "soggy"), option("par-baked", "dry")],
            without: "Without it: stand it on a hot steel.",
            roomMl: 1380,
            weights: [{ name: "dried pulses", grams: 1100 }],
          },
        }),
    });
    const change = onBench(<ShellAdvice />);
    fireEvent.click(screen.getByRole("button", { name: "Par-bake or not?" }));
    expect(await screen.findByText("Yes: par-bake it.")).toBeTruthy();
    expect(screen.getByText(/1,380 ml, which is 1,100 g of dried pulses/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Use this: par-baked" }));
    expect(change.mock.calls[0]?.[0](trout()).crust.shell).toEqual([
      { how: "weighted", ovenCelsius: 190, mode: "static", minutes: 15, rack: "middle" },
    ]);
  });
});
