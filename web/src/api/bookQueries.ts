import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { answer, api, type LabelWish } from "./client";

/** A page of the bake book. */
export const bookQuery = (kitchen: string, find: string, which: string, page: number) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "book", find, which, page],
    queryFn: ({ signal }) =>
      answer(
        api.GET("/kitchens/{kitchen}/bakes", { params: { path: { kitchen }, query: { find, which, page } }, signal }),
      ),
    placeholderData: keepPreviousData,
  });

/** One bake, whole. */
export const bakeQuery = (kitchen: string, bake: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "bake", bake],
    queryFn: () => answer(api.GET("/kitchens/{kitchen}/bakes/{bake}", { params: { path: { kitchen, bake } } })),
  });

/** Why it went wrong: found by baking it again, so it takes a moment. */
export const causesQuery = (kitchen: string, bake: string, judged: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "causes", bake, judged],
    queryFn: ({ signal }) =>
      answer(api.GET("/kitchens/{kitchen}/bakes/{bake}/causes", { params: { path: { kitchen, bake } }, signal })),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });

export const lessonsQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "lessons"],
    queryFn: () => answer(api.GET("/kitchens/{kitchen}/lessons", { params: { path: { kitchen } } })),
  });

/** How good the forecasts were, and what fails most. */
export const figuresQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "book", "figures"],
    queryFn: () => answer(api.GET("/kitchens/{kitchen}/book-figures", { params: { path: { kitchen } } })),
  });

/** Trials of one change, the newest first. */
export const trialsQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "trials"],
    queryFn: () => answer(api.GET("/kitchens/{kitchen}/trials", { params: { path: { kitchen } } })),
  });

/** A label in words. */
export const labelQuery = (kitchen: string, wish: LabelWish) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "label", JSON.stringify(wish)],
    queryFn: ({ signal }) =>
      answer(api.POST("/kitchens/{kitchen}/labels", { params: { path: { kitchen } }, body: wish, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  });
