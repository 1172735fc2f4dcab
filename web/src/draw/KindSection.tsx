import { Box } from "@chakra-ui/react";
import type { PieKind } from "../api/client";
import { seeded } from "./random";
import { FOOD, type FoodTone, toneInk } from "./tones";

/** Half a section in mm, from the axis to the rim, floor at 0: crust around, bands of food from below, told by outline. */
type Kind = {
  /** inside half width at the floor and at the rim, mm; the whole half of what is folded */
  floor: number;
  rim: number;
  deep: number;
  crust: number;
  bands: [FoodTone, number][];
  lid?: "flat" | "domed";
  tin: "upright" | "sloped" | "tray" | "dish" | "none";
};

const KINDS: Record<PieKind, Kind> = {
  quiche: {
    floor: 118,
    rim: 118,
    deep: 34,
    crust: 3,
    bands: [
      ["greens", 11],
      ["fish", 9],
      ["custard", 9],
    ],
    tin: "upright",
  },
  "raw-crust-tart": {
    floor: 102,
    rim: 116,
    deep: 30,
    crust: 3,
    bands: [
      ["roots", 16],
      ["nuts", 6],
      ["custard", 4],
    ],
    tin: "sloped",
  },
  "puff-tart": {
    floor: 118,
    rim: 118,
    deep: 16,
    crust: 7,
    bands: [
      ["white", 5],
      ["tomato", 6],
    ],
    tin: "tray",
  },
  "double-crust": {
    floor: 92,
    rim: 112,
    deep: 38,
    crust: 3.5,
    bands: [
      ["white", 14],
      ["greens", 19],
    ],
    lid: "domed",
    tin: "sloped",
  },
  "deep-pie": {
    floor: 84,
    rim: 84,
    deep: 62,
    crust: 6,
    bands: [
      ["white", 22],
      ["nuts", 10],
      ["white", 20],
    ],
    lid: "flat",
    tin: "upright",
  },
  "pot-pie": {
    floor: 90,
    rim: 100,
    deep: 48,
    crust: 4.5,
    bands: [
      ["meat", 16],
      ["greens", 9],
      ["custard", 12],
    ],
    lid: "flat",
    tin: "dish",
  },
  pasty: {
    floor: 55,
    rim: 55,
    deep: 46,
    crust: 4.5,
    bands: [
      ["meat", 22],
      ["greens", 14],
    ],
    lid: "domed",
    tin: "none",
  },
  "hand-pie": {
    floor: 48,
    rim: 48,
    deep: 27,
    crust: 3.5,
    bands: [
      ["beetroot", 12],
      ["nuts", 7],
    ],
    lid: "domed",
    tin: "none",
  },
};

const MM = 1.7;

/** One of the eight kinds as a section, in the colours of food: told by its outline, its lid and its tin. */
export function KindSection({ kind }: { kind: PieKind }) {
  const one = KINDS[kind];
  const folded = one.tin === "none";
  const width = (folded ? 2 : 1) * one.rim * MM + 18;
  const height = (one.deep + (one.lid ? 12 : 4)) * MM;
  const y = (mm: number) => height - 2 - mm * MM;
  const wall = (mm: number) => (one.floor + ((one.rim - one.floor) * mm) / one.deep) * MM;
  const lined = one.tin !== "dish";
  const base = lined ? one.crust : 0;
  let from = base;
  const bands = one.bands.map(([tone, deep]) => {
    const band = { tone, from, to: from + deep };
    from += deep;
    return band;
  });
  const inner = (mm: number) =>
    folded ? dome(one, mm, one.crust) * MM : wall(mm) - (lined && one.tin !== "tray" ? one.crust * MM : 0);
  const pastry = toneInk("pastry");
  return (
    <Box
      as="svg"
      width={`${width}px`}
      maxWidth="100%"
      height={`${height}px`}
      aria-hidden="true"
      overflow="visible"
      {...{ viewBox: `0 0 ${width} ${height}`, preserveAspectRatio: "xMinYMax meet" }}
    >
      {one.tin !== "none" && one.tin !== "tray" && (
        <path
          d={`M0,${y(-1.6)} H${wall(0) + 4} L${wall(one.deep) + 4},${y(one.deep)} H${wall(one.deep)} L${wall(0)},${y(0)} H0 Z`}
          fill="var(--hj-colors-tinfill)"
          stroke="var(--hj-colors-rim)"
          strokeWidth="1.4"
        />
      )}
      {one.tin === "tray" && (
        <path d={`M0,${y(-1)} H${wall(0) + 12} l4,-6`} fill="none" stroke="var(--hj-colors-rim)" strokeWidth="2" />
      )}
      {folded ? (
        <path d={outline(one, y)} fill={pastry.bed} stroke={pastry.line} strokeWidth="1.4" />
      ) : (
        lined && (
          <path
            d={
              one.tin === "tray"
                ? `M0,${y(0)} H${wall(0)} V${y(one.deep)} H${wall(0) - 26} V${y(one.crust)} H0 Z`
                : `M0,${y(0)} H${wall(0)} L${wall(one.deep + 1)},${y(one.deep + 1)} H${inner(one.deep)} L${inner(base)},${y(base)} H0 Z`
            }
            fill={pastry.bed}
            stroke={pastry.line}
            strokeWidth="1.4"
          />
        )
      )}
      {bands.map((band) => (
        <Band
          key={band.from}
          tone={band.tone}
          from={band.from}
          to={band.to}
          right={(mm) => (one.tin === "tray" ? inner(mm) - 26 : (folded ? one.rim * MM : 0) + inner(mm))}
          left={(mm) => (folded ? one.rim * MM - inner(mm) : 0)}
          y={y}
          seed={`${kind}${band.from}`}
        />
      ))}
      {one.lid && !folded && (
        <path
          d={`M0,${y(one.deep + 6)} Q${wall(one.deep) * 0.7},${y(one.deep + 6)} ${wall(one.deep) + 5},${y(one.deep - 1)} v${-one.crust * MM * 0.9} Q${wall(one.deep) * 0.7},${y(one.deep + 6 + one.crust)} 0,${y(one.deep + 6 + one.crust)} Z`}
          fill={pastry.bed}
          stroke={pastry.line}
          strokeWidth="1.4"
        />
      )}
    </Box>
  );
}

