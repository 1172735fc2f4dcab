import { useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { answer, api, type Day, type DayPlan, type StoredDay } from "../../api/client";
import { useKept } from "../../kept/useKept";

const keptOf = (stored: StoredDay) => ({ document: stored.day, revision: stored.revision, savedAt: stored.savedAt });

/** When each task begins, as people are told. */
export const toldOf = (plan: DayPlan | undefined) =>
  plan?.tasks.map((task) => ({ task: task.id, startMinute: task.startMinute })) ?? [];

/** A day that is worked on; with each save goes when each task of its plan begins, if it can be planned. */
export function useDay(kitchen: string, stored: StoredDay, mayWrite: boolean) {
  const client = useQueryClient();
  const path = { kitchen, day: stored.id };
  const planOf = useRef<(day: Day) => Promise<DayPlan>>(() => Promise.reject(new Error("The room is not open yet.")));
  const take = (made: StoredDay) => {
    client.setQueryData(["kitchen", kitchen, "day", stored.id], made);
    return keptOf(made);
  };
  const kept = useKept<Day>(
    keptOf(stored),
    mayWrite,
    async (day, basedOn) => {
      const plan = await planOf.current(day).catch(() => undefined);
      const body = { basedOn, batch: stored.batch, day, told: toldOf(plan) };
      const made = await answer(api.PUT("/kitchens/{kitchen}/days/{day}", { params: { path }, body }));
      void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "days"] });
      return take(made);
    },
    async () => take(await answer(api.GET("/kitchens/{kitchen}/days/{day}", { params: { path } }))),
  );
  return { kept, planOf };
}
