import type { BookFigures } from "../api/client";
import { recessPath } from "../ui/recess";
import { ink } from "../ui/theme";

type Props = { misses: BookFigures["misses"]; width: number };

const ROW = 26;
const TOP = 26;
const NAMES = 245;

/** Each bake a row, the newest below: the recess is the range that was told, the post the minute it came out; 0 is as designed. */
export function MissRule({ misses, width }: Props) {
  const names = width > 600 ? NAMES : 0;
  const from = Math.min(-4, ...misses.map((one) => Math.min(one.fromMinutes, one.lateMinutes))) - 1;
  const to = Math.max(4, ...misses.map((one) => Math.max(one.toMinutes, one.lateMinutes))) + 1;
  const wide = width - names - 8;
  const x = (minutes: number) => names + ((minutes - from) / (to - from)) * wide;
  const row = names > 0 ? ROW : ROW + 18;
  const high = TOP + misses.length * row + 4;
  const step = to - from > 24 || names === 0 ? 10 : 5;
  const ticks = Array.from({ length: 21 }, (_, at) => (at - 10) * step).filter((one) => one > from && one < to);
  const inRange = misses.filter((one) => one.isInRange).length;
  return (
    <svg
      width={width}
      height={high}
      viewBox={`0 0 ${width} ${high}`}
      role="img"
      aria-label={`${inRange} of ${misses.length} bakes came out within the minutes that were told`}
      style={{ maxWidth: "100%" }}
    >
      <title>Minutes off</title>
      {ticks.map((one) => (
        <g key={one}>
          <path
            d={`M${x(one)},${TOP - 4} V${high}`}
            stroke={ink(one === 0 ? "rim" : "hair")}
            strokeWidth={one === 0 ? 1.6 : 1}
          />
          <text
            x={Math.min(width - 28, Math.max(names + 32, x(one)))}
            y={14}
            fontSize="14"
            textAnchor="middle"
            fill={ink("ink2")}
          >
            {one === 0 ? "as told" : one > 0 ? `${one} later` : `${-one} sooner`}
          </text>
        </g>
      ))}
      {misses.map((one, at) => {
        const floor = TOP + at * row + row - 10;
        const [low, highest] = [x(one.fromMinutes), x(one.toMinutes)];
        return (
          <g key={one.bake}>
            <text
              x={names > 0 ? 0 : 2}
              y={names > 0 ? floor + 6 : floor - 10}
              fontSize="14"
              fill={ink(one.isInRange ? "ink2" : "ink")}
              fontWeight={one.isInRange ? 430 : 680}
              stroke={ink("ground")}
              strokeWidth="4"
              paintOrder="stroke"
            >
              {short(one.name, names > 0 ? 33 : 44)}
            </text>
            <path d={`M${low},${floor} h${highest - low} v8 h${low - highest} Z`} fill={ink("well")} />
            <path
              transform={`translate(${names},0)`}
              d={recessPath(wide, floor, 8, low - names, highest - names)}
              fill="none"
              stroke={ink("rim")}
              strokeWidth="1.6"
            />
            <path
              d={`M${x(one.lateMinutes)},${floor - (one.isInRange ? 4 : 12)} v${one.isInRange ? 11 : 12}`}
              stroke={ink("ink")}
              strokeWidth="4"
            />
          </g>
        );
      })}
    </svg>
  );
}

const short = (name: string, letters: number) => (name.length > letters ? `${name.slice(0, letters - 1)}…` : name);
