/** The one shape: a rule that drops into a recess. Paths in px, y downward, the rule at `y`. */

const CORNER = 3;

/** A rule from 0 to `width` with a recess between `from` and `to`; an open side (null) has no wall. */
export function recessPath(width: number, y: number, depth: number, from: number | null, to: number | null): string {
  const floor = y + depth;
  const start =
    from === null
      ? `M0,${floor}`
      : `M0,${y} H${from - CORNER} Q${from},${y} ${from},${y + CORNER} V${floor - CORNER} Q${from},${floor} ${from + CORNER},${floor}`;
  const end =
    to === null
      ? ` H${width}`
      : ` H${to - CORNER} Q${to},${floor} ${to},${floor - CORNER} V${y + CORNER} Q${to},${y} ${to + CORNER},${y} H${width}`;
  return start + end;
}

/** A loaf from `from` to `to` standing on `y`, `height` high: rounded above, flat below. */
export function loafPath(from: number, to: number, y: number, height: number): string {
  const half = (to - from) / 2;
  const shoulder = Math.min(half, Math.max(4, half * 0.55));
  const top = y - height;
  return (
    `M${from},${y} C${from},${y - height * 0.7} ${from + shoulder * 0.35},${top} ${from + shoulder},${top}` +
    ` H${to - shoulder} C${to - shoulder * 0.35},${top} ${to},${y - height * 0.7} ${to},${y} Z`
  );
}
