import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { foods, forecast, json, problem, server, show, trout } from "../../../test/kitchen";
import type { Food, PieDesign, WayOut } from "../../api/client";
import { applyChanges, setAt } from "../../pie/pointer";
import { FillGap } from "./advice/FillGap";
import { Swap } from "./advice/Swap";
import { BenchContext, type Change, DesignContext } from "./BenchContext";
import { FoodPicker } from "./food/FoodPicker";
import { Readings } from "./forecast/Readings";
import { Stack } from "./pie/Stack";

const unasked = { enter: vi.fn(), ask: vi.fn(), preview: vi.fn() };

function onBench(node: React.ReactNode, refusals: { code: string; at: string; mend: string }[] = []) {
  const changes: Change[] = [];
  const change = (by: Change) => void changes.push(by);
  const put = (list: WayOut["changes"], of: PieDesign) => {
    changes.push((design) => applyChanges(design, list));
    return of;
  };
  show(
    <BenchContext value={{ kitchen: "k", mayWrite: true, refusals, change, put, now: trout, ...unasked }}>
      <DesignContext value={trout()}>{node}</DesignContext>
    </BenchContext>,
  );
  return (design: PieDesign) => changes.reduce((now, by) => by(now), design);
}

const [leeks] = trout().layers.filter((layer) => layer.kind === "solid");

describe("the stack", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("shows the last poured on top and the crust below", () => {
    server({ "GET /foods": () => json(foods([])) });
    onBench(<Stack forecast={forecast()} design={trout()} />);
    const rows = screen.getAllByRole("listitem").flatMap((row) => row.getAttribute("data-row") ?? []);
    expect(rows).toEqual(["custard", "smoked-trout", "leeks", "crust"]);
    expect(screen.getByText("Contains egg, milk.", { exact: false })).toBeTruthy();
  });

  it("leaves an egg out, and pours nothing twice", () => {
    server({ "GET /foods": () => json(foods([])) });
    const changed = onBench(<Stack forecast={forecast()} design={trout()} />);
    fireEvent.click(screen.getByRole("button", { name: "Leave out Egg, without shell" }));
    const custard = changed(trout()).layers.find((layer) => layer.kind === "custard");
    expect(custard?.kind === "custard" && custard.eggs).toEqual([]);
    expect(screen.queryByRole("button", { name: "+ Pour a custard" })).toBeNull();
  });

  it("takes one out of the list as it stands, not as it was drawn", () => {
    server({ "GET /foods": () => json(foods([])) });
    const changed = onBench(<Stack forecast={forecast()} design={trout()} />);
    fireEvent.click(screen.getByRole("button", { name: "Leave out Single cream" }));
    fireEvent.click(screen.getByRole("button", { name: "Remove the last" }));
    fireEvent.click(screen.getByRole("button", { name: "+ A stage" }));
    const meanwhile = setAt(setAt(trout(), "/layers/2/dairies/1/amount/grams", 99), "/crust/shell/0/minutes", 11);
    const design = changed(meanwhile);
    const custard = design.layers.find((layer) => layer.kind === "custard");
    expect(custard?.kind === "custard" && custard.dairies.map((one) => one.amount.grams)).toEqual([99]);
    expect(design.crust.shell.map((stage) => [stage.how, stage.minutes])).toEqual([
      ["weighted", 11],
      ["bare", 6],
    ]);
  });

  it("covers the pie and keeps what the lid was", () => {
    server({ "GET /foods": () => json(foods([])) });
    const changed = onBench(<Stack forecast={forecast()} design={trout()} />);
    fireEvent.change(screen.getByLabelText("What covers it"), { target: { value: "lattice" } });
    const lid = { thicknessMm: 5, openShare: 0, glaze: "milk" as const, ventedLate: false };
    expect(changed({ ...trout(), crust: { ...trout().crust, lid } }).crust.lid).toEqual({
      thicknessMm: 5,
      openShare: 0.4,
      ventedLate: false,
      glaze: "milk",
    });
    expect(changed(trout()).crust.lining).toBe("tin");
  });

  it("lies in a pasty where there is no tin", () => {
    server({ "GET /foods": () => json(foods([])) });
    const tin = { shape: "folded" as const, fold: "half-moon" as const, pieces: 6, lengthMm: 180, widthMm: null };
    onBench(<Stack forecast={forecast()} design={{ ...trout(), tin }} />);
    expect(screen.getByRole("region", { name: "In the pasty" })).toBeTruthy();
    expect(screen.queryByText("Par-bake or not?")).toBeNull();
  });

  it("moves a layer with Alt and an arrow", () => {
    server({ "GET /foods": () => json(foods([])) });
    const changed = onBench(<Stack forecast={forecast()} design={trout()} />);
    fireEvent.keyDown(screen.getByRole("button", { name: "Leeks: what to do" }), { key: "ArrowUp", altKey: true });
    expect(changed(trout()).layers.map((layer) => layer.id)).toEqual(["smoked-trout", "leeks", "custard"]);
  });

  it("keeps notes on leaving them, and leaves them alone on Escape", () => {
    server({ "GET /foods": () => json(foods([])) });
    const changed = onBench(<Stack forecast={forecast()} design={trout()} />);
    const notes = screen.getByLabelText("Notes");
    fireEvent.change(notes, { target: { value: "Half typed" } });
    fireEvent.keyDown(notes, { key: "Escape" });
    fireEvent.blur(notes);
    expect(changed(trout()).notes).toBe(trout().notes);
    fireEvent.change(notes, { target: { value: "Less salt next time." } });
    fireEvent.blur(notes);
    expect(changed(trout()).notes).toBe("Less salt next time.");
  });

  it("shows a refusal of the design at its field", () => {
    server({ "GET /foods": () => json(foods([])) });
    onBench(<Stack forecast={forecast()} design={trout()} />, [
      { code: "heavier-than-before", at: "/layers/0/steps/0/after/grams", mend: "Weigh it again." },
    ]);
    const row = screen.getByLabelText("Leeks, weight now").closest("li");
    expect(within(row as HTMLElement).getAllByText("Weigh it again.")[0]).toBeTruthy();
  });
});

