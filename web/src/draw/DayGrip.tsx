import type { KeyboardEvent, PointerEvent } from "react";
import type { DayTask } from "../api/client";
import { ink } from "../ui/theme";
import { clock } from "./dayScale";

export type Handlers = {
  choose: (task: DayTask) => void;
  begin: (task: DayTask, event: PointerEvent<SVGGElement>) => void;
  key: (task: DayTask, event: KeyboardEvent<SVGGElement>) => void;
};
export const toned = (task: DayTask) => (task.isTight ? ink("ink") : ink("rim"));
export const isPast = (task: DayTask) => task.state === "done";

/** What can be pressed, dragged and moved by keys in the drawing. */
export function Grip({
  task,
  number,
  chosen,
  on,
  children,
}: {
  task: DayTask;
  number: number | undefined;
  chosen: string | null;
  on: Handlers;
  children: React.ReactNode;
}) {
  const pinned = task.isPinned ? ", pinned" : "";
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand in a drawing
    <g
      role="button"
      tabIndex={0}
      aria-label={`${task.title}, ${clock(task.startMinute)} to ${clock(task.endMinute)}${pinned}`}
      aria-pressed={chosen === task.id}
      data-task={task.id}
      data-number={number}
      onClick={() => on.choose(task)}
      onPointerDown={(event) => on.begin(task, event)}
      onKeyDown={(event) => on.key(task, event)}
      style={{ cursor: "ew-resize", touchAction: "pan-y" }}
    >
      {children}
    </g>
  );
}
