import { queryOptions } from "@tanstack/react-query";
import { answer, api } from "./client";
import { orKept } from "./keptAnswer";

const LIVE_MS = 2000;
const LIST_MS = 10_000;
const THERMOMETER_MS = 1000;

/** The pies that wait for the oven, are in it, or rest; kept on the device for when the line is gone. */
export const atOvenQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "at-oven"],
    queryFn: async () =>
      (
        await orKept(`oven.${kitchen}`, () =>
          answer(api.GET("/kitchens/{kitchen}/at-oven", { params: { path: { kitchen } } })),
        )
      ).bakes,
    refetchInterval: LIST_MS,
    refetchIntervalInBackground: true,
    retry: false,
  });

/** What was pressed and measured of them, on all phones. */
export const liveQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "at-oven-live"],
    queryFn: () =>
      orKept(`live.${kitchen}`, () =>
        answer(
          api.GET("/kitchens/{kitchen}/at-oven/live", { params: { path: { kitchen }, query: { at: Date.now() } } }),
        ),
      ),
    refetchInterval: LIVE_MS,
    refetchIntervalInBackground: true,
    retry: false,
  });

/** What probe and oven thermometer read, while somebody wants to know. */
export const thermometersQuery = (kitchen: string, isWanted: boolean) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "thermometers"],
    queryFn: async () => ({
      ...(await answer(api.GET("/kitchens/{kitchen}/thermometers", { params: { path: { kitchen } } }))),
      at: Date.now(),
    }),
    enabled: isWanted,
    refetchInterval: THERMOMETER_MS,
    refetchIntervalInBackground: true,
    retry: false,
  });
