import { memo } from "react";
import type { Reading, WhatIfPoint } from "../api/client";
import { number } from "../ui/numbers";
import { ink } from "../ui/theme";

const LEFT = 74;
const RIGHT = 22;
const ROW = 56;
const FOOT = 24;

type Props = { points: WhatIfPoint[]; width: number };

/** Every reading over the settings of one lever: a line between baked points, its walls dashed, and the word wherever it changes. */
export const WhatIfChart = memo(function WhatIfChart({ points, width }: Props) {
  const rows = points[0]?.readings ?? [];
  const high = rows.length * ROW + FOOT;
  const step = (width - LEFT - RIGHT) / Math.max(1, points.length - 1);
  const x = (index: number) => LEFT + index * step;
  const now = points.findIndex((point) => point.isNow);
  // every other label where they would run into each other
  const every = step < 52 ? 2 : 1;
  return (
    <svg width={width} height={high} role="img" aria-label={inWords(points)} style={{ display: "block" }}>
      {now >= 0 && <path d={`M${x(now)},0 V${high - FOOT + 4}`} stroke={ink("rim")} strokeWidth="1.4" />}
      {rows.map((row, at) => (
        <Row
          key={row.name}
          readings={points.flatMap((point) => point.readings.filter((one) => one.name === row.name))}
          x={x}
          top={at * ROW}
        />
      ))}
      {points.map(
        (point, index) =>
          (index % every === 0 || index === now) && (
            <text
              key={point.label}
              x={x(index)}
              y={high - 4}
              textAnchor="middle"
              fontSize="14"
              fontWeight={point.isNow ? "650" : undefined}
              fill={ink(point.isNow ? "ink" : "ink2")}
            >
              {point.label.replace(/ (°[CF]|min|g|%)$/, "")}
            </text>
          ),
      )}
    </svg>
  );
});

function Row({ readings, x, top }: { readings: Reading[]; x: (index: number) => number; top: number }) {
  const first = readings[0];
  if (!first) return null;
  const values = readings.map((reading) => reading.value);
  const told = values.filter((value): value is number => value !== null);
  const walls = [first.limits.lower, first.limits.upper].filter((wall): wall is number => wall !== null);
  const [least, most] = [Math.min(...told, ...walls), Math.max(...told, ...walls)];
  const y = (value: number) => top + ROW - 10 - ((value - least) / (most - least || 1)) * (ROW - 30);
  const labels = labelsOf(readings, x);
  const line = values.map((value, i) => (value === null ? null : `${x(i).toFixed(1)},${y(value).toFixed(1)}`));
  return (
    <g>
      <path d={`M0,${top + ROW - 2} H${x(readings.length - 1) + 20}`} stroke={ink("hair2")} />
      <text x="0" y={top + ROW - 20} fontSize="15" fontWeight="650" fill={ink("ink")}>
        {first.title}
      </text>
      {walls.map((wall) => (
        <path
          key={wall}
          d={`M${x(0)},${y(wall)} H${x(readings.length - 1)}`}
          stroke={ink("rim")}
          strokeDasharray="4 4"
        />
      ))}
      <path d={`M${line.filter(Boolean).join(" L")}`} fill="none" stroke={ink("ink2")} strokeWidth="1.6" />
      {readings.map((reading, index) => (
        <Mark
          // biome-ignore lint/suspicious/noArrayIndexKey: the place is the index
          key={index}
          reading={reading}
          x={x(index)}
          y={reading.value === null ? top + ROW - 16 : y(reading.value)}
          label={labels[index]}
          ceiling={top + 13}
        />
      ))}
    </g>
  );
}

type MarkProps = { reading: Reading; x: number; y: number; label?: "start" | "end"; ceiling: number };

/** Where a verdict begins it is written, unless the word before it still stands there. */
function labelsOf(readings: Reading[], x: (index: number) => number): ("start" | "end" | undefined)[] {
  let end = Number.NEGATIVE_INFINITY;
  return readings.map((reading, index) => {
    if (reading.verdict === readings[index - 1]?.verdict) return undefined;
    const wide = reading.verdict.length * 7;
    const isLast = index === readings.length - 1;
    const from = isLast ? x(index) - wide : x(index);
    if (from < end) return undefined;
    end = from + wide + 4;
    return isLast ? "end" : "start";
  });
}

/** A dot where all is well, a ring where it may not be, a block where it is not. */
function Mark({ reading, x, y, label, ceiling }: MarkProps) {
  const trouble = reading.state === "outside";
  return (
    <>
      {trouble ? (
        <rect x={x - 5} y={y - 5} width="10" height="10" fill={ink("ink")} />
      ) : (
        <circle
          cx={x}
          cy={y}
          r="4"
          fill={ink(reading.state === "inside" ? "ink2" : "ground")}
          stroke={ink("ink2")}
          strokeWidth="1.6"
        />
      )}
      {label && (
        <text
          x={label === "end" ? x : x + 4}
          y={ceiling}
          fontSize="13"
          textAnchor={label}
          fill={ink(trouble ? "ink" : "ink2")}
          fontWeight={trouble ? "650" : undefined}
        >
          {reading.verdict}
        </text>
      )}
    </>
  );
}

/** "Base: soggy at 0 min, soft at 3 min, dry from 9 min." */
function inWords(points: WhatIfPoint[]): string {
  const rows = points[0]?.readings ?? [];
  return rows
    .map((row) => {
      const words = points.flatMap((point, index) => {
        const reading = point.readings.find((one) => one.name === row.name);
        const before = points[index - 1]?.readings.find((one) => one.name === row.name);
        if (!reading || reading.verdict === before?.verdict) return [];
        const value =
          reading.value === null || reading.words.length
            ? ""
            : ` (${number(reading.value, reading.decimals)} ${reading.shortUnit})`;
        return [`${reading.verdict}${value} from ${point.label}`];
      });
      return `${row.title}: ${words.join(", ")}.`;
    })
    .join(" ");
}
