import type { Food, PieDesign } from "../../api/client";
import { EntryField } from "../../ui/EntryField";
import { type ReadAmount, readWords, useBenchContext, useMend } from "./BenchContext";
import { setAt } from "./pointer";

type Amount = { words: string; grams: number };
type Props = {
  label: string;
  at: string;
  amount: Amount;
  food: Food;
  strong?: boolean;
  /** a second place that follows, as "now" follows "bought" while nothing was done to it */
  also?: string;
};

/** An amount of a food, in any kitchen unit, edited in place; the grams stand elsewhere. */
export function AmountEntry({ label, at, amount, food, strong, also }: Props) {
  const { kitchen, change, preview } = useBenchContext();
  const to = (read: ReadAmount) => (design: PieDesign) => {
    const value = { words: read.words, grams: read.value };
    const once = setAt(design, at, value);
    return also ? setAt(once, also, value) : once;
  };
  return (
    <EntryField
      label={label}
      words={amount.words}
      strong={strong}
      read={(words) => readWords(kitchen, "mass", words, food)}
      keep={(read) => change(to(read))}
      preview={(read) => preview(read && to(read))}
      mend={useMend(at)}
    />
  );
}
