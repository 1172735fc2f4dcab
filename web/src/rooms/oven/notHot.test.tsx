import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { json, section, server, session, showAt } from "../../../test/kitchen";
import type { BakeAtOven, Hot } from "../../api/client";
import type { LegState } from "./log";
import { NotHot } from "./NotHot";

const MINUTE = 60_000;

const hot = (change: Partial<Hot> = {}): Hot => ({
  state: "not-measured",
  isHot: false,
  isSurelyNot: true,
  backInMinutes: 10,
  middleCelsius: 64,
  isMeasured: false,
  safeCelsius: 71,
  says: ["Cut none, serve none."],
  ...change,
});

function show(of: Hot, mayWrite = true) {
  const now = new Date("2026-12-02T11:02:00").getTime();
  const acts = { backIn: vi.fn(), measured: vi.fn(), undo: vi.fn(), goOn: vi.fn() };
  server({ "GET /session": () => json(session("owner")) });
  const state = { inAt: now - 58 * MINUTE, outAt: now } as LegState;
  showAt(
    "*",
    "/",
    <NotHot
      bake={{ name: "Pork pie", section } as BakeAtOven}
      state={state}
      hot={of}
      now={now}
      mayWrite={mayWrite}
      {...acts}
    />,
  );
  return acts;
}

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("a pie that is out and not hot", () => {
  it("says so large, with what its middle has and how long it goes back in", () => {
    const acts = show(hot());
    const said = screen.getByRole("alert");
    for (const words of ["Not hot enough", "64 °C in the middle", "safe from 71", "out again at 11:12", "minute 58"]) {
      expect(said.textContent).toContain(words);
    }
    expect(screen.getByRole("img", { name: "Now 64, safe from 71" })).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Back in" }));
    expect(acts.backIn).toHaveBeenCalledWith(10);
    fireEvent.click(screen.getByRole("button", { name: /Undo/ }));
    expect(acts.undo).toHaveBeenCalledOnce();
    fireEvent.click(screen.getByRole("button", { name: "It is not eaten" }));
    expect(acts.goOn).toHaveBeenCalledOnce();
  });

  it("takes a measurement, and refuses one that no pie has", async () => {
    const acts = show(hot({ isSurelyNot: false }));
    expect(screen.getByRole("alert").textContent).toContain("Not surely hot");
    fireEvent.click(screen.getByRole("button", { name: "Measure it" }));
    const field = screen.getByLabelText(/half way down/);
    fireEvent.change(field, { target: { value: "740" } });
    fireEvent.keyDown(field, { key: "Enter" });
    expect(await screen.findByText(/Write a number from 0 to 120/)).toBeTruthy();
    expect(acts.measured).not.toHaveBeenCalled();
    fireEvent.change(field, { target: { value: "74,5" } });
    fireEvent.keyDown(field, { key: "Enter" });
    await waitFor(() => expect(acts.measured).toHaveBeenCalledWith(74.5));
  });

  it("names no minutes where nobody can say them, and shows a guest no buttons", () => {
    show(hot({ backInMinutes: null }), false);
    expect(screen.getByRole("alert").textContent).toContain("Measure its middle");
    expect(screen.queryByRole("button")).toBeNull();
  });
});
