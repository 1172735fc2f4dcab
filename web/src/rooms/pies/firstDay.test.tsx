import { fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { json, server, show } from "../../../test/kitchen";
import { EmptyTin } from "./EmptyTin";

const session = (role: "owner" | "cook", kitchen: string, name: string) => ({
  csrfToken: "t",
  user: { name, email: "owner@kitchen.example", units: {}, ovenWords: [], places: [] },
  kitchens: [{ id: "k", name: kitchen, role }],
});

const answers = (who: ReturnType<typeof session>, has: { tins?: unknown[]; ovens?: unknown[]; members?: unknown[] }) =>
  server({
    "GET /session": () => json(who),
    "GET /tins": () => json({ tins: has.tins ?? [] }),
    "GET /ovens": () => json({ ovens: has.ovens ?? [] }),
    "GET /people": () => json({ members: has.members ?? [{}], invites: [], newLink: null }),
  });

const done = () => [...document.querySelectorAll("[data-done=true] a")].map((one) => one.textContent);

describe("a kitchen without pies", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("tells its first owner what it wants, with nothing of it done", async () => {
    answers(session("owner", "My kitchen", "Owner"), {});
    show(<EmptyTin kitchen="k" mayWrite begin={() => {}} />);
    expect(await screen.findByText("Measure your tins")).toBeTruthy();
    await waitFor(() => expect(document.querySelectorAll("[data-done]")).toHaveLength(5));
    expect(done()).toEqual([]);
  });

  it("ticks off what is done, in any order", async () => {
    answers(session("owner", "The Weir House", "Ada"), { tins: [{}], members: [{}, {}] });
    show(<EmptyTin kitchen="k" mayWrite begin={() => {}} />);
    await waitFor(() =>
      expect(done()).toEqual(["Say who you are", "Name the kitchen", "Measure your tins", "Invite who cooks with you"]),
    );
  });

  it("tells a cook of it only how a pie begins, and a guest not even that", async () => {
    answers(session("cook", "The Weir House", "Ben"), {});
    const begin = vi.fn();
    const { rerender } = show(<EmptyTin kitchen="k" mayWrite begin={begin} />);
    fireEvent.click(screen.getByRole("button", { name: "New pie" }));
    expect(begin).toHaveBeenCalledOnce();
    await waitFor(() => expect(fetch).toHaveBeenCalled());
    expect(screen.queryByText("Measure your tins")).toBeNull();
    rerender(<EmptyTin kitchen="k" mayWrite={false} begin={begin} />);
    expect(screen.queryByRole("button", { name: "New pie" })).toBeNull();
  });
});
