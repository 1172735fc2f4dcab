import type { LiveBake } from "../api/client";
import { ink } from "../ui/theme";

type Props = {
  /** °C in 1, 3, 5, 7 and 9 of 10 bakes, at each minute */
  band: { celsius: number[] }[];
  trace: LiveBake["trace"];
  setsAtCelsius: number | null;
  overCelsius: number | null;
  safeCelsius: number;
  /** since it went in; null when it is not in */
  nowMinute: number | null;
  lookMinute: number | null;
  outMinute: number;
  /** clock time of minute 0, for the axis */
  inClock: string;
  outWord: string;
  width: number;
  height: number;
  celsius: (value: number) => string;
  /** of its letters, px: 20 at the oven, 14 where one sits */
  letters?: number;
};

const MARGIN = { left: 2, right: 52, top: 14, bottom: 46 };
/** As the server has it: longer than this it is silent. */
const SILENT_MINUTES = 2;
const SPARE_MINUTES = 6;
const GRID = [20, 40, 60, 80];

/** The probe over the forecast: its band is denser where it is likelier; where the middle sets and where it weeps lie as two rules. */
export function OvenTrace(props: Props) {
  const letters = props.letters ?? 20;
  const { band, trace, setsAtCelsius, overCelsius, safeCelsius, nowMinute, lookMinute, outMinute, width, height } =
    props;
  const until = Math.max(outMinute + SPARE_MINUTES, (nowMinute ?? 0) + 2, (trace.at(-1)?.minute ?? 0) + 2);
  const high = Math.max((overCelsius ?? safeCelsius) + 8, ...trace.map((one) => one.celsius + 4));
  const low = Math.min(0, ...trace.map((one) => one.celsius));
  const x = (minute: number) => MARGIN.left + (minute / until) * (width - MARGIN.left - MARGIN.right);
  const y = (celsius: number) => MARGIN.top + ((high - celsius) / (high - low)) * (height - MARGIN.top - MARGIN.bottom);
  const shown = band.slice(0, Math.ceil(until) + 1);
  const line = (points: [number, number][]) =>
    points.map(([at, to], i) => `${i ? "L" : "M"}${x(at)},${y(to)}`).join(" ");
  const lines = linesOf(shown);
  const foot = height - MARGIN.bottom;
  const last = trace.at(-1);
  const mark = setsAtCelsius ?? safeCelsius;
  const showsIn = isClear(nowMinute === null ? null : x(nowMinute));
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={saidOf(props, last)}>
      <title>Middle of the pie</title>
      {GRID.filter((one) => one < mark - 4).map((one) => (
        <g key={one}>
          <path d={`M${MARGIN.left},${y(one)} H${width - MARGIN.right}`} stroke={ink("hair2")} strokeWidth="1" />
          <text x={width - MARGIN.right + 8} y={y(one) + 7} fontSize={letters} fill={ink("ink2")}>
            {props.celsius(one)}
          </text>
        </g>
      ))}
      {overCelsius !== null && (
        <rect
          x={MARGIN.left}
          width={width - MARGIN.left - MARGIN.right}
          y={y(overCelsius)}
          height={y(mark) - y(overCelsius)}
          fill={ink("well")}
        />
      )}
      <Rule
        letters={letters}
        y={y(mark)}
        width={width - MARGIN.right}
        words={`${props.celsius(mark)} ${setsAtCelsius === null ? "safe" : "sets"}`}
      />
      {overCelsius !== null && (
        <Rule
          letters={letters}
          y={y(overCelsius)}
          width={width - MARGIN.right}
          words={`${props.celsius(overCelsius)} weeps`}
        />
      )}
      <g fill="none" stroke={ink("heat")}>
        {lines.map((points, i) => (
          <path
            // the order of the lines is fixed
            // biome-ignore lint/suspicious/noArrayIndexKey: they have no other name
            key={i}
            d={line(points)}
            strokeWidth={i === (lines.length - 1) / 2 ? 1.6 : 0.9}
            opacity={0.75}
          />
        ))}
      </g>
      {lookMinute !== null && (
        <Mark letters={letters} x={x(lookMinute)} top={y(mark)} foot={foot} words="look" filled />
      )}
      <Mark letters={letters} x={x(outMinute)} top={y(mark)} foot={foot} words={props.outWord} />
      {nowMinute !== null && (
        <>
          <path d={`M${x(nowMinute)},${y(last?.celsius ?? mark)} V${foot}`} stroke={ink("ink")} strokeWidth="1.4" />
          <text
            x={x(nowMinute)}
            y={foot + 28}
            fontSize={letters}
            fontWeight="680"
            textAnchor="middle"
            fill={ink("ink")}
          >
            now
          </text>
        </>
      )}
      <path d={`M${MARGIN.left},${foot} H${width - MARGIN.right}`} stroke={ink("rim")} strokeWidth="1.6" />
      {showsIn && (
        <text x={MARGIN.left} y={foot + 28} fontSize={letters} fill={ink("ink2")}>
          in {props.inClock}
        </text>
      )}
      <Measured points={trace.map((one) => [x(one.minute), y(one.celsius)])} isSilent={isSilent(nowMinute, last)} />
    </svg>
  );
}

