import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { answer, api, type DayMark, type DayMarkWish, type DayTask } from "../../api/client";
import { dayMarksQuery } from "../../api/dayQueries";
import { useOutbox } from "../../kept/useOutbox";

/** Further off nobody presses it as it happens: it is ticked at its planned time. */
const FAR_MINUTES = 720;
const isNear = (task: DayTask, now: number) => Math.abs(now - task.endMinute) < FAR_MINUTES;

export type DayMarks = ReturnType<typeof useDayMarks>;

/** What is done and what runs, on all phones. What is pressed without a connection is kept and sent in order. */
export function useDayMarks(kitchen: string, day: string) {
  const client = useQueryClient();
  const query = useQuery(dayMarksQuery(kitchen, day));
  const sendOne = useCallback(
    async (next: DayMarkWish) => {
      const sent = await answer(
        api.PUT("/kitchens/{kitchen}/days/{day}/marks", { params: { path: { kitchen, day } }, body: next }),
      );
      await client.cancelQueries({ queryKey: ["kitchen", kitchen, "day-marks", day] });
      client.setQueryData(["kitchen", kitchen, "day-marks", day], sent);
    },
    [client, day, kitchen],
  );
  const { waiting, put, refused } = useOutbox(`hojaldre.day-marks.${day}`, sendOne);
  const marked = new Map<string, Pick<DayMark, "startMinute" | "endMinute"> & { markedBy?: string }>(
    query.data?.marks.map((one) => [one.task, one]),
  );
  for (const one of waiting) {
    if (one.startMinute === null) marked.delete(one.task);
    else marked.set(one.task, { startMinute: one.startMinute, endMinute: one.endMinute });
  }
  const send = (task: DayTask, startMinute: number | null, endMinute: number | null) =>
    put({ task: task.id, kind: task.kind, startMinute, endMinute, plannedMinutes: task.endMinute - task.startMinute });
  return {
    of: (task: string) => marked.get(task) ?? null,
    /** changes when any of them does */
    key: JSON.stringify([...marked].map(([task, one]) => [task, one.startMinute, one.endMinute])),
    count: marked.size,
    revision: query.data?.revision ?? 0,
    begun: (task: DayTask, minute: number) => send(task, isNear(task, minute) ? minute : task.startMinute, null),
    done: (task: DayTask, minute: number) => {
      const at = isNear(task, minute) ? minute : task.endMinute;
      const began = marked.get(task.id)?.startMinute ?? Math.min(at, task.startMinute);
      send(task, Math.min(began, at), at);
    },
    undo: (task: DayTask) => send(task, null, null),
    refused,
    isWaiting: waiting.length > 0,
    isLost: query.isError,
  };
}
