import type { BakeAtOven, OvenAct, OvenEventWish, OvenLeg } from "../../api/client";

/** The log of a bake, read on the device: the same arithmetic as OvenLog in the core, so that a press counts at once and without a line. */
export type ActState = { act: OvenAct; minute: number; doneMinute: number | null; answer: string };
export type LegState = {
  leg: OvenLeg;
  ticked: Set<string>;
  stopped: Set<string>;
  inAt: number | null;
  outAt: number | null;
  acts: ActState[];
};

const MINUTE_MS = 60_000;

/** Without those that were undone. */
export function standing(events: OvenEventWish[]): OvenEventWish[] {
  const undone = new Set(events.filter((one) => one.kind === "undo").map((one) => one.what));
  // what was pressed without a line comes late; it happened when it was pressed
  return events.filter((one) => one.kind !== "undo" && !undone.has(one.id)).sort((a, b) => a.at - b.at);
}

/** What the presses of one leg come to, kind by kind. */
function gather(events: OvenEventWish[], leg: OvenLeg["name"]) {
  const own = standing(events).filter((one) => one.leg === leg);
  const of = (kind: OvenEventWish["kind"]) => own.filter((one) => one.kind === kind);
  const ticked = new Set<string>();
  for (const one of own) {
    if (one.kind === "tick") ticked.add(one.what);
    if (one.kind === "untick") ticked.delete(one.what);
  }
  return {
    ticked,
    stopped: new Set(of("stopped").map((one) => one.what)),
    inAt: of("in").at(-1)?.at ?? null,
    ...outAndBack(own),
    later: of("later"),
    answers: new Map(of("seen").map((one) => [one.what, one.answer])),
  };
}

/** What was done; a pie that went back in is not out, and stays so many minutes from then on. */
function outAndBack(own: OvenEventWish[]) {
  const done = new Map<string, number>();
  let backUntil: number | null = null;
  for (const one of own) {
    if (one.kind === "done" && !done.has(one.what)) done.set(one.what, one.at);
    if (one.kind === "back-in" && done.delete("out")) backUntil = one.at + (one.value ?? 0) * MINUTE_MS;
  }
  return { done, backUntil };
}

export function legState(leg: OvenLeg, events: OvenEventWish[], movedMinutes = 0): LegState {
  const { ticked, stopped, inAt, done, backUntil, later, answers } = gather(events, leg.name);
  const outAt = done.get("out") ?? null;
  // what is put off puts off what comes after it, as long as that is in the oven too
  const putOff = (act: OvenAct, index: number) =>
    later.reduce((sum, one) => {
      const from = leg.acts.findIndex((each) => each.id === one.what);
      return from >= 0 && index >= from && act.isAfterOut === leg.acts[from]?.isAfterOut ? sum + (one.value ?? 0) : sum;
    }, 0);
  const outMinute = (minute: number) =>
    backUntil === null || inAt === null ? minute : Math.max(minute, (backUntil - inAt) / MINUTE_MS);
  const acts = leg.acts.map((act, index) => {
    const since = act.isAfterOut ? outAt : inAt;
    const at = done.get(act.id);
    return {
      act,
      minute:
        act.id === "out" ? outMinute(act.minute + movedMinutes + putOff(act, index)) : act.minute + putOff(act, index),
      doneMinute: at === undefined || since === null ? null : (at - since) / MINUTE_MS,
      answer: answers.get(act.id) ?? "",
    };
  });
  return { leg, ticked, stopped, inAt, outAt, acts };
}

/** When an act comes, by the clock; null while the leg is not in. */
export function actAt(state: LegState, one: ActState): number | null {
  const since = one.act.isAfterOut ? state.outAt : state.inAt;
  return since === null ? null : since + one.minute * MINUTE_MS;
}

/** The leg that is before, in or after the oven now: the first that is not out, else the last. */
export function present(bake: BakeAtOven, events: OvenEventWish[], movedMinutes: number): LegState {
  const states = bake.legs.map((leg) => legState(leg, events, leg.name === "bake" ? movedMinutes : 0));
  const found = states.find((one) => one.outAt === null) ?? states.at(-1);
  if (!found) throw new Error("A bake has at least one leg.");
  return found;
}

/** The first act that is to come; the acts after the oven only once it is out. */
export function nextAct(state: LegState): ActState | null {
  const open = state.acts.filter((one) => one.doneMinute === null && (!one.act.isAfterOut || state.outAt !== null));
  const [first] = state.outAt === null ? open : open.filter((one) => one.act.isAfterOut);
  return first ?? null;
}

/** A probe is in it. */
export const isPlugged = (events: OvenEventWish[]) =>
  standing(events).findLast((one) => one.kind === "plugged" || one.kind === "unplugged")?.kind === "plugged";
