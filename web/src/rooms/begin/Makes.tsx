import { Box, Flex } from "@chakra-ui/react";
import type { PieDesign, ReadRecipe } from "../../api/client";
import { SmallCutaway } from "../../draw/SmallCutaway";
import { shortName } from "../../food/shortName";
import { answered } from "../../pie/assumed";
import { useWidth } from "../../ui/useWidth";

type Layer = PieDesign["layers"][number];
type Props = { read: ReadRecipe; design: PieDesign; forecast: ReadRecipe["forecast"] };

/** The pie as read so far: its section, its layers from the top, its stages. What is assumed is in italics. */
export function Makes({ read, design, forecast }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(382);
  const isTinSaid = answered(design, "/tin") && answered(design, "/tin/depthMm");
  return (
    <Box as="section" aria-label="The pie it makes">
      <Head title="The pie it makes" side={forecast.tinLabel} assumed={!isTinSaid} />
      <Box ref={ref} paddingBlock="14px">
        <SmallCutaway section={forecast.section} width={width - 4} height={150} />
      </Box>
      <Head title="Last poured on top" side={`${design.assumed.length} things assumed`} assumed />
      <Box as="ul">
        {[...design.layers].reverse().map((layer) => (
          <Row
            key={layer.id}
            name={nameOf(layer)}
            words={wordsOf(layer)}
            grams={gramsOf(layer)}
            assumed={isAssumed(design, layer)}
          />
        ))}
        {design.seasonings.length > 0 && (
          <Row
            name="Seasoning"
            words={named(design.seasonings)}
            grams={sum(design.seasonings)}
            assumed={design.assumed.some((one) => one.place.startsWith("/seasonings"))}
          />
        )}
        <Row
          name={design.crust.dough.name}
          words={[
            `${design.crust.thicknessMm} mm`,
            ...design.crust.shell.map((one) => `${Math.round(one.minutes)} min ${one.how}`),
          ].join(", ")}
          grams={forecast.weights.crustGrams}
          assumed={!answered(design, "/crust/dough") || !answered(design, "/crust/thicknessMm")}
        />
      </Box>
      <Box as="ol" marginTop="12px" color="heat" aria-label="Stages of the bake">
        {design.bake.stages.map((one, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: stages have no name of their own
          <Box as="li" key={at} fontStyle={isStageSaid(design, at) ? undefined : "italic"}>
            {Math.round(one.minutes)} min at {Math.round(one.ovenCelsius)} °C, {one.mode}
          </Box>
        ))}
      </Box>
      {forecast.allergens.length > 0 && <Box color="ink2">Contains {forecast.allergens.join(", ")}</Box>}
      {read.volumes !== "metric" && <Box color="ink2">{CUPS[read.volumes]}</Box>}
    </Box>
  );
}

const CUPS = { us: "Read with the US cup and spoons.", australian: "Read with the Australian spoon." };

const isStageSaid = (design: PieDesign, at: number) =>
  ["ovenCelsius", "mode", "minutes"].every((what) => answered(design, `/bake/stages/${at}/${what}`));

const sum = (list: { amount: { grams: number } }[]) => list.reduce((grams, one) => grams + one.amount.grams, 0);

const named = (list: { food: { name: string } }[]) =>
  list.map((one) => shortName(one.food.name).toLowerCase()).join(", ");

const nameOf = (layer: Layer) =>
  layer.kind === "custard" ? (layer.eggs.length > 0 ? "Custard" : "Sauce") : layer.food.name;

const partsOf = (layer: Extract<Layer, { kind: "custard" }>) => [
  ...layer.eggs,
  ...layer.dairies,
  ...layer.blended,
  ...layer.thickeners,
];

function wordsOf(layer: Layer): string {
  if (layer.kind === "custard") return named(partsOf(layer));
  return layer.kind === "solid" ? layer.steps.map((step) => step.preparation).join(", ") : "scattered";
}

function gramsOf(layer: Layer): number {
  if (layer.kind === "custard") return sum(partsOf(layer));
  return layer.kind === "solid" ? (layer.steps.at(-1)?.after ?? layer.bought).grams : layer.amount.grams;
}

const isAssumed = (design: PieDesign, layer: Layer) =>
  design.assumed.some((one) => one.place.startsWith(`/layers/${layer.id}/`) && !one.place.endsWith("/fromCelsius"));

function Head({ title, side, assumed }: { title: string; side: string; assumed: boolean }) {
  return (
    <Flex justify="space-between" gap="10px" borderBottom="1.6px solid {colors.rim}" paddingBottom="6px">
      <Box as="h2" fontWeight="650">
        {title}
      </Box>
      <Box fontStyle={assumed ? "italic" : undefined} textAlign="right">
        {side}
      </Box>
    </Flex>
  );
}

function Row({ name, words, grams, assumed }: { name: string; words: string; grams: number; assumed: boolean }) {
  return (
    <Flex as="li" gap="10px" paddingBlock="5px" borderBottom="1.4px solid {colors.hair}" align="baseline">
      <Box fontWeight="650">{name}</Box>
      <Box color="ink2" minWidth="0">
        {words}
      </Box>
      <Box marginLeft="auto" fontWeight="650" whiteSpace="nowrap" fontStyle={assumed ? "italic" : undefined}>
        {Math.round(grams).toLocaleString("en")} g
      </Box>
    </Flex>
  );
}
