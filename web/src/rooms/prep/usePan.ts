import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { scaleQuery } from "../../api/batchQueries";
import type { PrepAct } from "../../api/client";
import { readFigure } from "../../api/words";
import { type Ledger, ledgerOf } from "./ledger";
import type { Marks } from "./useMarks";

export type Way = "scale" | "typed" | "eye";
export type Pan = ReturnType<typeof usePan>;

/** One pan of an act: what it reads, by scale or typed, and when it is through. */
export function usePan(kitchen: string, act: PrepAct, marks: Marks, next: () => void) {
  const mark = marks.of(act.id);
  const [way, setWay] = useState<Way>("scale");
  const scale = useQuery({ ...scaleQuery(kitchen), enabled: way === "scale" });
  const live = way === "scale" ? (scale.data?.grams ?? null) : null;
  const tare = mark.tareGrams ?? null;
  const typed = mark.readsGrams ?? null;
  const reads = live ?? typed;
  const raw = act.goBeforeGrams;
  const stop = act.goStopGrams ?? raw;
  const ledger: Ledger | null = tare !== null && reads !== null ? ledgerOf(raw, stop, tare, reads) : null;
  const isLast = mark.goesDone + 1 >= act.goes;
  const finish = () => {
    marks.put(act.id, {
      goesDone: Math.min(act.goes, mark.goesDone + 1),
      isDone: isLast,
      // the next pan is another pan; what went by eye was not weighed
      readsGrams: isLast && way !== "eye" ? reads : null,
    });
    if (isLast) next();
  };
  const readMass = readFigure(kitchen, "weight");
  return {
    way,
    setWay,
    live,
    tare,
    typed,
    reads,
    raw,
    stop,
    ledger,
    stopReads: tare === null ? null : tare + stop,
    isLast,
    finish,
    readMass,
    isLooking: way === "scale" && scale.isPending,
    isLost: way === "scale" && !scale.isPending && live === null,
    put: (to: Parameters<Marks["put"]>[1]) => marks.put(act.id, to),
  };
}
