import { memo } from "react";
import type { BakeReport } from "../api/client";
import { number } from "../ui/numbers";
import { ink } from "../ui/theme";

type Curves = BakeReport["curves"];
type Line = { values: number[]; name: string; colour: string; dash?: string };

type Props = {
  report: BakeReport;
  /** the design before, drawn as a ghost */
  before: BakeReport | null;
  /** minute of the bake that is shown, or null before it went in */
  minute: number | null;
  width: number;
};

const HEIGHT = 168;
const LEFT = 34;
const RIGHT = 58;
const FOOT = 24;
const HEAD = 12;

/** Centre, edge, base and rim over the minutes in the oven, with the events as marks. */
export const CurvesChart = memo(function CurvesChart({ report, before, minute, width }: Props) {
  const { curves } = report;
  const until = Math.max(report.minutes, before?.minutes ?? 0, 10);
  const hottest = Math.max(110, ...curves.rim, ...(before?.curves.rim ?? []));
  const x = (at: number) => LEFT + (at / until) * (width - LEFT - RIGHT);
  const y = (celsius: number) => HEAD + (1 - celsius / hottest) * (HEIGHT - HEAD - FOOT);
  const path = (minutes: number[], values: number[]) =>
    `M${minutes.map((at, i) => `${x(at).toFixed(1)},${y(values[i] ?? 0).toFixed(1)}`).join("L")}`;
  const lines = (of: Curves): Line[] => [
    { name: "rim", values: of.rim, colour: "heat", dash: "2 3" },
    { name: "base", values: of.base, colour: "ink2", dash: "6 3" },
    { name: "edge", values: of.edge, colour: "heat", dash: "8 4" },
    { name: "centre", values: of.centre, colour: "heat" },
  ];
  const every = until > 60 ? 20 : 10;
  const marks = report.events.filter(
    (event) => event.isInPlan && ["time-to-look", "safe", "golden"].includes(event.name),
  );
  const ends = apart(lines(curves).map((line) => ({ ...line, at: y(line.values.at(-1) ?? 0) + 5 })));
  return (
    <svg
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={inWords(report)}
      style={{ display: "block", overflow: "visible" }}
    >
      <g fontSize="14" fill={ink("ink2")}>
        {[0, 50, 100].map((celsius) => (
          <g key={celsius}>
            <path d={`M${LEFT},${y(celsius)} H${width - RIGHT}`} stroke={ink("hair2")} />
            <text x={LEFT - 6} y={y(celsius) + 5} textAnchor="end">
              {celsius}
            </text>
          </g>
        ))}
        {Array.from({ length: Math.floor(until / every) + 1 }, (_, i) => i * every).map((at) => (
          <text key={at} x={x(at)} y={HEIGHT - 6} textAnchor="middle">
            {at}
            {at === 0 ? "" : at + every > until ? " min" : ""}
          </text>
        ))}
      </g>
      {before &&
        lines(before.curves)
          .filter((line) => line.name === "centre" || line.name === "base")
          .map((line) => (
            <path
              key={line.name}
              d={path(before.curves.minutes, line.values)}
              fill="none"
              stroke={ink("ink3")}
              strokeWidth="1.4"
              strokeDasharray="1 4"
              data-ghost={line.name}
            />
          ))}
      {lines(curves).map((line) => (
        <path
          key={line.name}
          d={path(curves.minutes, line.values)}
          fill="none"
          stroke={ink(line.colour)}
          strokeWidth={line.name === "centre" ? 2.2 : 1.4}
          strokeDasharray={line.dash}
        />
      ))}
      {ends.map((line) => (
        <text key={line.name} x={width - RIGHT + 6} y={line.at} fontSize="14" fill={ink(line.colour)}>
          {line.name}
        </text>
      ))}
      {marks.map((event) => (
        <g key={event.name} fill={event.name === "golden" ? "none" : ink("ink")} stroke={ink("ink")} strokeWidth="1.6">
          {event.name === "golden" ? (
            <circle cx={x(event.minute)} cy={y(0) - 1} r="4.5" />
          ) : event.name === "set" ? (
            <path d={`M${x(event.minute)},${y(0) - 7} l6,6 l-6,6 l-6,-6 Z`} />
          ) : (
            <path d={`M${x(event.minute) - 5},${y(0) + 4} h10 l-5,-9 Z`} />
          )}
        </g>
      ))}
      {minute !== null && <path d={`M${x(minute)},${HEAD} V${y(0)}`} stroke={ink("rim")} strokeWidth="2" />}
    </svg>
  );
});

/** Names at the end of their lines, moved off each other. */
function apart<T extends { at: number }>(lines: T[]): T[] {
  let last = Number.NEGATIVE_INFINITY;
  return [...lines]
    .sort((a, b) => a.at - b.at)
    .map((line) => {
      last = Math.max(line.at, last + 14);
      return { ...line, at: last };
    });
}

function inWords(report: BakeReport): string {
  const end = (values: number[]) => number(values.at(-1) ?? 0);
  const { curves } = report;
  return `Temperatures over ${number(report.minutes)} min: at the end centre ${end(curves.centre)} °C, edge ${end(curves.edge)}, base ${end(curves.base)}, rim ${end(curves.rim)}.`;
}