const SOLID = ["solid"] as const;

describe("choosing a food", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("finds it by a few letters and asks how much", async () => {
    if (leeks?.kind !== "solid") throw new Error("The leeks are gone.");
    const onions = { ...leeks.food, id: "onions", name: "Onions" };
    server({ "GET /foods": () => json(foods([leeks.food, onions])) });
    const add = vi.fn(async (_: Food, words: string) =>
      words === "450" ? { ok: false as const, mend: "450 what?" } : { ok: true as const, value: null },
    );
    onBench(<FoodPicker label="Which food?" of={SOLID} add={add} cancel={vi.fn()} />);
    await screen.findByRole("button", { name: "Onions" });
    fireEvent.change(screen.getByLabelText("Which food?"), { target: { value: "lee" } });
    expect(screen.queryByRole("button", { name: "Onions" })).toBeNull();
    fireEvent.keyDown(screen.getByLabelText("Which food?"), { key: "Enter" });
    const amount = await screen.findByLabelText(/Leeks: how much/);
    fireEvent.change(amount, { target: { value: "450" } });
    fireEvent.click(screen.getByRole("button", { name: "Add" }));
    expect(await screen.findByText("450 what?")).toBeTruthy();
    fireEvent.change(amount, { target: { value: "450 g" } });
    fireEvent.click(screen.getByRole("button", { name: "Add" }));
    await waitFor(() => expect(add).toHaveBeenLastCalledWith(leeks.food, "450 g", 20));
  });

  it("says so when nothing reads like that, when the pantry does not open, and leaves on Escape", async () => {
    server({ "GET /foods": () => json(foods([])) });
    const cancel = vi.fn();
    onBench(<FoodPicker label="Which food?" of={SOLID} add={vi.fn()} cancel={cancel} />);
    expect(await screen.findByText(/Nothing by that name/)).toBeTruthy();
    fireEvent.keyDown(screen.getByLabelText("Which food?"), { key: "Escape" });
    expect(cancel).toHaveBeenCalled();
  });
});

describe("what it will do", () => {
  const way = (id: string, clears: boolean) => ({
    id,
    act: `Act ${id}`,
    clears,
    low: null,
    high: null,
    changes: [],
    effects: [
      {
        name: "base" as const,
        title: "Base",
        unit: "%",
        decimals: 0,
        from: 17,
        to: 13,
        verdictBefore: "soft",
        verdictAfter: "dry",
      },
    ],
  });
  const inTrouble = () => {
    const whole = forecast();
    return forecast({
      readings: whole.readings.map((one) =>
        one.name === "base" ? { ...one, value: 17, state: "outside" as const, verdict: "soft" } : one,
      ),
    });
  };
  const readings = (waysOut: ReturnType<typeof way>[], apply = vi.fn()) => {
    const asked = server({ "POST /ways-out": () => json({ waysOut }) });
    onBench(
      <Readings
        forecast={inTrouble()}
        design={trout()}
        stale={false}
        slow={false}
        rough={false}
        applied={null}
        apply={apply}
        undo={vi.fn()}
      />,
    );
    return { apply, asked };
  };
  afterEach(() => vi.unstubAllGlobals());

  it("offers the ways out under the reading they mend and hands back the one that is pressed", async () => {
    const { apply, asked } = readings([way("press", true), way("seal", true)]);
    const base = screen.getByRole("region", { name: "Base" });
    fireEvent.click(await within(base).findByRole("button", { name: "Apply: Act seal" }));
    expect(apply.mock.calls[0]?.[0].id).toBe("seal");
    expect(apply.mock.calls[0]?.[1]).toEqual(trout());
    expect(asked.map((one) => (one.body as { reading: string }).reading)).toEqual(["base"]);
  });

  it("says that it takes two where nothing alone does", async () => {
    readings([way("press+seal", true), way("press", false)]);
    expect(await screen.findByText(/Two together are/)).toBeTruthy();
  });

  it("says so where there is no way out", async () => {
    readings([]);
    expect(await screen.findByText(/No change of what is in it/)).toBeTruthy();
  });

  it("opens the salt into its sources and the salt of a portion", () => {
    readings([]);
    fireEvent.click(screen.getByRole("button", { name: "Why: Salt" }));
    const salt = screen.getByRole("region", { name: "Salt" });
    expect(within(salt).getByText("Fine salt")).toBeTruthy();
    expect(within(salt).getByText("6.0 g")).toBeTruthy();
    expect(within(salt).getByText("Each portion")).toBeTruthy();
  });

  it("always shows the cautions and what was assumed", () => {
    readings([]);
    expect(screen.getByText("Local food rules come first.")).toBeTruthy();
    expect(screen.getByText("Assumed.")).toBeTruthy();
  });
});

