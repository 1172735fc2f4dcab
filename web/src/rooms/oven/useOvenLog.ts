import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { answer, api, type LiveBake, type OvenEventWish } from "../../api/client";
import { liveQuery } from "../../api/ovenQueries";
import { useOutbox } from "../../kept/useOutbox";
import { standing } from "./log";

type Pressed = { bake: string; event: OvenEventWish };
export type Press = Pick<OvenEventWish, "kind" | "leg"> & Partial<Pick<OvenEventWish, "what" | "answer" | "value">>;
export type OvenLogs = ReturnType<typeof useOvenLog>;

/** A name for an event that no other device gives. */
const newId = () => crypto.randomUUID();

/** What was pressed on all phones, and a press of one's own: it counts at once, is kept on the device, and sent once, in order. */
export function useOvenLog(kitchen: string) {
  const client = useQueryClient();
  const live = useQuery(liveQuery(kitchen));
  const sendOne = useCallback(
    async ({ bake, event }: Pressed) => {
      await answer(
        api.POST("/kitchens/{kitchen}/bakes/{bake}/events", {
          params: { path: { kitchen, bake } },
          body: { events: [event] },
        }),
      );
      // it is the server's now: it stands in the log before it leaves the outbox, so that nothing blinks
      client.setQueryData(liveQuery(kitchen).queryKey, (now) => withEvent(now, bake, event));
      if (event.kind === "ended") await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "at-oven"] });
    },
    [client, kitchen],
  );
  const { waiting, put, refused } = useOutbox<Pressed>(`hojaldre.oven.${kitchen}`, sendOne);
  const byBake = useMemo(() => new Map(live.data?.bakes.map((one) => [one.id, one])), [live.data]);
  const eventsOf = (bake: string): OvenEventWish[] => {
    const sent: OvenEventWish[] = byBake.get(bake)?.events ?? [];
    const known = new Set(sent.map((one) => one.id));
    return [...sent, ...waiting.filter((one) => one.bake === bake && !known.has(one.event.id)).map((one) => one.event)];
  };
  const press = (bake: string, ...presses: Press[]) => {
    for (const one of presses) {
      const { what = "", answer: seen = "", value = null } = one;
      put({ bake, event: { id: newId(), kind: one.kind, leg: one.leg, what, answer: seen, value, at: Date.now() } });
    }
  };
  return {
    liveOf: (bake: string): LiveBake | null => byBake.get(bake) ?? null,
    eventsOf,
    press,
    undo: (bake: string) => {
      const last = standing(eventsOf(bake)).at(-1);
      if (last) press(bake, { kind: "undo", leg: last.leg, what: last.id });
    },
    waiting: waiting.length,
    refused,
    isLost: live.isError || live.data?.isKept === true,
  };
}

function withEvent<T extends { bakes: LiveBake[] }>(
  now: T | undefined,
  bake: string,
  event: OvenEventWish,
): T | undefined {
  if (!now) return now;
  return {
    ...now,
    bakes: now.bakes.map((one) =>
      one.id !== bake || one.events.some((each) => each.id === event.id)
        ? one
        : { ...one, events: [...one.events, { ...event, pressedBy: "" }] },
    ),
  };
}
