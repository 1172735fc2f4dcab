import { act, renderHook, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { forecast, json, problem, revision, server, trout, wrapper } from "../../../test/kitchen";
import type { Pie, PieDesign, TypedEntry } from "../../api/client";
import { setAt } from "../../pie/pointer";
import { track } from "../../ui/pending";
import type { Draft } from "./draft";
import { useBench } from "./useBench";

const pie = (number = 1): Pie => ({
  id: "p",
  archived: false,
  revision: revision(number),
  design: trout(),
  nextTime: "",
  forecast: forecast(),
});
const typed = (words: string): TypedEntry => ({ at: "/name", kind: "mass", words, food: null });
/** An answer of the server that puts the words themselves down. */
const edit = ({ at, entry }: { at: string; entry: { words: string } | null }) => ({
  entry: null,
  changes: entry ? [{ at, to: entry.words }] : [],
  forecast: forecast({ name: "rough", bake: null }),
});
const named = (name: string) => (design: PieDesign) => setAt(design, "/name", name);

function bench(answers: Parameters<typeof server>[0] = {}, draft: Draft | null = null, opened = pie()) {
  const asked = server({
    "POST /forecast": () => json(forecast({ name: "worked out" })),
    "POST /edits": (body) => json(edit(body)),
    ...answers,
  });
  const hook = renderHook(() => useBench("k", opened, draft), { wrapper });
  return { asked, hook, now: () => hook.result.current };
}

describe("one pie on the bench", () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.unstubAllGlobals());

  it("begins saved, with the forecast that came with it and without asking for another", async () => {
    const { asked, now } = bench();
    expect(now().saveState).toBe("saved");
    expect(now().forecast.data.name).toBe("Smoked trout and leek quiche");
    await new Promise((resolve) => setTimeout(resolve, 60));
    expect(asked).toEqual([]);
  });

  it("forecasts a change, marks it unsaved and keeps it on the device", async () => {
    const { now } = bench();
    act(() => now().change(named("Mine")));
    expect(now().saveState).toBe("changed");
    await waitFor(() => expect(now().forecast.data.name).toBe("worked out"));
    await waitFor(() => expect(Object.values(localStorage).some((kept) => String(kept).includes('"Mine"'))).toBe(true));
  });

  it("is unchanged again once the change is undone, and drops the draft", async () => {
    const { now } = bench();
    act(() => now().change(named("Mine")));
    act(() => now().undo());
    expect(now().saveState).toBe("saved");
    expect(now().canRedo).toBe(true);
    await waitFor(() => expect(Object.keys(localStorage)).toEqual([]));
  });

  it("shows what is being typed without making it a step to undo", async () => {
    const { now } = bench({ "POST /edits": (body) => json(edit(body)) });
    act(() => now().preview(typed("Half typed")));
    await waitFor(() => expect(now().design.name).toBe("Half typed"));
    expect([now().present.name, now().canUndo]).toEqual(["Smoked trout and leek quiche", false]);
    act(() => now().preview(null));
    expect(now().design.name).toBe("Smoked trout and leek quiche");
  });

  it("asks once for words that were shown while typed and then kept, and has their forecast with them", async () => {
    const { asked, now } = bench({ "POST /edits": (body) => json(edit(body)) });
    act(() => now().preview(typed("Typed")));
    await waitFor(() => expect(now().design.name).toBe("Typed"));
    await act(async () => void (await now().enter(typed("Typed"))));
    expect([now().present.name, now().canUndo]).toEqual(["Typed", true]);
    expect(asked.filter((one) => one.what.endsWith("/edits"))).toHaveLength(1);
  });

  it("leaves the design alone where words are refused, and hands back what to write", async () => {
    const refusal = { code: "unit-missing", at: "/entry/words", mend: "24 what?" };
    const { now } = bench({ "POST /edits": () => problem(422, "unit-missing", { refusals: [refusal] }) });
    let got: unknown;
    await act(async () => {
      got = await now().enter(typed("24"));
    });
    expect(got).toEqual({ ok: false, mend: "24 what?" });
    expect(now().canUndo).toBe(false);
  });

  it("puts words down on what was done before them, whatever answers when, and saves what comes of it", async () => {
    const answers: (() => void)[] = [];
    const { asked, now } = bench({
      "POST /edits": (body) =>
        body.entry ? new Promise((done) => answers.push(() => done(json(edit(body))))) : json(edit(body)),
      "POST /revisions": () => json(pie(2)),
    });
    act(() => {
      void now().enter(typed("First typed"));
      now().change((design) => setAt(design, "/portions", 3));
      void now().save();
    });
    expect([now().present.name, now().present.portions]).toEqual(["Smoked trout and leek quiche", 3]);
    await waitFor(() => expect(answers).toHaveLength(1));
    await act(async () => answers[0]?.());
    await waitFor(() => expect(asked.some((one) => one.what.endsWith("/revisions"))).toBe(true));
    const sent = asked.find((one) => one.what.endsWith("/revisions"))?.body as { design: PieDesign };
    expect([sent.design.name, sent.design.portions]).toEqual(["First typed", 3]);
  });

  it("saves on top of the revision it began with, and the next time on top of that", async () => {
    let number = 1;
    const { asked, now } = bench({ "POST /revisions": () => json({ ...pie(++number) }) });
    act(() => now().change(named("First")));
    await act(() => now().save());
    expect([now().saveState, now().revision.number]).toEqual(["saved", 2]);
    act(() => now().change(named("Second")));
    await act(() => now().save());
    const saves = asked.filter((one) => one.what.endsWith("/revisions")).map((one) => one.body as { basedOn: number });
    expect(saves.map((one) => one.basedOn)).toEqual([1, 2]);
    act(() => now().undo());
    expect(now().saveState).toBe("changed");
  });

  it("waits for an entry that is still being read before it saves, and saves nothing where nothing changed", async () => {
    const { asked, now } = bench({ "POST /revisions": () => json(pie(2)) });
    await act(() => now().save());
    expect(asked.filter((one) => one.what.endsWith("/revisions"))).toEqual([]);
    await act(async () => {
      void track(new Promise((resolve) => setTimeout(resolve, 40)).then(() => now().change(named("Typed last"))));
      await now().save();
    });
    const saves = asked.filter((one) => one.what.endsWith("/revisions"));
    expect(saves.map((one) => (one.body as { design: PieDesign }).design.name)).toEqual(["Typed last"]);
    expect(now().saveState).toBe("saved");
  });

  it("tells a clash from a failure, and keeps the work in both", async () => {
    let answer = () => problem(409, "clash", { revision: revision(2) });
    const { now } = bench({ "POST /revisions": () => answer() });
    act(() => now().change(named("Mine")));
    await act(() => now().save());
    expect([now().clash?.number, now().saveState, now().present.name]).toEqual([2, "changed", "Mine"]);
    answer = () => problem(500, "fault");
    await act(() => now().save());
    expect(now().saveState).toMatchObject({ failed: { code: "fault" } });
    act(() => now().takeTheirs({ ...pie(2), design: setAt(trout(), "/name", "Theirs") }));
    expect([now().clash, now().present.name, now().saveState === "changed"]).toEqual([null, "Theirs", false]);
    act(() => now().undo());
    expect(now().present.name).toBe("Mine");
  });

  it("opens a draft as a change that can be undone, and says at once that somebody saved meanwhile", () => {
    const draft = { design: setAt(trout(), "/name", "Kept"), basedOn: 1, at: "2026-11-25T10:42:00Z" };
    const { now } = bench({}, draft, pie(3));
    expect([now().present.name, now().clash?.number, now().canUndo]).toEqual(["Kept", 3, true]);
  });

  it("keeps the last good forecast, marked stale, when the design is refused", async () => {
    const refusal = { code: "out-of-range", at: "/portions", mend: "Write 1 to 500." };
    const refused = () => problem(422, "out-of-range", { refusals: [refusal] });
    const { now } = bench({ "POST /forecast": refused, "POST /edits": refused });
    act(() => now().change((design) => setAt(design, "/portions", 0)));
    await waitFor(() => expect(now().forecast.refusals).toEqual([refusal]));
    expect(now().forecast.stale).toBe(true);
    expect(now().forecast.data.name).toBe("Smoked trout and leek quiche");
  });
});

