import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor, within } from "@testing-library/react";
import { MemoryRouter, Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { json, problem, server } from "../../../test/kitchen";
import type { Mark, MarkWish, Prep, PrepAct } from "../../api/client";
import { newBatch, newLine } from "../../batch/batch";
import { system } from "../../ui/theme";
import PrepPage from "./Prep";

const act = (id: string, title: string, change: Partial<PrepAct> = {}): PrepAct => ({
  id,
  kind: "cut",
  title,
  beforeGrams: 900,
  stopGrams: null,
  goes: 1,
  goBeforeGrams: 900,
  goStopGrams: null,
  phases: [],
  minutes: 8,
  waitMinutes: 0,
  shares: [{ number: 1, grams: 900 }],
  says: [],
  byEye: "",
  here: "",
  saltGrams: 0,
  ...change,
});

/** Leeks for two quiches, sweated in a pan of 497 g: 450 g of them to stop at 315 in each of two pans. */
const CUT = act("cut:leeks", "Wash and cut the leeks");
const SWEAT = act("cook:leeks", "Leeks: sweated", {
  kind: "cook",
  stopGrams: 630,
  goes: 2,
  goBeforeGrams: 450,
  goStopGrams: 315,
  phases: [
    { says: "open", minutes: 4 },
    { says: "covered", minutes: 4 },
  ],
  byEye: "Down to two thirds.",
});
const COOL = act("cool:leeks", "Cool the leeks", { kind: "cool", waitMinutes: 40 });

const prep = (change: Partial<Prep> = {}): Prep => ({
  acts: [CUT, SWEAT, COOL],
  shopping: [
    { food: "leeks", name: "Leeks", needGrams: 1250, haveGrams: 0, buyGrams: 1300, says: "1,300 g", cost: 3.9 },
    { food: "egg", name: "Egg", needGrams: 500, haveGrams: 600, buyGrams: 0, says: "enough there", cost: null },
  ],
  weighing: [
    {
      number: 1,
      name: "Smoked trout and leek quiche",
      count: 2,
      lines: [{ name: "Leeks", eachGrams: 315, allGrams: 630 }],
    },
  ],
  left: [
    {
      kept: "trimmings",
      name: "Shortcrust",
      food: "shortcrust",
      says: "Shortcrust, trimmings, 97 g",
      grams: 97,
      pieces: null,
      fridgeDays: 2,
      freezerDays: 90,
    },
  ],
  allergens: ["egg", "milk"],
  cost: 3.9,
  unpriced: 0,
  ...change,
});

const marked = (one: MarkWish): Mark => ({ ...one, markedBy: "Ada Quill", markedAt: new Date().toISOString() });

/** A kitchen whose server keeps marks as the real one does: the last of each act. */
function open(answers: Parameters<typeof server>[0] = {}, at = "", role = "cook") {
  const kept = new Map<string, Mark>();
  const asked = server({
    ...answers,
    "GET /session": () =>
      json({
        user: { name: "Ada", email: "a@b.example", units: {}, ovenWords: [] },
        kitchens: [{ id: "k", name: "The Lock House", role }],
        csrfToken: "t",
      }),
    "GET /batches/b": () =>
      json({
        id: "b",
        revision: 1,
        savedBy: "Ada",
        savedAt: "2026-11-26T10:00:00Z",
        batch: newBatch("Saturday", [newLine("00000000-0000-4000-8000-000000000001", 2)]),
        lines: [],
      }),
    "POST /prep": answers["POST /prep"] ?? (() => json(prep())),
    "GET /marks": () => json({ marks: [...kept.values()] }),
    "PUT /marks":
      answers["PUT /marks"] ??
      ((body: MarkWish) => {
        kept.set(body.act, marked(body));
        return json({ marks: [...kept.values()] });
      }),
    "GET /scale-reading": answers["GET /scale-reading"] ?? (() => json({ grams: null, isStable: false })),
    "POST /entries": (body) => json({ words: body.words, value: Number.parseFloat(body.words) }),
  });
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
        <MemoryRouter initialEntries={[`/k/k/prep/b${at}`]}>
          <Routes>
            <Route path="/k/:kitchen/prep/:batch" element={<PrepPage />} />
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>,
  );
  return {
    asked,
    marks: () =>
      asked.filter((one) => one.what.startsWith("PUT") && one.what.endsWith("/marks")).map((one) => one.body),
  };
}

