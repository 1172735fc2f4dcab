import type { OvenAct, Section } from "../api/client";

const [WIDE, HIGH] = [280, 170];

/** The act in white line: the tin of this very pie, and what is done to it. */
export function ActDrawing({ name, section }: { name: OvenAct["name"]; section: Section }) {
  const deep = Math.min(96, Math.max(34, section.tin.depthMm * 1.5));
  const [left, right, foot] = [58, WIDE - 58, HIGH - 12];
  const top = foot - deep;
  const tin = `M${left},${top} V${foot} H${right} V${top}`;
  return (
    <svg
      width={WIDE}
      height={HIGH}
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      aria-hidden="true"
      fill="none"
      stroke="currentColor"
      strokeWidth="4"
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      <title>{name}</title>
      <path d={tin} />
      {section.lid && <path d={`M${left - 12},${top + 4} Q${WIDE / 2},${top - 34} ${right + 12},${top + 4}`} />}
      <path d={marks(name, { left, right, top, foot })} strokeWidth="2.6" />
    </svg>
  );
}

type Box = { left: number; right: number; top: number; foot: number };

function marks(name: OvenAct["name"], { left, right, top, foot }: Box): string {
  const middle = (left + right) / 2;
  const up = `M${middle},${top - 14} V${Math.max(8, top - 62)} m-14,14 l14,-14 l14,14`;
  switch (name) {
    case "out":
    case "weights-out":
      return up;
    case "move":
      return `M${left - 22},${top - 2} L${left},${top - 36} L${middle},${top - 50} L${right},${top - 36} L${right + 22},${top - 2}`;
    case "turn":
      return `M${left - 20},${foot - 20} q-26,-40 6,-70 m-18,10 l18,-10 l8,18 M${right + 20},${foot - 20} q26,-40 -6,-70 m18,10 l-18,-10 l-8,18`;
    case "vent":
      return `M${middle - 16},${top - 22} l32,-6`;
    case "seal":
      return `M${left + 14},${foot - 12} H${right - 14} M${middle + 6},${foot - 16} l46,-52 m-8,-8 l16,14`;
    case "rested":
      return `M${middle},${top - 24} V${foot} M${middle - 40},${top - 6} L${middle},${foot - 4} M${middle + 40},${top - 6} L${middle},${foot - 4}`;
    case "chill":
      return `M${left - 40},${top - 40} H${right + 40} M${left - 40},${foot} V${top - 40} M${right + 40},${foot} V${top - 40}`;
    default:
      return `M${left + 16},${top + 18} H${right - 16}`;
  }
}
