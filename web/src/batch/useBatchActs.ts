import { useNavigate } from "react-router";
import { answer, api, type BatchLine, type BatchSummary } from "../api/client";
import { useWrite } from "../api/useWrite";
import { newBatch } from "./batch";

const NAME_LONG = 80;

/** Puts down a batch and goes there; puts one away. */
export function useBatchActs(kitchen: string) {
  const navigate = useNavigate();
  const { said, trouble, write } = useWrite(kitchen);
  const begin = async (name: string, lines: BatchLine[]) => {
    const body = { basedOn: 0, batch: newBatch(name.slice(0, NAME_LONG).trim(), lines) };
    const made = answer(api.POST("/kitchens/{kitchen}/batches", { params: { path: { kitchen } }, body }));
    if (await write("batches", made, null)) void navigate(`/k/${kitchen}/batches/${(await made).id}`);
  };
  const away = (one: BatchSummary, isAway: boolean): Promise<boolean> =>
    write(
      "batches",
      answer(
        api.POST("/kitchens/{kitchen}/batches/{batch}/away", {
          params: { path: { kitchen, batch: one.id } },
          body: { away: isAway },
        }),
      ),
      isAway ? { words: `${one.name} is put away.`, undo: () => void away(one, false) } : null,
    );
  return { said, trouble, begin, away };
}
