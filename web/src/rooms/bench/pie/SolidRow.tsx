import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import type { Ledger, SolidLayer } from "../../../api/client";
import { defaults } from "../../../api/generated/defaults";
import { foodsQuery } from "../../../api/queries";
import { readWords } from "../../../api/words";
import { shortName } from "../../../food/shortName";
import { setAt } from "../../../pie/pointer";
import { EntryField } from "../../../ui/EntryField";
import { grams } from "../../../ui/numbers";
import { Swap } from "../advice/Swap";
import { usePreparing } from "../advice/useDesignAct";
import { useBenchContext } from "../BenchContext";
import { AmountEntry } from "./AmountEntry";
import { StackRow, useLayerActs } from "./StackRow";
import { Steps } from "./Steps";

type Water = Ledger["layers"][number] | undefined;
type Props = { layer: SolidLayer; index: number; count: number; water: Water };

/** A solid: what was bought, what was done to it, what it weighs now, and what it will still weep. */
export const SolidRow = memo(function SolidRow({ layer, index, count, water }: Props) {
  const { kitchen, change } = useBenchContext();
  const { move, items } = useLayerActs(index, count);
  const { prepare } = usePreparing(layer.id);
  const foods = useQuery(foodsQuery(kitchen)).data;
  const at = `/layers/${index}`;
  const [swapping, setSwapping] = useState(false);
  const name = layer.food.name;
  const now = layer.steps.at(-1)?.after ?? layer.bought;
  const last = layer.steps.length - 1;
  const binding = layer.binder
    ? [{ label: "Leave the binder out", act: () => change((design) => setAt(design, `${at}/binder`, null)) }]
    : [{ label: "Fold in crumbs", act: () => change((design) => setAt(design, `${at}/binder`, defaults.crumbs)) }];
  const salting = layer.steps[last]
    ? [
        { label: "Rub salt on it", at: `${at}/steps/${last}/saltGrams`, to: defaults.rubbedSaltGrams },
        {
          label: "Boil it in salted water",
          at: `${at}/steps/${last}/waterSaltGramsPerLitre`,
          to: defaults.boiledSaltGramsPerLitre,
        },
      ].map((one) => ({ label: one.label, act: () => change((design) => setAt(design, one.at, one.to)) }))
    : [];
  return (
    <StackRow
      id={layer.id}
      name={name}
      total={now.grams + (layer.binder?.amount.grams ?? 0)}
      menu={{
        label: `${name}: what to do`,
        items: [
          ...items,
          { label: "One more step", act: () => void prepare({ to: "step", preparation: "" }) },
          ...salting,
          { label: "Swap it for another food", act: () => setSwapping(true) },
          ...binding,
        ],
      }}
      move={move}
    >
      <Flex justify="space-between" gap="8px" wrap="wrap">
        <span>
          <AmountEntry label={`${name}, bought`} at={`${at}/bought`} amount={layer.bought} food={layer.food} />
          <Box as="span" color="ink2">
            {" "}
            bought
          </Box>
        </span>
        <Box as="span" color="ink2">
          {layer.bought.words.startsWith(grams(layer.bought.grams)) ? "" : grams(layer.bought.grams)}
        </Box>
      </Flex>
      <Steps
        layer={layer}
        at={at}
        preparations={foods?.find((one) => one.food.id === layer.food.id)?.preparations ?? []}
        lossesGrams={water?.stepLossesGrams ?? []}
      />
      <Weep layer={layer} water={water} />
      {layer.binder && (
        <Box>
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
        </Box>
      )}
      <WeightBar bought={layer.bought.grams} now={now.grams} />
      {swapping && <Swap name={shortName(name)} at={at} close={() => setSwapping(false)} />}
    </StackRow>
  );
});

/** What it will weep: written over, it becomes the weight to stop at. */
function Weep({ layer, water }: { layer: SolidLayer; water: Water }) {
  const { kitchen } = useBenchContext();
  const { prepare, trouble } = usePreparing(layer.id);
  if (!water) return null;
  const held = water.boundGrams >= 0.5 ? `, ${grams(water.boundGrams)} held` : "";
  return (
    <Box color="water" data-weep={layer.id}>
      {water.weepGrams < 0.5 ? "no more weep" : "weeps "}
      {water.weepGrams >= 0.5 && (
        <EntryField
          label={`${layer.food.name}, what it may weep`}
          words={grams(water.weepGrams)}
          read={(words) => readWords(kitchen, "mass", words, layer.food)}
          keep={(read) => void prepare({ to: "weep", weepGrams: read.value })}
          mend={trouble || undefined}
        />
      )}
      {held}
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
