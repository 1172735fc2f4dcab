import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { fireEvent, render, screen, waitFor, within } from "@testing-library/react";
import { MemoryRouter, Route, Routes } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { json, problem, section, server } from "../../../test/kitchen";
import type { Batch, Leftover } from "../../api/client";
import { newBatch, newLine } from "../../batch/batch";
import { system } from "../../ui/theme";
import BatchPage from "./Batch";
import Batches from "./Batches";

const PIE = "00000000-0000-4000-8000-000000000001";
const QUICHE = "Smoked trout and leek quiche";
const trimmings: Leftover = {
  id: "l",
  kept: "trimmings",
  place: "freezer",
  says: "Shortcrust, trimmings, 97 g",
  grams: 97,
  food: "shortcrust",
  putOn: "2026-11-26",
  useBy: "2027-02-24",
  isPast: false,
  putBy: "Ada",
};

const stored = (batch: Batch, revision: number) => ({
  id: "b",
  revision,
  savedBy: "Ada",
  savedAt: "2026-11-26T10:00:00Z",
  batch,
  lines: batch.lines.map((line) => ({
    pie: line.pie,
    name: QUICHE,
    tinLabel: "24 cm straight tin",
    isFolded: false,
    portions: 8 * line.count,
    dough: "Shortcrust",
    doughFood: "shortcrust",
    section,
  })),
});

/** A kitchen with one batch of two quiches; a save counts its revision up, one that is based on another is refused. */
function open(leftovers: Leftover[] = [], answers: Parameters<typeof server>[0] = {}, at = "batches/b") {
  let revision = 1;
  const batch = newBatch("Saturday", [newLine(PIE, 2)]);
  const asked = server({
    ...answers,
    "GET /session": () =>
      json({
        user: { name: "Ada", email: "a@b.example", units: {}, ovenWords: [] },
        kitchens: [{ id: "k", name: "The Lock House", role: "owner" }],
        csrfToken: "t",
      }),
    "GET /pies": () => json({ pies: [] }),
    "GET /batches/b": answers["GET /batches/b"] ?? (() => json(stored(batch, revision))),
    "PUT /batches/b":
      answers["PUT /batches/b"] ??
      ((body: { basedOn: number; batch: Batch }) => {
        if (body.basedOn !== revision) return problem(409, "clash");
        revision++;
        return json(stored(body.batch, revision));
      }),
    "GET /leftovers": () => json({ leftovers }),
    "PUT /gone": () => json({}),
    "POST /entries": (body) => json({ words: body.words, value: Number.parseFloat(body.words) }),
  });
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
        <MemoryRouter initialEntries={[`/k/k/${at}`]}>
          <Routes>
            <Route path="/k/:kitchen/batches" element={<Batches />} />
            <Route path="/k/:kitchen/batches/:batch" element={<BatchPage />} />
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>,
  );
  const saves = () =>
    asked
      .filter((one) => one.what.startsWith("PUT") && one.what.endsWith("/batches/b"))
      .map((one) => one.body as { basedOn: number; batch: Batch });
  return { asked, saves };
}

const type = (label: string, words: string) => {
  const input = screen.getByLabelText(label);
  fireEvent.change(input, { target: { value: words } });
  fireEvent.keyDown(input, { key: "Enter" });
};

