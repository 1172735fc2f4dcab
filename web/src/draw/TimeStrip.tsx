import type { BakeReport } from "../api/client";
import { recessPath } from "../ui/recess";
import { ink } from "../ui/theme";

const RULE = 26;
const DEPTH = 9;

/** The stages on a rule, the one shown in the recess; above it the events with their ranges. */
export function TimeStrip({
  report,
  now,
  last,
  width,
}: {
  report: BakeReport;
  now: number;
  last: number;
  width: number;
}) {
  const x = (minute: number) => 8 + (Math.min(minute, last) / (last || 1)) * (width - 16);
  const shown = report.stages.find((stage) => now <= stage.to + 1e-6) ?? report.stages.at(-1);
  const began = report.stages.find((stage) => stage.name === "bake")?.from ?? 0;
  const marks = report.events.filter(
    (event) => ["time-to-look", "safe", "golden"].includes(event.name) && event.isInPlan,
  );
  return (
    <svg width={width} height={RULE + DEPTH + 22} aria-hidden="true" style={{ display: "block", overflow: "visible" }}>
      <path
        d={recessPath(width, RULE, DEPTH, shown ? x(shown.from) : null, shown ? x(shown.to) : null)}
        fill="none"
        stroke={ink("rim")}
        strokeWidth="2"
      />
      {report.stages.map((stage) => {
        const wide = x(stage.to) - x(stage.from);
        return wide < stage.name.length * 7 ? null : (
          <text
            key={stage.from}
            x={(x(stage.from) + x(stage.to)) / 2}
            y={RULE + DEPTH + 17}
            textAnchor="middle"
            fontSize="14"
            fontWeight={stage === shown ? "650" : "430"}
            fill={ink(stage === shown ? "ink" : "ink2")}
          >
            {stage.name}
          </text>
        );
      })}
      {report.stages.slice(1).map((stage) => (
        <path key={stage.from} d={`M${x(stage.from)},${RULE - 5} V${RULE}`} stroke={ink("rim")} strokeWidth="2" />
      ))}
      {marks.map((event, index) => {
        const y = 5 + index * 8;
        return (
          <g key={event.name} stroke={ink("ink")} strokeWidth="1.4" fill={ink("ink")}>
            <path d={`M${x(began + event.low)},${y} H${x(began + event.high)}`} strokeWidth="1" />
            {event.name === "golden" ? (
              <circle cx={x(began + event.minute)} cy={y} r="3.6" fill={ink("ground")} />
            ) : event.name === "set" ? (
              <path d={`M${x(began + event.minute)},${y - 5} l5,5 l-5,5 l-5,-5 Z`} />
            ) : (
              <path d={`M${x(began + event.minute) - 4},${y + 4} h8 l-4,-8 Z`} />
            )}
          </g>
        );
      })}
    </svg>
  );
}