const type = (label: string, words: string) => {
  const input = screen.getByLabelText(label);
  fireEvent.change(input, { target: { value: words } });
  fireEvent.keyDown(input, { key: "Enter" });
};

describe("prep, act by act", () => {
  beforeEach(() => {
    localStorage.clear();
    vi.stubGlobal("scrollTo", vi.fn());
  });
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("opens the first act that is not done, and the next when it is", async () => {
    const { marks } = open();
    const cut = await screen.findByRole("region", { name: CUT.title });
    fireEvent.click(within(cut).getByRole("button", { name: "Done" }));
    await screen.findByRole("region", { name: SWEAT.title });
    await waitFor(() =>
      expect(marks()).toEqual([{ act: CUT.id, goesDone: 1, isDone: true, tareGrams: null, readsGrams: null }]),
    );
    expect(screen.getByRole("button", { name: "Done, 1 of 3" })).toBeTruthy();
  });

  it("takes a done act back", async () => {
    const { marks } = open({}, `?act=${CUT.id}`);
    fireEvent.click(
      within(await screen.findByRole("region", { name: CUT.title })).getByRole("button", { name: "Done" }),
    );
    fireEvent.click(await screen.findByRole("button", { name: /Wash and cut the leeks/ }));
    fireEvent.click(await screen.findByRole("button", { name: "Not done yet" }));
    await waitFor(() => expect(marks().at(-1)).toMatchObject({ act: CUT.id, goesDone: 0, isDone: false }));
  });

  it("keeps what is marked without a connection on the device, and sends it in order when it is back", async () => {
    let gone = true;
    const sent: MarkWish[] = [];
    open({
      "PUT /marks": (body: MarkWish) => {
        if (gone) throw new TypeError("no network");
        sent.push(body);
        return json({ marks: sent.map(marked) });
      },
    });
    fireEvent.click(
      within(await screen.findByRole("region", { name: CUT.title })).getByRole("button", { name: "Done" }),
    );
    expect(await screen.findByText("Not sent yet; kept on this device")).toBeTruthy();
    expect(JSON.parse(localStorage.getItem("hojaldre.marks.b") ?? "[]")).toHaveLength(1);
    gone = false;
    // the next press sends both
    fireEvent.click(await screen.findByRole("button", { name: "By eye" }));
    fireEvent.click(await screen.findByRole("button", { name: "Done, next pan" }));
    await waitFor(() => expect(sent.map((one) => one.act)).toEqual([CUT.id, SWEAT.id]));
    await waitFor(() => expect(screen.queryByText("Not sent yet; kept on this device")).toBeNull());
    expect(localStorage.getItem("hojaldre.marks.b")).toBeNull();
  });

  it("takes up what an earlier visit could not send", async () => {
    const mark = { act: CUT.id, goesDone: 1, isDone: true, tareGrams: null, readsGrams: null };
    localStorage.setItem("hojaldre.marks.b", JSON.stringify([mark]));
    const { marks } = open();
    await waitFor(() => expect(marks()).toEqual([mark]));
    await screen.findByRole("region", { name: SWEAT.title });
  });

  it("is not held up by a mark that is refused, and says so", async () => {
    const { marks } = open({
      "PUT /marks": (body: MarkWish) =>
        body.act === CUT.id ? problem(422, "no-such-act") : json({ marks: [marked(body)] }),
    });
    fireEvent.click(
      within(await screen.findByRole("region", { name: CUT.title })).getByRole("button", { name: "Done" }),
    );
    expect(await screen.findByText("Mend of no-such-act.")).toBeTruthy();
    expect(marks()).toHaveLength(1);
    expect(screen.queryByText("Not sent yet; kept on this device")).toBeNull();
    // nobody took it, so it is not done
    expect(screen.queryByRole("button", { name: "Done, 1 of 3" })).toBeNull();
  });

  it("lets a guest look and mark nothing", async () => {
    open({}, "", "guest");
    await screen.findByText("You are a guest here.");
    const cut = await screen.findByRole("region", { name: CUT.title });
    expect(within(cut).queryByRole("button", { name: "Done" })).toBeNull();
  });

  it("says what the lists want where they cannot be worked out", async () => {
    open({ "POST /prep": () => problem(422, "no-such-pie", { refusals: [{ mend: "Take pie 2 out.", at: "/x" }] }) });
    expect(await screen.findByText("Take pie 2 out.")).toBeTruthy();
  });
});

