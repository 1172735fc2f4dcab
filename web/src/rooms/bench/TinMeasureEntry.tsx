import { Box } from "@chakra-ui/react";
import { EntryField } from "../../ui/EntryField";
import { readWhole } from "../../ui/entry";
import { number } from "../../ui/numbers";
import { useBenchContext, useMend } from "./BenchContext";
import { NumberEntry } from "./NumberEntry";
import { setAt } from "./pointer";
import type { TinMeasure } from "./tins";

const cm = (mm: number) => `${number(mm / 10, Number.isInteger(mm / 10) ? 0 : 1)} cm`;

/** One measure of a tin: a length with a ruler, a count, or water to the rim. */
export function TinMeasureEntry({ measure, value }: { measure: TinMeasure; value: number }) {
  const at = `/tin/${measure.key}`;
  return (
    <Box>
      {measure.kind === "length" && <NumberEntry label={measure.label} at={at} kind="length" words={cm(value)} />}
      {measure.kind === "whole" && <Count label={measure.label} at={at} value={value} />}
      {measure.kind === "volume" && (
        <NumberEntry label={measure.label} at={at} kind="volume" words={`${number(value)} ml`} whole />
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
