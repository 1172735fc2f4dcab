import type { Day, DayPlan, DayTask } from "../api/client";
import type { DayScale } from "./dayScale";

type Span = { from: number; to: number };
export type ShelfRow = {
  order: string;
  number: number;
  name: string;
  short: string;
  dueMinute: number;
  readyMinute: number;
  lateMinutes: number;
  isTight: boolean;
  dots: number[];
  waits: (Span & { isTight: boolean })[];
  slacks: Span[];
};
export type OvenLane = {
  line: [number, number][];
  labels: { minute: number; celsius: number }[];
  loads: { task: DayTask; from: number; to: number; level: number }[];
  levels: number;
};

const LETTER_PX = 7.6;
const APART_PX = 5;
const NAME_LONG = 24;
const LEAST_SLACK = 4;

/** Orders in the order in which they are wanted, numbered. */
export function numbered(day: Day): { id: string; number: number }[] {
  return [...day.orders]
    .sort((a, b) => a.atMinute - b.atMinute || day.orders.indexOf(a) - day.orders.indexOf(b))
    .map((order, at) => ({ id: order.id, number: at + 1 }));
}

/** What one cook does, with a word where there is room for it. */
export function lanesOf(plan: DayPlan, cook: number, scale: DayScale) {
  const blocks = plan.tasks
    .flatMap((task) =>
      task.hands
        .filter((hand) => hand.cook === cook)
        .map((hand) => ({ task, from: hand.fromMinute, to: hand.toMinute })),
    )
    .sort((a, b) => a.from - b.from);
  // the longest work gets its word first; oven work of a minute stands in the oven already
  const said: [number, number][] = [];
  const words = new Map<(typeof blocks)[number], string>();
  for (const block of [...blocks].sort((a, b) => b.to - b.from - (a.to - a.from))) {
    const word = block.task.short;
    const x = scale.x(block.from);
    const ends = x + (word.length + (block.task.orders.length === 1 ? 2 : 0)) * LETTER_PX;
    const isShort = block.task.heats.length > 0 && block.to - block.from <= 2;
    if (isShort || ends > scale.width || said.some(([from, to]) => x < to + APART_PX && ends > from - APART_PX))
      continue;
    said.push([x, ends]);
    words.set(block, word);
  }
  return blocks.map((block) => ({ ...block, label: words.get(block) ?? "" }));
}

export function shelfRows(plan: DayPlan, day: Day, names: Map<string, string>): ShelfRow[] {
  return numbered(day).map(({ id, number }) => {
    const order = day.orders.find((one) => one.id === id);
    const own = plan.tasks.filter((task) => task.load !== "" && task.orders[0] === id);
    const served = plan.served.find((one) => one.order === id);
    const name = names.get(id) ?? "";
    const [waits, slacks] = between(plan, own);
    const due = order?.atMinute ?? 0;
    const ready = served?.readyMinute ?? due;
    if (due - ready >= LEAST_SLACK) slacks.push({ from: ready, to: due });
    const count = order && order.count > 1 ? ` ×${order.count}` : "";
    return {
      order: id,
      number,
      name: `${name}${count}`,
      short:
        name.length + count.length > NAME_LONG
          ? `${name.slice(0, NAME_LONG - count.length - 1).trim()}…${count}`
          : `${name}${count}`,
      dueMinute: due,
      readyMinute: ready,
      lateMinutes: served?.lateMinutes ?? 0,
      isTight: own.some((task) => task.isTight),
      dots: [...new Set(own.flatMap((task) => [task.startMinute, task.endMinute]))],
      waits,
      slacks,
    };
  });
}

/** Between two tasks of one load: what must be waited, and what is left over. */
function between(plan: DayPlan, own: DayTask[]): [ShelfRow["waits"], Span[]] {
  const by = new Map(own.map((task) => [task.id, task]));
  const waits: ShelfRow["waits"] = [];
  const slacks: Span[] = [];
  for (const bound of plan.bounds) {
    const [from, to] = [by.get(bound.from), by.get(bound.to)];
    if (!from || !to || from.load !== to.load) continue;
    const waited = from.endMinute + bound.leastMinutes;
    if (bound.leastMinutes > 0)
      waits.push({ from: from.endMinute, to: Math.min(waited, to.startMinute), isTight: from.isTight && to.isTight });
    // whisked custard waits in a bowl, not on the shelf
    if (to.startMinute - waited >= LEAST_SLACK && from.kind !== "whisk")
      slacks.push({ from: waited, to: to.startMinute });
  }
  return [waits, slacks];
}

export function ovenLane(plan: DayPlan, oven: Day["kitchen"]["ovens"][number]): OvenLane {
  const turns = plan.ovenTurns.filter((one) => one.oven === oven.id);
  const line: [number, number][] = [];
  const labels: OvenLane["labels"] = [];
  const cold = 20;
  const cools = 30;
  for (const turn of turns) {
    line.push([turn.minute, turn.fromCelsius || cold]);
    if (turn.celsius === 0) line.push([turn.minute + cools, (turn.fromCelsius || cold) * 0.55]);
    else {
      line.push([turn.byMinute, turn.celsius]);
      labels.push({ minute: turn.byMinute, celsius: turn.celsius });
    }
  }
  const inside = plan.tasks
    .filter((task) => task.oven === oven.id && task.heats.length > 0)
    .map((task) => ({ task, from: task.heats[0]?.fromMinute ?? 0, to: task.heats.at(-1)?.toMinute ?? 0 }))
    .sort((a, b) => a.from - b.from);
  const free: number[] = [];
  const loads = inside.map((one) => {
    let level = free.findIndex((until) => until <= one.from);
    level = level < 0 ? free.length : level;
    free[level] = one.to;
    return { ...one, level };
  });
  return { line, labels, loads, levels: Math.max(1, free.length) };
}