describe("at the pan", () => {
  beforeEach(() => {
    localStorage.clear();
    vi.stubGlobal("scrollTo", vi.fn());
  });
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });
  const at = `?act=${SWEAT.id}`;

  it("without a scale takes typed weights, and says what is to go, when to stop, and when it is too far", async () => {
    open({}, at);
    expect(await screen.findByText(/No scale answers/)).toBeTruthy();
    expect(screen.getByText("Stop at 315 g of food")).toBeTruthy();
    type("Weight of the pan with oil and salt", "497 g");
    expect(await screen.findByText("Stop when the pan reads 812 g")).toBeTruthy();
    type("What the pan reads", "868 g");
    expect(await screen.findByText("56 g to drive off")).toBeTruthy();
    // 56 of 135 g of eight minutes
    expect(screen.getByText("about 3 minutes more")).toBeTruthy();
    type("What the pan reads", "812 g");
    expect(await screen.findByText("Stop")).toBeTruthy();
    type("What the pan reads", "760 g");
    expect(await screen.findByText("52 g too far")).toBeTruthy();
    type("What the pan reads", "210 g");
    expect(await screen.findByText(/Something else is on the scale/)).toBeTruthy();
  });

  it("reads the scale while one answers, and takes the empty pan from it", async () => {
    let grams = 497;
    const { marks } = open({ "GET /scale-reading": () => json({ grams, isStable: true }) }, at);
    fireEvent.click(await screen.findByRole("button", { name: "The empty pan is on: 497 g" }));
    await waitFor(() => expect(marks().at(-1)).toMatchObject({ act: SWEAT.id, tareGrams: 497 }));
    grams = 947;
    await waitFor(() => expect(screen.getByTestId("pan-reads").textContent).toContain("947"), { timeout: 5000 });
    expect(screen.getByText("135 g to drive off")).toBeTruthy();
    expect(screen.getByText("about 8 minutes more")).toBeTruthy();
  });

  it("takes one pan after the other; only the last weight is evidence", async () => {
    const { marks } = open({}, at);
    expect(await screen.findByText(/, pan 1 of 2/)).toBeTruthy();
    type("Weight of the pan with oil and salt", "497 g");
    await screen.findByText("Stop when the pan reads 812 g");
    type("What the pan reads", "812 g");
    fireEvent.click(await screen.findByRole("button", { name: "At 812, next pan" }));
    expect(await screen.findByText(/, pan 2 of 2/)).toBeTruthy();
    await waitFor(() =>
      expect(marks().at(-1)).toMatchObject({ goesDone: 1, isDone: false, readsGrams: null, tareGrams: 497 }),
    );
    type("What the pan reads", "815 g");
    await waitFor(() => expect(screen.getByTestId("pan-reads").textContent).toContain("815"));
    fireEvent.click(await screen.findByRole("button", { name: "At 812" }));
    await waitFor(() =>
      expect(marks().at(-1)).toMatchObject({ goesDone: 2, isDone: true, readsGrams: 815, tareGrams: 497 }),
    );
  });

  it("goes by eye too, and then nothing was weighed", async () => {
    const { marks } = open({}, at);
    fireEvent.click(await screen.findByRole("button", { name: "By eye" }));
    expect(await screen.findByText("Down to two thirds.")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Done, next pan" }));
    await waitFor(() => expect(marks().at(-1)).toMatchObject({ goesDone: 1, readsGrams: null }));
  });
});

