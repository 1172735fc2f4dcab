import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { foods, forecast, json, problem, section, server, session, showAt, trout } from "../../../test/kitchen";
import type { Food, OnHandPie, Question, ReadRecipe, RecipeLine } from "../../api/client";
import Begin from "./Begin";
import { findPasted, keepPasted } from "./pasted";
import RecipeRoom from "./Recipe";

const food = (id: string, name: string) => ({ id, name, role: "vegetable" }) as unknown as Food;
const kinds = [
  { kind: "quiche", name: "Quiche", sign: "open, custard", sets: "24 cm tin, shortcrust", design: trout(), section },
  { kind: "hand-pie", name: "Hand pies", sign: "folded", sets: "16 cm discs", design: trout(), section },
];
const onHand = (kind: string, name: string, missing: string[] = []): OnHandPie =>
  ({
    kind,
    design: { ...trout(), name },
    tinLabel: "24 cm tin",
    grams: "450 g leeks, 4 eggs",
    missing,
    section,
    verdicts: [],
  }) as unknown as OnHandPie;

const begin = (answers: Parameters<typeof server>[0] = {}, role: "owner" | "guest" = "owner") => {
  const asked = server({
    "GET /session": () => json(session(role)),
    "GET /beginnings": () => json({ beginnings: kinds }),
    "GET /foods": () => json(foods([food("leek", "Leeks"), food("egg", "Egg"), food("samphire", "Samphire")])),
    "GET /tins": () =>
      json({ tins: [{ id: "t", name: "Deep dish", tin: { ...trout().tin }, holdsMl: 1700, count: null }] }),
    ...answers,
  });
  showAt("/k/:kitchen/begin", "/k/k/begin", <Begin />);
  return (ending: string) => asked.filter((one) => one.what.endsWith(ending)).map((one) => one.body);
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("ways to begin", () => {
  it("shows the kinds on their shelves, tells what one sets, and begins with a press", async () => {
    begin();
    const shelf = await screen.findByRole("region", { name: "Eight kinds, cut through" });
    expect(shelf.textContent).toContain("Quiche sets 24 cm tin, shortcrust");
    fireEvent.focus(within(shelf).getByRole("button", { name: /Hand pies/ }));
    expect(shelf.textContent).toContain("Hand pies sets 16 cm discs");
    fireEvent.click(within(shelf).getByRole("button", { name: /Hand pies/ }));
    expect(await screen.findByText("elsewhere")).toBeTruthy();
    expect(findPasted("k")).toEqual({ text: "", kind: "hand-pie" });
  });

  it("takes a recipe when the kinds do not come", async () => {
    begin({ "GET /beginnings": () => problem(500, "broken") });
    expect(await screen.findByText("The kinds did not come.", {}, { timeout: 15_000 })).toBeTruthy();
    fireEvent.change(screen.getByLabelText("Paste a recipe"), { target: { value: "3 leeks" } });
    fireEvent.click(screen.getByRole("button", { name: "Read it" }));
    expect(await screen.findByText("elsewhere")).toBeTruthy();
    expect(findPasted("k")).toEqual({ text: "3 leeks", kind: null });
  }, 30_000);

  it("says what to do where nothing is pasted, and reads with the keyboard", async () => {
    begin();
    const field = screen.getByLabelText("Paste a recipe");
    fireEvent.click(screen.getByRole("button", { name: "Read it" }));
    expect(screen.getByText(/Nothing is pasted yet/)).toBeTruthy();
    expect(field.getAttribute("aria-invalid")).toBe("true");
    fireEvent.change(field, { target: { value: "4 eggs" } });
    expect(screen.queryByText(/Nothing is pasted yet/)).toBeNull();
    fireEvent.keyDown(field, { key: "Enter" });
    expect(screen.queryByText("elsewhere")).toBeNull();
    fireEvent.keyDown(field, { key: "Enter", ctrlKey: true });
    expect(await screen.findByText("elsewhere")).toBeTruthy();
  });

  it("brings back what was pasted here before, and takes a file", async () => {
    keepPasted("k", { text: "3 leeks, sweated", kind: null });
    begin();
    expect((screen.getByLabelText("Paste a recipe") as HTMLTextAreaElement).value).toBe("3 leeks, sweated");
    const file = new File(["2 onions"], "pie.txt", { type: "text/plain" });
    fireEvent.change(screen.getByLabelText("A file with a recipe"), { target: { files: [file] } });
    expect(await screen.findByText("elsewhere")).toBeTruthy();
    expect(findPasted("k").text).toBe("2 onions");
  });

  it("is not misled by rubbish on the device", () => {
    localStorage.setItem("hojaldre.pasted.k", "{");
    expect(findPasted("k")).toEqual({ text: "", kind: null });
    localStorage.setItem("hojaldre.pasted.k", '{"text":5}');
    expect(findPasted("k")).toEqual({ text: "", kind: null });
  });
});

describe("what is on hand", () => {
  const hand = () => screen.findByRole("region", { name: "What is on hand" });

  it("asks what can be made of what is ticked, in the tin that is chosen, and keeps the ticks", async () => {
    const bodies = begin({ "POST /on-hand": () => json({ pies: [onHand("quiche", "Leek quiche", ["cream"])] }) });
    fireEvent.click(within(await hand()).getByRole("button", { name: "Egg" }));
    expect(await screen.findByRole("button", { name: "Leek quiche" })).toBeTruthy();
    expect(screen.getByText("You also want cream.")).toBeTruthy();
    expect(bodies("/on-hand")).toEqual([{ foods: [{ id: "egg" }], tin: null }]);
    expect(localStorage.getItem("hojaldre.on-hand.k")).toBe('["egg"]');
    fireEvent.click(within(await hand()).getByRole("button", { name: "Egg" }));
    await waitFor(() => expect(screen.queryByRole("button", { name: "Leek quiche" })).toBeNull());
  });

  it("finds another food by its letters, once", async () => {
    const bodies = begin({ "POST /on-hand": () => json({ pies: [] }) });
    const field = within(await hand()).getByLabelText("Something else that is there");
    fireEvent.change(field, { target: { value: "s" } });
    expect(screen.queryByRole("button", { name: "Samphire" })).toBeNull();
    fireEvent.change(field, { target: { value: "samp" } });
    fireEvent.click(await screen.findByRole("button", { name: "Samphire" }));
    expect((field as HTMLInputElement).value).toBe("");
    const tick = await within(await hand()).findByRole("button", { name: "Samphire" });
    expect(tick.getAttribute("aria-pressed")).toBe("true");
    expect(await screen.findByText(/Nothing there fills a pie yet/)).toBeTruthy();
    expect(bodies("/on-hand")).toHaveLength(1);
    fireEvent.click(screen.getByRole("button", { name: "Clear the list" }));
    expect(localStorage.getItem("hojaldre.on-hand.k")).toBeNull();
    await waitFor(() => expect(screen.queryByText(/Nothing there fills a pie yet/)).toBeNull());
  });

  it("shows the best three, then more, and puts one on the bench", async () => {
    localStorage.setItem("hojaldre.on-hand.k", '["egg"]');
    const four = ["a", "b", "c", "d"].map((one) => onHand(one, `Pie ${one}`));
    const bodies = begin({
      "POST /on-hand": () => json({ pies: four }),
      "POST /pies": () => json({ id: "new" }),
    });
    expect(await screen.findByRole("button", { name: "Pie c" })).toBeTruthy();
    expect(screen.queryByRole("button", { name: "Pie d" })).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: "More of them" }));
    fireEvent.click(screen.getByRole("button", { name: "Pie d" }));
    expect(await screen.findByText("elsewhere")).toBeTruthy();
    expect((bodies("/pies")[0] as { name: string }).name).toBe("Pie d");
  });

  it("says why a pie did not get to the bench, and lets it be tried again", async () => {
    localStorage.setItem("hojaldre.on-hand.k", '["egg"]');
    begin({
      "POST /on-hand": () => json({ pies: [onHand("quiche", "Leek quiche")] }),
      "POST /pies": () => problem(503, "too-busy"),
    });
    const pie = await screen.findByRole("button", { name: "Leek quiche" });
    fireEvent.click(pie);
    expect(await screen.findByText("It did not get to the bench.")).toBeTruthy();
    expect(screen.getByText("Mend of too-busy.")).toBeTruthy();
    expect((screen.getByRole("button", { name: "Leek quiche" }) as HTMLButtonElement).disabled).toBe(false);
  });

  it("lets a guest see what could be made and put nothing down", async () => {
    localStorage.setItem("hojaldre.on-hand.k", '["egg","gone-from-the-pantry"]');
    const bodies = begin({ "POST /on-hand": () => json({ pies: [onHand("quiche", "Leek quiche")] }) }, "guest");
    const pie = (await screen.findByRole("button", { name: "Leek quiche" })) as HTMLButtonElement;
    await waitFor(() => expect(pie.disabled).toBe(true));
    // a food that is no more is not asked for
    expect(bodies("/on-hand").at(-1)).toEqual({ foods: [{ id: "egg" }], tin: null });
  });
});

