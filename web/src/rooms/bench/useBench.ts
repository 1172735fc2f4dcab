import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useState } from "react";
import type { Pie } from "../../api/client";
import { forecastQuery } from "../../api/queries";
import { begin } from "../../ui/history";
import { type Draft, dropDraft, keepDraft } from "./draft";
import { useForecast } from "./forecast/useForecast";
import { same, useEdits } from "./useEdits";
import { useSaving } from "./useSaving";

/** One pie on the bench: its design with undo, what it will do, and whether it is saved. */
export function useBench(kitchen: string, pie: Pie, draft: Draft | null) {
  const client = useQueryClient();
  const { saved, basedOn, state, clash, save, isSavedNow, acted } = useSaving(kitchen, pie, draft);
  const { shown, tried, run, now, change, undo, redo, ...edits } = useEdits(
    kitchen,
    () => (draft ? begin(draft.design, [pie.design]) : begin(pie.design)),
    acted,
  );
  const present = shown.present;
  const design = tried ?? present;
  const changed = !same(present, saved.design);

  useState(() => client.setQueryData(forecastQuery(kitchen, pie.design).queryKey, pie.forecast));
  const forecast = useForecast(kitchen, design, pie.forecast);

  useEffect(() => {
    if (changed)
      void keepDraft(kitchen, pie.id, { design: present, basedOn: basedOn.current, at: new Date().toISOString() });
    else void dropDraft(kitchen, pie.id);
  }, [changed, present, kitchen, pie.id, basedOn]);

  /** Put another revision on the bench as a change that can be undone. */
  const take = useCallback((other: Pie) => change(() => other.design), [change]);

  /** The revision that was saved meanwhile becomes what is saved; undo brings one's own back. */
  const takeTheirs = useCallback(
    (theirs: Pie) => {
      isSavedNow(theirs);
      take(theirs);
    },
    [isSavedNow, take],
  );

  return {
    ...edits,
    design,
    present,
    now: useCallback(() => now().present, [now]),
    forecast,
    change,
    undo,
    redo,
    canUndo: shown.past.length > 0,
    canRedo: shown.future.length > 0,
    changed,
    revision: saved.revision,
    saveState: state === "still" ? (changed ? "changed" : "saved") : state,
    save: () => save(run),
    saveOnto: (onto: number) => save(run, onto),
    clash,
    take,
    takeTheirs,
  } as const;
}

export type BenchState = ReturnType<typeof useBench>;
