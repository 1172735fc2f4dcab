import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { lesson } from "../../../test/bake";
import { json, problem, server, session, showAt } from "../../../test/kitchen";
import type { Lesson } from "../../api/client";
import { Causes } from "./Causes";
import { Learned } from "./Learned";

const book = { bakes: [], found: 0, filters: [], firstAt: null, lastAt: null, inRange: 9, out: 12 };

const open = (
  lessons: Lesson[],
  answers: Parameters<typeof server>[0] = {},
  { left = 0, role = "owner" as "owner" | "guest" } = {},
) => {
  const asked = server({
    "GET /session": () => json(session(role)),
    "GET /lessons": () => json({ lessons, left }),
    ...answers,
  });
  showAt("/k/:kitchen/book", "/k/k/book", <Learned kitchen="k" book={book} />);
  return { decided: () => asked.filter((one) => one.what.startsWith("PUT")).map((one) => one.body), asked };
};
const part = (thing: string) => screen.findByRole("region", { name: `Name of ${thing}` });

describe("what the kitchen has learned", () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("is told with its range, its evidence and what it would change, and is used by nobody yet", async () => {
    open([lesson("oven:a")]);
    const offered = await part("oven:a");
    expect(offered.textContent).toContain("12 °C cold");
    expect(offered.textContent).toContain("9 to 15, from 7 bakes");
    expect(offered.textContent).toContain("Dials are told 12 °C higher.");
    expect(offered.textContent).not.toContain("Used since");
  });

  it("is accepted with one press, and taken back with another", async () => {
    const accepted = lesson("oven:a", { state: "accepted", decidedAt: "2026-11-27T09:00:00Z" });
    const { decided } = open([lesson("oven:a")], {
      "PUT /lessons": ({ state }) => json({ lessons: [state === "accepted" ? accepted : lesson("oven:a")], left: 0 }),
    });
    fireEvent.click(within(await part("oven:a")).getByRole("button", { name: "Accept" }));
    fireEvent.click(await screen.findByRole("button", { name: "Undo" }));
    expect(await screen.findByRole("button", { name: "Accept" })).toBeTruthy();
    expect(decided()).toEqual([
      { thing: "oven:a", state: "accepted" },
      { thing: "oven:a", state: "offered" },
    ]);
  });

  it("that is refused shrinks to a line and can be brought back", async () => {
    const { decided } = open([lesson("salt", { state: "refused" })], {
      "PUT /lessons": () => json({ lessons: [lesson("salt")], left: 0 }),
    });
    expect(await screen.findByText("12 °C cold, 7 bakes")).toBeTruthy();
    expect(screen.queryByRole("img")).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: "Bring back" }));
    expect(await part("salt")).toBeTruthy();
    expect(decided()).toEqual([{ thing: "salt", state: "offered" }]);
  });

  it("works out new bakes while somebody looks, but not for a guest", async () => {
    const { asked } = open([], { "POST /lessons": () => json({ lessons: [lesson("oven:a")], left: 0 }) }, { left: 3 });
    expect(await part("oven:a")).toBeTruthy();
    expect(asked.filter((one) => one.what.startsWith("POST"))).toHaveLength(1);
    cleanup();
    const guest = open([lesson("oven:a")], {}, { left: 3, role: "guest" });
    const offered = await part("oven:a");
    await waitFor(() => expect(within(offered).queryByRole("button")).toBeNull());
    expect(screen.getByText("Working out what 3 more bakes say")).toBeTruthy();
    expect(guest.decided()).toEqual([]);
  });

  it("says when a decision was not kept, when nothing is learned, and how good the forecasts were", async () => {
    open([lesson("oven:a")], { "PUT /lessons": () => problem(409, "changed") });
    fireEvent.click(within(await part("oven:a")).getByRole("button", { name: "Refuse" }));
    expect((await screen.findByRole("alert")).textContent).toBe("Mend of changed.");
    expect(screen.getByText("Minutes in the range, 9 of 12 bakes.")).toBeTruthy();
    cleanup();
    open([]);
    expect(await screen.findByText("Nothing yet. Judged bakes and weighings teach it.")).toBeTruthy();
  });
});

