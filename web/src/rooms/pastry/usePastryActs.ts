import { useQueryClient } from "@tanstack/react-query";
import { answer, api, type DoughPlan, type Formula, type WaterLog } from "../../api/client";
import { type Done, useWrite } from "../../api/useWrite";

/** What is written down of doughs: formulas, what they took; each can be taken back. */
export function usePastryActs(kitchen: string, batch: string) {
  const client = useQueryClient();
  const { said, trouble, write: put } = useWrite(kitchen);
  const write = (call: Promise<unknown>, told: Done | null) => put("pastry", call, told);
  const path = (dough: string) => ({ params: { path: { kitchen, dough } } });
  const send = (formula: Formula) =>
    answer(api.PUT("/kitchens/{kitchen}/doughs/{dough}", { ...path(formula.id), body: formula }));
  const drop = (dough: string) => answer(api.DELETE("/kitchens/{kitchen}/doughs/{dough}", path(dough)));
  /** writes a formula; undo brings back what was there, the usual one if there was none of one's own */
  const putFormula = (plan: DoughPlan, to: Formula) =>
    write(send(to), {
      words: `${plan.name} is written down.`,
      undo: () => void write(plan.isOwn && plan.formula ? send(plan.formula) : drop(plan.dough), null),
    });
  const usualAgain = (plan: DoughPlan) =>
    write(drop(plan.dough), {
      words: `${plan.name} is as usual again.`,
      undo: () => void (plan.formula && write(send(plan.formula), null)),
    });
  const logWater = (dough: string, log: WaterLog) =>
    write(answer(api.POST("/kitchens/{kitchen}/doughs/{dough}/waters", { ...path(dough), body: log })), {
      words: "Written down. Next time's estimate has moved.",
    });
  const unlogWater = (dough: string, water: string) =>
    write(
      answer(
        api.DELETE("/kitchens/{kitchen}/doughs/{dough}/waters/{water}", {
          params: { path: { kitchen, dough, water } },
        }),
      ),
      {
        words: "It is taken back.",
      },
    );
  const intoPies = async (plan: DoughPlan) => {
    const done = await write(
      answer(
        api.POST("/kitchens/{kitchen}/batches/{batch}/doughs/{dough}/into-pies", {
          params: { path: { kitchen, batch, dough: plan.dough } },
        }),
      ),
      { words: "The pies bake with this dough now. Each has a new revision; the one before is kept." },
    );
    if (done) await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "pies"] });
  };
  return { said, trouble, putFormula, usualAgain, logWater, unlogWater, intoPies };
}