describe("a batch", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("saves every change by itself, each on the one before", async () => {
    const { saves } = open();
    await screen.findByLabelText(`How many of ${QUICHE}`);
    expect(screen.getByText("1 pie, 2 pieces")).toBeTruthy();
    type(`How many of ${QUICHE}`, "3");
    await waitFor(() => expect(saves()).toHaveLength(1));
    await screen.findByText(/^Saved/);
    type("Heat of the kitchen", "27 °C");
    await waitFor(() => expect(saves()).toHaveLength(2));
    expect(saves().map((one) => one.basedOn)).toEqual([1, 2]);
    expect(saves()[1]?.batch).toMatchObject({ kitchenCelsius: 27, lines: [{ count: 3 }] });
  });

  it("undoes and does again, and saves that too", async () => {
    const { saves } = open();
    await screen.findByLabelText(`How many of ${QUICHE}`);
    type(`How many of ${QUICHE}`, "3");
    await waitFor(() => expect(saves()).toHaveLength(1));
    fireEvent.click(screen.getByRole("button", { name: "Undo" }));
    await waitFor(() => expect(saves().at(-1)?.batch.lines[0]?.count).toBe(2));
    fireEvent.click(screen.getByRole("button", { name: "Redo" }));
    await waitFor(() => expect(saves().at(-1)?.batch.lines[0]?.count).toBe(3));
  });

  it("does not take what is no number of pies", async () => {
    const { saves } = open();
    await screen.findByLabelText(`How many of ${QUICHE}`);
    type(`How many of ${QUICHE}`, "a few");
    await waitFor(() =>
      expect(screen.getByLabelText(`How many of ${QUICHE}`).getAttribute("aria-invalid")).toBe("true"),
    );
    expect(saves()).toEqual([]);
  });

  it("overwrites nothing that somebody else saved meanwhile; undo brings back what was changed here", async () => {
    const theirs = newBatch("Theirs", [newLine(PIE, 5)]);
    let isTheirs = false;
    const { saves } = open([], {
      "GET /batches/b": () => json(isTheirs ? stored(theirs, 7) : stored(newBatch("Saturday", [newLine(PIE, 2)]), 1)),
      "PUT /batches/b": (body: { basedOn: number; batch: Batch }) =>
        body.basedOn === 7 ? json(stored(body.batch, 8)) : problem(409, "clash"),
    });
    await screen.findByLabelText(`How many of ${QUICHE}`);
    isTheirs = true;
    type(`How many of ${QUICHE}`, "3");
    expect(await screen.findByText("It was changed meanwhile. Your change is not saved.")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "As it is now" }));
    const shown = () => (screen.getByLabelText(`How many of ${QUICHE}`) as HTMLInputElement).value;
    await waitFor(() => expect(shown()).toBe("5"));
    expect(screen.queryByText(/changed meanwhile/)).toBeNull();
    expect(saves()).toHaveLength(1);
    fireEvent.click(screen.getByRole("button", { name: "Undo" }));
    await waitFor(() => expect(shown()).toBe("3"));
    await waitFor(() => expect(saves().at(-1)).toMatchObject({ basedOn: 7, batch: { lines: [{ count: 3 }] } }));
  });

  it("makes so much less dough of what is left over, and takes that back with it", async () => {
    const { asked, saves } = open([trimmings]);
    const before = await screen.findByRole("region", { name: "Left over from before" });
    fireEvent.click(within(before).getByRole("button", { name: "Use Shortcrust, trimmings, 97 g in this batch" }));
    expect(await within(before).findByText("Shortcrust, trimmings, 97 g: used. So much less is made.")).toBeTruthy();
    await waitFor(() =>
      expect(saves().at(-1)?.batch.doughs).toMatchObject([{ dough: "shortcrust", fromBeforeGrams: 97 }]),
    );
    fireEvent.click(within(before).getByRole("button", { name: "Undo" }));
    await waitFor(() => expect(saves().at(-1)?.batch.doughs[0]?.fromBeforeGrams).toBe(0));
    expect(asked.filter((one) => one.what.endsWith("/gone")).map((one) => one.body)).toEqual([
      { gone: "used" },
      { gone: "there" },
    ]);
  });

  it("only ticks off what is no dough of it, and offers nothing that is past its date", async () => {
    const filling: Leftover = { ...trimmings, id: "f", kept: "cooked-filling", says: "Leeks, 200 g", food: null };
    const puff: Leftover = { ...trimmings, id: "p", says: "Puff, 300 g", food: "puff" };
    const old: Leftover = { ...trimmings, id: "o", says: "Old, 90 g", isPast: true };
    const { asked, saves } = open([filling, puff, old]);
    const before = await screen.findByRole("region", { name: "Left over from before" });
    expect(within(before).queryByText(/Old/)).toBeNull();
    fireEvent.click(within(before).getByRole("button", { name: "Use Puff, 300 g in this batch" }));
    expect(await within(before).findByText("Puff, 300 g: used.")).toBeTruthy();
    fireEvent.click(within(before).getByRole("button", { name: "Use Leeks, 200 g in this batch" }));
    expect(await within(before).findByText("Leeks, 200 g: used.")).toBeTruthy();
    expect(asked.filter((one) => one.what.endsWith("/gone"))).toHaveLength(2);
    expect(saves()).toEqual([]);
  });
});

describe("the batches of a kitchen", () => {
  afterEach(() => vi.unstubAllGlobals());
  const summary = { id: "b", name: "Saturday", pies: 7, pieces: 34, savedBy: "Ada", savedAt: "2026-11-26T10:00:00Z" };

  it("say what a batch is where there is none, and begin one", async () => {
    const made = newBatch("New batch", []);
    const { asked } = open(
      [],
      {
        "GET /batches": () => json({ batches: [] }),
        "POST /batches": () => json(stored(made, 1)),
      },
      "batches",
    );
    expect(await screen.findByText(/A batch is what is made together/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "New batch" }));
    await screen.findByLabelText("Name of the batch");
    expect(asked.find((one) => one.what.startsWith("POST"))?.body).toEqual({ basedOn: 0, batch: made });
  });

  it("are put away and taken out again", async () => {
    const { asked } = open(
      [],
      { "GET /batches": () => json({ batches: [summary] }), "POST /away": () => json({}) },
      "batches",
    );
    fireEvent.click(await screen.findByRole("button", { name: /Put .*away/i }));
    expect(await screen.findByText("Saturday is put away.")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Undo" }));
    await waitFor(() =>
      expect(asked.filter((one) => one.what.endsWith("/away")).map((one) => one.body)).toEqual([
        { away: true },
        { away: false },
      ]),
    );
  });

  it("say why one was not begun, and stay", async () => {
    open(
      [],
      { "GET /batches": () => json({ batches: [summary] }), "POST /batches": () => problem(503, "busy") },
      "batches",
    );
    await screen.findByText("Saturday");
    fireEvent.click(screen.getByRole("button", { name: "New batch" }));
    expect(await screen.findByText("Mend of busy.")).toBeTruthy();
    expect(screen.getByText("Saturday")).toBeTruthy();
  });
});
