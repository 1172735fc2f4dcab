import type { EntryKind, PieDesign } from "../../api/client";
import { readWords } from "../../api/words";
import { EntryField } from "../../ui/EntryField";
import { useBenchContext, useMend } from "./BenchContext";
import { setAt } from "./pointer";

type Props = { label: string; at: string; kind: EntryKind; words: string; strong?: boolean; whole?: boolean };

/** A length, a temperature or a time of the design, in the cook's own unit. */
export function NumberEntry({ label, at, kind, words, strong, whole }: Props) {
  const { kitchen, change, preview } = useBenchContext();
  const to = (value: number) => (design: PieDesign) => setAt(design, at, whole ? Math.round(value) : value);
  return (
    <EntryField
      label={label}
      words={words}
      strong={strong}
      read={(typed) => readWords(kitchen, kind, typed)}
      keep={(read) => change(to(read.value))}
      preview={(read) => preview(read && to(read.value))}
      mend={useMend(at)}
    />
  );
}
