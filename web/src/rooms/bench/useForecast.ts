import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { ApiProblem, type Forecast, type PieDesign, type Refusal } from "../../api/client";
import { forecastQuery } from "../../api/queries";

const WAIT_MS = 15;
const SAY_AFTER_MS = 300;
const NONE: Refusal[] = [];

/**
 * What the design on the bench will do. The last good answer stays while a newer one is worked out; `slow` after 300 ms
 * of that; `of` is the design that it holds for. Where the design is refused, the refusals come with it and the last good answer is marked stale.
 */
export function useForecast(kitchen: string, design: PieDesign, first: Forecast) {
  const asked = useSettled(design, WAIT_MS);
  const query = useQuery(forecastQuery(kitchen, asked));
  const good = useRef({ data: first, of: design });
  if (query.data && !query.isPlaceholderData) good.current = { data: query.data, of: asked };
  const working = asked !== design || query.isFetching;
  const slow = useSettled(working, SAY_AFTER_MS) && working;
  const problem = query.error instanceof ApiProblem ? query.error.problem : null;
  return { ...good.current, stale: working || problem !== null, slow, refusals: problem?.refusals ?? NONE, problem };
}

/** A value once it has stayed the same for a while. */
function useSettled<T>(value: T, ms: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return settled;
}
