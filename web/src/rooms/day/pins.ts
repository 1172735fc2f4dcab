import type { Day } from "../../api/client";

/** A task put at a minute by hand. */
export const pinned = (day: Day, task: string, startMinute: number): Day => ({
  ...day,
  pins: [...day.pins.filter((one) => one.task !== task), { task, startMinute }],
});
export const unpinned = (day: Day, task: string): Day => ({
  ...day,
  pins: day.pins.filter((one) => one.task !== task),
});
