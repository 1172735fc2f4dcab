import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { fireEvent, render, screen, waitFor, within } from "@testing-library/react";
import { MemoryRouter, Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { json, problem, server } from "../../../test/kitchen";
import type { Day, DayMarkWish, DayPlan, DayTask, PlanWish, StoredDay } from "../../api/client";
import { system } from "../../ui/theme";
import Days from "./Days";
import OnePie from "./OnePie";
import OvenDay from "./OvenDay";

const PIE = "00000000-0000-4000-8000-000000000001";
const oven = (id: string, name: string) =>
  ({
    id,
    name,
    mode: "static",
    runsByKelvins: 0,
    shelves: 2,
    widthMm: 440,
    depthMm: 360,
    toleranceKelvins: 5,
  }) as const;
const saturday: Day = {
  name: "Saturday",
  date: "2027-01-09",
  spareMinutes: 10,
  pins: [],
  failures: [],
  orders: [{ id: "o1", pie: PIE, count: 2, atMinute: 660, from: "scratch", ending: "warm", tins: null }],
  kitchen: {
    cooks: [{ name: "Ada", hours: [{ fromMinute: 300, toMinute: 900 }] }],
    ovens: [oven("a", "Fan oven"), oven("b", "Old oven")],
    rings: 4,
    mixers: 1,
    fridgeTins: 12,
    rackTins: 12,
  },
};
const mix: DayTask = {
  id: "dough:shortcrust",
  kind: "mix",
  title: "Mix the shortcrust",
  short: "dough",
  orders: ["o1"],
  load: "",
  startMinute: 480,
  endMinute: 495,
  oven: null,
  heats: [],
  hands: [{ cook: 0, fromMinute: 480, toMinute: 495 }],
  rings: [],
  slackMinutes: 10,
  isTight: true,
  isPinned: false,
  state: "ahead",
  says: ["Raw flour is raw food."],
};
/** As the server would plan: a pin moves its task. */
const planOf = (wish: PlanWish, more: Partial<DayPlan> = {}): DayPlan => {
  const pin = wish.day.pins.find((one) => one.task === mix.id);
  const start = pin?.startMinute ?? 480;
  const task = { ...mix, startMinute: start, endMinute: start + 15, isPinned: pin !== undefined };
  return {
    isPossible: true,
    startMinute: start,
    lateMinutes: 0,
    handsMinutes: 15,
    totalMinutes: 660 - start,
    says: [],
    tasks: [task],
    bounds: [],
    acts: [
      {
        fromMinute: start,
        toMinute: start + 15,
        cook: 0,
        task: mix.id,
        oven: "",
        title: mix.title,
        says: mix.says,
        isLast: true,
      },
      {
        fromMinute: 660,
        toMinute: 660,
        cook: null,
        task: "",
        oven: "",
        title: "Ready: Quiche, 2",
        says: [],
        isLast: false,
      },
    ],
    ovenTurns: [],
    served: [{ order: "o1", count: 2, dueMinute: 660, readyMinute: 650, lateMinutes: 0 }],
    idles: [],
    pace: [],
    brokenPins: [],
    warnings: [],
    why: wish.why ? { task: wish.why, notEarlier: ["It is kept late."], notLater: ["It rests before lining."] } : null,
    ...more,
  };
};

type Answers = Parameters<typeof server>[0];

/** A kitchen with one day; saves count its revision up, marks are kept. */
function open(at = "days/d", answers: Answers = {}, day = saturday, role = "owner") {
  let stored: StoredDay = {
    id: "d",
    revision: 1,
    batch: null,
    savedBy: "Ada",
    savedAt: "2026-11-26T10:00:00Z",
    day,
    pies: [{ pie: PIE, name: "Quiche", isFolded: false }],
    hasCalendar: false,
  };
  let marks: { task: string; startMinute: number; endMinute: number | null; markedBy: string }[] = [];
  const asked = server({
    ...answers,
    "GET /session": () =>
      json({
        user: { name: "Ada", email: "a@b.example", units: {}, ovenWords: [] },
        kitchens: [{ id: "k", name: "The Lock House", role }],
        csrfToken: "t",
      }),
    "GET /pies": () => json({ pies: [] }),
    "GET /batches": () => json({ batches: [] }),
    "GET /days": answers["GET /days"] ?? (() => json({ days: [] })),
    "GET /days/d": () => json(stored),
    "PUT /days/d":
      answers["PUT /days/d"] ??
      ((body: { basedOn: number; day: Day }) => {
        if (body.basedOn !== stored.revision) return problem(409, "clash");
        stored = { ...stored, day: body.day, revision: stored.revision + 1 };
        return json(stored);
      }),
    "GET /days/d/revisions": () => json({ revisions: [] }),
    "GET /days/d/marks": () => json({ revision: stored.revision, marks }),
    "PUT /days/d/marks":
      answers["PUT /days/d/marks"] ??
      ((body: DayMarkWish) => {
        marks = marks.filter((one) => one.task !== body.task);
        if (body.startMinute !== null)
          marks.push({ task: body.task, startMinute: body.startMinute, endMinute: body.endMinute, markedBy: "Ada" });
        return json({ revision: stored.revision, marks });
      }),
    "POST /day-plan": answers["POST /day-plan"] ?? ((body: PlanWish) => json(planOf(body))),
    "POST /day-beginning": () =>
      json({ day: { ...day, orders: [{ ...day.orders[0], count: 1, atMinute: 1140 }] }, pies: stored.pies }),
    "POST /days": answers["POST /days"] ?? (() => json(stored)),
  });
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
        <MemoryRouter initialEntries={[`/k/k/${at}`]}>
          <Routes>
            <Route path="/k/:kitchen/days" element={<Days />} />
            <Route path="/k/:kitchen/days/:day" element={<OvenDay />} />
            <Route path="/k/:kitchen/ready/:pie" element={<OnePie />} />
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>,
  );
  const sent = (what: string) => asked.filter((one) => one.what.endsWith(what)).map((one) => one.body);
  return { asked, sent };
}

