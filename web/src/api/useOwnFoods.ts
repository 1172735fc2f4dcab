import { useQueryClient } from "@tanstack/react-query";
import { ownId } from "../food/ownId";
import { ApiProblem, answer, api, type FoodLabel, type StoredFood } from "./client";

type Mend = { at: string; mend: string };

/** Writes a food into the stores, from its packet or as one that is like another; what is refused says where. Then the name is known, and is said again. */
export function useOwnFoods(kitchen: string, foods: StoredFood[], again: (name: string) => Promise<unknown>) {
  const client = useQueryClient();
  const write = async (name: string, put: (food: string) => Promise<unknown>): Promise<Mend | null> => {
    try {
      await put(
        ownId(
          name,
          foods.map((one) => one.food.id),
        ),
      );
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      const first = thrown.problem.refusals[0];
      return { at: first?.at ?? "", mend: first?.mend ?? thrown.problem.mend };
    }
    await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "foods"] });
    await again(name);
    return null;
  };
  const path = (food: string) => ({ path: { kitchen, food } });
  return {
    fromPacket: (label: FoodLabel) =>
      write(label.name, (food) =>
        answer(api.PUT("/kitchens/{kitchen}/foods/{food}", { params: path(food), body: label })),
      ),
    like: (name: string, like: string) =>
      write(name, (food) =>
        answer(api.PUT("/kitchens/{kitchen}/foods/{food}/like", { params: path(food), body: { name, like } })),
      ),
  };
}
