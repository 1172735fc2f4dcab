import { useCallback, useEffect, useReducer, useRef, useState } from "react";
import { ApiProblem, type Problem } from "../api/client";
import { begin, type History, type HistoryAct, history } from "../ui/history";

const WAIT_MS = 250;

type SaveState = "saved" | "saving" | { failed: Problem };
type Stored<T> = { document: T; revision: number; savedAt: string };
export type Kept<T> = ReturnType<typeof useKept<T>>;

/**
 * A document that is worked on: every change is saved by itself, one save after another, and can be undone. `send` saves a state on
 * the revision it was based on, `fetch` brings it as it is now.
 */
export function useKept<T>(
  stored: Stored<T>,
  mayWrite: boolean,
  send: (document: T, basedOn: number) => Promise<Stored<T>>,
  fetch: () => Promise<Stored<T>>,
) {
  const [state, act] = useReducer(
    (now: History<T>, one: HistoryAct<T> | { do: "change"; by: (document: T) => T }) =>
      one.do === "change" ? history(now, { do: "set", to: one.by(now.present) }) : history(now, one),
    begin(stored.document),
  );
  const [saveState, setSaveState] = useState<SaveState>("saved");
  const [savedAt, setSavedAt] = useState(stored.savedAt);
  const kept = useRef({ document: stored.document, revision: stored.revision });
  const busy = useRef(false);
  const present = useRef(state.present);
  present.current = state.present;
  const calls = useRef({ send, fetch });
  calls.current = { send, fetch };

  const save = useCallback(async () => {
    if (busy.current || present.current === kept.current.document) return;
    busy.current = true;
    setSaveState("saving");
    try {
      while (present.current !== kept.current.document) {
        const sent = present.current;
        const made = await calls.current.send(sent, kept.current.revision);
        kept.current = { document: sent, revision: made.revision };
        setSavedAt(made.savedAt);
      }
      setSaveState("saved");
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setSaveState({ failed: thrown.problem });
    } finally {
      busy.current = false;
    }
  }, []);

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

  const take = (theirs: Stored<T>, past: T[]) => {
    kept.current = { document: theirs.document, revision: theirs.revision };
    act({ do: "reset", to: theirs.document, past });
    setSavedAt(theirs.savedAt);
    setSaveState("saved");
  };

  /** after a clash: as it is now; undo brings back what was changed here, to be saved on top of it */
  const lookAgain = async () => {
    try {
      take(await calls.current.fetch(), [present.current]);
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setSaveState({ failed: thrown.problem });
    }
  };

  /** somebody else saved a later one: where nothing was changed here it is taken, else the next save will tell */
  const hear = async (revision: number) => {
    if (revision <= kept.current.revision || busy.current || present.current !== kept.current.document) return;
    try {
      const theirs = await calls.current.fetch();
      if (present.current === kept.current.document && theirs.revision > kept.current.revision) take(theirs, []);
    } catch (thrown) {
      // it is asked again soon
      if (!(thrown instanceof ApiProblem)) throw thrown;
    }
  };

  // what is not sent yet is not saved, however short it waits
  const isKept = !mayWrite || state.present === kept.current.document;
  return {
    present: state.present,
    change: useCallback((by: (document: T) => T) => act({ do: "change", by }), []),
    undo: () => act({ do: "undo" }),
    redo: () => act({ do: "redo" }),
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    saveState: saveState === "saved" && !isKept ? ("saving" as const) : saveState,
    savedAt,
    retry: save,
    lookAgain,
    hear,
  };
}