const type = (label: string, words: string) => {
  const input = screen.getByLabelText(label);
  fireEvent.change(input, { target: { value: words } });
  fireEvent.keyDown(input, { key: "Enter" });
};
const saves = (sent: ReturnType<typeof open>["sent"]) =>
  sent("PUT /api/kitchens/k/days/d") as { basedOn: number; day: Day; told: unknown[] }[];

describe("an oven day", () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.unstubAllGlobals());

  it("says when to begin, and saves a new time with what people are told", async () => {
    const { sent } = open();
    expect(await screen.findByText(/Begin at 08:00/)).toBeTruthy();
    await waitFor(() => expect(screen.getByText(/3 h in all, 15 min with hands/)).toBeTruthy());
    type("When Quiche is wanted", "11:15");
    await waitFor(() => expect(saves(sent)).toHaveLength(1));
    expect(saves(sent)[0]).toMatchObject({
      basedOn: 1,
      day: { orders: [{ atMinute: 675 }] },
      told: [{ task: mix.id, startMinute: 480 }],
    });
  });

  it("tells people the times of the plan that it saves, not of the one before", async () => {
    const { sent } = open();
    fireEvent.click(await screen.findByRole("button", { name: "Drawing" }));
    const region = screen.getByRole("region", { name: "Drawing of the day" });
    fireEvent.keyDown(within(region).getAllByRole("button")[0] as Element, { key: "ArrowRight", shiftKey: true });
    await waitFor(() => expect(saves(sent)).toHaveLength(1));
    expect(saves(sent)[0]?.told).toEqual([{ task: mix.id, startMinute: 481 }]);
  });

  it("asks for a quick plan while it changes and for a whole one when it has settled", async () => {
    const { sent } = open();
    await screen.findByText(/Begin at 08:00/);
    type("Minutes to spare", "20 min");
    await waitFor(() => {
      const wishes = (sent("POST /api/kitchens/k/day-plan") as PlanWish[]).filter((one) => one.day.spareMinutes === 20);
      expect(new Set(wishes.map((one) => one.isQuick))).toEqual(new Set([true, false]));
    });
  });

  it("refuses what is no time, and keeps what was typed", async () => {
    const { sent } = open();
    await screen.findByText(/Begin at 08:00/);
    type("When Quiche is wanted", "noonish");
    expect(await screen.findByText("Write a time: 11:15.")).toBeTruthy();
    expect((screen.getByLabelText("When Quiche is wanted") as HTMLInputElement).value).toBe("noonish");
    expect(saves(sent)).toEqual([]);
  });

  it("moves a task by keys, says why it is then, and takes the pin out again", async () => {
    const { sent } = open();
    fireEvent.click(await screen.findByRole("button", { name: "Drawing" }));
    const drawn = () =>
      within(screen.getByRole("region", { name: "Drawing of the day" })).getAllByRole("button")[0] as Element;
    fireEvent.keyDown(drawn(), { key: "ArrowLeft" });
    expect(await screen.findByText("It is kept late.")).toBeTruthy();
    expect(screen.getByText("It rests before lining.")).toBeTruthy();
    await waitFor(() => expect(drawn().getAttribute("aria-label")).toBe("Mix the shortcrust, 07:55 to 08:10, pinned"));
    await waitFor(() => expect(saves(sent).at(-1)?.day.pins).toEqual([{ task: mix.id, startMinute: 475 }]));
    fireEvent.click(screen.getByRole("button", { name: "Take the pin out" }));
    await waitFor(() => expect(saves(sent).at(-1)?.day.pins).toEqual([]));
  });

  it("marks what is done at its planned time where the day is another one, and takes it back", async () => {
    const { sent } = open();
    fireEvent.click(await screen.findByRole("button", { name: "List" }));
    fireEvent.click(await screen.findByRole("button", { name: "Done: Mix the shortcrust" }));
    fireEvent.click(await screen.findByRole("button", { name: "Not done: Mix the shortcrust" }));
    await waitFor(() =>
      expect(sent("/days/d/marks").filter(Boolean)).toEqual([
        { task: mix.id, kind: "mix", startMinute: 480, endMinute: 495, plannedMinutes: 15 },
        { task: mix.id, kind: "mix", startMinute: null, endMinute: null, plannedMinutes: 15 },
      ]),
    );
  });

  it("keeps a mark on the device while nobody answers", async () => {
    let isLost = true;
    open("days/d", {
      "PUT /days/d/marks": (body: DayMarkWish) => {
        if (isLost) throw new TypeError("no line");
        return json({ revision: 1, marks: [{ ...body, markedBy: "Ada" }] });
      },
    });
    fireEvent.click(await screen.findByRole("button", { name: "List" }));
    fireEvent.click(await screen.findByRole("button", { name: "Done: Mix the shortcrust" }));
    expect(await screen.findByText(/No connection/)).toBeTruthy();
    expect(localStorage.getItem("hojaldre.day-marks.d")).toContain(mix.id);
    isLost = false;
    await waitFor(() => expect(localStorage.getItem("hojaldre.day-marks.d")).toBeNull(), { timeout: 8000 });
    expect(screen.getByRole("button", { name: "Not done: Mix the shortcrust" })).toBeTruthy();
  });

  it("overwrites nothing that somebody else changed meanwhile", async () => {
    open("days/d", { "PUT /days/d": () => problem(409, "clash") });
    await screen.findByText(/Begin at 08:00/);
    type("Name of the day", "Sunday");
    expect(await screen.findByText("It was changed meanwhile. Your change is not saved.")).toBeTruthy();
  });
});

