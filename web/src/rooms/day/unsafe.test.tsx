import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { json, server, showAt } from "../../../test/kitchen";
import type { DayPlan } from "../../api/client";
import { Unsafe } from "./Unsafe";

const warning = (change: Partial<DayPlan["warnings"][number]> = {}): DayPlan["warnings"][number] => ({
  pie: "p",
  name: "Pasties",
  says: ["Not safe at 32 min: its middle has 74 °C by 34 min."],
  safeMinutes: 34,
  ...change,
});

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("a day with a pie whose minutes are not safe", () => {
  it("says so first, and gives it the safe minutes with one press, and takes that back", async () => {
    const design = { bake: { stages: [{ minutes: 20 }, { minutes: 12 }] } };
    const asked = server({
      "GET /pies/p": () => json({ design, revision: { number: 3 } }),
      "POST /pies/p/revisions": () => json({ design, revision: { number: 4 } }),
    });
    showAt("*", "/", <Unsafe kitchen="k" warnings={[warning()]} mayWrite />);
    expect(screen.getByRole("alert").textContent).toContain("Not safe at 32 min");
    fireEvent.click(screen.getByRole("button", { name: "Bake it 34 min" }));
    expect(await screen.findByText(/Pasties: 34 min in the oven/)).toBeTruthy();
    const sent = () => asked.filter((one) => one.what.startsWith("POST")).map((one) => one.body);
    expect(sent()).toEqual([{ basedOn: 3, design: { bake: { stages: [{ minutes: 20 }, { minutes: 14 }] } } }]);
    fireEvent.click(screen.getByRole("button", { name: /Undo/ }));
    await waitFor(() => expect(sent()).toHaveLength(2));
    expect(sent()[1]).toEqual({ basedOn: 4, design });
  });

  it("offers no minutes where nobody knows any, nor to a guest", () => {
    server({});
    showAt(
      "*",
      "/",
      <Unsafe kitchen="k" warnings={[warning({ safeMinutes: null }), warning({ pie: "q" })]} mayWrite={false} />,
    );
    expect(screen.getAllByRole("alert")).toHaveLength(2);
    expect(screen.queryByRole("button")).toBeNull();
  });
});