describe("what is bought and what is left", () => {
  beforeEach(() => {
    localStorage.clear();
    vi.stubGlobal("scrollTo", vi.fn());
  });
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("ticks what was bought, and what is there already needs no tick", async () => {
    const { marks } = open({}, "?show=shop");
    expect(await screen.findByText(/^1 to buy\. 3\.90 in all\./)).toBeTruthy();
    fireEvent.click(screen.getByRole("checkbox", { name: "Leeks, bought" }));
    expect(await screen.findByText(/^Nothing left to buy\./)).toBeTruthy();
    await waitFor(() => expect(marks().at(-1)).toMatchObject({ act: "buy:leeks", isDone: true }));
    expect(screen.getByRole("checkbox", { name: "Egg, bought" })).toHaveProperty("disabled", true);
    expect(screen.getByText("The lot contains egg, milk.")).toBeTruthy();
  });

  it("writes down what is there, and asks for the list again", async () => {
    const { asked } = open({ "PUT /stock": () => json({}) }, "?show=shop");
    await screen.findByText(/to buy/);
    type("Leeks that is there", "400 g");
    await waitFor(() =>
      expect(asked.find((one) => one.what.endsWith("/foods/leeks/stock"))?.body).toEqual({ stockGrams: 400 }),
    );
    await waitFor(() => expect(asked.filter((one) => one.what.endsWith("/prep")).length).toBe(2));
  });

  it("says why a stock was not taken", async () => {
    open({ "PUT /stock": () => problem(422, "out-of-range") }, "?show=shop");
    await screen.findByText(/to buy/);
    type("Leeks that is there", "400 g");
    expect(await screen.findByText("Mend of out-of-range.")).toBeTruthy();
  });

  it("has each pie's weights, each and in all", async () => {
    open({}, "?show=weigh");
    const list = await screen.findByRole("region", { name: "Weighing list" });
    expect(list.textContent).toContain("Leeks315 g630 g");
    expect(within(list).getByRole("link", { name: "CSV" }).getAttribute("href")).toBe(
      "/api/kitchens/k/batches/b/lists/weigh.csv",
    );
  });

  it("puts trimmings away as the dough they are, and takes that back", async () => {
    const there: object[] = [];
    const { asked } = open(
      {
        "GET /leftovers": () => json({ leftovers: there }),
        "POST /leftovers": () => json({ id: "l", says: "Shortcrust, trimmings, 97 g", place: "freezer" }),
        "PUT /gone": () => json({}),
      },
      "?show=left",
    );
    fireEvent.click(await screen.findByRole("button", { name: "Shortcrust, trimmings, 97 g: into the freezer" }));
    expect(await screen.findByText("Shortcrust, trimmings, 97 g: in the freezer.")).toBeTruthy();
    expect(asked.find((one) => one.what.startsWith("POST") && one.what.endsWith("/leftovers"))?.body).toEqual({
      kept: "trimmings",
      place: "freezer",
      name: "Shortcrust",
      grams: 97,
      pieces: null,
      food: "shortcrust",
      bake: null,
    });
    fireEvent.click(screen.getByRole("button", { name: "Undo" }));
    await waitFor(() =>
      expect(asked.find((one) => one.what.endsWith("/leftovers/l/gone"))?.body).toEqual({ gone: "thrown" }),
    );
  });
});
