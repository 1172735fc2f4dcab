import type { GateItem } from "../../api/client";

/** What a thermometer reads for a thing of the gate, where one can answer it. */
export type Measured = { probeCelsius: number | null; ovenCelsius: number | null };

export const readsOf = (item: GateItem, measured: Measured): number | null =>
  item.name === "oven-hot" ? measured.ovenCelsius : item.name === "filling-cool" ? measured.probeCelsius : null;

/** In trouble by what is measured: an oven too cold, a filling too hot. */
export function isTrouble(item: GateItem, reads: number | null): boolean {
  if (reads === null || item.wantedCelsius === null) return false;
  return item.name === "oven-hot" ? reads < item.wantedCelsius : reads > item.wantedCelsius;
}

/** Seen by a thermometer, and right. */
export const isMeasuredRight = (item: GateItem, reads: number | null) =>
  reads !== null && item.wantedCelsius !== null && !isTrouble(item, reads);

/** What going in as it is costs: of what is measured the price nearest to it, else that of a common miss. */
export function costOf(item: GateItem, reads: number | null) {
  const [first] = item.costs;
  if (!first) throw new Error(`The gate has no price for ${item.name}.`);
  if (first.atCelsius === null) return first;
  if (reads === null) return item.costs[Math.min(2, item.costs.length - 1)] ?? first;
  return item.costs.reduce(
    (best, one) => (Math.abs((one.atCelsius ?? 0) - reads) < Math.abs((best.atCelsius ?? 0) - reads) ? one : best),
    first,
  );
}
