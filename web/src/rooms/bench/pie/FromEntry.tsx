import { Box, Flex } from "@chakra-ui/react";
import { useContext } from "react";
import type { PieDesign } from "../../../api/client";
import { usePlaces } from "../../../api/usePlaces";
import { shortName } from "../../../food/shortName";
import { setAt } from "../../../pie/pointer";
import { Choice } from "../../../ui/Choice";
import { Folded } from "../../../ui/Folded";
import { AssumedContext, useAssumed, useBenchContext } from "../BenchContext";

type Layer = PieDesign["layers"][number];

/** Where every layer comes from when it goes in, as one sentence that opens. */
export function FromFolded({ layers }: { layers: Layer[] }) {
  const places = usePlaces();
  const assumed = useContext(AssumedContext);
  const title = (celsius: number) => places.find((one) => one.celsius === celsius)?.title ?? `${celsius} °C`;
  const all = [...new Set(layers.map((layer) => layer.fromCelsius))].sort((a, b) => a - b);
  const words = all.map((celsius) => {
    const these = layers.flatMap((layer, index) => (layer.fromCelsius === celsius ? [{ layer, index }] : []));
    const names = these.map(({ layer }) => shortName(nameOf(layer)).toLowerCase()).join(" and ");
    return {
      words: all.length === 1 ? `all ${title(celsius)}` : `${names} ${title(celsius)}`,
      assumed: these.some(
        ({ index }) => assumed.has(`/layers/${index}/fromCelsius`) || assumed.has(`/layers/${index}`),
      ),
    };
  });
  return (
    <Folded label="Where each part comes from" words={words}>
      {layers
        .map((layer, index) => ({ layer, index }))
        .reverse()
        .map(({ layer, index }) => (
          <Flex key={layer.id} justify="space-between" gap="2px 12px" wrap="wrap" align="baseline">
            <Box>{nameOf(layer)}</Box>
            <FromEntry label={nameOf(layer)} at={`/layers/${index}`} celsius={layer.fromCelsius} />
          </Flex>
        ))}
    </Folded>
  );
}

const nameOf = (layer: Layer) => ("food" in layer ? layer.food.name : "Custard");

/** A temperature of a file that is none of the places stands as it is. */
function FromEntry({ label, at, celsius }: { label: string; at: string; celsius: number }) {
  const { change } = useBenchContext();
  const value = String(celsius);
  const places = usePlaces().map((one): [string, string] => [String(one.celsius), one.title]);
  const options = places.some(([one]) => one === value)
    ? places
    : [...places, [value, `${value} °C`] as [string, string]];
  return (
    <Box color="ink2">
      <Choice
        label={`${label}, where it comes from`}
        value={value}
        options={options}
        assumed={useAssumed(`${at}/fromCelsius`)}
        choose={(to) => change((design) => setAt(design, `${at}/fromCelsius`, Number(to)))}
      />
    </Box>
  );
}
