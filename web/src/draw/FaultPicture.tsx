import type { ReactElement } from "react";
import type { FaultName } from "../api/client";
import { ink } from "../ui/theme";
import { toneInk } from "./tones";

const [WIDE, HIGH] = [72, 48];

/** A fault as a small section: what is seen when the pie is cut, lifted or rolled. The word stands beside it. */
export function FaultPicture({ fault }: { fault: FaultName }) {
  return (
    <svg width={WIDE} height={HIGH} viewBox={`0 0 ${WIDE} ${HIGH}`} aria-hidden="true" style={{ maxWidth: "100%" }}>
      <title>{fault}</title>
      <g strokeLinejoin="round" strokeLinecap="round">
        {PICTURES[fault]}
      </g>
    </svg>
  );
}

const custard = toneInk("custard");
const dough = toneInk("pastry");
const fat = toneInk("cheese");
const LINE = { stroke: ink("ink"), strokeWidth: 1.3 } as const;
const WET = { fill: "none", stroke: ink("water"), strokeWidth: 2 } as const;
const INSIDE = "M15,19 H57 M15,26 H57 M15,33 H57";
const BASE = "M5,36 H67 V42 H5 Z";

type PieProps = { wall?: string; base?: string; baseTone?: string; filled?: string | null; lines?: string };

/** Walls, base and filling; each can be another, or another colour. */
function Cut({
  wall = ink("colour5"),
  base = BASE,
  baseTone,
  filled = "M10,12 H62 V36 H10 Z",
  lines = INSIDE,
}: PieProps) {
  return (
    <>
      {filled && <path d={filled} fill={custard.bed} stroke={custard.line} strokeWidth="1.3" />}
      <path d={lines} fill="none" stroke={custard.line} strokeWidth="1.3" />
      <path d={base} fill={baseTone ?? wall} {...LINE} />
      <path d="M5,8 H10 V36 H5 Z M62,8 H67 V36 H62 Z" fill={wall} {...LINE} />
    </>
  );
}

const drops = (at: [number, number][], fill: string) =>
  at.map(([x, y]) => <path key={`${x} ${y}`} d={`M${x},${y} q-3,4 0,6 q3,-2 0,-6 Z`} fill={fill} stroke={fill} />);

const grains = (count: number) =>
  Array.from(
    { length: count },
    (_, at) => `M${13 + ((at * 0.618 * 44) % 44)},${15 + ((at * 0.755 * 16 + 8) % 16)} h3 v3 h-3 Z`,
  ).join(" ");

/** A sheet of dough as it is rolled, seen from the side. */
const sheet = (path: string) => <path d={path} fill={dough.bed} {...LINE} />;
const table = <path d="M2,42 H70" stroke={ink("rim")} strokeWidth="1.6" />;

