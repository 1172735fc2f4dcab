import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useRef } from "react";
import { answer, api } from "../../api/client";
import { thermometersQuery } from "../../api/ovenQueries";
import { useOutbox } from "../../kept/useOutbox";

/** One reading in so long is kept. */
const EVERY_MS = 5000;
/** A probe that said nothing for so long is silent. */
const SILENT_MS = 60_000;

type Reading = { bake: string; at: number; celsius: number };

/** What the thermometers read now. Of the pie that has the probe a reading every five seconds is kept and sent. */
export function useProbe(kitchen: string, plugged: string | null, isWanted: boolean) {
  const { data } = useQuery(thermometersQuery(kitchen, isWanted || plugged !== null));
  const sendOne = useCallback(
    async ({ bake, at, celsius }: Reading) => {
      await answer(
        api.POST("/kitchens/{kitchen}/bakes/{bake}/readings", {
          params: { path: { kitchen, bake } },
          body: { readings: [{ at, celsius }] },
        }),
      );
    },
    [kitchen],
  );
  const { put } = useOutbox<Reading>(`hojaldre.probe.${kitchen}`, sendOne);
  const last = useRef({ at: 0, heard: Date.now() });
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new answer is what is waited for
  useEffect(() => {
    if (!plugged || !data || data.probeCelsius === null) return;
    last.current.heard = data.at;
    if (data.at - last.current.at < EVERY_MS) return;
    last.current.at = data.at;
    put({ bake: plugged, at: data.at, celsius: data.probeCelsius });
  }, [data, plugged]);
  const silentSince = data && data.probeCelsius === null ? last.current.heard : null;
  return {
    probeCelsius: data?.probeCelsius ?? null,
    ovenCelsius: data?.ovenCelsius ?? null,
    silentSince: silentSince !== null && Date.now() - silentSince > SILENT_MS ? silentSince : null,
  };
}
