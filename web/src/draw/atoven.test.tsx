import { render, screen } from "@testing-library/react";
import { expect, test } from "vitest";
import { lesson } from "../../test/bake";
import { CuePicture } from "./CuePicture";
import { GateGlyph } from "./GateGlyph";
import { LessonRule } from "./LessonRule";
import { OvenTrace } from "./OvenTrace";
import { RimSwatches } from "./RimSwatches";
import { TapPicture } from "./TapPicture";
import { TwoTraces } from "./TwoTraces";

const band = Array.from({ length: 61 }, (_, minute) => ({ celsius: [0, 1, 2, 3, 4].map((i) => minute + i) }));
const trace = (over: Partial<Parameters<typeof OvenTrace>[0]> = {}) => (
  <OvenTrace
    band={band}
    trace={[
      { minute: 1, celsius: 12 },
      { minute: 20, celsius: 20 },
    ]}
    setsAtCelsius={77}
    overCelsius={86}
    safeCelsius={71}
    nowMinute={20.5}
    lookMinute={37}
    outMinute={44}
    inClock="10:26"
    outWord="out 11:10"
    width={540}
    height={400}
    celsius={(value) => String(Math.round(value))}
    {...over}
  />
);

test("the trace says what the probe reads, what was forecast, and when it comes out", () => {
  render(trace());
  expect(screen.getByRole("img").getAttribute("aria-label")).toBe(
    "The probe reads 20 at minute 20, forecast 22; out 11:10.",
  );
  expect(screen.getByText("77 sets")).toBeDefined();
  expect(screen.getByText("86 weeps")).toBeDefined();
  expect(screen.getByText("now")).toBeDefined();
});

test("what has nothing to set is told by where it is safe", () => {
  render(trace({ setsAtCelsius: null, overCelsius: null }));
  expect(screen.getByText("71 safe")).toBeDefined();
});

test("a probe that is silent ends in a ring, one that speaks in a dot", () => {
  const dot = (nowMinute: number) => {
    const { container, unmount } = render(trace({ nowMinute }));
    const fill = [...container.querySelectorAll("circle")].at(-1)?.getAttribute("fill");
    unmount();
    return fill;
  };
  expect(dot(20.5)).toContain("ink");
  expect(dot(23)).toContain("ground");
});

test("not measured is said where there is no probe", () => {
  render(trace({ trace: [] }));
  expect(screen.getByRole("img").getAttribute("aria-label")).toContain("Not measured");
});

test("the picture of a cue tells how wide it trembles, and nothing where it is set", () => {
  const { rerender, container } = render(<CuePicture wideMm={240} trembleMm={52} width={500} />);
  expect(screen.getByText("5 cm trembles as one")).toBeDefined();
  rerender(<CuePicture wideMm={240} trembleMm={0} width={500} />);
  expect(container.querySelector(".swings")).toBeNull();
});

test("a gate shows a loaf in its tin when done, across it when in trouble, and none while open", () => {
  const fills = (state: "open" | "done" | "trouble") => {
    const { container, unmount } = render(<GateGlyph state={state} />);
    const found = [...container.querySelectorAll("path")].map((one) => one.getAttribute("fill"));
    unmount();
    return found;
  };
  expect(fills("open")).toEqual(["none"]);
  expect(fills("done")[0]).toContain("rim");
  expect(fills("trouble")[1]).toContain("ink");
});

test("the loaf of a lesson rides on the rule until it is accepted", () => {
  const offered = lesson("oven", { ticks: [-10, -13] });
  const { rerender } = render(<LessonRule lesson={offered} />);
  expect(screen.getByText("in use")).toBeDefined();
  expect(screen.getByRole("img").getAttribute("aria-label")).toContain("12 °C cold");
  rerender(<LessonRule lesson={{ ...offered, state: "accepted" }} />);
  expect(screen.queryByText("in use")).toBeNull();
});

test("salt is told by the count of its grains, and each tap has a drawing of its own", () => {
  const grains = (at: number) => {
    const { container, unmount } = render(<TapPicture tap="salt" at={at} />);
    const count = container.querySelectorAll("rect").length;
    unmount();
    return count;
  };
  expect(grains(0)).toBeLessThan(grains(1));
  expect(grains(1)).toBeLessThan(grains(2));
  const drawn = (["underside", "slice", "colour"] as const).map((tap) => {
    const { container, unmount } = render(<TapPicture tap={tap} at={2} />);
    const html = container.innerHTML;
    unmount();
    return html;
  });
  expect(new Set(drawn).size).toBe(3);
});

test("two traces say which is which and when each came out", () => {
  const points = [
    { minute: 0, celsius: 10 },
    { minute: 40, celsius: 75 },
  ];
  render(
    <TwoTraces
      pair={[
        { id: "a", name: "Quiche", out: 44, points, isMeasured: true },
        { id: "b", name: "Tart", out: 38, points, isMeasured: false },
      ]}
      width={600}
      celsius={(value) => String(value)}
    />,
  );
  expect(screen.getByText("first, out 44")).toBeDefined();
  expect(screen.getByText("second, as forecast, out 38")).toBeDefined();
  render(<RimSwatches width={400} title="Rim" />);
  expect(screen.getByText("golden")).toBeDefined();
});
