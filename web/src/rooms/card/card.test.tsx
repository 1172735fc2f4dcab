import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { fireEvent, render, screen } from "@testing-library/react";
import { MemoryRouter, Route, Routes } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { forecast, json, problem, revision, server, trout } from "../../../test/kitchen";
import { system } from "../../ui/theme";
import CardRoom from "./Card";

const session = (temperatures: string) => ({
  user: { name: "Ada", email: "a@b.example", units: { volumes: "metric", temperatures, eggs: "us" }, ovenWords: [] },
  kitchens: [],
  csrfToken: "t",
});
const pie = (change: object = {}) => ({
  id: "p",
  archived: false,
  revision: revision(3),
  design: trout(),
  forecast: forecast(change),
});

function open(answers: Parameters<typeof server>[0], at = "/k/k/card/p") {
  server({ "GET /session": () => json(session("celsius")), "POST /shell": () => json({ shell: null }), ...answers });
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
        <MemoryRouter initialEntries={[at]}>
          <Routes>
            <Route path="/k/:kitchen/card/:pie" element={<CardRoom />} />
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>,
  );
}

describe("the card for the wall", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("has stages, times as ranges, cues and cautions, and nothing that is not in the plan", async () => {
    open({ "GET /pies/p": () => json(pie()) });
    const bake = await screen.findByRole("region", { name: "Bake" });
    expect(bake.textContent).toContain("37–45 min");
    expect(bake.textContent).toContain("It moves as one piece.");
    expect(bake.textContent).not.toContain("golden");
    expect(screen.getByRole("region", { name: "Shell" }).textContent).toContain("weighted 15 min");
    expect(screen.getByRole("region", { name: "Mind" }).textContent).toContain("Contains egg, milk.");
  });

  it("has what goes in for as many pies as are asked for, and how it is made, in order", async () => {
    const asked: string[] = [];
    open({
      "GET /pies/p": () => json(pie()),
      "POST /bill": ({ tins }) =>
        json({
          tins,
          lines: [
            { food: "leeks", name: "Leeks", words: "", grams: 450 * tins, cost: null },
            { food: "shortcrust", name: "Shortcrust", words: "", grams: 300.6 * tins, cost: null },
          ],
          cost: null,
          costOfAPortion: null,
          unpriced: 2,
        }),
      "GET /recipe": () => {
        asked.push("recipe");
        return json({
          file: "quiche",
          text: "",
          linked: "",
          ingredients: ["249 g shortcrust", "3 medium leeks (450 g)"],
          method: ["Roll the pastry 3 mm thick and line the tin.", "Whisk eggs and cream and pour over."],
        });
      },
    });
    const made = await screen.findByRole("region", { name: "How it is made" });
    expect([...made.querySelectorAll("li")].map((one) => one.textContent)).toEqual([
      "Roll the pastry 3 mm thick and line the tin.",
      "Whisk eggs and cream and pour over.",
    ]);
    expect(screen.getByRole("region", { name: "What goes in" }).textContent).toContain("3 medium leeks (450 g)");
    expect(await screen.findByText("Roll out 301 g of shortcrust: the trimmings are in it.")).toBeTruthy();
    const count = screen.getByLabelText("How many pies");
    fireEvent.change(count, { target: { value: "3" } });
    fireEvent.keyDown(count, { key: "Enter" });
    await screen.findByText(/24 portions/);
    expect(asked.length).toBeGreaterThan(1);
    fireEvent.change(count, { target: { value: "three hundred" } });
    fireEvent.keyDown(count, { key: "Enter" });
    expect((await screen.findAllByRole("status")).length).toBeGreaterThan(0);
    expect((count as HTMLInputElement).value).toBe("three hundred");
  });

  it("can be the shell alone or the bake alone, and keeps the cautions", async () => {
    open({ "GET /pies/p": () => json(pie()) });
    fireEvent.click(await screen.findByRole("button", { name: "shell only" }));
    expect(screen.queryByRole("region", { name: "Bake" })).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: "bake only" }));
    expect(screen.queryByRole("region", { name: "Shell" })).toBeNull();
    expect(screen.getByRole("region", { name: "Mind" }).textContent).toContain("Local food rules come first.");
  });

  it("opens as it was asked for in its address", async () => {
    open({ "GET /pies/p": () => json(pie()) }, "/k/k/card/p?show=shell");
    expect((await screen.findByRole("button", { name: "shell only" })).getAttribute("aria-pressed")).toBe("true");
  });

  it("tells ovens as the server words them, and the dial of an oven that runs cold", async () => {
    const design = { ...trout(), bake: { ...trout().bake, oven: { name: "Old", runsByKelvins: -12 } } };
    const dials = ["396 °F", "396 °F", "369 °F"];
    const stages = forecast().bake?.stages.map((stage) => ({ ...stage, oven: stage.oven && "347 °F" }));
    const told = pie({ bake: { ...forecast().bake, stages }, dials });
    open({ "GET /pies/p": () => json({ ...told, design }) });
    expect((await screen.findAllByText(/347 °F/)).length).toBeGreaterThan(0);
    expect(screen.getByRole("region", { name: "Bake" }).textContent).toContain("dial of Old at 369 °F");
  });

  it("says that there is nothing to bake yet, and what went wrong when it does not open", async () => {
    open({ "GET /pies/p": () => json(pie({ bake: null })) });
    expect(await screen.findByText(/nothing to bake yet/)).toBeTruthy();
  });

  it("offers to try again when it does not open", async () => {
    open({ "GET /pies/p": () => problem(404, "not-found") });
    expect(await screen.findByText("This card did not open.")).toBeTruthy();
    expect(screen.getByRole("button", { name: "Try again" })).toBeTruthy();
  });
});
