import { Box, chakra, Flex } from "@chakra-ui/react";
import { Fragment, useState } from "react";
import type { Ingredient } from "../../../api/client";
import { shortName } from "../../../food/shortName";
import { removed } from "../../../pie/pointer";
import { grams } from "../../../ui/numbers";
import { RemoveButton } from "../../../ui/RemoveButton";
import { Swap } from "../advice/Swap";
import { useBenchContext } from "../BenchContext";
import { AmountEntry } from "./AmountEntry";

export type Kind = "eggs" | "dairies" | "blended" | "thickeners" | "seasonings";

/** The ingredients of one kind, each with its amount and a way to leave it out. */
export function IngredientList({ kind, at, list }: { kind: Kind; at: string; list: Ingredient[] }) {
  const { change } = useBenchContext();
  const [swapping, setSwapping] = useState<number | null>(null);
  return list.map((one, index) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: the same food may stand here twice
    <Fragment key={`${kind}-${one.food.id}-${index}`}>
      <Flex justify="space-between" gap="8px" align="baseline">
        <span>
          <AmountEntry label={one.food.name} at={`${at}/${index}/amount`} amount={one.amount} food={one.food} />{" "}
          {kind === "dairies" ? (
            <chakra.button
              type="button"
              aria-label={`Swap ${one.food.name}`}
              aria-expanded={swapping === index}
              onClick={() => setSwapping(swapping === index ? null : index)}
              background="transparent"
              border="0"
              padding="0"
              color="ink2"
              cursor="pointer"
              minHeight="24px"
              textAlign="left"
              _hover={{ background: "well" }}
            >
              {plainName(one)}
            </chakra.button>
          ) : (
            <Box as="span" color="ink2">
              {plainName(one)}
            </Box>
          )}
        </span>
        <Box as="span" color="ink2" whiteSpace="nowrap">
          {grams(one.amount.grams)}
          <RemoveButton
            label={`Leave out ${one.food.name}`}
            remove={() => change((design) => removed(design, at, index))}
          />
        </Box>
      </Flex>
      {swapping === index && <Swap name={plainName(one)} at={`${at}/${index}`} close={() => setSwapping(null)} />}
    </Fragment>
  ));
}

/** "5 large" eggs, "240 ml" single cream; not "Egg, without shell". */
function plainName({ food }: Ingredient): string {
  const name = shortName(food.name).toLowerCase();
  return name === "egg" ? "eggs" : name;
}
