import type { Food } from "../../../api/client";
import { type After, TypedEntry } from "../TypedEntry";

type Amount = { words: string; grams: number };
type Props = { label: string; at: string; amount: Amount; food: Food; after?: After; strong?: boolean };

/** An amount of a food, in any kitchen unit, edited in place; the grams stand elsewhere. "3 large + 1 yolk" is two amounts. */
export function AmountEntry({ label, at, amount, food, after, strong }: Props) {
  return (
    <TypedEntry label={label} at={at} kind="mass" words={amount.words} food={food} after={after} strong={strong} />
  );
}
