import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { json, problem, server, show } from "../../../test/kitchen";
import { Keeps } from "./Keeps";

const one = {
  id: "l",
  kept: "baked-pies",
  place: "freezer",
  says: "Leek quiche, 3",
  grams: null,
  food: null,
  putOn: "2026-11-27",
  useBy: "2027-01-26",
  isPast: false,
  putBy: "Ada",
};

describe("the fridge and the freezer in the stores", () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("say what lies there since when, by whom, and until when", async () => {
    server({ "GET /leftovers": () => json({ leftovers: [one] }) });
    show(<Keeps kitchen="k" mayWrite />);
    expect((await screen.findByRole("listitem")).textContent).toContain(
      "Leek quiche, 3freezer since 27 Nov, by Adause by 26 Jan",
    );
  });

  it("say where things come from while nothing is there", async () => {
    server({ "GET /leftovers": () => json({ leftovers: [] }) });
    show(<Keeps kitchen="k" mayWrite />);
    expect(
      await screen.findByText("Nothing. Leftovers are put away in Prep, baked pies in the bake book."),
    ).toBeTruthy();
  });

  it("forget what was used, and bring it back with one press", async () => {
    let there = [one];
    const asked = server({
      "GET /leftovers": () => json({ leftovers: there }),
      "PUT /gone": ({ gone }) => {
        there = gone === "there" ? [one] : [];
        return json({});
      },
    });
    show(<Keeps kitchen="k" mayWrite />);
    fireEvent.click(await screen.findByRole("button", { name: "Leek quiche, 3: used" }));
    expect(await screen.findByText("Leek quiche, 3: used.")).toBeTruthy();
    await waitFor(() => expect(screen.queryByRole("listitem")).toBeNull());
    fireEvent.click(screen.getByRole("button", { name: "Undo" }));
    expect(await screen.findByRole("listitem")).toBeTruthy();
    expect(asked.filter((call) => call.what.startsWith("PUT")).map((call) => call.body)).toEqual([
      { gone: "used" },
      { gone: "there" },
    ]);
  });

  it("are looked at by a guest, and say when they did not come", async () => {
    server({ "GET /leftovers": () => json({ leftovers: [one] }) });
    show(<Keeps kitchen="k" mayWrite={false} />);
    expect(within(await screen.findByRole("listitem")).queryByRole("button")).toBeNull();
    cleanup();
    server({ "GET /leftovers": () => problem(500, "broken") });
    show(<Keeps kitchen="k" mayWrite />);
    expect((await screen.findByRole("alert")).textContent).toBe("Mend of broken.");
  });
});
