import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { enter, json, problem, server, session, showAt } from "../../../test/kitchen";
import type { Trial } from "../../api/client";
import Trials from "./Trials";

const trial = (change: Partial<Trial> = {}): Trial => ({
  id: "t",
  name: "Which dough?",
  begunBy: "Ada",
  begunAt: "2026-11-27T09:00:00Z",
  pies: [
    { letter: "A", name: "lard", bake: "b1", meanPlace: 1.5, firsts: 1 },
    { letter: "B", name: "butter", bake: null, meanPlace: 1.5, firsts: 1 },
  ],
  tastings: [
    { id: "s", taster: "Mia", bestFirst: "BA" },
    { id: "u", taster: "Ted", bestFirst: "AB" },
  ],
  best: null,
  chance: 1,
  says: "The first place is shared after 2 tasters.",
  differs: "",
  ...change,
});

const open = (answers: Parameters<typeof server>[0] = {}, role: "owner" | "guest" = "owner") => {
  const asked = server({
    "GET /session": () => json(session(role)),
    "GET /trials": () => json({ trials: [trial()] }),
    "GET /bakes": () => json({ bakes: [], filters: [], found: 0, firstAt: null, lastAt: null, inRange: 0, out: 0 }),
    ...answers,
  });
  showAt("/k/:kitchen/book/trials", "/k/k/book/trials", <Trials />);
  return asked;
};
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole("button", { name }));
const one = () => screen.findByRole("region", { name: "Which dough?" });

describe("trials of one change", () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("say what they prove, who said what, and lead to the bakes", async () => {
    open();
    const shown = await one();
    expect(shown.textContent).toContain("The first place is shared after 2 tasters.");
    expect(shown.textContent).toContain("Mia: B, A");
    expect(within(shown).getByRole("link", { name: "lard" }).getAttribute("href")).toBe("/k/k/book/b1");
    expect(within(shown).queryByRole("link", { name: "butter" })).toBeNull();
    expect(within(shown).getByRole("img", { name: "lard: mean place 1.5, butter: mean place 1.5" })).toBeTruthy();
  });

  it("warn when the pies differ in more than one thing", async () => {
    open({ "GET /trials": () => json({ trials: [trial({ differs: "They differ in crust and bake." })] }) });
    expect((await one()).textContent).toContain("They differ in crust and bake.");
  });

  it("hide what the pies are while somebody tastes, and keep the order with the name", async () => {
    const asked = open({ "POST /tastings": () => json(trial()) });
    const shown = await one();
    press("Somebody tastes");
    expect(shown.textContent).not.toContain("lard");
    expect(shown.textContent).not.toContain("shared");
    fireEvent.click(within(shown).getByRole("button", { name: "B" }));
    expect((within(shown).getByRole("button", { name: "Keep it" }) as HTMLButtonElement).disabled).toBe(true);
    enter(screen.getByLabelText("Who tastes"), "Jo");
    await waitFor(() =>
      expect((within(shown).getByRole("button", { name: "Keep it" }) as HTMLButtonElement).disabled).toBe(false),
    );
    press("Keep it");
    await waitFor(() => expect(shown.textContent).toContain("lard"));
    expect(asked.find((call) => call.what.endsWith("/tastings"))?.body).toEqual({ taster: "Jo", bestFirst: "BA" });
  });

  it("that were refused say why and lose nothing that was tapped", async () => {
    open({ "POST /tastings": () => problem(422, "rank-all") });
    const shown = await one();
    press("Somebody tastes");
    press("A");
    enter(screen.getByLabelText("Who tastes"), "Jo");
    await waitFor(() => expect(screen.queryByText("Write your name, then keep it.")).toBeNull());
    press("Keep it");
    expect(await screen.findByText("Mend of rank-all.")).toBeTruthy();
    expect(within(shown).getByRole("button", { name: "A, best" })).toBeTruthy();
    press("Leave it");
    expect(shown.textContent).toContain("lard");
  });

  it("are taken out only after they were asked for once more", async () => {
    const asked = open({ "DELETE /trials/t": () => json({ trials: [] }) });
    await one();
    press("Which dough?: take the trial out");
    press("Keep it as it is");
    expect(asked.some((call) => call.what.startsWith("DELETE"))).toBe(false);
    press("Which dough?: take the trial out");
    press("Take it out for good");
    await waitFor(() => expect(asked.some((call) => call.what === "DELETE /api/kitchens/k/trials/t")).toBe(true));
  });

  it("forget what one taster said with one press", async () => {
    const asked = open({ "DELETE /tastings/s": () => json(trial()) });
    await one();
    press("What Mia said: take it out");
    await waitFor(() => expect(asked.some((call) => call.what.endsWith("/trials/t/tastings/s"))).toBe(true));
  });

  it("begin with a question and two to four pies, each with a name", async () => {
    const asked = open({ "GET /trials": () => json({ trials: [] }), "POST /trials": () => json(trial(), 201) });
    expect(await screen.findByText(/Bake the same pie two to four ways/)).toBeTruthy();
    press("Begin a trial");
    const begins = screen.getByRole("region", { name: "A new trial" });
    const begin = () => within(begins).getByRole("button", { name: "Begin" }) as HTMLButtonElement;
    expect(begin().disabled).toBe(true);
    enter(screen.getByLabelText("What is asked"), "Which fat?");
    enter(screen.getByLabelText("What is tried in A"), "lard");
    await waitFor(() => expect((screen.getByLabelText("What is tried in A") as HTMLInputElement).value).toBe("lard"));
    enter(screen.getByLabelText("What is tried in B"), "butter");
    await waitFor(() => expect(begin().disabled).toBe(false));
    press("One more pie");
    press("One more pie");
    expect(within(begins).queryByRole("button", { name: "One more pie" })).toBeNull();
    expect(begin().disabled).toBe(true);
    press("C: leave it out");
    press("C: leave it out");
    await waitFor(() => expect(begin().disabled).toBe(false));
    fireEvent.click(begin());
    await waitFor(() => expect(screen.queryByRole("region", { name: "A new trial" })).toBeNull());
    expect(asked.find((call) => call.what.startsWith("POST"))?.body).toEqual({
      name: "Which fat?",
      pies: [
        { name: "lard", bake: null },
        { name: "butter", bake: null },
      ],
    });
  });

  it("are looked at by a guest, who changes nothing", async () => {
    open({}, "guest");
    const shown = await one();
    await waitFor(() => expect(within(shown).queryByRole("button")).toBeNull());
    expect(screen.queryByRole("button", { name: "Begin a trial" })).toBeNull();
  });

  it("that did not open are asked for again", async () => {
    let fails = true;
    open({ "GET /trials": () => (fails ? problem(500, "broken") : json({ trials: [trial()] })) });
    await screen.findByText("The trials did not open.");
    fails = false;
    press("Try again");
    expect(await one()).toBeTruthy();
  });
});
