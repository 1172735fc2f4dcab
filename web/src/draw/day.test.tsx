import { fireEvent, render, screen } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import type { Day, DayPlan, DayTask } from "../api/client";
import { DayDrawing } from "./DayDrawing";
import { lanesOf, numbered, ovenLane, shelfRows } from "./dayLanes";
import { clock, dayScale, LEFT } from "./dayScale";

const task = (id: string, from: number, to: number, more: Partial<DayTask> = {}): DayTask => ({
  id,
  kind: "fill",
  title: `Title of ${id}`,
  short: "fill",
  orders: ["o1"],
  load: "o1.1",
  startMinute: from,
  endMinute: to,
  oven: null,
  heats: [],
  hands: [{ cook: 0, fromMinute: from, toMinute: to }],
  rings: [],
  slackMinutes: 10,
  isTight: false,
  isPinned: false,
  state: "ahead",
  says: [],
  ...more,
});

const oven = {
  id: "a",
  name: "Fan oven",
  mode: "fan",
  runsByKelvins: -12,
  shelves: 2,
  widthMm: 440,
  depthMm: 360,
  toleranceKelvins: 5,
} as const;
const order = (id: string, atMinute: number): Day["orders"][number] => ({
  id,
  pie: "p",
  count: 2,
  atMinute,
  from: "scratch",
  ending: "warm",
  tins: null,
});
const day: Day = {
  name: "Saturday",
  date: "2027-01-09",
  spareMinutes: 10,
  pins: [],
  failures: [],
  orders: [order("o2", 700), order("o1", 660)],
  kitchen: {
    cooks: [{ name: "Ada", hours: [{ fromMinute: 300, toMinute: 900 }] }],
    ovens: [oven],
    rings: 4,
    mixers: 1,
    fridgeTins: 9,
    rackTins: 9,
  },
};
const bake = task("bake", 600, 640, {
  kind: "bake",
  short: "bake",
  oven: "a",
  heats: [{ fromMinute: 600, toMinute: 640, celsius: 180, dialCelsius: 192, shelves: 1 }],
  hands: [{ cook: 0, fromMinute: 600, toMinute: 601 }],
  isTight: true,
});
const plan: DayPlan = {
  isPossible: true,
  startMinute: 560,
  lateMinutes: 8,
  handsMinutes: 40,
  totalMinutes: 140,
  says: [],
  tasks: [task("line", 560, 580), task("fill", 592, 598), bake, task("cut", 655, 668)],
  bounds: [
    { from: "line", to: "fill", leastMinutes: 5, mostMinutes: null, between: "chills" },
    { from: "bake", to: "cut", leastMinutes: 12, mostMinutes: 240, between: "rests" },
  ],
  acts: [],
  ovenTurns: [
    { oven: "a", minute: 580, byMinute: 596, celsius: 180, fromCelsius: 0 },
    { oven: "a", minute: 640, byMinute: 640, celsius: 0, fromCelsius: 180 },
  ],
  served: [
    { order: "o1", count: 2, dueMinute: 660, readyMinute: 668, lateMinutes: 8 },
    { order: "o2", count: 2, dueMinute: 700, readyMinute: 690, lateMinutes: 0 },
  ],
  idles: [],
  pace: [],
  brokenPins: [],
  why: null,
  warnings: [],
};
const names = new Map([
  ["o1", "Quiche"],
  ["o2", "Pumpkin, sage and hazelnut tart of the house"],
]);

describe("the time of a day", () => {
  it("is true to scale and goes both ways", () => {
    const scale = dayScale([[600, 700]], 100, 500);
    expect(scale.pxPerMinute).toBeCloseTo(400 / 124);
    expect(scale.minute(scale.x(655))).toBeCloseTo(655);
    expect(scale.x(660) - scale.x(640)).toBeCloseTo(20 * scale.pxPerMinute);
  });

  it("folds a night in which nothing is done to a gap", () => {
    const scale = dayScale(
      [
        [-360, -300],
        [420, 480],
      ],
      0,
      400,
    );
    expect(scale.gaps).toHaveLength(1);
    expect(scale.x(420) - scale.x(-300)).toBeLessThan(100);
    expect(scale.minute(scale.x(450))).toBeCloseTo(450);
  });

  it("names as many hours as there is room for", () => {
    expect(dayScale([[0, 600]], 0, 1200).ticks.map((one) => one.minute)).toContain(60);
    expect(dayScale([[0, 600]], 0, 200).ticks.map((one) => one.minute)).not.toContain(60);
  });

  it("is told as clocks do, also the day before", () => {
    expect([clock(545), clock(-60), clock(1470)]).toEqual(["09:05", "23:00", "00:30"]);
  });
});

describe("lanes of a day", () => {
  it("numbers orders as they are wanted", () => {
    expect(numbered(day)).toEqual([
      { id: "o1", number: 1 },
      { id: "o2", number: 2 },
    ]);
  });

  it("says what must be waited, what is slack, and what is late", () => {
    const [first, second] = shelfRows(plan, day, names);
    expect(first?.waits).toEqual([
      { from: 580, to: 585, isTight: false },
      { from: 640, to: 652, isTight: false },
    ]);
    // three minutes are no slack worth a line
    expect(first?.slacks).toEqual([{ from: 585, to: 592 }]);
    expect([first?.lateMinutes, first?.isTight]).toEqual([8, true]);
    expect(second?.slacks).toEqual([{ from: 690, to: 700 }]);
    expect(second?.short).toMatch(/^Pumpkin.*… ×2$/);
  });

  it("gives a word to the longest work first and to none twice in one place", () => {
    const scale = dayScale([[560, 700]], LEFT, LEFT + 200);
    const said = lanesOf({ ...plan, tasks: [task("a", 600, 604), task("b", 606, 640)] }, 0, scale);
    expect(said.map((one) => one.label)).toEqual(["", "fill"]);
  });

  it("draws the heat of an oven from cold to off, and stands two at once on two shelves", () => {
    const both = { ...plan, tasks: [bake, { ...bake, id: "bake-2" }] };
    const lane = ovenLane(both, oven);
    expect(lane.line.slice(0, 2)).toEqual([
      [580, 20],
      [596, 180],
    ]);
    expect(lane.loads.map((one) => one.level)).toEqual([0, 1]);
    expect(lane.labels).toEqual([{ minute: 596, celsius: 180 }]);
  });
});

describe("the drawing of a day", () => {
  const draw = (on = { choose: vi.fn(), begin: vi.fn(), key: vi.fn() }) => {
    render(
      <DayDrawing
        {...{ plan, day, names, on }}
        scale={{ ...dayScale([[560, 700]], LEFT, 900), width: 960 }}
        nowMinute={610}
        chosen="bake"
      />,
    );
    return on;
  };

  it("can be pressed, and says each thing in words", () => {
    const on = draw();
    const loads = screen.getAllByRole("button", { name: "Title of bake, 10:00 to 10:40" });
    // at the hands and in the oven
    expect(loads).toHaveLength(2);
    expect(loads[0]?.getAttribute("aria-pressed")).toBe("true");
    fireEvent.click(loads[1] as Element);
    expect(on.choose).toHaveBeenCalledWith(bake);
  });

  it("tells what is late in a filled word and what is not by its time", () => {
    draw();
    expect(screen.getByText("11:08, 8 late")).toBeTruthy();
    expect(screen.getByText("11:40")).toBeTruthy();
    expect(screen.getByText("10:10 now")).toBeTruthy();
    expect(screen.getByText("runs 12 °C cold")).toBeTruthy();
  });
});
