import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { record } from "../../../test/bake";
import { enter, json, problem, server, session, showAt } from "../../../test/kitchen";
import type { BakeRecord, JudgementWish } from "../../api/client";
import Judge from "./Judge";

const fresh = (change: Partial<BakeRecord["bake"]> = {}) =>
  record({ bake: { ...record().bake, underside: null, wrong: [], ...change } });

const open = (
  answers: Parameters<typeof server>[0] = {},
  { of = fresh(), role = "owner" as "owner" | "guest" } = {},
) => {
  const asked = server({
    "GET /session": () => json(session(role)),
    "GET /bakes/b": () => json(of),
    "PUT /judgement": (wish: JudgementWish) => json(record({ bake: { ...of.bake, ...wish, faults: [] } })),
    ...answers,
  });
  showAt("/k/:kitchen/book/:bake/judge", "/k/k/book/b/judge", <Judge />);
  return {
    asked,
    sent: () => asked.filter((one) => one.what.endsWith("/judgement")).map((one) => one.body as JudgementWish),
  };
};
const question = (name: string) => screen.findByRole("region", { name });
const tap = async (name: string, word: string) =>
  fireEvent.click(within(await question(name)).getByRole("radio", { name: word }));
const isChosen = async (name: string, word: string) =>
  within(await question(name))
    .getByRole("radio", { name: word })
    .getAttribute("aria-checked") === "true";

describe("judging a bake in four taps", () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("asks four questions and leads nobody: what was told is shown only after the tap", async () => {
    open();
    const underside = await question("Underside");
    expect(underside.textContent).not.toContain("told");
    await tap("Underside", "soggy");
    expect(underside.textContent).toContain("told dry");
    expect(screen.getByText("1 of 4")).toBeTruthy();
  });

  it("keeps each tap at once, whole", async () => {
    const { sent } = open();
    await tap("Underside", "dry");
    await tap("Colour", "golden");
    await waitFor(() => expect(sent()).toHaveLength(2));
    expect(sent()[1]).toEqual({
      underside: "dry",
      slice: null,
      colour: "golden",
      salt: null,
      faults: [],
      words: "",
      nextTime: "",
    });
    expect(await screen.findByText(/^Kept \d\d:\d\d$/)).toBeTruthy();
  });

  it("takes a word back by tapping it again, and any tap by undo", async () => {
    const { sent } = open();
    await tap("Salt", "salty");
    await tap("Salt", "salty");
    expect(await isChosen("Salt", "salty")).toBe(false);
    await tap("Salt", "bland");
    const undo = screen.getByRole("button", { name: "Undo" }) as HTMLButtonElement;
    fireEvent.click(undo);
    expect(await isChosen("Salt", "bland")).toBe(false);
    fireEvent.click(undo);
    expect(await isChosen("Salt", "salty")).toBe(true);
    fireEvent.click(undo);
    await waitFor(() => expect(sent().at(-1)?.salt).toBeNull());
    expect(undo.disabled).toBe(true);
  });

  it("does not ask about a base that is not there, nor how a filling without custard stands", async () => {
    const { bake } = fresh();
    open(
      {},
      { of: fresh({ foretold: { ...bake.foretold, underside: null, setsAtCelsius: null } as typeof bake.foretold }) },
    );
    await question("Colour");
    expect(screen.queryByRole("region", { name: "Underside" })).toBeNull();
    expect(screen.queryByRole("region", { name: "Slice" })).toBeNull();
    expect(screen.getByText("0 of 2")).toBeTruthy();
  });

  it("keeps on the device what is tapped without a line, and sends it in order when it is back", async () => {
    let gone = true;
    const taken: (string | null)[] = [];
    open({
      "PUT /judgement": (wish: JudgementWish) => {
        if (gone) throw new TypeError("no network");
        taken.push(wish.underside);
        return json(record());
      },
    });
    await tap("Underside", "soft");
    await tap("Underside", "soggy");
    expect(await screen.findByText("Kept on this device, not sent yet")).toBeTruthy();
    expect(JSON.parse(localStorage.getItem("hojaldre.judge.b") ?? "[]")).toHaveLength(2);
    gone = false;
    await waitFor(() => expect(taken).toEqual(["soft", "soggy"]), { timeout: 8000 });
    await waitFor(() => expect(localStorage.getItem("hojaldre.judge.b")).toBeNull());
  });

  it("says why a tap was not taken, and is not held up by it", async () => {
    open({ "PUT /judgement": () => problem(422, "not-out-yet") });
    await tap("Colour", "pale");
    expect((await screen.findByRole("alert")).textContent).toContain("That was not taken. Mend of not-out-yet.");
    await waitFor(() => expect(localStorage.getItem("hojaldre.judge.b")).toBeNull());
  });

  it("takes faults by their pictures and a line for next time", async () => {
    const { sent } = open();
    await question("Colour");
    const faults = screen.getByRole("group", { name: "Faults" });
    fireEvent.click(within(faults).getByRole("button", { name: "cracked" }));
    fireEvent.click(within(faults).getByRole("button", { name: "stuck" }));
    fireEvent.click(within(faults).getByRole("button", { name: "cracked" }));
    enter(screen.getByLabelText("Next time"), "Grease the corners.");
    await waitFor(() => expect(sent().at(-1)).toMatchObject({ faults: ["stuck"], nextTime: "Grease the corners." }));
    expect(within(faults).getByRole("button", { name: "stuck" }).getAttribute("aria-pressed")).toBe("true");
  });

  it("is looked at by a guest, who taps nothing", async () => {
    const { sent } = open({}, { role: "guest" });
    await waitFor(async () =>
      expect((within(await question("Salt")).getByRole("radio", { name: "bland" }) as HTMLButtonElement).disabled).toBe(
        true,
      ),
    );
    await tap("Salt", "bland");
    expect(sent()).toHaveLength(0);
  });
});
