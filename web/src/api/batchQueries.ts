import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { answer, api, type Batch } from "./client";

export const batchesQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "batches"],
    queryFn: async () =>
      (await answer(api.GET("/kitchens/{kitchen}/batches", { params: { path: { kitchen } } }))).batches,
  });

export const batchQuery = (kitchen: string, batch: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "batch", batch],
    queryFn: () => answer(api.GET("/kitchens/{kitchen}/batches/{batch}", { params: { path: { kitchen, batch } } })),
    // what is being worked on must not be swapped under the cook's hands
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });

/** The doughs of a batch as it stands on the screen, saved or not. */
export const pastryQuery = (kitchen: string, batch: Batch) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "pastry", JSON.stringify(batch)],
    queryFn: async ({ signal }) =>
      (await answer(api.POST("/kitchens/{kitchen}/pastry", { params: { path: { kitchen } }, body: { batch }, signal })))
        .doughs,
    placeholderData: keepPreviousData,
    retry: false,
  });

/** What is to be done, weighed and bought for a batch as it stands on the screen. */
export const prepQuery = (kitchen: string, batch: Batch) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "prep", JSON.stringify(batch)],
    queryFn: ({ signal }) =>
      answer(api.POST("/kitchens/{kitchen}/prep", { params: { path: { kitchen } }, body: { batch }, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  });

const OTHER_PHONES_MS = 2000;

/** How far each act is; other phones mark too. */
export const marksQuery = (kitchen: string, batch: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "marks", batch],
    queryFn: async () =>
      (await answer(api.GET("/kitchens/{kitchen}/batches/{batch}/marks", { params: { path: { kitchen, batch } } })))
        .marks,
    refetchInterval: OTHER_PHONES_MS,
    retry: false,
  });

const SCALE_MS = 800;

/** What the scale reads now. One that is gone is asked again and again. */
export const scaleQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "scale"],
    queryFn: () => answer(api.GET("/kitchens/{kitchen}/scale-reading", { params: { path: { kitchen } } })),
    refetchInterval: SCALE_MS,
    retry: false,
    gcTime: 0,
  });

/** What is left over in the fridge and frozen; what must be used first stands first. */
export const leftoversQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "leftovers"],
    queryFn: async () =>
      (await answer(api.GET("/kitchens/{kitchen}/leftovers", { params: { path: { kitchen } } }))).leftovers,
    refetchInterval: OTHER_PHONES_MS,
    retry: false,
  });
