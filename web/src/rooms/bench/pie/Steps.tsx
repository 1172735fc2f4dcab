import { Box, Flex } from "@chakra-ui/react";
import type { Preparation, SolidLayer } from "../../../api/client";
import { defaults } from "../../../api/generated/defaults";
import { removed, setAt } from "../../../pie/pointer";
import { EntryField } from "../../../ui/EntryField";
import { readText } from "../../../ui/entry";
import { grams, number } from "../../../ui/numbers";
import { RemoveButton } from "../../../ui/RemoveButton";
import { usePreparing } from "../advice/useDesignAct";
import { useBenchContext } from "../BenchContext";
import { TypedEntry } from "../TypedEntry";
import { AmountEntry } from "./AmountEntry";

type Props = { layer: SolidLayer; at: string; preparations: Preparation[]; lossesGrams: number[] };

/** What is done to a food before it goes in, step by step, with the weight after each. */
export function Steps({ layer, at, preparations, lossesGrams }: Props) {
  const { change } = useBenchContext();
  const { prepare, trouble } = usePreparing(layer.id);
  const name = layer.food.name;
  const list = preparations.map((one) => one.name);
  if (layer.steps.length === 0) {
    return (
      <>
        <EntryField
          label={`${name}, what was done`}
          words=""
          placeholder="as it is; what was done?"
          list={list}
          read={(words) => readText(words, 0, 120)}
          keep={(preparation) => void prepare({ to: "step", preparation })}
        />
        {trouble && <Box role="status">{trouble}</Box>}
      </>
    );
  }
  const last = layer.steps.length - 1;
  return (
    <Box as="ol" aria-label={`${name}, steps`}>
      {layer.steps.map((step, index) => {
        const done = preparations.find((one) => one.name === step.preparation);
        const here = `${at}/steps/${index}`;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: steps have no name of their own
          <Box as="li" key={index}>
            <EntryField
              label={index === 0 ? `${name}, what was done` : `${name}, step ${index + 1}`}
              words={step.preparation}
              placeholder="what was done?"
              list={list}
              read={(words) => readText(words, 0, 120)}
              keep={(words) => change((design) => setAt(design, `${here}/preparation`, words))}
            />
            {done && (
              <Box color="ink2" fontSize="scale">
                {done.how}; {done.minutesLow}–{done.minutesHigh} min, {Math.round(done.yieldLow * 100)}–
                {Math.round(done.yieldHigh * 100)} % left
              </Box>
            )}
            <StepSalt label={name} at={here} step={step} />
            <Flex justify="space-between" gap="8px" wrap="wrap">
              <span>
                <Box as="span" color="ink2">
                  {index === last ? "weighs now " : "weighs then "}
                </Box>
                <AmountEntry
                  label={index === last ? `${name}, weight now` : `${name}, after step ${index + 1}`}
                  at={`${here}/after`}
                  amount={step.after}
                  food={layer.food}
                  after={{ boughtGrams: layer.bought.grams, preparation: step.preparation }}
                  strong={index === last}
                />
              </span>
              <Box as="span" color="ink2" whiteSpace="nowrap">
                {(lossesGrams[index] ?? 0) >= 0.5 && `${grams(lossesGrams[index] ?? 0)} off`}
                <RemoveButton
                  label={`${name}: leave out step ${index + 1}`}
                  remove={() => change((design) => removed(design, `${at}/steps`, index))}
                />
              </Box>
            </Flex>
          </Box>
        );
      })}
    </Box>
  );
}

/** Salt of a step, where there is some: rubbed on, or in the water it is boiled in. */
function StepSalt({ label, at, step }: { label: string; at: string; step: SolidLayer["steps"][number] }) {
  const shown = (grams: number) => `${number(grams, Number.isInteger(grams) ? 0 : 1)} g`;
  return (
    <>
      {step.saltGrams > 0 && (
        <Box>
          <TypedEntry
            label={`${label}, salt rubbed on`}
            at={`${at}/saltGrams`}
            kind="mass"
            words={shown(step.saltGrams)}
            food={defaults.salt}
          />{" "}
          <Box as="span" color="ink2">
            salt rubbed on
          </Box>
        </Box>
      )}
      {step.waterSaltGramsPerLitre > 0 && (
        <Box>
          <TypedEntry
            label={`${label}, salt in a litre of its water`}
            at={`${at}/waterSaltGramsPerLitre`}
            kind="mass"
            words={shown(step.waterSaltGramsPerLitre)}
            food={defaults.salt}
          />{" "}
          <Box as="span" color="ink2">
            salt in a litre of its water
          </Box>
        </Box>
      )}
    </>
  );
}