/** Half width of a fold at a height, mm: flat below, round above, with its edge pressed. */
function dome(one: Kind, mm: number, crust: number): number {
  const share = Math.min(1, Math.max(0, mm / one.deep));
  return Math.max(0, one.rim * 0.86 * Math.sqrt(Math.max(0, 1 - share * share)) - crust);
}

function outline(one: Kind, y: (mm: number) => number): string {
  const steps = 40;
  const side = (way: 1 | -1) =>
    Array.from({ length: steps + 1 }, (_, step) => {
      const share = way === -1 ? step / steps : 1 - step / steps;
      const mm = one.deep * Math.sin((share * Math.PI) / 2);
      return `${((one.rim + way * dome(one, mm, 0)) * MM).toFixed(1)},${y(mm).toFixed(1)}`;
    });
  // its seam lies to the right, pressed flat
  const [edge, end] = [one.rim * 1.86 * MM, one.rim * 2.06 * MM];
  return `M${side(-1).join(" L")} L${side(1).join(" L")} L${edge},${y(4)} q${(end - edge) / 2},-5 ${end - edge},1 L${end},${y(0)} Z`;
}

type BandProps = {
  tone: FoodTone;
  from: number;
  to: number;
  left: (mm: number) => number;
  right: (mm: number) => number;
  y: (mm: number) => number;
  seed: string;
};

function Band({ tone, from, to, left, right, y, seed }: BandProps) {
  const ink = toneInk(tone);
  const dice = seeded(seed);
  const [low, high] = [right(from), right(to)];
  const rows = Math.max(1, Math.round(((to - from) * MM) / 13));
  const pieces =
    ink.piece === "none"
      ? []
      : Array.from({ length: rows }, (_, row) => row).flatMap((row) => {
          const at = from + ((row + 0.5) * (to - from)) / rows;
          const end = Math.min(right(at), right(Math.min(to, at + 3))) - 8;
          const found: { x: number; y: number; turn: number }[] = [];
          for (let x = Math.max(left(at), left(Math.min(to, at + 3))) + 8 + dice() * 8; x < end; x += 17 + dice() * 7)
            found.push({ x, y: y(at), turn: dice() * 24 - 12 });
          return found;
        });
  return (
    <>
      <path d={`M${left(from)},${y(from)} H${low} L${high},${y(to)} H${left(to)} Z`} fill={ink.bed} />
      {pieces.map((one) => (
        <path
          key={`${one.x} ${one.y}`}
          d={FOOD[tone].shape}
          transform={`translate(${one.x.toFixed(1)},${one.y.toFixed(1)}) rotate(${one.turn.toFixed(0)})`}
          fill={FOOD[tone].isStroke ? "none" : ink.piece}
          stroke={ink.line}
          strokeWidth={FOOD[tone].isStroke ? 2 : 1.1}
        />
      ))}
    </>
  );
}
