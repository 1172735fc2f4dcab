import { infiniteQueryOptions, keepPreviousData, queryOptions } from "@tanstack/react-query";
import {
  answer,
  api,
  type EntryKind,
  type Food,
  type PieDesign,
  type PieKind,
  type ReadingName,
  rememberToken,
  type Told,
  type TypedEntry,
  type WhatIfLever,
} from "./client";
import { orKept } from "./keptAnswer";
import { unitsChosen } from "./units";

/** Every question to the server, described once: screens, prefetch and invalidation share these. */
export const sessionQuery = queryOptions({
  queryKey: ["session"],
  // who sits here without a line is who sat here last
  queryFn: () => orKept("session", async () => rememberToken(await answer(api.GET("/session")))),
  staleTime: 5 * 60_000,
});

export const piesQuery = (kitchen: string, archived: boolean) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "pies", { archived }],
    queryFn: async () =>
      (
        await answer(
          api.GET("/kitchens/{kitchen}/pies", {
            params: { path: { kitchen }, query: { archived: archived ? "1" : "0" } },
          }),
        )
      ).pies,
  });

export const pieQuery = (kitchen: string, pie: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "pie", pie],
    queryFn: () => answer(api.GET("/kitchens/{kitchen}/pies/{pie}", { params: { path: { kitchen, pie } } })),
    // a pie that is being worked on must not be swapped under the cook's hands
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });

/** The same for a card: it is looked at, so it may be fresh. */
export const cardQuery = (kitchen: string, pie: string) =>
  queryOptions({ ...pieQuery(kitchen, pie), queryKey: ["kitchen", kitchen, "card", pie], staleTime: 0 });

export const revisionsQuery = (kitchen: string, pie: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "pie", pie, "revisions"],
    queryFn: async () =>
      (await answer(api.GET("/kitchens/{kitchen}/pies/{pie}/revisions", { params: { path: { kitchen, pie } } })))
        .revisions,
  });

export const foodsQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "foods"],
    queryFn: async () => (await answer(api.GET("/kitchens/{kitchen}/foods", { params: { path: { kitchen } } }))).foods,
    staleTime: Number.POSITIVE_INFINITY,
  });

export const tinsQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "tins"],
    queryFn: async () => (await answer(api.GET("/kitchens/{kitchen}/tins", { params: { path: { kitchen } } }))).tins,
    staleTime: 60_000,
  });

export const ovensQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "ovens"],
    queryFn: async () => (await answer(api.GET("/kitchens/{kitchen}/ovens", { params: { path: { kitchen } } }))).ovens,
    staleTime: 60_000,
  });

/** All that goes into so many tins of a design. */
export const billQuery = (kitchen: string, design: PieDesign, tins: number) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "bill", tins, JSON.stringify(design)],
    queryFn: ({ signal }) =>
      answer(api.POST("/kitchens/{kitchen}/bill", { params: { path: { kitchen } }, body: { design, tins }, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  });

/** What an unsaved design would do. A newer design is another question, so a late answer is never shown for it. */
export const forecastQuery = (kitchen: string, design: PieDesign) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "forecast", JSON.stringify(design)],
    queryFn: ({ signal }) =>
      answer(api.POST("/kitchens/{kitchen}/forecast", { params: { path: { kitchen } }, body: design, signal })),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    retry: false,
  });

const editOf = (kitchen: string, design: PieDesign, typed: TypedEntry | null, signal: AbortSignal) => {
  const entry = typed && {
    kind: typed.kind,
    words: typed.words,
    food: typed.food,
    boughtGrams: typed.boughtGrams ?? null,
    preparation: typed.preparation ?? "",
  };
  return answer(
    api.POST("/kitchens/{kitchen}/edits", {
      params: { path: { kitchen } },
      body: { design, at: typed?.at ?? "", entry },
      signal,
    }),
  );
};

/** What words typed into a design come to, what they change in it, and a first forecast of what comes of it. */
export const editQuery = (kitchen: string, design: PieDesign, entry: TypedEntry) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "edit", entry.at, entry.words, JSON.stringify(design)],
    queryFn: ({ signal }) => editOf(kitchen, design, entry, signal),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 10_000,
    retry: false,
  });

/** A first answer, from one coarse bake; it comes in a fraction of the time. */
export const roughQuery = (kitchen: string, design: PieDesign) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "rough", JSON.stringify(design)],
    queryFn: ({ signal }) => editOf(kitchen, design, null, signal).then((edit) => edit.forecast),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 10_000,
    retry: false,
  });

/** What mends one reading of a design; found by baking it again and again, so it takes longer than the readings. */
export const waysOutQuery = (kitchen: string, design: PieDesign, reading: ReadingName) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "ways-out", reading, JSON.stringify(design)],
    queryFn: async ({ signal }) =>
      (
        await answer(
          api.POST("/kitchens/{kitchen}/ways-out", {
            params: { path: { kitchen } },
            body: { design, reading },
            signal,
          }),
        )
      ).waysOut,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    retry: false,
  });

/** The film of a bake: fields over time. */
export const filmQuery = (kitchen: string, design: PieDesign) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "film", JSON.stringify(design)],
    queryFn: async ({ signal }) =>
      (await answer(api.POST("/kitchens/{kitchen}/bake", { params: { path: { kitchen } }, body: design, signal })))
        .film,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    retry: false,
  });

