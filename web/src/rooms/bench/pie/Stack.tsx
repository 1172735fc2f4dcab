import { Box, Flex } from "@chakra-ui/react";
import { memo, useState } from "react";
import type { Forecast, PieDesign } from "../../../api/client";
import { defaults } from "../../../api/generated/defaults";
import { readWords } from "../../../api/words";
import { Button } from "../../../ui/Button";
import { grams } from "../../../ui/numbers";
import { useBenchContext } from "../BenchContext";
import { FoodPicker } from "../food/FoodPicker";
import { CrustRow } from "../pastry/CrustRow";
import { freeId, setAt } from "../pointer";
import { CustardRow } from "./CustardRow";
import { IngredientList } from "./IngredientList";
import { Notes } from "./Notes";
import { ScatteredRow } from "./ScatteredRow";
import { SolidRow } from "./SolidRow";
import { StackRow } from "./StackRow";

type Props = { forecast: Forecast; design: PieDesign };

/** The pie as a stack, last poured on top, the crust below: everything is edited where it stands. */
export const Stack = memo(function Stack({ forecast, design }: Props) {
  const count = design.layers.length;
  const layers = design.layers.map((layer, index) => ({ layer, index })).reverse();
  const custard = design.layers.some((layer) => layer.kind === "custard");
  const folded = design.tin.shape === "folded-discs";
  return (
    <Box as="section" aria-label={folded ? "In the pasty" : "In the tin"}>
      <Flex as="h2" fontWeight="650" paddingBottom="7px" borderBottom="1.6px solid {colors.rim}">
        {folded ? "In the pasty, last laid on top" : "In the tin, last poured on top"}
      </Flex>
      <Box as="ol">
        {layers.map(({ layer, index }) =>
          layer.kind === "custard" ? (
            <CustardRow key={layer.id} layer={layer} index={index} count={count} seasonings={design.seasonings} />
          ) : layer.kind === "scattered" ? (
            <ScatteredRow key={layer.id} layer={layer} index={index} count={count} />
          ) : (
            <SolidRow
              key={layer.id}
              layer={layer}
              index={index}
              count={count}
              water={forecast.ledger.layers.find((one) => one.id === layer.id)}
            />
          ),
        )}
        {!custard && design.seasonings.length > 0 && (
          <StackRow
            id="seasonings"
            name="Seasoning"
            total={design.seasonings.reduce((sum, one) => sum + one.amount.grams, 0)}
          >
            <IngredientList kind="seasonings" at="/seasonings" list={design.seasonings} />
          </StackRow>
        )}
        <CrustRow
          crust={design.crust}
          folded={folded}
          crustGrams={forecast.weights.crustGrams}
          dials={forecast.dials}
        />
      </Box>
      <AddLayer custard={custard} />
      <Totals forecast={forecast} />
      <Notes notes={design.notes} />
    </Box>
  );
});

function AddLayer({ custard }: { custard: boolean }) {
  const { change, kitchen } = useBenchContext();
  const [open, setOpen] = useState<"solid" | "binder" | null>(null);
  const pour = (wish: string, layer: (id: string) => PieDesign["layers"][number], below = false) => {
    change((design) => {
      const made = layer(freeId(design, wish));
      return setAt(design, "/layers", below ? [made, ...design.layers] : [...design.layers, made]);
    });
    setOpen(null);
  };
  if (!open) {
    return (
      <Flex borderTop="1.6px solid {colors.rim}" marginTop="-1px" paddingTop="6px" gap="4px" wrap="wrap">
        <Button look="plain" onClick={() => setOpen("solid")}>
          + Add a layer
        </Button>
        <Button look="plain" onClick={() => setOpen("binder")}>
          + Scatter crumbs
        </Button>
        {!custard && (
          <Button look="plain" onClick={() => pour("custard", (id) => ({ ...defaults.custard, id }))}>
            + Pour a custard
          </Button>
        )}
      </Flex>
    );
  }
  return (
    <FoodPicker
      label={open === "solid" ? "Which food is laid on top?" : "What is scattered on the crust?"}
      of={open}
      cancel={() => setOpen(null)}
      add={async (food, words, fromCelsius) => {
        const read = await readWords(kitchen, "mass", words, food);
        if (!read.ok) return read;
        const amount = { words: read.value.words, grams: read.value.value };
        if (open === "solid")
          pour(food.id, (id) => ({ kind: "solid", id, food, bought: amount, steps: [], binder: null, fromCelsius }));
        else pour(food.id, (id) => ({ kind: "scattered", id, food, amount, fromCelsius }), true);
        return read;
      }}
    />
  );
}

function Totals({ forecast }: { forecast: Forecast }) {
  const rows: [string, number, boolean][] = [
    ["Crust", forecast.weights.crustGrams, false],
    ["Filling", forecast.weights.fillingGrams, false],
    ["Into the oven", forecast.weights.intoTheOvenGrams, true],
  ];
  return (
    <Box marginTop="10px">
      {rows.map(([name, value, strong]) => (
        <Flex key={name} justify="space-between" color={strong ? "ink" : "ink2"} fontWeight={strong ? "650" : "430"}>
          <span>{name}</span>
          <span>{grams(value)}</span>
        </Flex>
      ))}
      <Box color="ink2" marginTop="8px">
        {forecast.allergens.length ? `Contains ${forecast.allergens.join(", ")}` : "None of the fourteen allergens"}
      </Box>
    </Box>
  );
}
