import type { EntryKind, Food } from "../../api/client";
import { defaults } from "../../api/generated/defaults";
import { EntryField } from "../../ui/EntryField";
import { useAssumed, useBenchContext, useMend } from "./BenchContext";

type Props = {
  label: string;
  at: string;
  kind: EntryKind;
  words: string;
  food?: Food;
  after?: After;
  strong?: boolean;
};

/** What a weight after a step is a weight of. */
export type After = { boughtGrams: number; preparation: string };

/** An amount, a length, a temperature or a time of the design, in the cook's own unit, read by the server where it belongs. */
export function TypedEntry({ label, at, kind, words, food = undefined, after, strong }: Props) {
  const { enter, preview } = useBenchContext();
  const typed = (written: string) => ({ at, kind, words: written, food: food ?? null, ...after });
  return (
    <EntryField
      label={label}
      words={words}
      strong={strong}
      assumed={useAssumed(at)}
      read={(written) => enter(typed(written))}
      keep={() => {}}
      preview={(written) => preview(written === null ? null : typed(written))}
      mend={useMend(at)}
      sayings={defaults.sayings.filter((one) => one.kind === kind).map((one) => one.words)}
    />
  );
}
