import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import { ApiProblem, type PieDesign, type TypedEntry, type WayOut } from "../../api/client";
import { editQuery, roughQuery } from "../../api/queries";
import { unitsChosen } from "../../api/units";
import { settledIn } from "../../pie/assumed";
import { applyChanges } from "../../pie/pointer";
import type { ReadResult } from "../../ui/entry";
import { type History, type HistoryAct, history } from "../../ui/history";
import type { Change } from "./BenchContext";
import { type Operation, operations } from "./operations";

export type Held = History<PieDesign>;

export const same = (a: PieDesign, b: PieDesign) => a === b || JSON.stringify(a) === JSON.stringify(b);

/** What a problem says to do, where it can say it of one thing. */
function mendOf(thrown: unknown): string {
  if (!(thrown instanceof ApiProblem)) throw thrown;
  return thrown.message;
}

/**
 * The design with its undo, and the acts on it, each in its turn: what is chosen, what is typed and read by the server, what the
 * server makes of it, a way out. `tried` is what is typed and not yet kept.
 *
 * @param acted told of every act as it is made
 */
export function useEdits(kitchen: string, first: () => Held, acted: () => void) {
  const client = useQueryClient();
  const [{ shown }, show] = useState(() => ({ state: first(), shown: first(), waits: false }));
  const [{ run, now }] = useState(() => operations<Held>(shown, show));
  const [tried, setTried] = useState<PieDesign | null>(null);
  const trying = useRef(0);

  const leaveTry = useCallback(() => {
    trying.current++;
    setTried(null);
  }, []);
  const operate = useCallback(
    async (operation: Operation<Held>, quick: boolean) => {
      acted();
      // what is typed stays shown until it is in the design
      if (quick) leaveTry();
      await run(operation, quick).finally(quick ? undefined : leaveTry);
    },
    [acted, leaveTry, run],
  );
  const act = useCallback(
    (what: (held: Held) => HistoryAct<PieDesign>) => void operate((held) => history(held, what(held)), true),
    [operate],
  );
  const change = useCallback(
    (by: Change) => act((held) => ({ do: "set", to: settledIn(held.present, by(held.present)) })),
    [act],
  );

  /** What an answer makes of the design; its first forecast comes with it. */
  const typedIn = useCallback(
    async (held: PieDesign, entry: TypedEntry) => {
      await unitsChosen();
      const got = await client.fetchQuery(editQuery(kitchen, held, entry));
      const to = applyChanges(held, got.changes);
      client.setQueryData(roughQuery(kitchen, to).queryKey, got.forecast);
      return to;
    },
    [client, kitchen],
  );
  const enter = useCallback(
    async (entry: TypedEntry): Promise<ReadResult<null>> => {
      try {
        await operate(async (held) => history(held, { do: "set", to: await typedIn(held.present, entry) }), false);
        return { ok: true, value: null };
      } catch (thrown) {
        return { ok: false, mend: mendOf(thrown) };
      }
    },
    [operate, typedIn],
  );
  const ask = useCallback(
    async (make: (held: PieDesign) => Promise<PieDesign>): Promise<string | null> => {
      try {
        await operate(async (held) => history(held, { do: "set", to: await make(held.present) }), false);
        return null;
      } catch (thrown) {
        return mendOf(thrown);
      }
    },
    [operate],
  );
  const preview = useCallback(
    (entry: TypedEntry | null) => {
      if (!entry) return leaveTry();
      const mine = ++trying.current;
      const of = now().present;
      // words half typed that mean nothing yet are no trouble
      typedIn(of, entry).then(
        (to) => mine === trying.current && now().present === of && setTried(to),
        () => {},
      );
    },
    [leaveTry, now, typedIn],
  );

  const undo = useCallback(() => act(() => ({ do: "undo" })), [act]);
  const redo = useCallback(() => act(() => ({ do: "redo" })), [act]);

  /** Only where it was worked out for what is on the bench; otherwise the right one is on its way. Says whether it was put in. */
  const put = useCallback(
    (changes: WayOut["changes"], of: PieDesign): PieDesign | null => {
      let applied: PieDesign | null = null;
      act((held) => {
        if (!same(held.present, of)) return { do: "set", to: held.present };
        applied = settledIn(held.present, applyChanges(held.present, changes));
        return { do: "set", to: applied };
      });
      return applied;
    },
    [act],
  );

  return { shown, tried, run, now, change, enter, ask, preview, undo, redo, put };
}
