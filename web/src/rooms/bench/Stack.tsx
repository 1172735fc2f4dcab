import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { CustardLayer, Forecast, SolidLayer } from "../../api/client";
import { Button } from "../../ui/Button";
import { grams } from "../../ui/numbers";
import { useBenchContext } from "./BenchContext";
import { CrustRow } from "./CrustRow";
import { CustardRow } from "./CustardRow";
import { FoodPicker } from "./FoodPicker";
import { freeId, setAt } from "./pointer";
import { SolidRow } from "./SolidRow";

/** The pie as a stack, last poured on top, the crust below: everything is edited where it stands. */
export function Stack({ forecast }: { forecast: Forecast }) {
  const { design } = useBenchContext();
  const layers = design.layers.map((layer, index) => ({ layer, index })).reverse();
  return (
    <Box as="section" aria-label="In the tin">
      <Flex
        as="h2"
        fontWeight="650"
        justify="space-between"
        paddingBottom="7px"
        borderBottom="1.6px solid {colors.rim}"
      >
        In the tin, last poured on top
      </Flex>
      <Box as="ol">
        {layers.map(({ layer, index }) =>
          layer.kind === "custard" ? (
            <CustardRow key={layer.id} layer={layer} index={index} />
          ) : (
            <SolidRow key={layer.id} layer={layer} index={index} ledger={forecast.ledger} />
          ),
        )}
        <CrustRow crustGrams={forecast.weights.crustGrams} />
      </Box>
      <AddLayer />
      <Totals forecast={forecast} />
    </Box>
  );
}

function AddLayer() {
  const { design, set } = useBenchContext();
  const [open, setOpen] = useState(false);
  const custard = design.layers.some((layer) => layer.kind === "custard");
  const pour = (layer: SolidLayer | CustardLayer) => {
    set(setAt(design, "/layers", [...design.layers, layer]));
    setOpen(false);
  };
  if (!open) {
    return (
      <Flex borderTop="1.6px solid {colors.rim}" marginTop="-1px" paddingTop="6px" gap="4px" wrap="wrap">
        <Button look="plain" onClick={() => setOpen(true)}>
          + Add a layer
        </Button>
        {!custard && (
          <Button
            look="plain"
            onClick={() =>
              pour({ kind: "custard", id: freeId(design, "custard"), style: "tender", eggs: [], dairies: [] })
            }
          >
            + Pour a custard
          </Button>
        )}
      </Flex>
    );
  }
  return (
    <FoodPicker
      label="Which food is laid on top?"
      of="solid"
      cancel={() => setOpen(false)}
      pick={({ food, amount }) =>
        pour({
          kind: "solid",
          id: freeId(design, food.id),
          food,
          bought: amount,
          preparation: "",
          now: amount,
          binder: null,
        })
      }
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
