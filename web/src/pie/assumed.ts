import type { PieDesign, Question } from "../api/client";
import { applyChanges, valueAt } from "./pointer";

type Changes = Question["answers"][number]["changes"];

/** Whether what stands at this place was said, by the recipe or by the cook. */
export const answered = (design: PieDesign, place: string) => !design.assumed.some((one) => one.place === place);

/** A place with the layer's id, as a pointer with its number; null where there is no such layer. */
export function pointerOf(design: PieDesign, place: string): string | null {
  const found = /^\/layers\/([^/]+)(.*)$/.exec(place);
  if (!found) return place;
  const index = design.layers.findIndex((layer) => layer.id === found[1]);
  return index < 0 ? null : `/layers/${index}${found[2]}`;
}

/** What was changed is assumed no more, nor is what is gone. */
export function settledIn(before: PieDesign, after: PieDesign): PieDesign {
  if (after.assumed.length === 0 || before === after || before.assumed !== after.assumed) return after;
  const still = after.assumed.filter((one) => {
    const [was, is] = [pointerOf(before, one.place), pointerOf(after, one.place)];
    return was !== null && is !== null && JSON.stringify(valueAt(before, was)) === JSON.stringify(valueAt(after, is));
  });
  return still.length === after.assumed.length ? after : { ...after, assumed: still };
}

/**
 * What was answered of one design, put into another that was read meanwhile: where that still leaves it unsaid, and the same layer
 * still stands in the same place.
 */
export function applied(design: PieDesign, of: PieDesign, place: string, changes: Changes): PieDesign {
  if (answered(design, place)) return design;
  const fits = changes.every((change) => {
    const layer = /^\/layers\/(\d+)\//.exec(change.at)?.[1];
    return layer === undefined || design.layers[Number(layer)]?.id === of.layers[Number(layer)]?.id;
  });
  // another layer stands there by now: it is asked again
  if (!fits) return design;
  const changed = applyChanges(
    design,
    changes.filter((change) => !change.at.startsWith("/assumed")),
  );
  return {
    ...changed,
    assumed: changed.assumed.filter((one) => one.place !== place && !one.place.startsWith(`${place}/`)),
  };
}
