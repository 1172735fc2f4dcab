import type { Day, DayPlan, DayTask } from "../api/client";
import { ink } from "../ui/theme";
import { Grip, type Handlers, isPast } from "./DayGrip";
import type { OvenLane } from "./dayLanes";
import { clock, type DayScale, LEFT } from "./dayScale";

export const OVEN = 100;
export const HOB = 36;

type Props = { plan: DayPlan; names: Map<string, string>; scale: DayScale; chosen: string | null; on: Handlers };

export function Hob({
  plan,
  scale,
  y,
  rings,
  numberOf,
}: Pick<Props, "plan" | "scale"> & { y: number; rings: number; numberOf: Map<string, number> }) {
  const floor = y + HOB - 10;
  const uses = plan.tasks
    .flatMap((task) => task.rings.map((ring) => ({ task, ...ring })))
    .sort((a, b) => a.fromMinute - b.fromMinute);
  const free: number[] = [];
  return (
    <g>
      <text x={0} y={floor - 4} fontSize="16" fontWeight="650" fill={ink("ink")}>
        Hob{" "}
        <tspan fontWeight="430" fill={ink("ink2")}>
          {rings} rings
        </tspan>
      </text>
      <line x1={LEFT - 8} x2={scale.width} y1={floor} y2={floor} stroke={ink("rim")} strokeWidth="1.4" />
      {uses.map(({ task, fromMinute, toMinute }) => {
        let ring = free.findIndex((until) => until <= fromMinute);
        ring = ring < 0 ? free.length : ring;
        free[ring] = toMinute;
        return (
          <rect
            key={`${task.id}${fromMinute}`}
            x={scale.x(fromMinute)}
            width={Math.max(2, scale.x(toMinute) - scale.x(fromMinute))}
            y={floor - 7 * (ring + 1)}
            height="5"
            fill={isPast(task) ? ink("ground") : ink("heat")}
            stroke={ink("heat")}
            strokeWidth="1"
          >
            <title>{`${numberOf.get(task.orders[0] ?? "") ?? ""} ${task.title}`}</title>
          </rect>
        );
      })}
    </g>
  );
}

const HOTTEST = 250;
const LABEL_PX = 50;

/** Heats that have room for their figures. */
function apart(labels: OvenLane["labels"], scale: DayScale) {
  let from = Number.NEGATIVE_INFINITY;
  return labels.filter(({ minute }) => {
    const isSaid = scale.x(minute) >= from;
    if (isSaid) from = scale.x(minute) + LABEL_PX;
    return isSaid;
  });
}

