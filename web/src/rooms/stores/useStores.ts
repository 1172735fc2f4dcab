import { answer, api, type FoodLabel, type StoredOven, type StoredTin } from "../../api/client";
import { type Done, useWrite } from "../../api/useWrite";

export type Stores = ReturnType<typeof useStores>;
export type StoreSectionProps = { kitchen: string; stores: Stores; mayWrite: boolean };

/** Writes to the stores; what was taken out can be put back, and what is refused says where. */
export function useStores(kitchen: string) {
  const { said, trouble, write } = useWrite(kitchen);
  const putFood = (food: string, label: FoodLabel, told: Done | null = null) =>
    write(
      "foods",
      answer(api.PUT("/kitchens/{kitchen}/foods/{food}", { params: { path: { kitchen, food } }, body: label })),
      told ?? { words: `${label.name} is in the stores.` },
    );
  const dropFood = (food: string, label: FoodLabel) =>
    write("foods", answer(api.DELETE("/kitchens/{kitchen}/foods/{food}", { params: { path: { kitchen, food } } })), {
      words: `${label.name} is removed. Pies that have it keep it.`,
      undo: () => void putFood(food, label),
    });
  const setPrice = (food: string, pricePerKg: number | null) =>
    write(
      "foods",
      answer(
        api.PUT("/kitchens/{kitchen}/foods/{food}/price", {
          params: { path: { kitchen, food } },
          body: { pricePerKg },
        }),
      ),
      null,
    );
  const putTin = ({ id, name, tin }: Pick<StoredTin, "id" | "name" | "tin">) =>
    write(
      "tins",
      answer(
        api.PUT("/kitchens/{kitchen}/tins/{tin}", { params: { path: { kitchen, tin: id } }, body: { name, tin } }),
      ),
      null,
    );
  const dropTin = (one: StoredTin) =>
    write(
      "tins",
      answer(api.DELETE("/kitchens/{kitchen}/tins/{tin}", { params: { path: { kitchen, tin: one.id } } })),
      {
        words: `${one.name} is removed.`,
        undo: () => void putTin(one),
      },
    );
  const putOven = ({ id, ...body }: StoredOven) =>
    write(
      "ovens",
      answer(api.PUT("/kitchens/{kitchen}/ovens/{oven}", { params: { path: { kitchen, oven: id } }, body })),
      null,
    );
  const dropOven = (one: StoredOven) =>
    write(
      "ovens",
      answer(api.DELETE("/kitchens/{kitchen}/ovens/{oven}", { params: { path: { kitchen, oven: one.id } } })),
      { words: `${one.name} is removed.`, undo: () => void putOven(one) },
    );
  return { said, trouble, putFood, dropFood, setPrice, putTin, dropTin, putOven, dropOven };
}
