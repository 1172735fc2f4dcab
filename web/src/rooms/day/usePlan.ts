import { useQuery } from "@tanstack/react-query";
import type { Day, PlanWish } from "../../api/client";
import { dayPlanQuery } from "../../api/dayQueries";
import { useSettled } from "../../ui/useSettled";

const SETTLES_MS = 400;

export type Ask = Pick<PlanWish, "batch" | "stored" | "nowMinute" | "isAsTold">;

/** One way to ask, so that the same question is asked once. */
export const wishOf = (day: Day, ask: Ask, isQuick = false, why: string | null = null): PlanWish => ({
  day,
  batch: ask.batch,
  stored: ask.stored,
  nowMinute: ask.nowMinute,
  isAsTold: ask.isAsTold,
  isQuick,
  why,
});

/** The plan of a day: a quick one at once, a better one when nothing has changed for a moment. */
export function usePlan(kitchen: string, day: Day, ask: Ask, marks: string) {
  const wish = wishOf(day, ask);
  const key = JSON.stringify(wish);
  const settled = useSettled(key, SETTLES_MS) === key;
  const quick = useQuery({ ...dayPlanQuery(kitchen, wishOf(day, ask, true), marks), enabled: !settled });
  const whole = useQuery({ ...dayPlanQuery(kitchen, wish, marks), enabled: settled });
  const isWhole = settled && whole.data !== undefined && !whole.isPlaceholderData;
  return {
    plan: isWhole ? whole.data : (quick.data ?? whole.data),
    isWhole,
    isWorking: !isWhole,
    error: settled ? whole.error : quick.error,
    again: () => void whole.refetch(),
  };
}

/** Why one task is then, asked beside the plan so that this one stays as it is. */
export function useWhy(kitchen: string, day: Day, ask: Ask, marks: string, task: string | null) {
  return (
    useQuery({ ...dayPlanQuery(kitchen, wishOf(day, ask, false, task), marks), enabled: task !== null }).data?.why ??
    null
  );
}
