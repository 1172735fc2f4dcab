import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem, answer, api, type Pie, type PieDesign, type Problem, type Revision } from "../../api/client";
import { forecastQuery } from "../../api/queries";
import { begin, type History, type HistoryAct, history } from "../../ui/history";
import { settled } from "../../ui/pending";
import type { Change } from "./BenchContext";
import { type Draft, dropDraft, keepDraft } from "./draft";
import { useForecast } from "./useForecast";

type SaveState = "saved" | "changed" | "saving" | { failed: Problem };

const same = (a: PieDesign, b: PieDesign) => a === b || JSON.stringify(a) === JSON.stringify(b);

/** One pie on the bench: its design with undo, what it will do, and whether it is saved. */
export function useBench(kitchen: string, pie: Pie, draft: Draft | null) {
  const client = useQueryClient();
  const [state, show] = useState<History<PieDesign>>(() =>
    draft ? begin(draft.design, [pie.design]) : begin(pie.design),
  );
  const [saved, setSaved] = useState<{ design: PieDesign; revision: Revision }>({
    design: pie.design,
    revision: pie.revision,
  });
  const [basedOn, setBasedOn] = useState(draft?.basedOn ?? pie.revision.number);
  const [saving, setSaving] = useState<SaveState>("saved");
  const [clash, setClash] = useState<Revision | null>(
    draft && draft.basedOn < pie.revision.number ? pie.revision : null,
  );
  const [tried, setTried] = useState<PieDesign | null>(null);

  const present = state.present;
  const design = tried ?? present;
  const changed = !same(present, saved.design);

  useState(() => client.setQueryData(forecastQuery(kitchen, pie.design).queryKey, pie.forecast));
  const forecast = useForecast(kitchen, design, pie.forecast);

  useEffect(() => {
    if (changed) void keepDraft(kitchen, pie.id, { design: present, basedOn, at: new Date().toISOString() });
    else void dropDraft(kitchen, pie.id);
  }, [changed, present, basedOn, kitchen, pie.id]);

  // moved on with every change, not when it is drawn: neither a change nor a save right behind it may begin from the state before
  const latest = useRef(state);
  const act = useCallback((what: HistoryAct<PieDesign>) => {
    latest.current = history(latest.current, what);
    setTried(null);
    show(latest.current);
  }, []);
  const change = useCallback(
    (by: Change) => {
      setSaving((now) => (now === "saving" ? now : "saved"));
      act({ do: "set", to: by(latest.current.present) });
    },
    [act],
  );

  const preview = useCallback((by: Change | null) => setTried(by ? by(latest.current.present) : null), []);
  const save = useCallback(
    async (onto: number) => {
      await settled();
      const sent = latest.current.present;
      setSaving("saving");
      try {
        const stored = await answer(
          api.POST("/kitchens/{kitchen}/pies/{pie}/revisions", {
            params: { path: { kitchen, pie: pie.id } },
            body: { basedOn: onto, design: sent },
          }),
        );
        setSaved({ design: sent, revision: stored.revision });
        setBasedOn(stored.revision.number);
        setClash(null);
        setSaving("saved");
        void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "pies"] });
        void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "pie", pie.id, "revisions"] });
      } catch (thrown) {
        if (!(thrown instanceof ApiProblem)) throw thrown;
        if (thrown.problem.code === "clash" && thrown.problem.revision) {
          setClash(thrown.problem.revision);
          setSaving("saved");
        } else {
          setSaving({ failed: thrown.problem });
        }
      }
    },
    [client, kitchen, pie.id],
  );

  const undo = useCallback(() => act({ do: "undo" }), [act]);
  const redo = useCallback(() => act({ do: "redo" }), [act]);

  /** Put another revision on the bench as a change that can be undone. */
  const take = useCallback((other: Pie) => act({ do: "set", to: other.design }), [act]);

  /** The revision that was saved meanwhile becomes what is saved; undo brings one's own back. */
  const takeTheirs = useCallback(
    (theirs: Pie) => {
      setSaved({ design: theirs.design, revision: theirs.revision });
      setBasedOn(theirs.revision.number);
      setClash(null);
      take(theirs);
    },
    [take],
  );

  return {
    design,
    present,
    forecast,
    change,
    preview,
    undo,
    redo,
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    changed,
    revision: saved.revision,
    saveState: saving === "saved" ? (changed ? "changed" : "saved") : saving,
    save: async () => {
      await settled();
      if (!same(latest.current.present, saved.design)) await save(basedOn);
    },
    saveOnto: save,
    clash,
    take,
    takeTheirs,
  };
}

export type BenchState = ReturnType<typeof useBench>;