const cause = (name: string, likely: number, baked = ["Base soggy to dry."]) => ({
  cause: name,
  name: `Cause ${name}`,
  likely,
  for: ["It speaks for it."],
  against: ["Nothing in the record speaks against it."],
  check: "Look at it.",
  nextTime: `Mend ${name}.`,
  // biome-ignore lint/suspicious/noThenProperty: the word of the API
  then: baked,
});

describe("why it went wrong", () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  const why = (
    causes: object[],
    more: object = {},
    props: { mayWrite?: boolean; nextTime?: string } = {},
    others: object[] = [],
  ) => {
    const apply = vi.fn();
    const finding = { troubles: ["soggy base"], causes, ruledOut: [], none: 0.1, ...more };
    server({ "GET /causes": () => json({ findings: [finding, ...others] }) });
    showAt(
      "*",
      "/",
      <Causes
        kitchen="k"
        bake="b"
        judged=""
        apply={apply}
        nextTime={props.nextTime ?? ""}
        mayWrite={props.mayWrite ?? true}
        doubt={null}
      />,
    );
    return apply;
  };

  it("ranks causes, each with for, against, what to check and the change as it was baked", async () => {
    why([cause("a", 0.62), cause("b", 0.21, [])], { ruledOut: ["The filling went in hot: it was ticked."] });
    const first = await screen.findByRole("region", { name: "Cause a" });
    expect(first.textContent).toContain("1 Cause a6 in 10");
    expect(first.textContent).toContain("Baked so: Base soggy to dry.");
    expect(screen.getByRole("region", { name: "Cause b" }).textContent).toContain("Not simulated.");
    expect(screen.getByText("The filling went in hot: it was ticked.")).toBeTruthy();
    expect(screen.getByText("None of these: 1 in 10.")).toBeTruthy();
  });

  it("puts a change into the line for next time, and says which one stands there", async () => {
    const apply = why([cause("a", 0.6), cause("b", 0.3)], {}, { nextTime: "Mend b." });
    await screen.findByRole("region", { name: "Cause a" });
    expect((screen.getByRole("button", { name: "Stands" }) as HTMLButtonElement).disabled).toBe(true);
    fireEvent.click(screen.getByRole("button", { name: "Apply" }));
    expect(apply).toHaveBeenCalledWith("Mend a.");
  });

  it("looks into what has a cause of its own by itself, and says so where none is known", async () => {
    const salty = { troubles: ["too salt"], causes: [cause("b", 0.9)], ruledOut: [], none: 0.1 };
    why([cause("a", 0.6)], {}, {}, [salty, { troubles: ["hollow"], causes: [], ruledOut: [], none: 1 }]);
    expect((await screen.findAllByRole("heading")).map((one) => one.textContent)).toEqual([
      "Why: soggy base",
      "Why: too salt",
      "Why: hollow",
    ]);
    expect(screen.getByRole("region", { name: "Cause b" }).textContent).toContain("1 Cause b9 in 10");
    expect(screen.getByText("No cause is known for it in such a pie.")).toBeTruthy();
    expect(screen.getAllByRole("button", { name: "Apply" })).toHaveLength(2);
  });

  it("says that nothing went wrong, and changes nothing for a guest", async () => {
    server({ "GET /causes": () => json({ findings: [] }) });
    showAt("*", "/", <Causes kitchen="k" bake="b" judged="" apply={vi.fn()} nextTime="" mayWrite doubt={null} />);
    expect(await screen.findByText("Nothing went wrong, by what was judged.")).toBeTruthy();
    cleanup();
    why([cause("a", 0.6)], { none: 0.01 }, { mayWrite: false });
    expect(await screen.findByText("None of these: hardly.")).toBeTruthy();
    expect(screen.queryByRole("button")).toBeNull();
  });
});
