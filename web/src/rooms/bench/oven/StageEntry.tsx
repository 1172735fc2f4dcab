import { Box, chakra, Flex } from "@chakra-ui/react";
import { useContext } from "react";
import type { ShellStage, Stage } from "../../../api/client";
import { useOvenWords } from "../../../api/useOvenWords";
import { setAt } from "../../../pie/pointer";
import { Choice } from "../../../ui/Choice";
import { Folded } from "../../../ui/Folded";
import { number } from "../../../ui/numbers";
import { AssumedContext, useAssumed, useBenchContext } from "../BenchContext";
import { TypedEntry } from "../TypedEntry";

const MODES: [Stage["mode"], string][] = [
  ["static", "static"],
  ["fan", "fan"],
];
const RACKS: [Stage["rack"], string][] = [
  ["low", "lowest rack"],
  ["middle", "middle rack"],
  ["high", "upper rack"],
];

type Props = {
  name: string;
  at: string;
  stage: Stage | ShellStage /** what to set its dial to, where that is known */;
  dial: string | undefined;
  children?: React.ReactNode;
};

/** Minutes and heat of one stage, in the cook's own unit; "160 fan" sets the mode with it. */
export function StageEntry({ name, at, stage, dial, children }: Props) {
  const ovenWords = useOvenWords();
  return (
    <Flex gap="2px 12px" wrap="wrap" align="baseline">
      {children}
      <Box>
        <TypedEntry
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
        <TypedEntry
          label={`${name}, oven temperature`}
          at={`${at}/ovenCelsius`}
          kind="temperature"
          words={ovenWords(stage.ovenCelsius)}
          strong
        />
      </Box>
      {dial && <Box color="ink2">set its dial to {dial}</Box>}
    </Flex>
  );
}

/** Mode and rack of stages, as one sentence that opens: they are mostly the same all along. */
export function StagesFolded({ label, names, at, stages, more, children }: FoldedProps) {
  const assumed = useContext(AssumedContext);
  const words = (key: "mode" | "rack", options: [string, string][]) => {
    const all = stages.map((stage) => options.find(([one]) => one === stage[key])?.[1] ?? stage[key]);
    const isAssumed = stages.some((_, index) => assumed.has(`${at}/${index}/${key}`));
    return { words: all.filter((one, index) => one !== all[index - 1]).join(", then "), assumed: isAssumed };
  };
  return (
    <Folded label={label} words={[words("mode", MODES), words("rack", RACKS), ...(more ?? [])]}>
      {stages.map((stage, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: stages have no name of their own
        <Flex key={index} gap="2px 12px" wrap="wrap" align="baseline">
          {stages.length > 1 && <Box color="ink2">{names[index]}</Box>}
          <ModeAndRack name={names[index] ?? ""} at={`${at}/${index}`} stage={stage} />
        </Flex>
      ))}
      {children}
    </Folded>
  );
}

type FoldedProps = {
  label: string;
  names: string[];
  at: string;
  stages: (Stage | ShellStage)[];
  /** what else is chosen there */
  more?: { words: string; assumed: boolean }[];
  children?: React.ReactNode;
};

function ModeAndRack({ name, at, stage }: { name: string; at: string; stage: Stage | ShellStage }) {
  const { change } = useBenchContext();
  return (
    <>
      <Choice
        label={`${name}, oven mode`}
        value={stage.mode}
        options={MODES}
        assumed={useAssumed(`${at}/mode`)}
        choose={(mode) => change((design) => setAt(design, `${at}/mode`, mode))}
      />
      <Choice
        label={`${name}, rack`}
        value={stage.rack}
        options={RACKS}
        assumed={useAssumed(`${at}/rack`)}
        choose={(rack) => change((design) => setAt(design, `${at}/rack`, rack))}
      />
    </>
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
