import { useQueryClient } from "@tanstack/react-query";
import { answer, api, type Problem, problemOf, rememberToken, type Session } from "./client";
import { sessionQuery } from "./queries";
import { inTurn } from "./units";

export type Units = NonNullable<Session["user"]>["units"];

/** Questions whose answers are worded or measured in a cook's units. */
const SAID = new Set([
  "forecast",
  "ways-out",
  "card",
  "shell",
  "foods",
  "questions",
  "acts",
  "written",
  "beginnings",
  "on-hand",
  "recipe",
  "at-oven",
  "at-oven-live",
  "book",
  "bake",
  "causes",
  "lessons",
]);

/** Chooses a cook's units; words are read and said in the new ones from here on. Resolves to what went wrong, or null. */
export function useUnits() {
  const client = useQueryClient();
  return async (change: Partial<Units>): Promise<Problem | null> => {
    let problem: Problem | null = null;
    const chosen = await inTurn(async () => {
      const now = client.getQueryData(sessionQuery.queryKey)?.user?.units;
      if (!now) return null;
      const session = await answer(api.PUT("/session/units", { body: { ...now, ...change } }));
      client.setQueryData(sessionQuery.queryKey, rememberToken(session));
      return session;
    }).catch((thrown) => {
      problem = problemOf(thrown);
      return null;
    });
    if (!chosen?.user) return problem;
    client.removeQueries({
      // what is still out was typed before and is waited for
      predicate: ({ queryKey, state }) =>
        state.fetchStatus === "idle" && (queryKey[2] === "edit" || queryKey[2] === "rough"),
    });
    void client.invalidateQueries({
      queryKey: ["kitchen"],
      predicate: ({ queryKey }) => SAID.has(String(queryKey[2])),
    });
    return null;
  };
}
