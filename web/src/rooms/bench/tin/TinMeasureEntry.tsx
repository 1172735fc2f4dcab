import { Box } from "@chakra-ui/react";
import { setAt } from "../../../pie/pointer";
import { measureOf, measureWords, type Tin, type TinMeasure } from "../../../tin/tins";
import { EntryField } from "../../../ui/EntryField";
import { readWhole } from "../../../ui/entry";
import { useBenchContext, useMend } from "../BenchContext";
import { TypedEntry } from "../TypedEntry";

/** One measure of a tin: a length with a ruler, a count, or water to the rim. */
export function TinMeasureEntry({ measure, tin }: { measure: TinMeasure; tin: Tin }) {
  const at = `/tin/${measure.key}`;
  const words = measureWords(tin, measure);
  return (
    <Box>
      {measure.kind === "whole" ? (
        <Count label={measure.label} at={at} value={measureOf(tin, measure.key)} />
      ) : (
        <TypedEntry label={measure.label} at={at} kind={measure.kind} words={words} />
      )}{" "}
      {measure.name}
    </Box>
  );
}

function Count({ label, at, value }: { label: string; at: string; value: number }) {
  const { change } = useBenchContext();
  return (
    <EntryField
      label={label}
      words={String(value)}
      read={(words) => readWhole(words, 1, 99)}
      keep={(to) => change((design) => setAt(design, at, to))}
      mend={useMend(at)}
    />
  );
}
