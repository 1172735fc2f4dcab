import { ink } from "../ui/theme";
import { toneInk } from "./tones";

type Props = {
  /** how wide the pie is, and how wide its middle trembles, mm */
  wideMm: number;
  trembleMm: number;
  width: number;
};

const FLAT = 0.42;
const WAVE = 13;
const TOP = 36;
const DEEP = 34;
const RIM = 18;

/** The pie as it is seen from the oven door: what trembles is lighter, in waves, between two dashed outlines that show how far it swings. */
export function CuePicture({ wideMm, trembleMm, width }: Props) {
  const custard = toneInk("custard");
  const r = (width - 16) / 2;
  const ry = r * FLAT;
  const [cx, cy] = [width / 2, TOP + ry];
  const height = cy + ry + DEEP + 8;
  const t = Math.min(r - RIM - 4, (trembleMm / wideMm) * r);
  const words = `${Math.max(1, Math.round(trembleMm / 10))} cm trembles as one`;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={words} style={DRAWN}>
      <title>Cue</title>
      <path
        d={`M${cx - r},${cy} v${DEEP} a${r},${ry} 0 0 0 ${2 * r},0 v${-DEEP}`}
        fill={ink("tinfill")}
        stroke={ink("rim")}
        strokeWidth="2"
      />
      <ellipse cx={cx} cy={cy} rx={r} ry={ry} fill={ink("colour5")} stroke={ink("rim")} strokeWidth="2" />
      <Strokes cx={cx} cy={cy} r={r - RIM / 2} />
      <ellipse
        cx={cx}
        cy={cy}
        rx={r - RIM}
        ry={(r - RIM) * FLAT}
        fill={custard.bed}
        stroke={custard.line}
        strokeWidth="1.6"
      />
      {t > 3 && (
        <>
          {[-4, 4].map((dy) => (
            <ellipse
              key={dy}
              cx={cx}
              cy={cy + dy}
              rx={t + 4}
              ry={(t + 4) * FLAT}
              fill="none"
              stroke={custard.line}
              strokeDasharray="3 4"
              strokeWidth="1.5"
            />
          ))}
          <g className="swings">
            <ellipse
              cx={cx}
              cy={cy}
              rx={t}
              ry={t * FLAT}
              fill={ink("food-cheese-bed")}
              stroke={custard.line}
              strokeWidth="2"
            />
            <path d={waves(cx, cy, t, WAVE, 10)} fill="none" stroke={custard.line} strokeWidth="2.4" />
          </g>
          <Dimension cx={cx} cy={cy} t={t} words={words} />
        </>
      )}
    </svg>
  );
}

const DRAWN = { maxWidth: "100%", height: "auto", overflow: "visible" } as const;

/** The same small, beside an answer. */
export function SmallCue({ wideMm, trembleMm, width, onFilled }: Props & { onFilled: boolean }) {
  const custard = toneInk("custard");
  const r = (width - 4) / 2;
  const ry = r * FLAT;
  const [cx, cy] = [width / 2, ry + 2];
  const t = Math.min(r - 4, (trembleMm / wideMm) * r);
  return (
    <svg
      width={width}
      height={2 * ry + 4}
      viewBox={`0 0 ${width} ${2 * ry + 4}`}
      aria-hidden="true"
      style={{ flexShrink: 0 }}
    >
      <title>Cue</title>
      <ellipse
        cx={cx}
        cy={cy}
        rx={r}
        ry={ry}
        fill={custard.bed}
        stroke={onFilled ? ink("on-rim") : ink("ink")}
        strokeWidth="1.6"
      />
      {t > 3 && (
        <>
          <ellipse
            cx={cx}
            cy={cy}
            rx={t}
            ry={t * FLAT}
            fill={ink("food-cheese-bed")}
            stroke={custard.line}
            strokeWidth="1.4"
          />
          <path d={waves(cx, cy, t, 6, 6)} fill="none" stroke={custard.line} strokeWidth="1.4" />
        </>
      )}
    </svg>
  );
}

/** Waves inside the part that trembles, so far apart and so long. */
function waves(cx: number, cy: number, t: number, every: number, step: number): string {
  const paths: string[] = [];
  for (let dy = -Math.floor((t * FLAT) / every) * every; dy < t * FLAT; dy += every) {
    const half = t * Math.sqrt(Math.max(0, 1 - (dy / (t * FLAT)) ** 2)) * 0.84;
    if (half < step) continue;
    const turns = Math.max(1, Math.floor(half / step));
    const size = half / turns;
    const wave = ` q${size / 2},${-step / 2} ${size},0 q${size / 2},${step / 2} ${size},0`;
    paths.push(`M${cx - half},${cy + dy}${wave.repeat(turns)}`);
  }
  return paths.join(" ");
}

/** Slant strokes of a golden rim. */
function Strokes({ cx, cy, r }: { cx: number; cy: number; r: number }) {
  const strokes = Array.from({ length: 72 }, (_, i) => {
    const angle = (i / 72) * 2 * Math.PI;
    const [x, y] = [cx + r * Math.cos(angle), cy + r * FLAT * Math.sin(angle)];
    return `M${x - 3},${y + 4} l6,-8`;
  });
  return <path d={strokes.join(" ")} stroke={ink("colour1")} strokeWidth="1.4" opacity="0.8" />;
}

function Dimension({ cx, cy, t, words }: { cx: number; cy: number; t: number; words: string }) {
  return (
    <g>
      <path d={`M${cx - t},${cy} V28 M${cx + t},${cy} V28`} stroke={ink("rim")} strokeWidth="1" opacity="0.7" />
      <path
        d={`M${cx - t},30 H${cx + t} M${cx - t},25 v10 M${cx + t},25 v10`}
        stroke={ink("ink")}
        strokeWidth="1.4"
        fill="none"
      />
      <text x={cx} y="18" fontSize="20" fontWeight="680" textAnchor="middle" fill={ink("ink")}>
        {words}
      </text>
    </g>
  );
}
