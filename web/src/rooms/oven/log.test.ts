import { readFileSync } from "node:fs";
import { expect, test } from "vitest";
import type { OvenAct, OvenEventWish, OvenLeg } from "../../api/client";
import { actAt, isPlugged, legState, nextAct } from "./log";

const IN = 1_000_000_000;
const act = (name: OvenAct["name"], minute: number, isAfterOut = false): OvenAct => ({
  id: name,
  name,
  minute,
  isAfterOut,
  title: name,
  done: name,
  says: "",
  answers: [],
  cue: null,
});
const leg: OvenLeg = {
  name: "bake",
  gate: [],
  acts: [act("turn", 15), act("look", 25), act("out", 30), act("rested", 12, true)],
};
type Row = [OvenEventWish["kind"], string, number, number | null, string];
const events = (rows: Row[]): OvenEventWish[] =>
  rows.map(([kind, what, minute, value, answer], index) => ({
    id: `e${index}`,
    kind,
    leg: "bake",
    what,
    answer,
    value,
    at: IN + minute * 60_000,
  }));

// the same cases as those of OvenLog in the core: the two must never part
const cases = JSON.parse(readFileSync("core/tests/AtOven/data/logs.json", "utf8"));

test.each(cases as { says: string; events: Row[]; [key: string]: unknown }[])("$says", (one) => {
  const state = legState(leg, events(one.events), one.movedMinutes as number);
  expect(state.acts.map((each) => each.minute)).toEqual(one.minutes);
  expect(state.acts.map((each) => each.doneMinute)).toEqual(one.done);
  expect([...state.ticked]).toEqual(one.ticked);
  expect([...state.stopped]).toEqual(one.stopped);
  const minuteOf = (at: number | null) => (at === null ? null : (at - IN) / 60_000);
  expect(minuteOf(state.inAt)).toBe(one.inMinute);
  expect(minuteOf(state.outAt)).toBe(one.outMinute);
});

test("the next act is the first that is open; what comes after the oven waits until it is out", () => {
  const inside = legState(leg, events([["in", "", 0, null, ""]]));
  expect(nextAct(inside)?.act.id).toBe("turn");
  const out = legState(
    leg,
    events([
      ["in", "", 0, null, ""],
      ["done", "out", 30, null, ""],
    ]),
  );
  expect(nextAct(out)?.act.id).toBe("rested");
  expect(actAt(out, out.acts[3] as never)).toBe(IN + 42 * 60_000);
  expect(actAt(legState(leg, []), inside.acts[0] as never)).toBeNull();
});

test("the probe is in while nobody took it out", () => {
  expect(isPlugged([])).toBe(false);
  expect(isPlugged(events([["plugged", "", 0, null, ""]]))).toBe(true);
  expect(
    isPlugged(
      events([
        ["plugged", "", 0, null, ""],
        ["unplugged", "", 1, null, ""],
      ]),
    ),
  ).toBe(false);
});
