/** From minutes of the day to px: hours in which nothing is done are folded to a gap. */
export type DayScale = {
  x: (minute: number) => number;
  minute: (x: number) => number;
  ticks: { x: number; minute: number }[];
  gaps: number[];
  width: number;
  pxPerMinute: number;
};

/** Names of the lanes stand in so many px. */
export const LEFT = 224;

const LONGEST_REST = 120;
const PAD = 12;
const GAP_PX = 34;
const HOUR = 60;

export function dayScale(spans: readonly (readonly [number, number])[], left: number, width: number): DayScale {
  const parts = segments(spans);
  const total = parts.reduce((sum, [from, to]) => sum + to - from, 0);
  const pxPerMinute = Math.max(0.2, (width - left - GAP_PX * (parts.length - 1)) / Math.max(1, total));
  const starts: number[] = [];
  let at = left;
  for (const [from, to] of parts) {
    starts.push(at);
    at += (to - from) * pxPerMinute + GAP_PX;
  }
  const x = (minute: number) => {
    for (let i = parts.length - 1; i >= 0; i--) {
      const [from, to] = parts[i] as [number, number];
      if (minute >= from || i === 0) return (starts[i] ?? left) + (Math.min(minute, to) - from) * pxPerMinute;
    }
    return left;
  };
  const minute = (px: number) => {
    for (let i = parts.length - 1; i >= 0; i--) {
      if (px >= (starts[i] ?? left) || i === 0) return (parts[i]?.[0] ?? 0) + (px - (starts[i] ?? left)) / pxPerMinute;
    }
    return 0;
  };
  return {
    x,
    minute,
    ticks: ticksOf(parts, pxPerMinute).map((one) => ({ minute: one, x: x(one) })),
    gaps: parts.slice(1).map((_, i) => (starts[i + 1] ?? 0) - GAP_PX / 2),
    width,
    pxPerMinute,
  };
}

function segments(spans: readonly (readonly [number, number])[]): [number, number][] {
  const sorted = spans.map(([from, to]) => [from - PAD, to + PAD] as [number, number]).sort((a, b) => a[0] - b[0]);
  const parts: [number, number][] = [];
  for (const [from, to] of sorted) {
    const last = parts.at(-1);
    if (last && from - last[1] < LONGEST_REST) last[1] = Math.max(last[1], to);
    else parts.push([from, to]);
  }
  return parts.length ? parts : [[480, 720]];
}

/** Each hour where there is room for its name, else every second or third. */
function ticksOf(parts: [number, number][], pxPerMinute: number): number[] {
  const step = HOUR * Math.max(1, Math.ceil(56 / (HOUR * pxPerMinute)));
  return parts.flatMap(([from, to]) => {
    const ticks = [];
    for (let at = Math.ceil(from / step) * step; at <= to; at += step) ticks.push(at);
    return ticks;
  });
}

/** Minutes of the day as a clock shows them, also of the day before. */
export function clock(minute: number): string {
  const of = ((Math.round(minute) % 1440) + 1440) % 1440;
  return `${String(Math.floor(of / 60)).padStart(2, "0")}:${String(of % 60).padStart(2, "0")}`;
}
