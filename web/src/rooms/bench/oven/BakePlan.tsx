import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo } from "react";
import type { PieDesign } from "../../../api/client";
import { defaults } from "../../../api/generated/defaults";
import { ovensQuery } from "../../../api/queries";
import { appended, removed, setAt } from "../../../pie/pointer";
import { Button } from "../../../ui/Button";
import { Choice } from "../../../ui/Choice";
import { number } from "../../../ui/numbers";
import { useAssumed, useBenchContext } from "../BenchContext";
import { StageEntry, StagesFolded, Tick } from "./StageEntry";

const ON: [PieDesign["bake"]["on"], string][] = [
  ["rack", "on an open rack"],
  ["steel", "on a hot steel or stone"],
];
const TIN_MATERIALS: [PieDesign["bake"]["tinMaterial"], string][] = [
  ["dark-steel", "dark steel tin"],
  ["shiny-steel", "shiny steel tin"],
  ["aluminium", "aluminium tin"],
  ["glass", "glass dish"],
  ["ceramic", "ceramic dish"],
  ["perforated", "perforated tin"],
];

const COLOURS: [PieDesign["bake"]["colour"], string][] = [
  ["pale", "pale"],
  ["straw", "straw"],
  ["gold", "gold"],
  ["deep", "deep gold"],
];

const stageName = (count: number, index: number) => (count === 1 ? "Bake" : `Bake, stage ${index + 1}`);
const word = (options: [string, string][], value: string) => options.find(([one]) => one === value)?.[1] ?? value;

/** The stages of the filled pie in the oven, edited in place, and which oven it is. */
export const BakePlan = memo(function BakePlan({ bake, dials }: { bake: PieDesign["bake"]; dials: string[] }) {
  const { kitchen, change } = useBenchContext();
  const ovens = useQuery(ovensQuery(kitchen)).data ?? [];
  const isTinAssumed = useAssumed("/bake/tinMaterial");
  const total = bake.stages.reduce((sum, stage) => sum + stage.minutes, 0);
  const chosen = bake.oven?.name ?? "";
  const known = ovens.some((oven) => oven.name === chosen);
  const choose = (name: string) => {
    const oven = ovens.find((one) => one.name === name);
    change((design) =>
      setAt(design, "/bake/oven", oven ? { name: oven.name, runsByKelvins: oven.runsByKelvins } : null),
    );
  };
  return (
    <Box as="section" aria-label="The bake" marginTop="14px" borderTop="1.4px solid {colors.hair}" paddingTop="8px">
      <Flex gap="4px 14px" wrap="wrap" align="baseline">
        <Box as="h3" fontWeight="650">
          The bake, {number(total)} min
        </Box>
        <Flex as="span" align="baseline" gap="6px">
          <Box as="span" color="ink2">
            wanted
          </Box>
          <Choice
            label="How brown it is wanted"
            value={bake.colour}
            options={COLOURS}
            choose={(to) => change((design) => setAt(design, "/bake/colour", to))}
          />
        </Flex>
      </Flex>
      <Box as="ol">
        {bake.stages.map((stage, index) => {
          const name = stageName(bake.stages.length, index);
          const at = `/bake/stages/${index}`;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: stages have no name of their own
            <Box as="li" key={index} paddingBlock="3px">
              <StageEntry name={name} at={at} stage={stage} dial={dials[index]}>
                {index > 0 && <Box color="ink2">then</Box>}
              </StageEntry>
              <Flex gap="2px 14px" wrap="wrap" align="baseline" color="ink2">
                <Tick label={`${name}, tent`} words="foil tent" at={`${at}/tent`} on={stage.tent} />
                <Tick label={`${name}, rim shield`} words="rim shield" at={`${at}/shield`} on={stage.shield} />
                {bake.stages.length > 1 && (
                  <Button
                    look="plain"
                    minHeight="26px"
                    onClick={() => change((design) => removed(design, "/bake/stages", index))}
                  >
                    Leave stage {index + 1} out
                  </Button>
                )}
              </Flex>
            </Box>
          );
        })}
      </Box>
      <StagesFolded
        label="The oven"
        names={bake.stages.map((_, index) => stageName(bake.stages.length, index))}
        at="/bake/stages"
        stages={bake.stages}
        more={[
          { words: word(TIN_MATERIALS, bake.tinMaterial), assumed: isTinAssumed },
          { words: word(ON, bake.on), assumed: false },
          ...(chosen ? [{ words: chosen, assumed: false }] : []),
        ]}
      >
        <Flex gap="2px 14px" wrap="wrap" align="baseline">
          {(ovens.length > 0 || bake.oven) && (
            <Choice
              label="Which oven"
              value={chosen}
              options={[
                ["", "no oven of yours chosen"],
                ...(chosen && !known ? [[chosen, chosen] as [string, string]] : []),
                ...ovens.map((oven) => [oven.name, oven.name] as [string, string]),
              ]}
              choose={choose}
            />
          )}
          <Choice
            label="What the tin is made of"
            value={bake.tinMaterial}
            options={TIN_MATERIALS}
            assumed={isTinAssumed}
            choose={(to) => change((design) => setAt(design, "/bake/tinMaterial", to))}
          />
          <Choice
            label="What it stands on"
            value={bake.on}
            options={ON}
            choose={(on) => change((design) => setAt(design, "/bake/on", on))}
          />
        </Flex>
      </StagesFolded>
      {bake.stages.length < defaults.mostStages && (
        <Button
          look="plain"
          minHeight="30px"
          marginLeft="-6px"
          onClick={() =>
            change((design) =>
              appended(design, "/bake/stages", { ...design.bake.stages.at(-1), minutes: defaults.anotherStageMinutes }),
            )
          }
        >
          + A stage after that
        </Button>
      )}
    </Box>
  );
});
