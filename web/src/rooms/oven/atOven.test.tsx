import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { json, problem, server, session, showAt } from "../../../test/kitchen";
import { button, item, live, MINUTE, type OvenEvent, pie, press, stand, type Told, wentIn } from "../../../test/oven";
import type { BakeAtOven, LiveBake } from "../../api/client";
import AtOven from "./AtOven";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("what is not hot, and what is said twice", () => {
  it("takes the whole screen when it is out too early, and goes back in", async () => {
    const hot = {
      state: "not-measured",
      isHot: false,
      isSurelyNot: true,
      backInMinutes: 25,
      middleCelsius: 42,
      isMeasured: false,
      safeCelsius: 71,
      says: ["Cut none."],
    } as const;
    const { pressed } = stand(
      [pie("b")],
      [
        live("b", [wentIn(13), { kind: "done", what: "out", at: Date.now() - MINUTE }], {
          hot: { ...hot, says: [...hot.says] },
        }),
      ],
    );
    expect((await screen.findByRole("alert")).textContent).toContain("Not hot enough");
    await press("Back in");
    await waitFor(() => expect(pressed().at(-1)).toEqual(["back-in", "", "", 25]));
    await waitFor(() => expect(screen.queryByText("Not hot enough")).toBeNull());
  });

  it("asks which of two is right, and undoes the other", async () => {
    const event = (id: string, pressedBy: string): OvenEvent => ({
      id,
      kind: "in",
      leg: "bake",
      what: "",
      answer: "",
      value: null,
      at: Date.now() - MINUTE,
      pressedBy,
    });
    const dispute = {
      says: "Two of you said when it went in. Which is right?",
      counts: event("c", "Ada"),
      other: event("o", "Ben"),
    };
    const { pressed } = stand([pie("b")], [live("b", [wentIn(1)], { disputes: [dispute] })]);
    expect((await screen.findByText(/Which is right/)).textContent).toBeTruthy();
    await press(/^Ben/);
    await waitFor(() => expect(pressed().at(-1)).toEqual(["undo", "c", "", null]));
  });
});

describe("the gate", () => {
  it("says what is wrong and stops once, with its price; then it goes in as it is", async () => {
    const { pressed } = stand([pie("b")]);
    expect(await screen.findByText("waits for 2 things")).toBeTruthy();
    await press("It is in");
    const stop = await screen.findByRole("alert");
    expect(stop.textContent).toContain("Stopped once: Wrong: oven-hot");
    expect(stop.textContent).toContain("A soggy base.");
    expect(stop.textContent).toContain("And 1 more not looked at.");
    await waitFor(() => expect(pressed().map((one) => one[0])).toEqual(["stopped", "stopped"]));
    fireEvent.click(within(stop).getByRole("button", { name: "In as it is" }));
    await waitFor(() => expect(pressed().at(-1)).toEqual(["in", "", "", null]));
    expect(pressed()).toHaveLength(3);
  });

  it("is ticked and unticked by touch, and goes in without a stop when all is right", async () => {
    const { pressed } = stand([
      pie("b", { legs: [{ ...(pie("b").legs[0] as BakeAtOven["legs"][number]), gate: [item("vented")] }] }),
    ]);
    fireEvent.click(await screen.findByRole("checkbox", { name: /vented/ }));
    await waitFor(() =>
      expect(screen.getByRole("checkbox", { name: /vented/ }).getAttribute("aria-checked")).toBe("true"),
    );
    fireEvent.click(screen.getByRole("checkbox", { name: /vented/ }));
    await waitFor(() => expect(screen.getByText("waits: Wrong: vented")).toBeTruthy());
    fireEvent.click(screen.getByRole("checkbox", { name: /vented/ }));
    await press("It is in");
    await waitFor(() => expect(pressed().map((one) => one[0])).toEqual(["tick", "untick", "tick", "in"]));
    expect(screen.queryByRole("alert")).toBeNull();
  });

  it("calls an oven cold by its thermometer, waits for its heat, and logs what it read", async () => {
    const { pressed } = stand([pie("b")], [live("b", [{ kind: "tick", what: "vented" }])], {
      reads: { probeCelsius: null, ovenCelsius: 166 },
    });
    const row = await screen.findByRole("checkbox", { name: /oven-hot/ });
    await waitFor(() => expect(row.textContent).toContain("cold"));
    await press("It is in");
    const stop = await screen.findByRole("alert");
    expect(stop.textContent).toContain("Two minutes more.");
    fireEvent.click(within(stop).getByRole("button", { name: /Wait to/ }));
    await waitFor(() => expect(pressed().at(-1)?.slice(0, 2)).toEqual(["later", "in"]));
    expect(pressed().at(-1)?.[3]).toBeCloseTo(3, 1);
    expect(await screen.findByText(/goes in at/)).toBeTruthy();
    await press("In as it is");
    await waitFor(() =>
      expect(pressed().slice(-2)).toEqual([
        ["measured", "oven-hot", "", 166],
        ["in", "", "", null],
      ]),
    );
  });

  it("finds an oven at heat by its thermometer without a tick", async () => {
    stand([pie("b")], [live("b", [{ kind: "tick", what: "vented" }])], {
      reads: { probeCelsius: null, ovenCelsius: 181 },
    });
    expect(await screen.findByText("2 of 2")).toBeTruthy();
  });

  it("tells what was to be thought of since the last time, and can be left", async () => {
    const { pressed } = stand([pie("b", { nextTime: "Press the leeks." })]);
    expect((await screen.findByText("From last time:")).parentElement?.textContent).toContain("Press the leeks.");
    await press("Not baked after all");
    await waitFor(() => expect(pressed()).toEqual([["ended", "", "", null]]));
    expect(await screen.findByText("Nothing is at the oven.")).toBeTruthy();
  });

  it("lets a guest look and not press", async () => {
    const { pressed } = stand([pie("b")], [], { role: "guest" });
    const row = await screen.findByRole("checkbox", { name: /vented/ });
    await waitFor(() => expect(row.getAttribute("aria-disabled")).toBe("true"));
    fireEvent.click(row);
    expect((await button("It is in")).hasAttribute("disabled")).toBe(true);
    expect(pressed()).toEqual([]);
  });
});