/** Par-bake or not. */
export const shellQuery = (kitchen: string, design: PieDesign) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "shell", JSON.stringify(design)],
    queryFn: async ({ signal }) =>
      (await answer(api.POST("/kitchens/{kitchen}/shell", { params: { path: { kitchen } }, body: design, signal })))
        .shell,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    retry: false,
  });

/** One thing changed by steps, and what becomes of every reading. */
export const whatIfQuery = (kitchen: string, design: PieDesign, lever: WhatIfLever) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "what-if", lever, JSON.stringify(design)],
    queryFn: async ({ signal }) =>
      (
        await answer(
          api.POST("/kitchens/{kitchen}/what-if", { params: { path: { kitchen } }, body: { design, lever }, signal }),
        )
      ).points,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    retry: false,
  });

/** What explains best how a bake came out; null while there is nothing to bake. */
export const matchOf = async (kitchen: string, design: PieDesign, told: Told) =>
  (await answer(api.POST("/kitchens/{kitchen}/matches", { params: { path: { kitchen } }, body: { design, told } })))
    .match;

/** What can stand in for the food at a place of the design. */
export const swapsQuery = (kitchen: string, design: PieDesign, at: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "swaps", at, JSON.stringify(design)],
    queryFn: async ({ signal }) =>
      (
        await answer(
          api.POST("/kitchens/{kitchen}/swaps", { params: { path: { kitchen } }, body: { design, at }, signal }),
        )
      ).swaps,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });

export type Fridge = {
  eggs: number;
  yolks: number;
  fatPercent: number | null;
  dairies: { food: Food; mostGrams: number | null }[];
};

/** Custards that fill the gap of a design from what is in the fridge. */
export const custardsQuery = (kitchen: string, design: PieDesign, fridge: Fridge) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "custards", JSON.stringify([design, fridge])],
    queryFn: ({ signal }) =>
      answer(
        api.POST("/kitchens/{kitchen}/custards", {
          params: { path: { kitchen } },
          body: { design, ...fridge },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });

/** What a cook's words come to. */
export const readEntry = async (kitchen: string, kind: EntryKind, words: string, food?: Food) => {
  await unitsChosen();
  return answer(
    api.POST("/kitchens/{kitchen}/entries", {
      params: { path: { kitchen } },
      body: { kind, words, food: food ?? null, boughtGrams: null, preparation: "" },
    }),
  );
};

/** The eight kinds that cooks begin with. */
export const beginningsQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "beginnings"],
    queryFn: async () =>
      (await answer(api.GET("/kitchens/{kitchen}/beginnings", { params: { path: { kitchen } } }))).beginnings,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** Pies that can be made of what is there. */
export const onHandQuery = (kitchen: string, foods: string[], tin: PieDesign["tin"] | null) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "on-hand", foods, tin],
    queryFn: async ({ signal }) =>
      (
        await answer(
          api.POST("/kitchens/{kitchen}/on-hand", {
            params: { path: { kitchen } },
            body: { foods: foods.map((id) => ({ id })), tin },
            signal,
          }),
        )
      ).pies,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });

/** A pasted recipe, read. */
export const recipeQuery = (kitchen: string, text: string, kind: PieKind | null) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "recipe", kind, text],
    queryFn: ({ signal }) =>
      answer(
        api.POST("/kitchens/{kitchen}/recipes", {
          params: { path: { kitchen } },
          body: { text, volumes: null, kind },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });

/** A saved pie written out: what goes in for so many, and what is done. */
export const writtenQuery = (kitchen: string, pie: string, revision: number, count: number) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "written", pie, revision, count],
    queryFn: () =>
      answer(
        api.GET("/kitchens/{kitchen}/pies/{pie}/recipe", { params: { path: { kitchen, pie }, query: { count } } }),
      ),
    placeholderData: keepPreviousData,
  });

/** What a design assumes, the most telling first. */
export const questionsQuery = (kitchen: string, design: PieDesign) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "questions", JSON.stringify(design)],
    queryFn: async ({ signal }) =>
      (await answer(api.POST("/kitchens/{kitchen}/questions", { params: { path: { kitchen } }, body: design, signal })))
        .questions,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    retry: false,
  });

/** The design with what a cook says put where it belongs. */
export const additionTo = async (kitchen: string, design: PieDesign, text: string) => {
  await unitsChosen();
  return answer(api.POST("/kitchens/{kitchen}/additions", { params: { path: { kitchen } }, body: { design, text } }));
};

/** Who cooks in a kitchen, and who is asked in. */
export const peopleQuery = (kitchen: string) =>
  queryOptions({
    queryKey: ["kitchen", kitchen, "people"],
    queryFn: () => answer(api.GET("/kitchens/{kitchen}/people", { params: { path: { kitchen } } })),
  });

/** What was done in a kitchen, fifty at a time, the newest first. */
export const actsQuery = (kitchen: string) =>
  infiniteQueryOptions({
    queryKey: ["kitchen", kitchen, "acts"],
    queryFn: ({ pageParam }) =>
      answer(
        api.GET("/kitchens/{kitchen}/acts", {
          params: { path: { kitchen }, query: pageParam === null ? {} : { before: pageParam } },
        }),
      ),
    initialPageParam: null as number | null,
    getNextPageParam: (page) => page.before,
  });

/** Who asks whom into which kitchen. */
export const invitationQuery = (token: string) =>
  queryOptions({
    queryKey: ["invitation", token],
    queryFn: () => answer(api.GET("/invitations/{token}", { params: { path: { token } } })),
    retry: false,
  });
