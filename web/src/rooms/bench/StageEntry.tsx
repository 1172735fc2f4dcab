import { Box, chakra, Flex } from "@chakra-ui/react";
import type { PieDesign, ShellStage, Stage } from "../../api/client";
import { useOvenScale } from "../../api/useOvenScale";
import { type ReadAmount, readWords } from "../../api/words";
import { Choice } from "../../ui/Choice";
import { EntryField } from "../../ui/EntryField";
import { number } from "../../ui/numbers";
import { ovenWords } from "../../ui/oven";
import { useBenchContext, useMend } from "./BenchContext";
import { NumberEntry } from "./NumberEntry";
import { setAt } from "./pointer";

const MODES: [Stage["mode"], string][] = [
  ["static", "static"],
  ["fan", "fan"],
];
const RACKS: [Stage["rack"], string][] = [
  ["low", "lowest rack"],
  ["middle", "middle rack"],
  ["high", "upper rack"],
];

type Props = { name: string; at: string; stage: Stage | ShellStage; runsByKelvins: number; children?: React.ReactNode };

/** Heat, mode, minutes and rack of one stage, in the cook's own unit; "160 fan" sets the mode with it. */
export function StageEntry({ name, at, stage, runsByKelvins, children }: Props) {
  const { kitchen, change, preview } = useBenchContext();
  const scale = useOvenScale();
  const to = (read: ReadAmount) => (design: PieDesign) => {
    const hot = setAt(design, `${at}/ovenCelsius`, Math.round(read.value));
    return read.mode ? setAt(hot, `${at}/mode`, read.mode) : hot;
  };
  return (
    <Flex gap="2px 12px" wrap="wrap" align="baseline">
      {children}
      <Box>
        <NumberEntry
          label={`${name}, minutes`}
          at={`${at}/minutes`}
          kind="time"
          words={`${number(stage.minutes)} min`}
          strong
        />
        <Box as="span" color="ink2">
          {" "}
          at
        </Box>
      </Box>
      <Box color="heat" fontWeight="650">
        <EntryField
          label={`${name}, oven temperature`}
          words={ovenWords(stage.ovenCelsius, scale)}
          strong
          read={(words) => readWords(kitchen, "temperature", words)}
          keep={(read) => change(to(read))}
          preview={(read) => preview(read && to(read))}
          mend={useMend(`${at}/ovenCelsius`)}
        />
      </Box>
      <Choice
        label={`${name}, oven mode`}
        value={stage.mode}
        options={MODES}
        choose={(mode) => change((design) => setAt(design, `${at}/mode`, mode))}
      />
      <Choice
        label={`${name}, rack`}
        value={stage.rack}
        options={RACKS}
        choose={(rack) => change((design) => setAt(design, `${at}/rack`, rack))}
      />
      {runsByKelvins !== 0 && (
        <Box color="ink2">set its dial to {ovenWords(stage.ovenCelsius - runsByKelvins, scale)}</Box>
      )}
    </Flex>
  );
}

/** Something that is done or not. */
export function Tick({ label, words, at, on }: { label: string; words: string; at: string; on: boolean }) {
  const { change } = useBenchContext();
  return (
    <chakra.label display="inline-flex" gap="5px" alignItems="baseline" cursor="pointer">
      <input
        type="checkbox"
        aria-label={label}
        style={{ width: 24, height: 24, alignSelf: "center" }}
        checked={on}
        onChange={(event) => change((design) => setAt(design, at, event.target.checked))}
      />
      {words}
    </chakra.label>
  );
}
