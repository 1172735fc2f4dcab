import type { Day, DayPlan } from "../api/client";
import { ink } from "../ui/theme";
import { Grip, type Handlers, isPast, toned } from "./DayGrip";
import { HOB, Hob, OVEN, OvenTin } from "./DayOvens";
import { Shelf } from "./DayShelf";
import { lanesOf, ovenLane, shelfRows } from "./dayLanes";
import { clock, type DayScale, LEFT } from "./dayScale";

const AXIS = 34;
const HANDS = 41;
const ROW = 25;

type Props = {
  plan: DayPlan;
  day: Day;
  /** name of the pie of each order */
  names: Map<string, string>;
  scale: DayScale;
  nowMinute: number | null;
  chosen: string | null;
  on: Handlers;
};

function dayHeight(plan: DayPlan, day: Day): number {
  const hob = plan.tasks.some((task) => task.rings.length > 0) ? HOB : 0;
  return AXIS + day.kitchen.cooks.length * HANDS + 26 + day.orders.length * ROW + hob + day.kitchen.ovens.length * OVEN;
}

/** A planned day: hands above, the rack with a shelf for each order in the middle, ovens below. To scale in time. */
export function DayDrawing({ plan, day, names, scale, nowMinute, chosen, on }: Props) {
  const rows = shelfRows(plan, day, names);
  const shelves = AXIS + day.kitchen.cooks.length * HANDS + 26;
  const hobTop = shelves + day.orders.length * ROW;
  const hasHob = plan.tasks.some((task) => task.rings.length > 0);
  const ovensTop = hobTop + (hasHob ? HOB : 0);
  const height = dayHeight(plan, day);
  const numberOf = new Map(rows.map((row) => [row.order, row.number]));
  const yOf = new Map(rows.map((row, at) => [row.order, shelves + at * ROW + ROW / 2]));
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing of things that can be pressed
    <svg width={scale.width} height={height} role="group" aria-label="The day, drawn to scale in time">
      <Axis scale={scale} height={height} nowMinute={nowMinute} />
      <Threads plan={plan} scale={scale} yOf={yOf} ovensTop={ovensTop} day={day} />
      {day.kitchen.cooks.map((cook, at) => (
        <HandsLane
          // biome-ignore lint/suspicious/noArrayIndexKey: a cook is a place in the list
          key={at}
          name={cook.name}
          y={AXIS + at * HANDS}
          cook={at}
          {...{ plan, scale, numberOf, chosen, on }}
        />
      ))}
      <text x={0} y={shelves - 8} fontSize="16" fill={ink("ink2")}>
        Rack and fridge
      </text>
      {rows.map((row) => (
        <Shelf key={row.order} row={row} y={yOf.get(row.order) ?? 0} scale={scale} />
      ))}
      {hasHob && <Hob plan={plan} scale={scale} y={hobTop} rings={day.kitchen.rings} numberOf={numberOf} />}
      {day.kitchen.ovens.map((oven, at) => (
        <OvenTin
          key={oven.id}
          lane={ovenLane(plan, oven)}
          y={ovensTop + at * OVEN}
          out={day.failures.find((one) => one.oven === oven.id)?.fromMinute ?? null}
          {...{ oven, scale, numberOf, names, chosen, on }}
        />
      ))}
    </svg>
  );
}

function Axis({ scale, height, nowMinute }: { scale: DayScale; height: number; nowMinute: number | null }) {
  const now = nowMinute === null ? null : scale.x(nowMinute);
  return (
    <g aria-hidden>
      {scale.ticks.map((tick) => (
        <g key={tick.minute}>
          <line x1={tick.x} x2={tick.x} y1={AXIS - 6} y2={height} stroke={ink("hair2")} strokeWidth="1" />
          <text x={tick.x} y={AXIS - 14} fontSize="14" fill={ink("ink2")} textAnchor="middle">
            {clock(tick.minute)}
          </text>
        </g>
      ))}
      {scale.gaps.map((x) => (
        <path
          key={x}
          d={`M${x - 4},${AXIS - 16} l4,-6 M${x},${AXIS - 16} l4,-6`}
          stroke={ink("ink3")}
          strokeWidth="1.4"
          fill="none"
        />
      ))}
      {now !== null && (
        <g>
          <line x1={now} x2={now} y1={AXIS - 6} y2={height} stroke={ink("ink")} strokeWidth="2" strokeDasharray="2 4" />
          <rect x={now - 44} y={2} width="88" height="25" rx="3" fill={ink("ink")} />
          <text x={now} y={20} fontSize="14" fontWeight="650" fill={ink("ground")} textAnchor="middle">
            {clock(nowMinute ?? 0)} now
          </text>
        </g>
      )}
    </g>
  );
}

