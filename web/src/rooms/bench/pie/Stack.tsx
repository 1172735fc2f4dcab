import { Box, Flex } from "@chakra-ui/react";
import { memo } from "react";
import type { Forecast, PieDesign } from "../../../api/client";
import { grams } from "../../../ui/numbers";
import { AddThings } from "../food/AddThings";
import { CrustRow } from "../pastry/CrustRow";
import { CustardRow } from "./CustardRow";
import { FromFolded } from "./FromEntry";
import { IngredientList } from "./IngredientList";
import { Notes } from "./Notes";
import { Pans } from "./Pans";
import { ScatteredRow } from "./ScatteredRow";
import { SolidRow } from "./SolidRow";
import { StackRow } from "./StackRow";

type Props = { forecast: Forecast; design: PieDesign };

/** The pie as a stack, last poured on top, the crust below: everything is edited where it stands. */
export const Stack = memo(function Stack({ forecast, design }: Props) {
  const count = design.layers.length;
  const layers = design.layers.map((layer, index) => ({ layer, index })).reverse();
  const custard = design.layers.some((layer) => layer.kind === "custard");
  const folded = design.tin.shape === "folded";
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
      {count > 0 && <FromFolded layers={design.layers} />}
      <Pans layers={design.layers} />
      <AddThings first={count === 0 || (count === 1 && custard && forecast.weights.fillingGrams === 0)} />
      <Totals forecast={forecast} />
      <Notes notes={design.notes} />
    </Box>
  );
});

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
        {forecast.allergens.length
          ? `Contains ${forecast.allergens.join(", ")}.`
          : "None of the fourteen allergens, as far as is known."}{" "}
        {forecast.allergenChecks.join(" ")}
      </Box>
    </Box>
  );
}
