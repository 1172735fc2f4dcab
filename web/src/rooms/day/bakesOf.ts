import type { BakeWish, Day, DayPlan } from "../../api/client";

/** The loads of a day that go through the oven and are not out yet, as wishes for the room At the oven. An id from day and load: pressed twice, each is there once. */
export async function bakesOf(
  id: string,
  batch: string | null,
  day: Day,
  plan: DayPlan,
  isDone: (task: string) => boolean,
): Promise<BakeWish[]> {
  const midnight = new Date(`${day.date}T00:00:00`).getTime();
  const bakes = plan.tasks.filter((task) => task.kind === "bake" && !isDone(task.id));
  return Promise.all(
    bakes.map(async (task) => {
      const order = day.orders.find((one) => one.id === task.orders[0]);
      if (!order) throw new Error(`The plan bakes an order that is not in the day: ${task.orders[0]}.`);
      const loads = plan.tasks.filter((one) => one.kind === "bake" && one.orders[0] === order.id).length;
      return {
        id: await uuidOf(`${id}/${task.id}`),
        pie: order.pie,
        design: null,
        count: Math.max(1, Math.round(order.count / loads)),
        oven: task.oven,
        isFrozen: order.from === "frozen",
        batch,
        plannedAt: midnight + task.startMinute * 60_000,
      };
    }),
  );
}

/** The same for the same words. */
async function uuidOf(words: string): Promise<string> {
  const digest = new Uint8Array(await crypto.subtle.digest("SHA-256", new TextEncoder().encode(words)));
  const hex = [...digest.slice(0, 16)].map((byte) => byte.toString(16).padStart(2, "0")).join("");
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}
