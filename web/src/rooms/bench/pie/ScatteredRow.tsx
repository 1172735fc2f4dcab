import { Box, Flex } from "@chakra-ui/react";
import { memo, useState } from "react";
import type { ScatteredLayer } from "../../../api/client";
import { grams } from "../../../ui/numbers";
import { Swap } from "../advice/Swap";
import { AmountEntry } from "./AmountEntry";
import { StackRow, useLayerActs } from "./StackRow";

type Props = { layer: ScatteredLayer; index: number; count: number };

/** Crumbs or semolina scattered as a layer, with the water it can hold. */
export const ScatteredRow = memo(function ScatteredRow({ layer, index, count }: Props) {
  const { move, items } = useLayerActs(index, count);
  const [swapping, setSwapping] = useState(false);
  const at = `/layers/${index}`;
  const name = layer.food.name;
  return (
    <StackRow
      id={layer.id}
      name={name}
      total={layer.amount.grams}
      menu={{
        label: `${name}: what to do`,
        items: [...items, { label: "Swap it for another", act: () => setSwapping(true) }],
      }}
      move={move}
    >
      <Flex justify="space-between" gap="8px" wrap="wrap">
        <span>
          <AmountEntry label={`${name}, scattered`} at={`${at}/amount`} amount={layer.amount} food={layer.food} />
          <Box as="span" color="ink2">
            {" "}
            scattered
          </Box>
        </span>
        <Box as="span" color="water">
          can hold {grams(layer.amount.grams * layer.food.bindsGramsPerGram)}
        </Box>
      </Flex>
      {swapping && <Swap name={name} at={at} close={() => setSwapping(false)} />}
    </StackRow>
  );
});