describe("in the oven", () => {
  it("shows one clock and the next act, which may be done before its time and undone", async () => {
    const { pressed } = stand([pie("b")], [live("b", [wentIn(5)])]);
    expect((await screen.findByRole("timer")).textContent).toMatch(/^(10:00|9:5\d)$/);
    expect(screen.getByText("Next: now turn, minute 15")).toBeTruthy();
    expect(screen.getByText(/Likely out between/)).toBeTruthy();
    await press("Already turn done");
    await waitFor(() => expect(pressed()).toEqual([["done", "turn", "", null]]));
    expect(await screen.findByText("Next: now look, minute 25")).toBeTruthy();
    await press("Undo “turn done”");
    await waitFor(() => expect(pressed()[1]?.[0]).toBe("undo"));
    expect(await screen.findByText("Next: now turn, minute 15")).toBeTruthy();
  });

  it("gives an act that is due the whole screen, and puts it off by two minutes with all that follows", async () => {
    const { pressed } = stand([pie("b")], [live("b", [wentIn(16)])]);
    expect((await button("Now turn: done")).textContent).toMatch(/(1:0\d|0:59) over/);
    expect(screen.getByText("logs minute 16")).toBeTruthy();
    await press(/\+\s?2/);
    await waitFor(() => expect(pressed()).toEqual([["later", "turn", "", 2]]));
    expect(await screen.findByText("Next: now turn, minute 17")).toBeTruthy();
    await press("Already turn done");
    expect(await screen.findByText("Next: now look, minute 27")).toBeTruthy();
  });

  it("compares with a picture: more than it comes again, like it goes on, less takes it out", async () => {
    const due = [wentIn(26), { kind: "done", what: "turn", at: Date.now() - 11 * MINUTE } as Told];
    const { pressed } = stand([pie("b")], [live("b", due)]);
    expect(await screen.findByText("Look now, minute 26")).toBeTruthy();
    await press(/more than this/);
    // 120 mm less two for each of 26 minutes
    await waitFor(() =>
      expect(pressed()).toEqual([
        ["seen", "look", "more", 68],
        ["later", "look", "", 5],
      ]),
    );
    await press("Look now");
    await press(/like than this/);
    await waitFor(() =>
      expect(pressed().slice(2)).toEqual([
        ["seen", "look", "like", 68],
        ["done", "look", "", null],
      ]),
    );
    cleanup();
    const other = stand([pie("b")], [live("b", due)]);
    await press(/less than this/);
    await waitFor(() =>
      expect(other.pressed()).toEqual([
        ["seen", "look", "less", 68],
        ["done", "look", "", null],
        ["done", "out", "", null],
      ]),
    );
    expect(await screen.findByText(/Next: now rested/)).toBeTruthy();
  });

  it("is judged when all is done, and goes off the screen", async () => {
    const done = (what: string, minutesAgo: number): Told => ({
      kind: "done",
      what,
      at: Date.now() - minutesAgo * MINUTE,
    });
    const { pressed } = stand(
      [pie("b")],
      [live("b", [wentIn(60), done("turn", 45), done("look", 35), done("out", 30), done("rested", 15)])],
    );
    expect(await screen.findByText("Leek quiche is done.")).toBeTruthy();
    expect(screen.getByRole("link", { name: "Judge it" }).getAttribute("href")).toBe("/k/k/book/b/judge");
    await press("Off the screen");
    await waitFor(() => expect(pressed()).toEqual([["ended", "", "", null]]));
  });

  it("tells how the probe runs, and what it says of safety; the clock alone says nothing of it", async () => {
    const trace = [{ minute: 4, celsius: 31 }] as unknown as LiveBake["trace"];
    stand([pie("b")], [live("b", [wentIn(5)], { trace, movedMinutes: 3.2 })]);
    expect(await screen.findByText(/The probe runs 3 min behind the forecast/)).toBeTruthy();
    expect(screen.getByText("The core was not measured.")).toBeTruthy();
    cleanup();
    stand([pie("b")], [live("b", [wentIn(5)], { movedMinutes: -2 })]);
    expect(await screen.findByText(/By what was seen it runs 2 min ahead of the forecast/)).toBeTruthy();
    expect(screen.queryByText("The core was not measured.")).toBeNull();
  });

  it("asks for the probe where raw meat is in it, and moves it over from another pie", async () => {
    stand([pie("b", { asksProbe: true })], [live("b", [wentIn(5)])]);
    expect(await screen.findByText(/Raw meat or fish is in it: measure the core. No probe answers./)).toBeTruthy();
    cleanup();
    const { pressed, asked } = stand(
      [pie("b"), pie("c", { name: "Pasties" })],
      [live("b", [wentIn(5)]), live("c", [wentIn(4), { kind: "plugged" }], { isPlugged: true })],
      { reads: { probeCelsius: 40, ovenCelsius: null }, at: "?bake=b" },
    );
    await press("Probe over into this one");
    await waitFor(() => expect(pressed().map((one) => one[0])).toEqual(["unplugged", "plugged"]));
    const where = asked.filter((one) => one.what.endsWith("/events")).map((one) => one.what.match(/bakes\/(\w)/)?.[1]);
    expect(where).toEqual(["c", "b"]);
  });
});

