import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { marksQuery } from "../../api/batchQueries";
import { answer, api, type Mark, type MarkWish } from "../../api/client";
import { useOutbox } from "../../kept/useOutbox";

export type Marks = ReturnType<typeof useMarks>;

/** How far each act is. What is marked without a connection is kept on the device and sent in order when it is back. */
export function useMarks(kitchen: string, batch: string) {
  const client = useQueryClient();
  const query = useQuery(marksQuery(kitchen, batch));
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
  const { waiting, put: send, refused } = useOutbox(`hojaldre.marks.${batch}`, sendOne);

  const now = new Map<string, MarkWish & Partial<Mark>>(query.data?.map((one) => [one.act, one]));
  for (const one of waiting) now.set(one.act, { ...now.get(one.act), ...one });
  const of = (act: string): MarkWish & Partial<Mark> =>
    now.get(act) ?? { act, goesDone: 0, isDone: false, tareGrams: null, readsGrams: null };
  const put = (act: string, to: Partial<MarkWish>) => {
    const { goesDone, isDone, tareGrams, readsGrams } = of(act);
    send({ act, goesDone, isDone, tareGrams, readsGrams, ...to });
  };
  return { of, put, refused, isWaiting: waiting.length > 0, isLost: query.isError };
}
