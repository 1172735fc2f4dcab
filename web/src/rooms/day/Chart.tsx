import { Box } from "@chakra-ui/react";
import { type KeyboardEvent, type PointerEvent, useMemo, useRef } from "react";
import type { Day, DayPlan, DayTask } from "../../api/client";
import { DayDrawing } from "../../draw/DayDrawing";
import { dayScale, LEFT } from "../../draw/dayScale";
import { useWidth } from "../../ui/useWidth";

/** So that a word fits above a piece of work. */
const LEAST_PX_A_MINUTE = 1.75;
const STEP = 5;
const RIGHT = 66;

type Props = {
  plan: DayPlan;
  day: Day;
  names: Map<string, string>;
  nowMinute: number | null;
  chosen: string | null;
  choose: (task: DayTask) => void;
  /** moved to a minute, not let go yet; null: as it was */
  hover: (to: { task: DayTask; minute: number } | null) => void;
  /** let go there */
  pin: (task: DayTask, minute: number) => void;
};

/** The drawing of the day; tasks are dragged by mouse or finger, or moved by keys. */
export function Chart({ plan, day, names, nowMinute, chosen, choose, hover, pin }: Props) {
  const [ref, seen] = useWidth<HTMLDivElement>(1200);
  const spans = useMemo(
    () => [
      ...plan.tasks.map((task) => [task.startMinute, task.endMinute] as const),
      ...plan.ovenTurns.map((turn) => [turn.minute, turn.minute] as const),
      ...plan.served.map((one) => [one.dueMinute, Math.max(one.dueMinute, one.readyMinute)] as const),
    ],
    [plan],
  );
  const scale = useMemo(() => {
    const fits = dayScale(spans, LEFT, seen - RIGHT);
    const wide =
      fits.pxPerMinute >= LEAST_PX_A_MINUTE
        ? seen
        : LEFT + ((seen - RIGHT - LEFT) * LEAST_PX_A_MINUTE) / fits.pxPerMinute + RIGHT;
    return { ...dayScale(spans, LEFT, wide - RIGHT), width: wide };
  }, [spans, seen]);
  const drag = useRef<{ task: DayTask; x: number; at: number } | null>(null);

  const minuteOf = (event: PointerEvent<Element>) => {
    const held = drag.current;
    if (!held) return null;
    return Math.round((held.task.startMinute + (event.clientX - held.x) / scale.pxPerMinute) / STEP) * STEP;
  };
  const move = (event: PointerEvent<HTMLDivElement>) => {
    const held = drag.current;
    const minute = minuteOf(event);
    if (!held || minute === null || minute === held.at) return;
    held.at = minute;
    hover({ task: held.task, minute });
  };
  const drop = (event: PointerEvent<HTMLDivElement>) => {
    const held = drag.current;
    const minute = minuteOf(event);
    drag.current = null;
    if (!held || minute === null) return;
    if (Math.abs(event.clientX - held.x) > 4 && minute !== held.task.startMinute) pin(held.task, minute);
    hover(null);
  };
  const key = (task: DayTask, event: KeyboardEvent<SVGGElement>) => {
    const by = { ArrowLeft: -STEP, ArrowRight: STEP }[event.key];
    if (by !== undefined) {
      event.preventDefault();
      pin(task, task.startMinute + (event.shiftKey ? by / STEP : by));
    } else if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      choose(task);
    }
  };
  return (
    <Box
      ref={ref}
      overflowX="auto"
      tabIndex={0}
      role="region"
      aria-label="Drawing of the day"
      onPointerMove={move}
      onPointerUp={drop}
      onPointerCancel={() => {
        drag.current = null;
        hover(null);
      }}
    >
      <DayDrawing
        {...{ plan, day, names, scale, nowMinute, chosen }}
        on={{
          choose,
          begin: (task, event) => {
            if (event.button !== 0 || task.state !== "ahead") return;
            drag.current = { task, x: event.clientX, at: task.startMinute };
          },
          key,
        }}
      />
    </Box>
  );
}
