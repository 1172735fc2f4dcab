import { Box, Flex } from "@chakra-ui/react";
import { memo, useState } from "react";
import type { CustardLayer, Ingredient } from "../../../api/client";
import { setAt } from "../../../pie/pointer";
import { Button } from "../../../ui/Button";
import { Choice } from "../../../ui/Choice";
import { FillGap } from "../advice/FillGap";
import { useAssumed, useBenchContext } from "../BenchContext";
import { FoodPicker } from "../food/FoodPicker";
import { IngredientList, type Kind } from "./IngredientList";
import { StackRow, useLayerActs } from "./StackRow";

const STYLES: [CustardLayer["style"], string][] = (["firm", "sliceable", "tender", "trembling"] as const).map((one) => [
  one,
  one,
]);

type Props = { layer: CustardLayer; index: number; count: number; seasonings: Ingredient[] };

/** The custard: eggs, dairy, salt and the style that was wanted. */
export const CustardRow = memo(function CustardRow({ layer, index, count, seasonings }: Props) {
  const { change } = useBenchContext();
  const { move, items } = useLayerActs(index, count);
  const at = `/layers/${index}`;
  const [filling, setFilling] = useState(false);
  const total = [...layer.eggs, ...layer.dairies, ...layer.blended, ...layer.thickeners].reduce(
    (sum, one) => sum + one.amount.grams,
    0,
  );
  return (
    <StackRow
      id={layer.id}
      name={layer.eggs.length > 0 || layer.dairies.length + layer.thickeners.length === 0 ? "Custard" : "Sauce"}
      total={total}
      menu={{ label: "Custard: what to do", items }}
      move={move}
    >
      <IngredientList kind="eggs" at={`${at}/eggs`} list={layer.eggs} />
      <IngredientList kind="dairies" at={`${at}/dairies`} list={layer.dairies} />
      <IngredientList kind="blended" at={`${at}/blended`} list={layer.blended} />
      <IngredientList kind="thickeners" at={`${at}/thickeners`} list={layer.thickeners} />
      <IngredientList kind="seasonings" at="/seasonings" list={seasonings} />
      <AddTo index={index} />
      <Flex gap="2px 6px" align="baseline" marginTop="2px" wrap="wrap">
        <Box as="span" color="ink2">
          to eat
        </Box>
        <Choice
          label="Style of the custard"
          value={layer.style}
          options={STYLES}
          assumed={useAssumed(`${at}/style`)}
          choose={(to) => change((design) => setAt(design, `${at}/style`, to))}
        />
        {!filling && (
          <Button look="plain" minHeight="30px" onClick={() => setFilling(true)}>
            Fill the gap
          </Button>
        )}
      </Flex>
      {filling && <FillGap layer={layer} close={() => setFilling(false)} />}
    </StackRow>
  );
});

/** What fits where: a sauce is made of stock as well as of milk. */
const ROLES = {
  eggs: ["egg"],
  dairies: ["dairy", "liquid"],
  blended: ["solid"],
  seasonings: ["seasoning"],
} as const;

function AddTo({ index }: Pick<Props, "index">) {
  const { enter } = useBenchContext();
  const [adding, setAdding] = useState<Exclude<Kind, "thickeners"> | null>(null);
  if (!adding) {
    return (
      <Flex gap="2px" marginLeft="-6px" wrap="wrap">
        {(["eggs", "dairies", "blended", "seasonings"] as const).map((kind) => (
          <Button key={kind} look="plain" minHeight="30px" onClick={() => setAdding(kind)}>
            + {{ eggs: "egg", dairies: "dairy", blended: "blended meat", seasonings: "salt" }[kind]}
          </Button>
        ))}
      </Flex>
    );
  }
  return (
    <FoodPicker
      label={
        {
          eggs: "Which egg?",
          dairies: "Which dairy?",
          blended: "Which meat or fish?",
          seasonings: "Which seasoning?",
        }[adding]
      }
      of={ROLES[adding]}
      cancel={() => setAdding(null)}
      add={async (food, words) => {
        const at = adding === "seasonings" ? "/seasonings" : `/layers/${index}/${adding}`;
        const entered = await enter({ at, kind: "mass", words, food });
        if (entered.ok) setAdding(null);
        return entered;
      }}
    />
  );
}
