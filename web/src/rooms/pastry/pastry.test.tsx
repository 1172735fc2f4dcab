import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { json, server, show } from "../../../test/kitchen";
import type { Batch, DoughAndFilling, DoughChoice, DoughPlan, DoughUse, DoughWater, WayToEven } from "../../api/client";
import { defaults } from "../../api/generated/defaults";
import { newBatch, newLine } from "../../batch/batch";
import { EvenPart } from "./EvenPart";
import { FormulaPart } from "./FormulaPart";
import { HowMuchPart } from "./HowMuchPart";
import { RestsPart } from "./RestsPart";
import { WaterPart } from "./WaterPart";

const PIE = "00000000-0000-4000-8000-000000000001";
const type = (label: string, words: string) => {
  const input = screen.getByLabelText(label);
  fireEvent.change(input, { target: { value: words } });
  fireEvent.keyDown(input, { key: "Enter" });
};
const reads = () =>
  server({ "POST /entries": (body) => json({ words: body.words, value: Number.parseFloat(body.words) }) });

/** 225 g of flour take 45 to 60 ml: two spoons first, then one, then one. */
const water = (change: Partial<DoughWater> = {}): DoughWater => ({
  liquid: "Water",
  leastGrams: 45,
  usualGrams: 52,
  mostGrams: 60,
  likelyFromGrams: 47,
  likelyToGrams: 57,
  usualPercent: 23.1,
  spoonGrams: 15,
  makings: [],
  ...change,
});

describe("the water of a dough", () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.unstubAllGlobals());
  const part = (log = vi.fn(async () => true), more: Partial<Parameters<typeof WaterPart>[0]> = {}) => {
    const unlog = vi.fn();
    const shown = show(
      <WaterPart
        kitchen="k"
        dough="shortcrust"
        water={water()}
        flourGrams={225}
        mayWrite
        log={log}
        unlog={unlog}
        {...more}
      />,
    );
    return { ...shown, log, unlog };
  };

  it("is poured the least first, then a spoon at a time, and logged as offered, used and left", async () => {
    const { log } = part();
    expect(screen.getByText("left 60 g")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Pour 45 g first" }));
    fireEvent.click(screen.getByRole("button", { name: "One spoon more" }));
    expect(screen.getByText("45, then 15")).toBeTruthy();
    expect(screen.getByText("left 0 g")).toBeTruthy();
    expect(screen.getByRole("heading", { name: /Water/ }).textContent).toContain("60 g 26.7 %");
    fireEvent.click(screen.getByRole("button", { name: "It holds" }));
    await waitFor(() =>
      expect(log).toHaveBeenCalledWith({ flourGrams: 225, offeredGrams: 60, goes: [{ grams: 45 }, { grams: 15 }] }),
    );
    expect(await screen.findByRole("button", { name: "Pour 45 g first" })).toBeTruthy();
  });

  it("takes back the last spoon, and the first", () => {
    part();
    fireEvent.click(screen.getByRole("button", { name: "Pour 45 g first" }));
    fireEvent.click(screen.getByRole("button", { name: "One spoon more" }));
    fireEvent.click(screen.getByRole("button", { name: "Take back the last" }));
    expect(screen.getByRole("status").textContent).toBe("45");
    fireEvent.click(screen.getByRole("button", { name: "Take back the last" }));
    expect(screen.getByRole("button", { name: "Pour 45 g first" })).toBeTruthy();
  });

  it("outlives a reload in the middle, each dough its own", () => {
    const first = part();
    fireEvent.click(screen.getByRole("button", { name: "Pour 45 g first" }));
    first.unmount();
    const other = part(undefined, { dough: "puff" });
    expect(screen.getByRole("button", { name: "Pour 45 g first" })).toBeTruthy();
    other.unmount();
    part();
    expect(screen.getByRole("status").textContent).toBe("45");
  });

  it("keeps what was poured where it was not written down", async () => {
    part(vi.fn(async () => false));
    fireEvent.click(screen.getByRole("button", { name: "Pour 45 g first" }));
    fireEvent.click(screen.getByRole("button", { name: "It holds" }));
    await waitFor(() => expect(localStorage.getItem("hojaldre.water.k.shortcrust")).toBe("[45]"));
    expect(screen.getByRole("button", { name: "It holds" })).toBeTruthy();
  });

  it("is logged in one go by who weighed it all, more than was offered too", async () => {
    reads();
    const { log } = part();
    type("Water it took", "70 g");
    await waitFor(() => expect(log).toHaveBeenCalledWith({ flourGrams: 225, offeredGrams: 70, goes: [{ grams: 70 }] }));
  });

  it("tells the last making, which can be taken back", () => {
    const made = {
      id: "w",
      offeredGrams: 75,
      usedGrams: 60,
      leftGrams: 15,
      usedPercent: 26.7,
      goes: [30, 15, 15],
      loggedBy: "Ada",
      loggedAt: "",
    };
    const { unlog } = part(undefined, { water: water({ makings: [made, { ...made, id: "v" }] }) });
    expect(screen.getByText(/Last time 60 g of 75 g, 26\.7 %\. 2 makings so far\./)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Take it back" }));
    expect(unlog).toHaveBeenCalledWith("w");
  });

  it("shows a guest the range and nothing to press", () => {
    part(undefined, { mayWrite: false });
    expect(screen.getByRole("img", { name: "Usually 52 g, from 45 to 60 g" })).toBeTruthy();
    expect(screen.queryByRole("button")).toBeNull();
  });
});

