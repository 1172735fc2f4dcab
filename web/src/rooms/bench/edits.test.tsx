import { act, cleanup, renderHook, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { forecast, json, problem, revision, server, trout, wrapper } from "../../../test/kitchen";
import type { Pie, PieDesign, TypedEntry } from "../../api/client";
import { seeded } from "../../draw/random";
import { setAt } from "../../pie/pointer";
import { useBench } from "./useBench";

const pie = (): Pie => ({
  id: "p",
  archived: false,
  revision: revision(1),
  design: trout(),
  forecast: forecast(),
  nextTime: "",
});
const later = (ms: number) => new Promise((done) => setTimeout(done, ms));

const WAY_OUT = 6;

type Now = () => ReturnType<typeof useBench>;
type Body = { design: PieDesign; at: string; entry: { words: string } | null };

/** A server that does what was asked to the design that was sent, and takes its time. Words with a question mark it refuses. */
function kitchen(wait: () => Promise<unknown>) {
  return server({
    "POST /forecast": async () => {
      await wait();
      return json(forecast());
    },
    "POST /edits": async ({ design, at, entry }: Body) => {
      await wait();
      if (entry?.words.includes("?")) return problem(422, "unit-missing");
      // what comes back depends on what was sent, as grams do on the food
      const to = entry && { words: entry.words, grams: entry.words.length + design.portions };
      return json({ entry: null, changes: to ? [{ at, to }] : [], forecast: forecast({ bake: null }) });
    },
    "POST /scale": async ({ design }: Body) => {
      await wait();
      const portions = (design.portions % 9) + 1;
      return json({ ...design, portions, name: `${design.name.slice(0, 20)}, ${portions}` });
    },
    "POST /revisions": async () => {
      await wait();
      return json({ ...pie(), revision: revision(2) });
    },
  });
}

const typed = (at: string, words: string): TypedEntry => ({ at, kind: "mass", words, food: null });
const AMOUNTS = ["/layers/0/bought", "/layers/2/eggs/0/amount", "/layers/2/dairies/0/amount", "/seasonings/0/amount"];

/** One thing a cook does, by the dice: it begins at once and may end much later. A way out is pressed when its readings are there, so nothing is out then. */
function one(now: Now, n: number, kind: number, dice: () => number): unknown {
  const at = AMOUNTS[Math.floor(dice() * AMOUNTS.length)] as string;
  switch (kind) {
    case 0:
      return now().change((design) => setAt(design, "/notes", `${design.notes.slice(-40)} ${n}`));
    case 1:
      return now().change((design) => setAt(design, "/portions", (design.portions * 3 + n) % 50 || 1));
    case 2:
      return now().undo();
    case 3:
      return now().redo();
    case 4:
      return { ends: now().ask((design) => scaled(design)) };
    case 5:
      return { ends: now().save() };
    case WAY_OUT:
      return now().put([{ at: "/crust/seal", to: n % 2 ? "egg" : "none" }], now().present);
    case 7:
      return { ends: now().enter(typed(at, `${n} what?`)) };
    default:
      return { ends: now().enter(typed(at, `${n} g`)) };
  }
}

const scaled = async (design: PieDesign): Promise<PieDesign> => {
  const headers = { "Content-Type": "application/json" };
  const request = new Request("http://kitchen.test/scale", {
    method: "POST",
    headers,
    body: JSON.stringify({ design }),
  });
  return (await fetch(request)).json();
};

const settled = (now: Now) => waitFor(() => expect(now().forecast.stale).toBe(false));

async function work(seed: string, acts: number, wait: () => Promise<unknown>, pause: () => Promise<unknown>) {
  localStorage.clear();
  const asked = kitchen(wait);
  const hook = renderHook(() => useBench("k", pie(), null), { wrapper });
  const now: Now = () => hook.result.current;
  const dice = seeded(seed);
  const ends: Promise<unknown>[] = [];
  for (let n = 1; n <= acts; n++) {
    const kind = Math.floor(dice() * 9);
    if (kind === WAY_OUT) await waitFor(() => Promise.all(ends)).then(() => settled(now));
    await act(async () => {
      const begun = one(now, n, kind, dice) as { ends?: Promise<unknown> } | undefined;
      if (begun?.ends) ends.push(begun.ends);
      await pause();
    });
  }
  await act(async () => void (await Promise.all(ends)));
  const saves = asked
    .filter((call) => call.what.endsWith("/revisions"))
    .map((call) => call.body as { design: PieDesign });
  const end = {
    present: now().present,
    saved: saves.map((save) => save.design),
    undo: now().canUndo,
    redo: now().canRedo,
  };
  cleanup();
  vi.unstubAllGlobals();
  return end;
}

describe("one edit after another, on any line", () => {
  afterEach(() => vi.unstubAllGlobals());

  it.each(["leeks", "trout", "custard", "crust", "sage", "fennel", "nutmeg", "cider"])(
    "ends and saves what the same acts without delays end and save (%s)",
    async (seed) => {
      const none = () => Promise.resolve();
      // without delays every act ends before the next begins
      const straight = await work(seed, 18, none, () => later(12));
      const dice = seeded(`${seed}, on a bad line`);
      const delayed = await work(
        seed,
        18,
        () => later(dice() * 14),
        () => (dice() < 0.6 ? none() : later(dice() * 6)),
      );
      expect(delayed).toEqual(straight);
    },
    30_000,
  );
});
