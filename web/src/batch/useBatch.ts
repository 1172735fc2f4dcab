import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useReducer, useRef, useState } from "react";
import { ApiProblem, answer, api, type Batch, type Problem, type StoredBatch } from "../api/client";
import { begin, type History, type HistoryAct, history } from "../ui/history";

const WAIT_MS = 250;

type SaveState = "saved" | "saving" | { failed: Problem };
export type BatchState = ReturnType<typeof useBatch>;

/** A batch that is worked on: every change is saved by itself, one save after another, and can be undone. */
export function useBatch(kitchen: string, stored: StoredBatch, mayWrite: boolean) {
  const client = useQueryClient();
  const [state, act] = useReducer(
    (now: History<Batch>, one: HistoryAct<Batch> | { do: "change"; by: (batch: Batch) => Batch }) =>
      one.do === "change" ? history(now, { do: "set", to: one.by(now.present) }) : history(now, one),
    begin(stored.batch),
  );
  const [saveState, setSaveState] = useState<SaveState>("saved");
  const [savedAt, setSavedAt] = useState(stored.savedAt);
  const kept = useRef({ batch: stored.batch, revision: stored.revision });
  const busy = useRef(false);
  const present = useRef(state.present);
  present.current = state.present;

  const save = useCallback(async () => {
    if (busy.current || present.current === kept.current.batch) return;
    busy.current = true;
    setSaveState("saving");
    try {
      while (present.current !== kept.current.batch) {
        const sent = present.current;
        const made = await answer(
          api.PUT("/kitchens/{kitchen}/batches/{batch}", {
            params: { path: { kitchen, batch: stored.id } },
            body: { basedOn: kept.current.revision, batch: sent },
          }),
        );
        kept.current = { batch: sent, revision: made.revision };
        setSavedAt(made.savedAt);
        client.setQueryData(["kitchen", kitchen, "batch", stored.id], made);
      }
      setSaveState("saved");
      void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "batches"] });
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setSaveState({ failed: thrown.problem });
    } finally {
      busy.current = false;
    }
  }, [client, kitchen, stored.id]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: each new state is saved
  useEffect(() => {
    if (!mayWrite) return;
    const timer = setTimeout(() => void save(), WAIT_MS);
    return () => clearTimeout(timer);
  }, [state.present, save, mayWrite]);
  // leaving the room does not lose the last change
  useEffect(
    () => () => {
      if (mayWrite) void save();
    },
    [save, mayWrite],
  );

  /** after a clash: as it is now; undo brings back what was changed here, to be saved on top of it */
  const lookAgain = async () => {
    try {
      const theirs = await answer(
        api.GET("/kitchens/{kitchen}/batches/{batch}", { params: { path: { kitchen, batch: stored.id } } }),
      );
      kept.current = { batch: theirs.batch, revision: theirs.revision };
      client.setQueryData(["kitchen", kitchen, "batch", stored.id], theirs);
      act({ do: "reset", to: theirs.batch, past: [present.current] });
      setSavedAt(theirs.savedAt);
      setSaveState("saved");
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setSaveState({ failed: thrown.problem });
    }
  };

  // what is not sent yet is not saved, however short it waits
  const isKept = !mayWrite || state.present === kept.current.batch;
  return {
    present: state.present,
    change: useCallback((by: (batch: Batch) => Batch) => act({ do: "change", by }), []),
    undo: () => act({ do: "undo" }),
    redo: () => act({ do: "redo" }),
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    saveState: saveState === "saved" && !isKept ? ("saving" as const) : saveState,
    savedAt,
    retry: save,
    lookAgain,
  };
}