const use = (change: Partial<DoughUse> = {}): DoughUse => ({
  number: 1,
  pie: PIE,
  name: "Smoked trout and leek quiche",
  count: 2,
  isFolded: false,
  pieces: [],
  rolledGrams: 595,
  backGrams: 97,
  bakedTrimGrams: 0,
  strips: "",
  cutting: null,
  even: null,
  ...change,
});

const plan = (change: Partial<DoughPlan> = {}): DoughPlan => ({
  dough: "shortcrust",
  name: "Shortcrust",
  formula: null,
  isOwn: false,
  isInPies: true,
  choice: { ...defaults.doughChoice, dough: "shortcrust" },
  parts: [],
  flourGrams: null,
  water: null,
  remarks: [],
  mixing: "",
  vessel: "",
  fatLayers: 0,
  fatSharePercent: 0,
  uses: [use()],
  rolledGrams: 595,
  lostGrams: 6,
  neededGrams: 601,
  madeGrams: 601,
  overGrams: 0,
  backGrams: 97,
  left: [],
  rests: [],
  ...change,
});

/** Applies what a part chose, as the room would. */
const chosen = (choose: ReturnType<typeof vi.fn>, from: DoughChoice = plan().choice): DoughChoice =>
  choose.mock.calls.reduce((now: DoughChoice, [by]) => by(now), from);

describe("rests", () => {
  const rest = (name: "after-mixing" | "between-folds", says: string, minutes: number, times = 1) => ({
    name,
    says,
    leastMinutes: 10,
    usualMinutes: minutes,
    mostMinutes: 60,
    times,
    isSkipped: false,
    price: `Price of ${says}.`,
    lowerMm: 0,
  });

  it("are summed, each as often as it comes; what is skipped is not waited for", () => {
    const rests = [rest("between-folds", "folds", 15, 4), { ...rest("after-mixing", "fridge", 30), isSkipped: true }];
    show(<RestsPart plan={plan({ rests })} kitchenCelsius="21 °C" choose={vi.fn()} />);
    expect(screen.getByText("60 min to wait, kitchen 21 °C")).toBeTruthy();
    expect(screen.getByText("Price of fridge.")).toBeTruthy();
  });

  it("are skipped and rested after all", () => {
    const skip = vi.fn();
    const shown = show(
      <RestsPart plan={plan({ rests: [rest("after-mixing", "fridge", 30)] })} kitchenCelsius="21 °C" choose={skip} />,
    );
    fireEvent.click(screen.getByRole("button", { name: "Skip it: fridge" }));
    expect(chosen(skip).skipped).toEqual(["after-mixing"]);
    shown.unmount();
    const back = vi.fn();
    const skipped = plan({ rests: [{ ...rest("after-mixing", "fridge", 30), isSkipped: true }] });
    show(<RestsPart plan={skipped} kitchenCelsius="21 °C" choose={back} />);
    fireEvent.click(screen.getByRole("button", { name: "Rest after all: fridge" }));
    expect(chosen(back, { ...plan().choice, skipped: ["after-mixing", "temper"] }).skipped).toEqual(["temper"]);
  });
});