describe("a forecast that comes twice", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("is rough at first, says so, keeps the curves there are, and is fine in the end", async () => {
    let release: () => void = () => {};
    const held = new Promise<void>((resolve) => {
      release = resolve;
    });
    const { now } = bench({
      "POST /forecast": async () => {
        await held;
        return json(forecast({ name: "fine" }));
      },
    });
    act(() => now().change(named("Mine")));
    await waitFor(() => expect(now().forecast.data.name).toBe("rough"));
    expect([now().forecast.rough, now().forecast.stale]).toEqual([true, true]);
    expect(now().forecast.data.bake).toEqual(forecast().bake);
    act(() => release());
    await waitFor(() => expect(now().forecast.data.name).toBe("fine"));
    expect([now().forecast.rough, now().forecast.stale]).toEqual([false, false]);
  });

  it("asks for nothing where the answer is known, as after an undo", async () => {
    const { asked, now } = bench();
    act(() => now().change(named("Mine")));
    await waitFor(() => expect(now().forecast.data.name).toBe("worked out"));
    await waitFor(() => expect(now().forecast.rough).toBe(false));
    const before = asked.length;
    act(() => now().undo());
    await waitFor(() => expect(now().forecast.data.name).toBe("Smoked trout and leek quiche"));
    expect(asked.length).toBe(before);
  });

  it("loses no change of two that come before the screen is drawn", () => {
    const { now } = bench();
    act(() => {
      now().change(named("Mine"));
      now().change((design) => setAt(design, "/portions", 3));
    });
    expect([now().present.name, now().present.portions]).toEqual(["Mine", 3]);
  });
});
