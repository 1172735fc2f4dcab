import type { EntryKind, Food } from "../../api/client";
import { EntryField } from "../../ui/EntryField";
import { useBenchContext, useMend } from "./BenchContext";

type Props = { label: string; at: string; kind: EntryKind; words: string; food?: Food; strong?: boolean };

/** An amount, a length, a temperature or a time of the design, in the cook's own unit, read by the server where it belongs. */
export function TypedEntry({ label, at, kind, words, food = undefined, strong }: Props) {
  const { enter, preview } = useBenchContext();
  const typed = (written: string) => ({ at, kind, words: written, food: food ?? null });
  return (
    <EntryField
      label={label}
      words={words}
      strong={strong}
      read={(written) => enter(typed(written))}
      keep={() => {}}
      preview={(written) => preview(written === null ? null : typed(written))}
      mend={useMend(at)}
    />
  );
}