const PICTURES: Record<FaultName, ReactElement> = {
  "soggy-base": (
    <>
      <Cut base="M5,36 H67 V41 Q36,47 5,41 Z" baseTone={ink("watersoft")} />
      <path d="M14,40 h7 m6,1 h8 m6,0 h8" {...WET} />
    </>
  ),
  "slumped-side": (
    <>
      <path d="M10,24 Q30,16 62,16 V36 H10 Z" fill={custard.bed} stroke={custard.line} strokeWidth="1.3" />
      <path d="M62,8 H67 V42 H5 V30 Q14,14 19,25 Q17,36 12,36 H62 Z" fill={ink("colour5")} {...LINE} />
      <path d="M5,8 V28" {...LINE} strokeDasharray="2 4" />
    </>
  ),
  "puffed-base": (
    <>
      <Cut filled={null} lines="" base="M5,42 V36 H10 Q36,6 62,36 H67 V42 Q36,18 5,42 Z" />
      {table}
    </>
  ),
  weeping: (
    <>
      <Cut lines="M15,19 h8 m6,0 h8 m6,0 h8 M15,28 h8 m6,0 h8 m6,0 h8" />
      {drops(
        [
          [24, 13],
          [40, 15],
          [52, 23],
        ],
        ink("water"),
      )}
      <path d="M14,34 H58" {...WET} />
    </>
  ),
  cracked: (
    <>
      <Cut />
      <path d="M33,11 L36,19 L32,24 L36,31 L35,35 L39,31 L37,24 L41,18 L39,11 Z" fill={ink("ground")} {...LINE} />
    </>
  ),
  scrambled: (
    <>
      <Cut lines="" />
      {[16, 26, 36, 46, 56].map((x, at) => (
        <path
          key={x}
          d={`M${x - 4},${at % 2 ? 20 : 28} q4,-7 8,0 q-1,6 -8,0 Z`}
          fill={ink("ground")}
          stroke={custard.line}
          strokeWidth="1.4"
        />
      ))}
    </>
  ),
  rubbery: (
    <>
      <Cut lines="M12,16 H60 M12,19 H60 M12,22 H60 M12,25 H60 M12,28 H60 M12,31 H60 M12,34 H60" />
      {[20, 36, 50].map((x) => (
        <circle key={x} cx={x} cy="23" r="3" fill={ink("ground")} stroke={custard.line} strokeWidth="1.3" />
      ))}
    </>
  ),
  pale: <Cut wall={ink("colour0")} />,
  "burnt-rim": (
    <>
      <Cut />
      <path d="M4,6 H11 V18 H4 Z M61,6 H68 V18 H61 Z" fill={ink("colour8")} {...LINE} />
      <path d="M6,5 l2,-4 M10,5 l1,-3 M63,5 l2,-4 M67,5 l1,-3" {...LINE} />
    </>
  ),
  "raw-middle": (
    <>
      <Cut lines="M13,19 h8 M13,26 h6 M13,33 h8 M51,19 h8 M53,26 h6 M51,33 h8" />
      <path
        d="M22,24 Q36,10 50,24 Q36,38 22,24 Z"
        fill={ink("set0")}
        stroke={ink("set6")}
        strokeWidth="1.4"
        strokeDasharray="3 2"
      />
      <path d="M28,24 q4,-4 8,0 t8,0" fill="none" stroke={ink("set6")} strokeWidth="1.6" />
    </>
  ),
  "hard-potato": (
    <>
      <Cut lines="" />
      {[
        [16, 17],
        [31, 24],
        [46, 17],
      ].map(([x, y]) => (
        <rect key={x} x={x} y={y} width="10" height="10" fill={ink("ground")} stroke={ink("ink")} strokeWidth="2.4" />
      ))}
    </>
  ),
  leaked: (
    <>
      <Cut base="M5,36 H30 L28,42 H5 Z M38,36 H67 V42 H36 Z" />
      <path d="M33,37 V44" {...WET} strokeWidth="4" />
      <ellipse cx="34" cy="45" rx="22" ry="2.6" fill={ink("watersoft")} stroke={ink("water")} />
    </>
  ),
  "burst-seam": (
    <>
      <path d="M4,40 Q8,10 36,10 Q56,11 60,26 L54,30 Q62,32 66,40 Z" fill={ink("colour5")} {...LINE} />
      <path d="M10,37 Q14,16 36,16 Q50,17 54,30 Q58,33 60,37 Z" fill={custard.bed} stroke={custard.line} />
      <path d="M54,30 q8,-2 13,6 q-6,4 -9,1 Z" fill={custard.bed} stroke={custard.line} strokeWidth="1.4" />
      {table}
    </>
  ),
  hollow: (
    <>
      <Cut filled="M10,26 H62 V36 H10 Z" lines="M15,31 H57" />
      <path d="M3,10 Q36,-6 69,10 L67,14 Q36,0 5,14 Z" fill={ink("colour5")} {...LINE} />
    </>
  ),
  dry: (
    <>
      <Cut filled="M10,18 Q24,24 36,19 Q50,25 62,18 V36 H10 Z" lines="M16,28 h5 m8,3 h5 m8,-4 h5" />
      <path d="M26,20 l3,6 l-3,5 M46,22 l-3,5 l3,5" fill="none" {...LINE} />
    </>
  ),
  greasy: (
    <>
      <Cut />
      {drops(
        [
          [20, 14],
          [34, 20],
          [50, 15],
        ],
        fat.line,
      )}
      <ellipse cx="36" cy="45" rx="32" ry="2.6" fill={fat.bed} stroke={fat.line} />
    </>
  ),
  "tough-dough": (
    <>
      {sheet("M4,20 Q36,12 68,20 V36 Q36,28 4,36 Z")}
      <path
        d="M7,23 Q36,16 65,23 M7,26 Q36,19 65,26 M7,29 Q36,22 65,29 M7,32 Q36,25 65,32"
        fill="none"
        stroke={dough.line}
        strokeWidth="1.6"
      />
    </>
  ),
  "torn-dough": (
    <>
      {sheet("M4,24 H30 L33,28 L29,32 L32,36 H4 Z")}
      {sheet("M68,24 H40 L43,28 L38,32 L41,36 H68 Z")}
      {table}
    </>
  ),
  "sticky-dough": (
    <>
      <ellipse cx="36" cy="10" rx="26" ry="7" fill={ink("tinfill")} {...LINE} />
      {sheet("M4,32 Q18,30 22,17 Q25,29 34,28 Q42,28 46,17 Q52,31 68,32 V42 H4 Z")}
    </>
  ),
  stuck: (
    <>
      <path d="M4,14 V44 H68 V14" fill="none" stroke={ink("tin")} strokeWidth="2.4" />
      <path d="M10,4 H62 V22 H10 Z" fill={custard.bed} stroke={custard.line} strokeWidth="1.3" />
      <path d="M7,41 V35 Q16,30 22,36 Q34,29 44,36 Q54,31 65,36 V41 Z" fill={ink("colour5")} {...LINE} />
    </>
  ),
  "no-colour-below": <Cut baseTone={ink("colour0")} />,
  "too-salt": (
    <>
      <Cut lines="" />
      <path d={grains(14)} fill={ink("ground")} {...LINE} />
    </>
  ),
  bland: (
    <>
      <Cut lines="" />
      <path d={grains(1)} fill={ink("ground")} {...LINE} />
    </>
  ),
  "filling-left": (
    <>
      <path d="M4,24 H9 V38 H38 V24 H43 V43 H4 Z" fill={ink("colour5")} {...LINE} />
      <path d="M9,25 H38 V38 H9 Z" fill={custard.bed} stroke={custard.line} />
      <path d="M48,22 H70 Q69,42 59,42 Q49,42 48,22 Z" fill={custard.bed} {...LINE} />
    </>
  ),
  "filling-short": <Cut filled="M10,28 H62 V36 H10 Z" lines="M15,32 H57" />,
  "dough-left": (
    <>
      {sheet("M3,36 H42 V42 H3 Z")}
      {sheet("M48,42 Q44,30 52,28 Q56,22 62,27 Q71,28 69,36 Q70,42 66,42 Z")}
      {table}
    </>
  ),
};
