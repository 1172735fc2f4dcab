import { ink } from "../ui/theme";
import { toneInk } from "./tones";

type Props = { tap: "underside" | "slice" | "colour" | "salt"; at: number };

const [WIDE, HIGH] = [84, 58];

/** What a tap means, drawn: the underside bends and gets water dashes, the slice runs, stands or drips, the rim has slants, the salt its grains. */
export function TapPicture({ tap, at }: Props) {
  return (
    <svg width={WIDE} height={HIGH} viewBox={`0 0 ${WIDE} ${HIGH}`} aria-hidden="true" style={{ maxWidth: "100%" }}>
      <title>{tap}</title>
      {tap === "underside" && <Underside wet={at} />}
      {tap === "slice" && <Slice at={at} />}
      {tap === "colour" && <Rim at={at} />}
      {tap === "salt" && <Grains count={[4, 9, 18][at] ?? 4} />}
    </svg>
  );
}

const BENDS = [0, 1, 6, 14];

function Underside({ wet }: { wet: number }) {
  const bend = BENDS[wet] ?? 0;
  const greens = toneInk("greens");
  const pastry = toneInk("pastry");
  const band = (top: number, high: number) =>
    `M4,${top} q40,${bend * 0.2} 76,${bend} v${high} q-36,${-bend * 0.8} -76,${-bend} Z`;
  return (
    <g strokeWidth="1.6" stroke={ink("ink")}>
      <path d={band(8, 18)} fill={greens.bed} />
      <path d={`M12,${16} q8,-4 16,0 t16,${bend * 0.2} t16,${bend * 0.3}`} fill="none" stroke={greens.line} />
      <path d={band(26, 12)} fill={wet === 3 ? ink("watersoft") : pastry.bed} />
      <path d={band(38, 5)} fill={wet === 3 ? ink("watersoft") : ink("colour5")} />
      {wet > 1 && (
        <path
          d={`M14,${31 + bend * 0.1} h8 m8,${bend * 0.1} h8 m8,${bend * 0.2} h8 M20,${35 + bend * 0.15} h8 m8,${bend * 0.15} h8`}
          stroke={ink("water")}
          strokeWidth="2"
          fill="none"
        />
      )}
    </g>
  );
}

function Slice({ at }: { at: number }) {
  const custard = toneInk("custard");
  const crust = { fill: ink("colour5"), stroke: ink("ink"), strokeWidth: 1.4 };
  return (
    <g>
      <rect x="6" y="6" width="7" height="46" {...crust} />
      <rect x="6" y="46" width={at === 0 ? 52 : 66} height="7" {...crust} />
      {at === 0 ? (
        <path d="M13,20 Q44,24 78,46 H13 Z" fill={custard.bed} stroke={custard.line} strokeWidth="1.6" />
      ) : (
        <rect x="13" y="10" width="58" height="36" fill={custard.bed} stroke={custard.line} strokeWidth="1.6" />
      )}
      <path
        d={
          at === 0
            ? "M20,34 q6,-5 12,0 t12,3 t12,5"
            : at === 1
              ? "M20,20 H64 M20,28 H64 M20,36 H64"
              : "M20,20 h8 m5,0 h8 m5,0 h8 M20,30 h8 m5,0 h8 m5,0 h8"
        }
        fill="none"
        stroke={custard.line}
        strokeWidth="1.6"
      />
      {at === 2 && (
        <>
          <circle cx="74" cy="24" r="3" fill={ink("water")} />
          <circle cx="75" cy="36" r="3" fill={ink("water")} />
          <ellipse cx="72" cy="54" rx="11" ry="3" fill={ink("watersoft")} stroke={ink("water")} />
        </>
      )}
    </g>
  );
}

const RIMS = ["colour2", "colour6", "colour8"];

function Rim({ at }: { at: number }) {
  const strokes = Array.from({ length: (at + 1) * 5 }, (_, i) => {
    const angle = Math.PI * (1 - (i + 0.7) / ((at + 1) * 5 + 0.4));
    const [x, y] = [42 + 28 * Math.cos(angle), 52 - 28 * Math.sin(angle)];
    return `M${x - 2},${y + 4} l4,-8`;
  });
  return (
    <g>
      <path d="M4,52 A38,38 0 0 1 80,52 Z" fill={ink(RIMS[at] ?? "colour2")} stroke={ink("ink")} strokeWidth="1.6" />
      <path
        d="M24,52 A18,18 0 0 1 60,52 Z"
        fill={ink(at === 2 ? "colour4" : "colour1")}
        stroke={ink("ink")}
        strokeWidth="1.6"
      />
      <path d={strokes.join(" ")} stroke={at === 0 ? ink("ink") : "#FFFFFF"} strokeWidth="1.8" />
    </g>
  );
}

function Grains({ count }: { count: number }) {
  const custard = toneInk("custard");
  return (
    <g>
      <rect x="4" y="8" width="76" height="42" rx="2" fill={custard.bed} stroke={custard.line} strokeWidth="1.4" />
      {Array.from({ length: count }, (_, i) => {
        const [x, y] = [10 + ((i * 0.618 * 62) % 62), 12 + ((i * 0.755 * 29 + 9) % 29)];
        return (
          <rect
            // grains have no name but their number
            // biome-ignore lint/suspicious/noArrayIndexKey: the order is fixed
            key={i}
            x={x}
            y={y}
            width="6"
            height="6"
            transform={`rotate(${(i * 29) % 45} ${x + 3} ${y + 3})`}
            fill={ink("ground")}
            stroke={ink("ink")}
            strokeWidth="1.3"
          />
        );
      })}
    </g>
  );
}
