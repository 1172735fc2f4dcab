import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { ApiProblem, type Forecast, type PieDesign, type Refusal } from "../../../api/client";
import { forecastQuery, roughQuery } from "../../../api/queries";
import { useSettled } from "../../../ui/useSettled";

const WAIT_MS = 15;
const SAY_AFTER_MS = 300;
const NONE: Refusal[] = [];

/**
 * What the design on the bench will do. A rough answer comes first, with the entry itself where there was one, and the fine
 * one follows (`rough` says which it is); the last good answer stays until then. `slow` after 300 ms of waiting; `of` is the
 * design that the answer holds for. Where the design is refused, the refusals come with it and the last good answer is stale.
 */
export function useForecast(kitchen: string, design: PieDesign, first: Forecast) {
  const client = useQueryClient();
  const isKnown = (of: PieDesign) => client.getQueryData(forecastQuery(kitchen, of).queryKey) !== undefined;
  const waited = useSettled(design, WAIT_MS);
  const isAnswered = isKnown(design) || client.getQueryData(roughQuery(kitchen, design).queryKey) !== undefined;
  const asked = isAnswered ? design : waited;
  const known = isKnown(asked);
  const quick = useQuery({ ...roughQuery(kitchen, asked), enabled: !known });
  // after the rough one, not beside it: they would keep each other waiting
  const fine = useQuery({ ...forecastQuery(kitchen, asked), enabled: known || !quick.isPending });
  const hasFine = fine.data !== undefined && !fine.isPlaceholderData;
  const good = useRef({ data: first, of: design, rough: false });
  const last = useRef(first.bake);
  if (hasFine && fine.data) {
    good.current = { data: fine.data, of: asked, rough: false };
    last.current = fine.data.bake;
  } else if (quick.data && good.current.of !== asked) {
    // curves and cues stay those of the last fine bake until the next one is there
    good.current = { data: { ...quick.data, bake: last.current }, of: asked, rough: true };
  }
  const working = asked !== design || !hasFine;
  const slow = useSettled(working, SAY_AFTER_MS) && working;
  const problem = fine.error instanceof ApiProblem ? fine.error.problem : null;
  return { ...good.current, stale: working || problem !== null, slow, refusals: problem?.refusals ?? NONE, problem };
}
