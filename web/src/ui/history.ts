/** What can be undone: states before, the one now, states undone. A pure value. */
export type History<T> = { past: T[]; present: T; future: T[] };

export type HistoryAct<T> =
  | { do: "set"; to: T }
  | { do: "undo" }
  | { do: "redo" }
  /** begin anew, with nothing to undo */
  | { do: "reset"; to: T; past?: T[] };

const MOST = 200;

export function begin<T>(present: T, past: T[] = []): History<T> {
  return { past, present, future: [] };
}

export function history<T>(state: History<T>, act: HistoryAct<T>): History<T> {
  switch (act.do) {
    case "set":
      return act.to === state.present
        ? state
        : { past: [...state.past, state.present].slice(-MOST), present: act.to, future: [] };
    case "undo": {
      const before = state.past.at(-1);
      return before === undefined
        ? state
        : { past: state.past.slice(0, -1), present: before, future: [state.present, ...state.future] };
    }
    case "redo": {
      const [next, ...rest] = state.future;
      return next === undefined ? state : { past: [...state.past, state.present], present: next, future: rest };
    }
    case "reset":
      return begin(act.to, act.past);
  }
}
