import type { Effect, Reading, WayOut } from "../api/client";
import { number } from "../ui/numbers";

/** "17 to 14 %, dry, set 95 to 88 g": its own reading first, then what turns another verdict, else what moves another most. */
export function effects(way: Pick<WayOut, "effects" | "clears">, own: Reading["name"]): string {
  const first = way.effects.find((effect) => effect.name === own);
  const others = told(
    way.effects.filter((effect) => effect.name !== own),
    1,
  );
  return (
    [first && moveOf(first).words, ...others].filter(Boolean).join(", ") + (way.clears ? "" : "; not enough by itself")
  );
}

/** What moves as far as one can read: all that turns a verdict, or the few that move most. */
export function told(list: Effect[], most: number): string[] {
  const moves = list
    .map(moveOf)
    .filter((move) => move.moved)
    .sort((a, b) => b.weight - a.weight);
  const turned = moves.filter((move) => move.turned);
  return (turned.length ? turned : moves.slice(0, most)).map((move) => `${move.name} ${move.words}`);
}

function moveOf(effect: Effect) {
  const show = (value: number | null, verdict: string) =>
    value === null || effect.inWords ? verdict : number(value, effect.decimals);
  const before = show(effect.from, effect.verdictBefore);
  const after = show(effect.to, effect.verdictAfter);
  const turned = effect.verdictBefore !== effect.verdictAfter;
  const unit = effect.unit;
  return {
    name: effect.title.toLowerCase(),
    turned,
    moved: before !== after || turned,
    weight: Math.abs((effect.to ?? 0) - (effect.from ?? 0)) / (Math.abs(effect.from ?? 0) || 1),
    words: effect.inWords
      ? turned
        ? `${before} to ${after}`
        : after
      : `${before === after ? "" : `${before} to `}${after} ${unit}${turned ? `, ${effect.verdictAfter}` : ""}`,
  };
}
