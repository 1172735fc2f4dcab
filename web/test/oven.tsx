import { fireEvent, screen } from "@testing-library/react";
import type { BakeAtOven, GateItem, LiveBake, OvenAct } from "../src/api/client";
import AtOven from "../src/rooms/oven/AtOven";
import { json, section, server, session, showAt } from "./kitchen";

export const MINUTE = 60_000;

export type OvenEvent = LiveBake["events"][number];

export const item = (name: GateItem["name"], change: Partial<GateItem> = {}): GateItem => ({
  name,
  title: `Right: ${name}`,
  stop: `Wrong: ${name}`,
  asks: "",
  yes: "",
  wantedCelsius: null,
  costs: [{ atCelsius: null, says: `Price of ${name}.`, waitMinutes: null }],
  mend: `Mend ${name}.`,
  ...change,
});
const hotOven = item("oven-hot", {
  wantedCelsius: 175,
  costs: [
    { atCelsius: 165, says: "Two minutes more.", waitMinutes: 3 },
    { atCelsius: 120, says: "A soggy base.", waitMinutes: 9 },
  ],
});

const act = (name: OvenAct["name"], minute: number, change: Partial<OvenAct> = {}): OvenAct => ({
  id: name,
  name,
  minute,
  isAfterOut: false,
  title: `Now ${name}`,
  done: `${name} done`,
  says: `How to ${name}.`,
  answers: [],
  cue: null,
  ...change,
});
const answer = (code: string, change: Partial<OvenAct["answers"][number]> = {}) => ({
  code,
  title: `${code} than this`,
  says: `What follows of ${code}.`,
  againMinutes: null,
  movesOutMinutes: 0,
  takesOut: false,
  ...change,
});
const look = act("look", 25, {
  cue: "tremble",
  answers: [answer("more", { againMinutes: 5 }), answer("like"), answer("less", { takesOut: true })],
});

export const pie = (id: string, change: Partial<BakeAtOven> = {}): BakeAtOven => ({
  id,
  pie: "p",
  name: "Leek quiche",
  count: 1,
  oven: "Galley",
  plannedAt: null,
  nextTime: "",
  section,
  legs: [
    {
      name: "bake",
      gate: [hotOven, item("vented")],
      acts: [act("turn", 15), look, act("out", 30), act("rested", 12, { isAfterOut: true })],
    },
  ],
  setsAtCelsius: 78,
  overCelsius: 87,
  safeCelsius: 71,
  asksProbe: false,
  safeMinute: 28,
  band: Array.from({ length: 60 }, (_, minute) => ({ celsius: [0, 1, 2, 3, 4].map((i) => minute + i) })),
  trembleMm: Array.from({ length: 60 }, (_, minute) => Math.max(0, 120 - 2 * minute)),
  readyTrembleMm: 55,
  ...change,
});

export type Told = Pick<OvenEvent, "kind"> & Partial<OvenEvent>;
export const live = (id: string, told: Told[], change: Partial<LiveBake> = {}): LiveBake => ({
  id,
  events: told.map((one, n) => ({
    id: `00000000-0000-4000-8000-00000000000${n}`,
    leg: "bake",
    what: "",
    answer: "",
    value: null,
    at: Date.now(),
    pressedBy: "Ada",
    ...one,
  })),
  movedMinutes: 0,
  outMinute: 30,
  lowMinute: 27,
  highMinute: 34,
  isPlugged: false,
  trace: [],
  leftOut: 0,
  leftOutSays: "",
  safety: { state: "not-measured", says: "The core was not measured." } as unknown as LiveBake["safety"],
  cooling: null,
  hot: null,
  disputes: [],
  ...change,
});
export const wentIn = (minutesAgo: number): Told => ({ kind: "in", at: Date.now() - minutesAgo * MINUTE });

export const stand = (
  bakes: BakeAtOven[],
  lives: LiveBake[] = [],
  { reads = { probeCelsius: null, ovenCelsius: null } as object, role = "owner" as "owner" | "guest", at = "" } = {},
) => {
  localStorage.clear();
  const now = bakes.map((one) => lives.find((each) => each.id === one.id) ?? live(one.id, []));
  const asked = server({
    "GET /session": () => json(session(role)),
    "GET /at-oven": () => json({ bakes }),
    "GET /at-oven/live": () => json({ bakes: now }),
    "GET /thermometers": () => json(reads),
    "POST /events": ({ events }: { events: OvenEvent[] }) => {
      // what was sent is in the log from then on
      now.find((one) => asked.at(-1)?.what.includes(`/bakes/${one.id}/`))?.events.push(...events);
      return json({});
    },
    "POST /readings": () => json({}),
  });
  showAt("/k/:kitchen/at-oven", `/k/k/at-oven${at}`, <AtOven />);
  const pressed = () =>
    asked
      .filter((one) => one.what.endsWith("/events"))
      .flatMap((one) => (one.body as { events: OvenEvent[] }).events)
      .map(({ kind, what, answer: seen, value }) => [kind, what, seen, value]);
  return { asked, pressed };
};
export const button = (name: string | RegExp) => screen.findByRole("button", { name });
export const press = async (name: string | RegExp) => fireEvent.click(await button(name));