describe("how much of a dough", () => {
  it("is what is needed, less what there is from before, which can be typed", async () => {
    reads();
    const choose = vi.fn();
    show(<FormulaPart kitchen="k" plan={plan()} mayWrite put={vi.fn()} choose={choose} />);
    expect(screen.getByText("Makes 601 g: what is needed.")).toBeTruthy();
    type("Dough from before", "150 g");
    await waitFor(() => expect(chosen(choose).fromBeforeGrams).toBe(150));
  });

  it("tells what is over, and goes back to what is needed", () => {
    const choose = vi.fn();
    const more = plan({ choice: { ...plan().choice, madeGrams: 700 }, madeGrams: 700, overGrams: 99 });
    show(<FormulaPart kitchen="k" plan={more} mayWrite put={vi.fn()} choose={choose} />);
    expect(screen.getByText(/Makes 700 g, 99 g more than is rolled\./)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "As much as is needed" }));
    expect(chosen(choose, more.choice).madeGrams).toBeNull();
  });

  it("tells base and lid by weight in a hundred, and how each tin is lined", async () => {
    reads();
    const piece = (name: "base" | "lid", rolledGrams: number) => ({
      name,
      says: `${name}, disc`,
      pieces: 1,
      isRound: true,
      lengthMm: 330,
      widthMm: 330,
      thicknessMm: 3,
      rolledGrams,
      keptGrams: rolledGrams,
    });
    const change = vi.fn();
    const batch = newBatch("Saturday", [newLine(PIE, 2)]);
    show(
      <HowMuchPart
        kitchen="k"
        plan={plan({ uses: [use({ pieces: [piece("base", 300), piece("lid", 150)] })] })}
        batch={batch}
        change={change}
      />,
    );
    expect(screen.getByText("base, disc; lid, disc; 67 and 33 in a hundred")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: /How Smoked trout and leek quiche is lined/ }));
    type("Dough for leaves", "24 g");
    await waitFor(() => expect(change).toHaveBeenCalled());
    const after: Batch = change.mock.calls.reduce((now: Batch, [by]) => by(now), batch);
    expect(after.lines[0]?.lining).toEqual({ ...defaults.batchLine.lining, decorationGrams: 24 });
  });
});

/** Half a dough made 15 patties and used a quarter of the filling. */
describe("dough and filling that do not come out even", () => {
  const way = (name: WayToEven["name"], change: Partial<WayToEven> = {}): WayToEven => ({
    name,
    does: `Do ${name}`,
    price: "",
    pieces: 30,
    gramsEach: 40,
    thicknessMm: 2.5,
    lengthMm: 100,
    doughGrams: 900,
    ...change,
  });
  const even = (change: Partial<DoughAndFilling> = {}): DoughAndFilling => ({
    wanted: 15,
    discs: 15,
    fills: 60,
    fillingGrams: 2400,
    eachGrams: 40,
    leastGrams: 30,
    mostGrams: 50,
    spoons: "two spoons",
    verdict: "filling-over",
    says: "1,800 g over",
    settled: "",
    ways: [way("weight"), way("more-dough"), way("freeze-filling")],
    ...change,
  });
  const part = (change: Partial<DoughAndFilling> = {}) => {
    const batch = newBatch("Saturday", [newLine(PIE, 15)]);
    const [changes, choose] = [vi.fn(), vi.fn()];
    show(
      <EvenPart
        kitchen="k"
        use={use({ isFolded: true, even: even(change) })}
        even={even(change)}
        change={changes}
        choose={choose}
        madeGrams={500}
      />,
    );
    const fold = () => changes.mock.calls.reduce((now: Batch, [by]) => by(now), batch).lines[0]?.fold;
    return { fold, choose };
  };

  it("are drawn as discs, filling and what is wanted", () => {
    part();
    expect(screen.getByRole("img", { name: "15 discs, filling for 60.0, 15 wanted" })).toBeTruthy();
    expect(screen.getByText("1,800 g over")).toBeTruthy();
    expect(within(screen.getByRole("list")).getAllByRole("listitem")).toHaveLength(3);
  });

  it("end even by another weight in each", () => {
    const { fold, choose } = part();
    fireEvent.click(screen.getByRole("button", { name: "Apply: Do weight" }));
    expect(fold()).toMatchObject({ settled: "weight", eachGrams: 40, thicknessMm: null, lengthMm: null });
    expect(choose).not.toHaveBeenCalled();
  });

  it("end even by more dough, as much as that way says beside what is made", () => {
    const { fold, choose } = part();
    fireEvent.click(screen.getByRole("button", { name: "Apply: Do more-dough" }));
    expect(chosen(choose).madeGrams).toBe(1400);
    expect(fold()?.settled).toBe("more-dough");
  });

  it("tell a piece that is hollow from one that does not close", () => {
    part({ eachGrams: 20 });
    expect(screen.getByText(/Hollow: a disc of this size wants 30 g/)).toBeTruthy();
  });

  it("go back to the design", () => {
    const { fold } = part({ settled: "Freeze the rest.", eachGrams: 60 });
    expect(screen.getByText(/It will not close: 50 g at the most/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "As designed" }));
    expect(fold()).toEqual({ settled: null, eachGrams: null, thicknessMm: null, lengthMm: null });
  });
});
