import type { Food } from "../../api/client";
import { EntryField } from "../../ui/EntryField";
import { type ReadAmount, readWords, useBenchContext } from "./BenchContext";
import { setAt } from "./pointer";

type Amount = { words: string; grams: number };
type Props = {
  label: string;
  at: string;
  amount: Amount;
  food: Food;
  strong?: boolean /** "now" follows "bought" while they were the same */;
  also?: string;
};

/** An amount of a food, in any kitchen unit, edited in place; the grams stand elsewhere. */
export function AmountEntry({ label, at, amount, food, strong, also }: Props) {
  const { kitchen, design, refusals, set, preview } = useBenchContext();
  const changed = (read: ReadAmount) => {
    const to = { words: read.words, grams: read.value };
    const once = setAt(design, at, to);
    return also ? setAt(once, also, to) : once;
  };
  return (
    <EntryField
      label={label}
      words={amount.words}
      strong={strong}
      read={(words) => readWords(kitchen, "mass", words, food)}
      keep={(read) => set(changed(read))}
      preview={(read) => preview(read && changed(read))}
      mend={refusals.find((refusal) => refusal.at.startsWith(at))?.mend}
    />
  );
}
