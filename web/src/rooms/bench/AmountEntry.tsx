import type { Food, PieDesign } from "../../api/client";
import { type ReadAmount, readWords } from "../../api/words";
import { EntryField } from "../../ui/EntryField";
import { useBenchContext, useMend } from "./BenchContext";
import { setAt } from "./pointer";

type Amount = { words: string; grams: number };
type Props = {
  label: string;
  at: string;
  amount: Amount;
  food: Food;
  strong?: boolean;
  /** takes amounts of other foods written in the same words, "3 large + 1 yolk" */
  beside?: (design: PieDesign, others: ReadAmount["others"]) => PieDesign;
};

/** An amount of a food, in any kitchen unit, edited in place; the grams stand elsewhere. */
export function AmountEntry({ label, at, amount, food, strong, beside }: Props) {
  const { kitchen, change, preview } = useBenchContext();
  const to = (read: ReadAmount) => (design: PieDesign) => {
    const value = { words: read.words, grams: read.value };
    const once = setAt(design, at, value);
    return beside && read.others.length > 0 ? beside(once, read.others) : once;
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