describe("an oven day that goes wrong or begins", () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.unstubAllGlobals());

  it("offers ways to be in time where something is late, and takes one", async () => {
    const later = { ...saturday, spareMinutes: 0 };
    const { sent } = open("days/d", {
      "POST /day-plan": (body: PlanWish) =>
        json(planOf(body, body.day.spareMinutes === 0 ? {} : { lateMinutes: 12, says: ["Quiche is 12 min late."] })),
      "POST /day-ways": () => json({ ways: [{ act: "Begin at 07:30", lateMinutes: 0, day: later }] }),
    });
    fireEvent.click(await screen.findByRole("button", { name: "Apply: Begin at 07:30" }));
    await waitFor(() => expect(saves(sent).at(-1)?.day.spareMinutes).toBe(0));
    await waitFor(() => expect(screen.queryByText("Quiche is 12 min late.")).toBeNull());
  });

  it("tries a broken oven before it is planned so", async () => {
    const { sent } = open();
    fireEvent.click(await screen.findByRole("button", { name: "What if Fan oven fails" }));
    expect(await screen.findByText(/all is still in time/)).toBeTruthy();
    expect(saves(sent)).toEqual([]);
    fireEvent.click(screen.getByRole("button", { name: "Plan it so" }));
    await waitFor(() => expect(saves(sent).at(-1)?.day.failures).toEqual([{ oven: "a", fromMinute: 480 }]));
    expect(screen.getByRole("button", { name: "Fan oven works again" })).toBeTruthy();
  });

  it("puts the next act five minutes later with one press", async () => {
    const { sent } = open();
    fireEvent.click(await screen.findByRole("button", { name: "Next three" }));
    fireEvent.click(await screen.findByRole("button", { name: "5 min late: Mix the shortcrust" }));
    await waitFor(() => expect(saves(sent).at(-1)?.day.pins).toEqual([{ task: mix.id, startMinute: 485 }]));
  });

  it("takes orders out of a table and leaves what was not understood to be mended", async () => {
    const { sent } = open("days/d", {
      "POST /day-orders": () =>
        json({ orders: [{ ...saturday.orders[0], id: "o1", atMinute: 600 }], refused: ["Line 2: when?"] }),
    });
    fireEvent.click(await screen.findByRole("button", { name: "Paste a table" }));
    fireEvent.change(screen.getByLabelText("Orders as a table"), {
      target: { value: "Quiche,2,10:00\nQuiche,2,late" },
    });
    fireEvent.click(screen.getByRole("button", { name: "Read it" }));
    expect(await screen.findByText("Line 2: when?")).toBeTruthy();
    await waitFor(() =>
      expect(
        saves(sent)
          .at(-1)
          ?.day.orders.map((one) => one.id),
      ).toEqual(["o1", "o2"]),
    );
  });

  it("lets a guest look and try out, and stores nothing", async () => {
    const { sent } = open("days/d", {}, saturday, "guest");
    expect(await screen.findByText("You are a guest here.")).toBeTruthy();
    await screen.findByText(/Begin at 08:00/);
    type("Minutes to spare", "20 min");
    await waitFor(() =>
      expect((sent("POST /api/kitchens/k/day-plan") as PlanWish[]).some((one) => one.day.spareMinutes === 20)).toBe(
        true,
      ),
    );
    expect(saves(sent)).toEqual([]);
    expect(screen.queryByRole("button", { name: /^Done/ })).toBeNull();
  });

  it("teaches where there is no order yet", async () => {
    open("days/d", {}, { ...saturday, orders: [] });
    expect(await screen.findByText("Nothing yet. Put the first pie on the day.")).toBeTruthy();
    expect(screen.queryByText(/Begin at/)).toBeNull();
  });
});