/** Room for the word at minute 0. */
const isClear = (nowPx: number | null) => nowPx === null || nowPx > 130;

const isSilent = (nowMinute: number | null, last: { minute: number } | undefined) =>
  nowMinute !== null && last !== undefined && nowMinute - last.minute > SILENT_MINUTES;

/** What the probe read; it ends in a dot, or in a ring once it is silent. */
function Measured({ points, isSilent }: { points: [number, number][]; isSilent: boolean }) {
  const end = points.at(-1);
  if (!end) return null;
  return (
    <>
      <path
        d={points.map(([x, y], i) => `${i ? "L" : "M"}${x},${y}`).join(" ")}
        fill="none"
        stroke={ink("ink")}
        strokeWidth="4.2"
        strokeLinejoin="round"
      />
      <circle
        cx={end[0]}
        cy={end[1]}
        r="7"
        fill={ink(isSilent ? "ground" : "ink")}
        stroke={ink("ink")}
        strokeWidth="2.6"
      />
    </>
  );
}

/** Nine lines: the five that are told and those half way between them. */
function linesOf(band: { celsius: number[] }[]): [number, number][][] {
  const told = band[0]?.celsius.length ?? 0;
  const lines: [number, number][][] = [];
  for (let i = 0; i < told; i++) {
    lines.push(band.map((one, minute) => [minute, one.celsius[i] ?? 0]));
    if (i < told - 1)
      lines.push(band.map((one, minute) => [minute, ((one.celsius[i] ?? 0) + (one.celsius[i + 1] ?? 0)) / 2]));
  }
  return lines;
}

function Rule({ y, width, words, letters }: { y: number; width: number; words: string; letters: number }) {
  return (
    <>
      <path d={`M2,${y} H${width}`} stroke={ink("rim")} strokeWidth="2" />
      <text x="10" y={y - 8} fontSize={letters} fontWeight="650" fill={ink("rim")}>
        {words}
      </text>
    </>
  );
}

function Mark({
  x,
  top,
  foot,
  words,
  filled = false,
  letters,
}: {
  letters: number;
  x: number;
  top: number;
  foot: number;
  words: string;
  filled?: boolean;
}) {
  return (
    <>
      <path d={`M${x},${top} V${foot}`} stroke={ink("rim")} strokeWidth="1.4" strokeDasharray="5 4" />
      {filled ? (
        <path d={`M${x},${foot - 9} l9,9 l-9,9 l-9,-9 Z`} fill={ink("rim")} />
      ) : (
        <circle cx={x} cy={foot} r="8" fill={ink("ground")} stroke={ink("rim")} strokeWidth="2.6" />
      )}
      <text
        x={x}
        y={foot + 28}
        fontSize={letters}
        fontWeight="650"
        textAnchor={filled ? "end" : "start"}
        dx={filled ? 12 : -10}
        fill={ink("rim")}
      >
        {words}
      </text>
    </>
  );
}

function saidOf(
  { band, nowMinute, outWord, celsius }: Props,
  last: { minute: number; celsius: number } | undefined,
): string {
  const at = Math.round(last?.minute ?? nowMinute ?? 0);
  const told = band[at]?.celsius[2];
  const forecast = told === undefined ? "" : `, forecast ${celsius(told)}`;
  return last
    ? `The probe reads ${celsius(last.celsius)} at minute ${at}${forecast}; ${outWord}.`
    : `Not measured${forecast}; ${outWord}.`;
}