export function OvenTin({
  oven,
  lane,
  y,
  out,
  scale,
  numberOf,
  names,
  chosen,
  on,
}: Pick<Props, "scale" | "names" | "chosen" | "on"> & {
  oven: Day["kitchen"]["ovens"][number];
  lane: OvenLane;
  y: number;
  out: number | null;
  numberOf: Map<string, number>;
}) {
  const [top, floor] = [y + 8, y + OVEN - 22];
  const high = (celsius: number) => floor - 4 - (celsius / HOTTEST) * (floor - top - 8);
  const runs = Math.round(Math.abs(oven.runsByKelvins));
  return (
    <g>
      <text x={0} y={top + 18} fontSize="16" fontWeight="650" fill={ink("ink")}>
        {oven.name.length > 24 ? `${oven.name.slice(0, 23)}…` : oven.name}
      </text>
      <text x={0} y={top + 38} fontSize="14" fill={ink("ink2")}>
        {out !== null
          ? `out from ${clock(out)}`
          : runs > 0
            ? `runs ${runs} °C ${oven.runsByKelvins < 0 ? "cold" : "hot"}`
            : oven.mode}
      </text>
      <text x={0} y={top + 56} fontSize="14" fill={ink("ink2")}>
        {oven.shelves === 1 ? "1 shelf" : `${oven.shelves} shelves`}
      </text>
      <path
        d={`M${LEFT - 8},${top} V${floor} H${scale.width - 1} V${top}`}
        fill="none"
        stroke={ink("rim")}
        strokeWidth="2"
      />
      {out !== null && (
        <rect
          x={scale.x(out)}
          y={top}
          width={Math.max(0, scale.width - 2 - scale.x(out))}
          height={floor - top}
          fill={ink("well")}
        />
      )}
      <polyline
        points={lane.line.map(([minute, celsius]) => `${scale.x(minute)},${high(celsius)}`).join(" ")}
        fill="none"
        stroke={ink("heat")}
        strokeWidth="1.8"
      />
      {apart(lane.labels, scale).map(({ minute, celsius }) => (
        <text key={minute} x={scale.x(minute) + 3} y={high(celsius) - 5} fontSize="14" fill={ink("heat")}>
          {celsius} °C
        </text>
      ))}
      {lane.loads.map(({ task, from, to, level }) => {
        const [x1, x2] = [scale.x(from), scale.x(to)];
        const number = task.orders.length === 1 ? numberOf.get(task.orders[0] ?? "") : undefined;
        const tall = Math.min(30, (floor - top - 26) / Math.max(1, lane.levels));
        const base = floor - 2 - level * tall;
        return (
          <Grip key={`${task.id}${from}`} {...{ task, number, chosen, on }}>
            <LoadShape {...{ task, x1, x2, base }} tall={tall - 3} isChosen={chosen === task.id} />
            <LoadLabel
              task={task}
              number={number}
              name={names.get(task.orders[0] ?? "") ?? ""}
              x1={x1}
              x2={x2}
              y={base - tall / 2 + 4}
            />
          </Grip>
        );
      })}
    </g>
  );
}

/** An empty shell is an open tin, all else a loaf; what is done is pale. */
function LoadShape({
  task,
  x1,
  x2,
  base,
  tall,
  isChosen,
}: {
  task: DayTask;
  x1: number;
  x2: number;
  base: number;
  tall: number;
  isChosen: boolean;
}) {
  const loaf = `M${x1 + 0.5},${base} V${base - tall + 8} q0,-8 9,-8 H${Math.max(x1 + 9, x2 - 9)} q9,0 9,8 V${base} Z`;
  const past = isPast(task);
  return (
    <>
      {isChosen && (
        <rect
          x={x1 - 4}
          y={base - tall - 4}
          width={x2 - x1 + 8}
          height={tall + 8}
          rx="3"
          fill="none"
          stroke={ink("ink")}
          strokeWidth="2.4"
        />
      )}
      {task.kind === "shell" ? (
        <path
          d={`M${x1},${base - tall} V${base} H${x2} V${base - tall}`}
          fill={ink("ground")}
          stroke={ink(task.isTight ? "ink" : "heat")}
          strokeWidth="2"
          opacity={past ? 0.6 : 1}
        />
      ) : (
        <path
          d={loaf}
          fill={past ? ink("heat1") : ink(task.isTight ? "ink" : "heat")}
          stroke={past ? ink("heat") : "none"}
          strokeWidth="1.2"
        />
      )}
    </>
  );
}

function LoadLabel({
  task,
  number,
  name,
  x1,
  x2,
  y,
}: {
  task: DayTask;
  number: number | undefined;
  name: string;
  x1: number;
  x2: number;
  y: number;
}) {
  const room = Math.floor((x2 - x1 - 12) / 7.4);
  const word = number === undefined ? task.short : (name.split(/[ ,]/)[0] ?? "").toLowerCase();
  const words = [number, word].filter((one) => one !== undefined).join(" ");
  const said = words.length <= room ? words : number !== undefined && room >= 1 ? String(number) : "";
  const fill = task.kind === "shell" ? ink("ink") : isPast(task) ? ink("ink") : ink("ground");
  return (
    <text x={(x1 + x2) / 2} y={y} fontSize="14" fontWeight="650" fill={fill} textAnchor="middle">
      {said}
    </text>
  );
}