describe("one pie from the bench", () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.unstubAllGlobals());

  it("is planned for seven at once and for another time when that is typed; nothing is stored until it is kept", async () => {
    const { sent } = open(`ready/${PIE}`);
    expect(await screen.findByText(/Begin at 08:00/)).toBeTruthy();
    expect((screen.getByLabelText("Ready at") as HTMLInputElement).value).toBe("19:00");
    type("Ready at", "18:30");
    await waitFor(() =>
      expect((sent("POST /api/kitchens/k/day-plan") as PlanWish[]).at(-1)?.day.orders[0]?.atMinute).toBe(1110),
    );
    expect(sent("POST /api/kitchens/k/days")).toEqual([]);
    fireEvent.click(screen.getByRole("button", { name: "Keep as a day" }));
    await waitFor(() => expect(sent("POST /api/kitchens/k/days")).toHaveLength(1));
  });
});

describe("the list of days", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("teaches where there is none, and begins one", async () => {
    const { sent } = open("days");
    expect(await screen.findByText(/An oven day says when to begin/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText("Date of the day"), { target: { value: "2027-02-06" } });
    fireEvent.click(screen.getByRole("button", { name: "New day" }));
    await waitFor(() =>
      expect(sent("POST /api/kitchens/k/day-beginning")).toMatchObject([{ batch: null, date: "2027-02-06" }]),
    );
    expect(await screen.findByLabelText("Name of the day")).toBeTruthy();
  });
});