describe("reading a recipe", () => {
  const line = (text: string, kind: RecipeLine["kind"], named: object[] = []): RecipeLine =>
    ({ text, kind, named }) as unknown as RecipeLine;
  const leeks = {
    food: "leek",
    name: "Leeks",
    grams: 450,
    nowGrams: 315,
    besideGrams: 0,
    isSaid: true,
    isSure: true,
    into: "layer",
  };
  const read = (lines: RecipeLine[]): ReadRecipe =>
    ({
      lines,
      volumes: "us",
      design: { ...trout(), assumed: [{ place: "/crust/thicknessMm", says: "3 mm" }] },
      forecast: forecast(),
    }) as unknown as ReadRecipe;
  const asks: Question = {
    place: "/crust/thicknessMm",
    asks: "How thick is the dough?",
    moves: "base dry to soft",
    answers: [
      { says: "2 mm", isAssumed: false, changes: [{ at: "/crust/thicknessMm", to: 2 }] },
      { says: "3 mm", isAssumed: true, changes: [] },
    ],
  } as unknown as Question;

  const open = (lines: RecipeLine[], answers: Parameters<typeof server>[0] = {}) => {
    keepPasted("k", { text: lines.map((one) => one.text).join("\n"), kind: null });
    const asked = server({
      "GET /session": () => json(session()),
      "GET /foods": () => json(foods([food("leek", "Leeks")])),
      "POST /recipes": ({ text }: { text: string }) =>
        json(read(text.split("\n").map((one) => lines.find((each) => each.text === one) ?? line(one, "words")))),
      "POST /questions": () => json({ questions: [asks] }),
      "POST /edits": () => json({ entry: null, changes: [], forecast: forecast() }),
      "POST /pies": () => json({ id: "new" }),
      ...answers,
    });
    showAt("/k/:kitchen/begin/recipe", "/k/k/begin/recipe", <RecipeRoom />);
    return (ending: string) => asked.filter((one) => one.what.endsWith(ending)).map((one) => one.body);
  };
  const lines = () => screen.findByRole("region", { name: "The recipe" });

  it("shows each line with what it was taken for, and what waits", async () => {
    open([
      line("3 leeks, sweated", "ingredient", [leeks]),
      line("a sprig of nothing", "waiting"),
      line("Serve.", "words"),
    ]);
    const all = await lines();
    expect(within(all).getByTestId("line-count").textContent).toBe("3 lines: 2 read, 1 waits");
    expect(all.textContent).toContain("315 g");
    fireEvent.click(within(all).getByRole("button", { name: "only words" }));
    expect(within(all).getByTestId("line-count").textContent).toBe("3 lines: 3 read");
    expect(screen.getByText("Read with the US cup and spoons.")).toBeTruthy();
  });

  it("mends a line in place and reads it anew; Escape leaves it as it was", async () => {
    const bodies = open([line("3 leaks", "waiting"), line("4 eggs", "ingredient")]);
    const field = within(await lines()).getByLabelText("Line: 3 leaks");
    fireEvent.change(field, { target: { value: "3 figs" } });
    fireEvent.keyDown(field, { key: "Escape" });
    expect((field as HTMLTextAreaElement).value).toBe("3 leaks");
    fireEvent.change(field, { target: { value: "3 leeks" } });
    fireEvent.keyDown(field, { key: "Enter" });
    await waitFor(() => expect((bodies("/recipes").at(-1) as { text: string }).text).toBe("3 leeks\n4 eggs"));
    expect(findPasted("k").text).toBe("3 leeks\n4 eggs");
  });

  it("takes one line more, and drops a line that was emptied", async () => {
    const bodies = open([line("4 eggs", "ingredient")]);
    const more = within(await lines()).getByLabelText("One line more");
    fireEvent.change(more, { target: { value: "  salt " } });
    fireEvent.keyDown(more, { key: "Enter" });
    await waitFor(() => expect((bodies("/recipes").at(-1) as { text: string }).text).toBe("4 eggs\nsalt"));
    const field = await within(await lines()).findByLabelText("Line: salt");
    fireEvent.change(field, { target: { value: "" } });
    fireEvent.blur(field);
    await waitFor(() => expect(findPasted("k").text).toBe("4 eggs"));
  });

  it("asks what was not said, and takes the answer to the bench", async () => {
    const bodies = open([line("4 eggs", "ingredient")]);
    const question = await screen.findByRole("group", { name: "How thick is the dough?" });
    expect(question.textContent).toContain("base dry to soft");
    await waitFor(() =>
      expect((within(question).getByRole("button", { name: "2 mm" }) as HTMLButtonElement).disabled).toBe(false),
    );
    fireEvent.click(within(question).getByRole("button", { name: "2 mm" }));
    await waitFor(() => expect(screen.queryByRole("group", { name: "How thick is the dough?" })).toBeNull());
    fireEvent.click(screen.getByRole("button", { name: "To the bench" }));
    expect(await screen.findByText("elsewhere")).toBeTruthy();
    const put = bodies("/pies")[0] as { crust: { thicknessMm: number }; assumed: unknown[] };
    expect(put.crust.thicknessMm).toBe(2);
    expect(put.assumed).toEqual([]);
    expect(findPasted("k").text).toBe("");
  });

  it("says how a recipe that is not read can be mended, and keeps what was pasted", async () => {
    open([line("4 eggs", "ingredient")], { "POST /recipes": () => problem(422, "text-too-long") });
    expect(await screen.findByText("It was not read.")).toBeTruthy();
    expect(screen.getByText("Mend of text-too-long.")).toBeTruthy();
    expect(screen.getByRole("link", { name: "Back to what you pasted" }).getAttribute("href")).toBe("/k/k/begin");
    expect(findPasted("k").text).toBe("4 eggs");
  });

  it("keeps what was pasted when the bench does not take it", async () => {
    open([line("4 eggs", "ingredient")], { "POST /pies": () => problem(503, "too-busy") });
    fireEvent.click(await screen.findByRole("button", { name: "To the bench" }));
    expect(await screen.findByText("It did not get to the bench.")).toBeTruthy();
    expect(findPasted("k").text).toBe("4 eggs");
  });
});
