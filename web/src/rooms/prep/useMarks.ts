import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { marksQuery } from "../../api/batchQueries";
import { ApiProblem, answer, api, type Mark, type MarkWish } from "../../api/client";

const AGAIN_MS = 3000;

const keyOf = (batch: string) => `hojaldre.marks.${batch}`;
const kept = (batch: string): MarkWish[] => {
  try {
    const found = JSON.parse(localStorage.getItem(keyOf(batch)) ?? "[]");
    return Array.isArray(found) ? (found as MarkWish[]) : [];
  } catch {
    return [];
  }
};

export type Marks = ReturnType<typeof useMarks>;

/** How far each act is. What is marked without a connection is kept on the device and sent in order when it is back. */
export function useMarks(kitchen: string, batch: string) {
  const client = useQueryClient();
  const query = useQuery(marksQuery(kitchen, batch));
  const [waiting, setWaiting] = useState(() => kept(batch));
  const [refused, setRefused] = useState<string | null>(null);
  const queue = useRef(waiting);
  const busy = useRef(false);

  const store = useCallback(
    (to: MarkWish[]) => {
      queue.current = to;
      if (to.length) localStorage.setItem(keyOf(batch), JSON.stringify(to));
      else localStorage.removeItem(keyOf(batch));
      setWaiting(to);
    },
    [batch],
  );

  const sendOne = useCallback(
    async (next: MarkWish) => {
      const sent = await answer(
        api.PUT("/kitchens/{kitchen}/batches/{batch}/marks", { params: { path: { kitchen, batch } }, body: next }),
      );
      await client.cancelQueries({ queryKey: ["kitchen", kitchen, "marks", batch] });
      client.setQueryData(["kitchen", kitchen, "marks", batch], sent.marks);
      // a weighing is evidence, and the list says so
      if (next.tareGrams !== null) void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "prep"] });
    },
    [batch, client, kitchen],
  );

  const send = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      for (let next = queue.current[0]; next; next = queue.current[0]) {
        await sendOne(next);
        store(queue.current.slice(1));
      }
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      // what the server will never take must not hold up the rest
      if (!thrown.isOffline && thrown.problem.status < 500) {
        setRefused(thrown.problem.mend);
        store(queue.current.slice(1));
      }
    } finally {
      busy.current = false;
    }
  }, [sendOne, store]);

  useEffect(() => {
    if (waiting.length === 0) return;
    void send();
    const timer = setInterval(() => void send(), AGAIN_MS);
    return () => clearInterval(timer);
  }, [waiting.length, send]);

  const now = new Map<string, MarkWish & Partial<Mark>>(query.data?.map((one) => [one.act, one]));
  for (const one of waiting) now.set(one.act, { ...now.get(one.act), ...one });
  const of = (act: string): MarkWish & Partial<Mark> =>
    now.get(act) ?? { act, goesDone: 0, isDone: false, tareGrams: null, readsGrams: null };
  const put = (act: string, to: Partial<MarkWish>) => {
    setRefused(null);
    const { goesDone, isDone, tareGrams, readsGrams } = of(act);
    store([...queue.current, { act, goesDone, isDone, tareGrams, readsGrams, ...to }]);
  };
  return { of, put, refused, isWaiting: waiting.length > 0, isLost: query.isError };
}
