import { useQueryClient } from "@tanstack/react-query";
import { answer, api, type Batch, type StoredBatch } from "../api/client";
import { useKept } from "../kept/useKept";

export type BatchState = ReturnType<typeof useBatch>;

const keptOf = (stored: StoredBatch) => ({
  document: stored.batch,
  revision: stored.revision,
  savedAt: stored.savedAt,
});

/** A batch that is worked on. */
export function useBatch(kitchen: string, stored: StoredBatch, mayWrite: boolean) {
  const client = useQueryClient();
  const path = { kitchen, batch: stored.id };
  const take = (made: StoredBatch) => {
    client.setQueryData(["kitchen", kitchen, "batch", stored.id], made);
    return keptOf(made);
  };
  return useKept<Batch>(
    keptOf(stored),
    mayWrite,
    async (batch, basedOn) => {
      const made = await answer(
        api.PUT("/kitchens/{kitchen}/batches/{batch}", { params: { path }, body: { basedOn, batch } }),
      );
      void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "batches"] });
      return take(made);
    },
    async () => take(await answer(api.GET("/kitchens/{kitchen}/batches/{batch}", { params: { path } }))),
  );
}
