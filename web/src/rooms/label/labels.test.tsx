import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { enter, forecast, json, problem, revision, server, session, showAt, trout } from "../../../test/kitchen";
import type { Label } from "../../api/client";
import { today } from "../../ui/numbers";
import Labels from "./Labels";

const label = (change: Partial<Label> = {}): Label => ({
  name: "Smoked trout and leek quiche",
  soldAs: "chilled",
  ingredients: [
    { text: "Leeks, Egg (", isBold: false },
    { text: "egg", isBold: true },
    { text: ")", isBold: false },
  ],
  contains: ["egg"],
  containsOfNine: ["egg"],
  checks: [],
  madeOn: "2026-11-27",
  useBy: "2026-11-30",
  isPast: false,
  keep: ["Keep at 5 °C or below."],
  eat: ["Eat cold."],
  pieces: 8,
  pieceGrams: 172,
  nutrients: [{ name: "Fat", of100g: "11 g", ofPiece: "18 g", range: "16 to 21 g" }],
  ...change,
});

const pie = { id: "p", archived: false, revision: revision(1), design: trout(), forecast: forecast(), nextTime: "" };

const open = (answers: Parameters<typeof server>[0] = {}) => {
  const asked = server({
    "GET /session": () => json(session()),
    "GET /pies/p": () => json(pie),
    "POST /labels": () => json(label()),
    ...answers,
  });
  showAt("/k/:kitchen/labels/pie/:pie", "/k/k/labels/pie/p", <Labels />);
  return asked;
};

/** The label that is seen; those for paper are hidden from a screen. */
const seen = async () => (await screen.findAllByRole("article"))[0] as HTMLElement;
const button = (name: string) => screen.getByRole("button", { name }) as HTMLButtonElement;

describe("labels", () => {
  beforeEach(() => {
    vi.stubGlobal("print", vi.fn());
  });
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("show allergens in bold, the use-by, how to keep it and what a piece feeds", async () => {
    open();
    const paper = await seen();
    expect(paper.querySelector("p strong")?.textContent).toBe("egg");
    expect(paper.textContent).toContain("Ingredients: Leeks, Egg (egg).");
    expect(paper.textContent).toContain("Use by Mon, 30 Nov 2026 · Baked Fri, 27 Nov 2026 · 172 g");
    expect(paper.textContent).toContain("Keep at 5 °C or below.");
    expect(paper.textContent).toContain("Fat11 g18 g16 to 21 g");
    expect(paper.textContent).toContain("By calculation from tables.");
  });

  it("are asked for as baked today and chilled, one for each portion, and are printed", async () => {
    const asked = open();
    await seen();
    expect(asked.find((one) => one.what.endsWith("/labels"))?.body).toMatchObject({
      soldAs: "chilled",
      madeOn: today(),
    });
    expect((screen.getByLabelText("How many labels") as HTMLInputElement).value).toBe("8");
    expect(document.querySelectorAll("article")).toHaveLength(1 + 8);
    fireEvent.click(button("Print"));
    expect(print).toHaveBeenCalledOnce();
  });

  it("have a number of their own; a wrong one says what to write", async () => {
    open();
    await seen();
    enter(screen.getByLabelText("How many labels"), "3");
    await waitFor(() => expect(document.querySelectorAll("article")).toHaveLength(1 + 3));
    enter(screen.getByLabelText("How many labels"), "a few");
    expect(await screen.findByText("Write a whole number from 1 to 200.")).toBeTruthy();
    expect(document.querySelectorAll("article")).toHaveLength(1 + 3);
  });

  it("say made and bake by for what is sold unbaked", async () => {
    open({
      "POST /labels": ({ soldAs }) => json(label({ soldAs })),
    });
    await seen();
    fireEvent.click(button("frozen, unbaked"));
    await waitFor(async () => expect((await seen()).textContent).toContain("Bake by Mon, 30 Nov 2026 · Made Fri"));
    expect(screen.getByText("Made on")).toBeTruthy();
  });

  it("are not printed for what cannot be sold so: the reason stands at its place", async () => {
    open({
      "POST /labels": ({ soldAs }) =>
        soldAs === "chilled"
          ? json(label())
          : problem(422, "not-from-frozen", {
              refusals: [{ code: "not-from-frozen", at: "/soldAs", mend: "Raw custard parts as it thaws." }],
            }),
    });
    await seen();
    fireEvent.click(button("frozen, unbaked"));
    expect((await screen.findByRole("alert")).textContent).toBe("Raw custard parts as it thaws.");
    expect(document.querySelectorAll("article")).toHaveLength(0);
    expect(button("Print").disabled).toBe(true);
    expect(button("As a PDF").disabled).toBe(true);
    fireEvent.click(button("chilled"));
    await waitFor(() => expect(button("Print").disabled).toBe(false));
  });

  it("wait for a date: the use-by counts from it", async () => {
    open();
    await seen();
    fireEvent.change(screen.getByLabelText("Baked or made on"), { target: { value: "" } });
    expect(screen.getByText("Choose a date: the use-by counts from it.")).toBeTruthy();
    expect(button("Print").disabled).toBe(true);
  });

  it("are not printed when the use-by is past", async () => {
    open({ "POST /labels": () => json(label({ isPast: true })) });
    expect((await screen.findByRole("alert")).textContent).toContain("Its use-by is past.");
    expect(button("Print").disabled).toBe(true);
    expect(button("As a PDF").disabled).toBe(true);
  });

  it("come as a file with the same wish, and say when it was not made", async () => {
    let refuses = true;
    const asked = open({
      "POST /label-sheets": () =>
        refuses
          ? problem(422, "use-by-past")
          : new Response("%PDF-1.7", { headers: { "Content-Type": "application/pdf" } }),
    });
    await seen();
    fireEvent.click(button("one to a page"));
    fireEvent.click(button("As a PDF"));
    expect(await screen.findByText("Mend of use-by-past.")).toBeTruthy();
    refuses = false;
    const made = vi.fn(() => "blob:labels");
    Object.assign(URL, { createObjectURL: made, revokeObjectURL: vi.fn() });
    const pressed = vi.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(() => {});
    fireEvent.click(button("As a PDF"));
    await waitFor(() => expect(pressed).toHaveBeenCalledOnce());
    expect(made).toHaveBeenCalledOnce();
    expect(asked.findLast((one) => one.what.endsWith("/label-sheets"))?.body).toMatchObject({
      count: 8,
      isSheet: false,
      label: { soldAs: "chilled", madeOn: today() },
    });
    await waitFor(() => expect(screen.queryByText("Mend of use-by-past.")).toBeNull());
  });

  it("of a pie that is gone say so and lead on", async () => {
    open({ "GET /pies/p": () => problem(404, "not-found") });
    const alert = await screen.findByRole("alert");
    expect(alert.textContent).toContain("These labels did not open. Mend of not-found.");
    expect(screen.getByRole("link", { name: "Bake book" }).getAttribute("href")).toBe("/k/k/book");
  });

  it("that could not be worked out say why, and nothing is printed", async () => {
    open({ "POST /labels": () => problem(422, "nothing-to-bake") });
    expect((await screen.findByRole("alert")).textContent).toContain("No label. Mend of nothing-to-bake.");
    expect(button("Print").disabled).toBe(true);
  });
});