function HandsLane({
  name,
  y,
  cook,
  plan,
  scale,
  numberOf,
  chosen,
  on,
}: Pick<Props, "plan" | "scale" | "chosen" | "on"> & {
  name: string;
  y: number;
  cook: number;
  numberOf: Map<string, number>;
}) {
  const floor = y + HANDS - 8;
  return (
    <g>
      <text x={0} y={floor - 4} fontSize="16" fontWeight="650" fill={ink("ink")}>
        {name}
      </text>
      <line x1={LEFT - 8} x2={scale.width} y1={floor} y2={floor} stroke={ink("rim")} strokeWidth="1.4" />
      {lanesOf(plan, cook, scale).map(({ task, from, to, label }) => {
        const [x1, x2] = [scale.x(from), Math.max(scale.x(from) + 2.5, scale.x(to))];
        const number = task.orders.length === 1 ? numberOf.get(task.orders[0] ?? "") : undefined;
        return (
          <Grip key={`${task.id}${from}`} {...{ task, number, chosen, on }}>
            <rect x={x1 - 3} y={y + 6} width={x2 - x1 + 6} height={HANDS - 12} fill="transparent" />
            <rect
              x={x1}
              y={floor - 9}
              width={x2 - x1}
              height="9"
              fill={isPast(task) ? ink("ground") : toned(task)}
              stroke={isPast(task) ? toned(task) : ink("ground")}
              strokeWidth="1"
              opacity={isPast(task) ? 0.7 : 1}
            />
            {task.isPinned && <circle cx={(x1 + x2) / 2} cy={floor - 4.5} r="2.6" fill={ink("ground")} />}
            {chosen === task.id && (
              <rect
                x={x1 - 2.5}
                y={floor - 12}
                width={x2 - x1 + 5}
                height="15"
                rx="2"
                fill="none"
                stroke={ink("ink")}
                strokeWidth="2.4"
              />
            )}
            {label && (
              <text x={x1} y={floor - 14} fontSize="14" fill={task.isTight ? ink("ink") : ink("rim")}>
                {number !== undefined && <tspan fontWeight="700">{number} </tspan>}
                <tspan fill={ink("ink2")}>{label}</tspan>
              </text>
            )}
          </Grip>
        );
      })}
    </g>
  );
}

/** Where a pie leaves its shelf: up to hands, down to an oven. */
function Threads({
  plan,
  scale,
  yOf,
  ovensTop,
  day,
}: Pick<Props, "plan" | "scale" | "day"> & { yOf: Map<string, number>; ovensTop: number }) {
  const most = 9;
  if (day.orders.length > most) return null;
  return (
    <g aria-hidden>
      {plan.tasks
        .filter((task) => task.load !== "")
        .flatMap((task) => {
          const y = yOf.get(task.orders[0] ?? "") ?? 0;
          const heavy = task.isTight;
          const stroke = heavy ? ink("ink") : ink("rim");
          const lines = task.hands.map((hand) => ({
            x: scale.x(hand.fromMinute),
            y1: AXIS + hand.cook * HANDS + HANDS - 8,
            y2: y,
          }));
          const oven = day.kitchen.ovens.findIndex((one) => one.id === task.oven);
          const heats = task.heats.length > 0 ? [task.heats[0]?.fromMinute ?? 0, task.heats.at(-1)?.toMinute ?? 0] : [];
          for (const minute of heats) lines.push({ x: scale.x(minute), y1: y, y2: ovensTop + oven * OVEN + OVEN - 22 });
          return lines.map((line, at) => (
            <line
              // biome-ignore lint/suspicious/noArrayIndexKey: lines of one task keep their order
              key={`${task.id}${at}`}
              x1={line.x}
              x2={line.x}
              y1={line.y1}
              y2={line.y2}
              stroke={stroke}
              strokeWidth={heavy ? 1.6 : 0.7}
              opacity={heavy ? 0.9 : 0.45}
            />
          ));
        })}
    </g>
  );
}
