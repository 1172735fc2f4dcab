import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import { bakeQuery } from "../../api/bookQueries";
import { answer, api, type BakeRecord, type JudgementWish } from "../../api/client";
import { useOutbox } from "../../kept/useOutbox";

const wishOf = (record: BakeRecord): JudgementWish => ({
  underside: record.bake.underside,
  slice: record.bake.slice,
  colour: record.bake.colour,
  salt: record.bake.salt,
  faults: record.faults,
  words: record.words,
  nextTime: record.bake.nextTime,
});

/** How a bake is judged: each tap counts at once and is kept, sent when there is a line, and can be taken back. */
export function useJudgement(kitchen: string, record: BakeRecord) {
  const client = useQueryClient();
  const bake = record.bake.id;
  const [now, setNow] = useState(() => wishOf(record));
  const [keptAt, setKeptAt] = useState<number | null>(null);
  const past = useRef<JudgementWish[]>([]);
  const sendOne = useCallback(
    async (wish: JudgementWish) => {
      const said = await answer(
        api.PUT("/kitchens/{kitchen}/bakes/{bake}/judgement", { params: { path: { kitchen, bake } }, body: wish }),
      );
      client.setQueryData(bakeQuery(kitchen, bake).queryKey, said);
      setKeptAt(Date.now());
      await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "book"] });
      await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "lessons"] });
    },
    [bake, client, kitchen],
  );
  const { waiting, put, refused } = useOutbox(`hojaldre.judge.${bake}`, sendOne);
  const change = (to: Partial<JudgementWish>) => {
    past.current.push(now);
    const next = { ...now, ...to };
    setNow(next);
    put(next);
  };
  const undo = () => {
    const before = past.current.pop();
    if (!before) return;
    setNow(before);
    put(before);
  };
  return { now, change, undo, canUndo: past.current.length > 0, isWaiting: waiting.length > 0, keptAt, refused };
}
