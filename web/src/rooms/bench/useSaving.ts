import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import { ApiProblem, answer, api, type Pie, type PieDesign, type Problem, type Revision } from "../../api/client";
import { settled } from "../../ui/pending";
import type { Draft } from "./draft";
import type { Operation } from "./operations";
import { type Held, same } from "./useEdits";

type State = "still" | "saving" | { failed: Problem };

/** What is saved, on top of which revision the next one goes, and whether somebody saved meanwhile. */
export function useSaving(kitchen: string, pie: Pie, draft: Draft | null) {
  const client = useQueryClient();
  const [saved, setSaved] = useState<{ design: PieDesign; revision: Revision }>({
    design: pie.design,
    revision: pie.revision,
  });
  // as it is when a save's turn comes, not as it was when it was pressed
  const stored = useRef(pie.design);
  const basedOn = useRef(draft?.basedOn ?? pie.revision.number);
  const [state, setState] = useState<State>("still");
  const [clash, setClash] = useState<Revision | null>(
    draft && draft.basedOn < pie.revision.number ? pie.revision : null,
  );

  const send = useCallback(
    async (sent: PieDesign, onto: number) => {
      setState("saving");
      try {
        const made = await answer(
          api.POST("/kitchens/{kitchen}/pies/{pie}/revisions", {
            params: { path: { kitchen, pie: pie.id } },
            body: { basedOn: onto, design: sent },
          }),
        );
        setSaved({ design: sent, revision: made.revision });
        stored.current = sent;
        basedOn.current = made.revision.number;
        setClash(null);
        setState("still");
        void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "pies"] });
        void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "pie", pie.id, "revisions"] });
      } catch (thrown) {
        if (!(thrown instanceof ApiProblem)) throw thrown;
        if (thrown.problem.code === "clash" && thrown.problem.revision) {
          setClash(thrown.problem.revision);
          setState("still");
        } else {
          setState({ failed: thrown.problem });
        }
      }
    },
    [client, kitchen, pie.id],
  );
  const sends = useRef(Promise.resolve());
  /** What the design is when all that was done before has been done; one save after another. */
  const save = async (run: (operation: Operation<Held>) => Promise<void>, onto?: number) => {
    await settled();
    let turn: Promise<void> = Promise.resolve();
    await run((held) => {
      turn = sends.current.then(async () => {
        const isWanted = onto !== undefined || !same(held.present, stored.current);
        if (isWanted) await send(held.present, onto ?? basedOn.current);
      });
      sends.current = turn;
      return held;
    });
    await turn;
  };

  const isSavedNow = useCallback((theirs: Pie) => {
    setSaved({ design: theirs.design, revision: theirs.revision });
    stored.current = theirs.design;
    basedOn.current = theirs.revision.number;
    setClash(null);
  }, []);
  /** A failure is told until the next act. */
  const acted = useCallback(() => setState((before) => (before === "saving" ? before : "still")), []);

  return { saved, basedOn, state, clash, save, isSavedNow, acted };
}
