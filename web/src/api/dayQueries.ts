import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { answer, api, type PlanWish } from "./client";

export const daysQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "days"],
    queryFn: async () => (await answer(api.GET("/kitchens/{kitchen}/days", { params: { path: { kitchen } } }))).days,
  });

export const dayQuery = (kitchen: string, day: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "day", day],
    queryFn: () => answer(api.GET("/kitchens/{kitchen}/days/{day}", { params: { path: { kitchen, day } } })),
    // what is being worked on must not be swapped under the cook's hands
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });

/** A day as it would be planned; `marks` says which marks it was planned with. */
export const dayPlanQuery = (kitchen: string, wish: PlanWish, marks: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "day-plan", JSON.stringify(wish), marks],
    queryFn: ({ signal }) =>
      answer(api.POST("/kitchens/{kitchen}/day-plan", { params: { path: { kitchen } }, body: wish, signal })),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: 60_000,
  });

export const dayWaysQuery = (kitchen: string, wish: PlanWish) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "day-ways", JSON.stringify(wish)],
    queryFn: async ({ signal }) =>
      (await answer(api.POST("/kitchens/{kitchen}/day-ways", { params: { path: { kitchen } }, body: wish, signal })))
        .ways,
    retry: false,
    staleTime: 60_000,
  });

const OTHER_PHONES_MS = 1000;

/** What is done of a day, and its revision: what other phones did is seen within two seconds. */
export const dayMarksQuery = (kitchen: string, day: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "day-marks", day],
    queryFn: () => answer(api.GET("/kitchens/{kitchen}/days/{day}/marks", { params: { path: { kitchen, day } } })),
    refetchInterval: OTHER_PHONES_MS,
    retry: false,
  });

/** The saved states of a day; `revision` is the one that is known, so that a new one is looked for. */
export const dayRevisionsQuery = (kitchen: string, day: string, revision: number) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "day-revisions", day, revision],
    queryFn: async () =>
      (await answer(api.GET("/kitchens/{kitchen}/days/{day}/revisions", { params: { path: { kitchen, day } } })))
        .revisions,
    placeholderData: keepPreviousData,
    retry: false,
  });
