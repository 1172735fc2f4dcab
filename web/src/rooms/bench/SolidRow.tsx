import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import type { Ledger, SolidLayer } from "../../api/client";
import { foodsQuery } from "../../api/queries";
import { EntryField } from "../../ui/EntryField";
import { readText } from "../../ui/entry";
import { grams } from "../../ui/numbers";
import { AmountEntry } from "./AmountEntry";
import { useBenchContext } from "./BenchContext";
import { setAt } from "./pointer";
import { Row, useLayerActs } from "./Row";
import { Swap } from "./Swap";

type Water = Ledger["layers"][number] | undefined;
type Props = { layer: SolidLayer; index: number; count: number; water: Water };

/** A solid: what was bought, what was done to it, what it weighs now, and what it will still weep. */
export const SolidRow = memo(function SolidRow({ layer, index, count, water }: Props) {
  const { kitchen, change } = useBenchContext();
  const { move, items } = useLayerActs(index, count);
  const foods = useQuery(foodsQuery(kitchen)).data;
  const at = `/layers/${index}`;
  const [swapping, setSwapping] = useState(false);
  const name = layer.food.name;
  const untouched = layer.bought.grams === layer.now.grams && layer.bought.words === layer.now.words;
  const preparations = foods?.find((one) => one.food.id === layer.food.id)?.preparations ?? [];
  const done = preparations.find((one) => one.name === layer.preparation);
  const crumbs = foods?.find((one) => one.food.id === "dry-crumbs")?.food;
  const binding = layer.binder
    ? [{ label: "Leave the binder out", act: () => change((design) => setAt(design, `${at}/binder`, null)) }]
    : crumbs
      ? [
          {
            label: "Fold in crumbs",
            act: () =>
              change((design) => setAt(design, `${at}/binder`, { food: crumbs, amount: { words: "10 g", grams: 10 } })),
          },
        ]
      : [];
  return (
    <Row
      id={layer.id}
      name={name}
      total={layer.now.grams + (layer.binder?.amount.grams ?? 0)}
      menu={{
        label: `${name}: what to do`,
        items: [...items, { label: "Swap it for another food", act: () => setSwapping(true) }, ...binding],
      }}
      move={move}
    >
      <Flex justify="space-between" gap="8px" wrap="wrap">
        <span>
          <AmountEntry
            label={`${name}, bought`}
            at={`${at}/bought`}
            also={untouched ? `${at}/now` : undefined}
            amount={layer.bought}
            food={layer.food}
          />
          <Box as="span" color="ink2">
            {" "}
            bought
          </Box>
        </span>
        <Box as="span" color="ink2">
          {layer.bought.words.startsWith(grams(layer.bought.grams)) ? "" : grams(layer.bought.grams)}
        </Box>
      </Flex>
      <EntryField
        label={`${name}, what was done`}
        words={layer.preparation}
        placeholder="as it is; what was done?"
        list={preparations.map((one) => one.name)}
        read={(words) => readText(words, 0, 120)}
        keep={(words) => change((design) => setAt(design, `${at}/preparation`, words))}
      />
      {done && (
        <Box color="ink2" fontSize="scale">
          {done.how}; {done.minutesLow}–{done.minutesHigh} min, {Math.round(done.yieldLow * 100)}–
          {Math.round(done.yieldHigh * 100)} % left
        </Box>
      )}
      <Flex justify="space-between" gap="8px" wrap="wrap">
        <span>
          <Box as="span" color="ink2">
            weighs now{" "}
          </Box>
          <AmountEntry label={`${name}, weight now`} at={`${at}/now`} amount={layer.now} food={layer.food} strong />
        </span>
        <Weep id={layer.id} water={water} />
      </Flex>
      {layer.binder && (
        <Flex justify="space-between" gap="8px">
          <span>
            <AmountEntry
              label={`${name}, binder`}
              at={`${at}/binder/amount`}
              amount={layer.binder.amount}
              food={layer.binder.food}
            />
            <Box as="span" color="ink2">
              {" "}
              {layer.binder.food.name.toLowerCase()}
            </Box>
          </span>
        </Flex>
      )}
      <WeightBar bought={layer.bought.grams} now={layer.now.grams} />
      {swapping && <Swap name={plain(name)} at={at} close={() => setSwapping(false)} />}
    </Row>
  );
});

function Weep({ id, water }: { id: string; water: Water }) {
  if (!water) return null;
  const held = water.boundGrams >= 0.5 ? `, ${grams(water.boundGrams)} held` : "";
  return (
    <Box as="span" color="water" data-weep={id}>
      {water.weepGrams < 0.5 ? "no more weep" : `weeps ${grams(water.weepGrams)}${held}`}
    </Box>
  );
}

/** Before and after as one bar: the outline is what was bought, the fill is what was kept. */
function WeightBar({ bought, now }: { bought: number; now: number }) {
  if (bought <= 0 || now >= bought) return null;
  return (
    <Box aria-hidden="true" border="1px solid {colors.water}" height="7px" marginTop="6px">
      <Box background="water" height="100%" width={`${(100 * now) / bought}%`} transition="width 240ms ease-out" />
    </Box>
  );
}

const plain = (name: string) => name.split(",")[0] ?? name;