describe("several pies, or none", () => {
  it("shows the one that is due first, and the others with the time to their next act", async () => {
    stand(
      [pie("b", { name: "Leek quiche" }), pie("c", { name: "Chicken and tarragon pasties" })],
      [live("b", [wentIn(2)]), live("c", [wentIn(9)])],
    );
    const seat = (name: string) =>
      screen.getByRole("button", { name, current: "page" }).closest("nav")?.getAttribute("aria-label");
    await waitFor(() => expect(seat("Chicken")).toBe("Pies at the oven"));
    expect(screen.getByText("Also at the oven")).toBeTruthy();
    const other = screen.getByRole("button", { name: /Leek quiche.*to now turn/ });
    expect(other.textContent).toMatch(/1[23]:\d\d/);
    fireEvent.click(other);
    await waitFor(() => expect(seat("Leek quiche")).toBe("Pies at the oven"));
  });

  it("says where pies come from when there are none", async () => {
    stand([]);
    expect(await screen.findByText("Nothing is at the oven.")).toBeTruthy();
    expect(screen.getByRole("link", { name: "Oven day" }).getAttribute("href")).toBe("/k/k/days");
  });

  it("says what went wrong where the server does not tell, and has nothing kept", async () => {
    localStorage.clear();
    server({
      "GET /session": () => json(session()),
      "GET /at-oven": () => problem(500, "broken"),
      "GET /live": () => problem(500, "broken"),
    });
    showAt("/k/:kitchen/at-oven", "/k/k/at-oven", <AtOven />);
    expect(await screen.findByText("What is at the oven could not be asked.")).toBeTruthy();
  });

  it("keeps the sound as it was chosen on this device", async () => {
    stand([pie("b")]);
    await press("Sound off");
    expect((await button("Sound on")).getAttribute("aria-pressed")).toBe("true");
    cleanup();
    const kept = localStorage.getItem("hojaldre.oven-sound");
    stand([pie("b")]);
    expect(kept).toBe("on");
  });
});