describe("filling the gap", () => {
  afterEach(() => vi.unstubAllGlobals());
  const answerOf = (eggs: number) => ({
    eggs,
    yolks: 1,
    dairies: [{ name: "Whole milk", grams: 200 }],
    gramsPerEgg: 90,
    verdict: "loose" as const,
    fatPercent: 12,
    leftOver: [{ name: "Whole milk", grams: 40 }],
    changes: [{ at: "/portions", to: eggs }],
  });

  it("asks with what is in the fridge, tells what is left over, and pours the answer that is pressed", async () => {
    const custard = trout().layers.find((layer) => layer.kind === "custard");
    if (custard?.kind !== "custard") throw new Error("The custard is gone.");
    const asked = server({
      "GET /foods": () => json(foods([])),
      "POST /custards": () =>
        json({
          gapMl: 640,
          aim: { gramsPerEgg: 92.5, fatPercent: 11 },
          schools: [{ style: "tender", gramsPerEgg: 92.5 }],
          answers: [answerOf(5), answerOf(6)],
        }),
    });
    const close = vi.fn();
    const changed = onBench(<FillGap layer={custard} close={close} />);
    expect(await screen.findByText(/640 ml to fill, at 93 g to an egg and 11 % fat/)).toBeTruthy();
    expect(asked.find((one) => one.what.endsWith("/custards"))?.body).toMatchObject({
      eggs: 6,
      yolks: 0,
      fatPercent: null,
    });
    expect(screen.getAllByText(/leaves 40 g whole milk/)).toHaveLength(2);
    expect(screen.getByText(/These eggs are too few/)).toBeTruthy();
    expect(screen.getByRole("img", { name: /1: 90 g to an egg, 12 % fat/ })).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Pour answer 2" }));
    expect(changed(trout()).portions).toBe(6);
    expect(close).toHaveBeenCalled();
  });

  it("says so when nothing fits, and when there is no room", async () => {
    const custard = trout().layers.find((layer) => layer.kind === "custard");
    if (custard?.kind !== "custard") throw new Error("The custard is gone.");
    server({
      "GET /foods": () => json(foods([])),
      "POST /custards": () =>
        json({
          gapMl: 640,
          aim: { gramsPerEgg: 92, fatPercent: 11 },
          schools: [{ style: "tender", gramsPerEgg: 92.5 }],
          answers: [],
        }),
    });
    onBench(<FillGap layer={custard} close={vi.fn()} />);
    expect(await screen.findByText(/Nothing in this fridge fills the tin/)).toBeTruthy();
  });
});

describe("swapping a food", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("lists what can stand in, how much of it and what it moves, and swaps the one that is pressed", async () => {
    const substitute = (name: string, portions: number) => ({
      name,
      use: "450 g, fried to 315 g",
      allergens: name === "Celery" ? ["celery"] : [],
      effects: [
        {
          name: "base" as const,
          title: "Base",
          unit: "%",
          decimals: 0,
          from: 17,
          to: 13,
          verdictBefore: "soft",
          verdictAfter: "dry",
        },
      ],
      changes: [{ at: "/portions", to: portions }],
    });
    const asked = server({
      "POST /swaps": () => json({ swaps: [substitute("Fennel", 5), substitute("Celery", 6)] }),
    });
    const close = vi.fn();
    const changed = onBench(<Swap name="Leeks" at="/layers/0" close={close} />);
    expect(await screen.findByText("Fennel")).toBeTruthy();
    expect(asked[0]?.body).toMatchObject({ at: "/layers/0" });
    expect(screen.getAllByText(/base 17 to 13 %, dry/)).toHaveLength(2);
    expect(screen.getByText(/brings celery/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Swap Leeks for Celery" }));
    expect(changed(trout()).portions).toBe(6);
    expect(close).toHaveBeenCalled();
  });

  it("says what went wrong", async () => {
    server({ "POST /swaps": () => problem(422, "nothing-to-swap") });
    onBench(<Swap name="Leeks" at="/crust" close={vi.fn()} />);
    expect(await screen.findByText("Mend of nothing-to-swap.")).toBeTruthy();
  });
});
