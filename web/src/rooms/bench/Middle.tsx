import { Box, Flex } from "@chakra-ui/react";
import { Fragment, memo } from "react";
import type { Forecast, PieDesign } from "../../api/client";
import { Cutaway } from "../../draw/Cutaway";
import { WaterLegend } from "../../draw/WaterLegend";
import { grams, number } from "../../ui/numbers";
import { useWidth } from "../../ui/useWidth";
import { BakePlan } from "./BakePlan";

/** The cutaway with its legend, the ledger of the water, and the oven. */
export const Middle = memo(function Middle({ forecast, design }: { forecast: Forecast; design: PieDesign }) {
  const [ref, width] = useWidth<HTMLDivElement>(540);
  const base = forecast.readings.find((reading) => reading.name === "base")?.value ?? null;
  const empty = forecast.weights.fillingGrams <= 0;
  return (
    <Box as="section" aria-label="Cutaway" minWidth="0">
      <Box as="h2" fontWeight="650" paddingBottom="7px" borderBottom="1.6px solid {colors.rim}">
        Half of it in section,{" "}
        <Box as="span" fontWeight="430" color="ink2">
          {forecast.section.across && `${forecast.section.across}, `}coloured by water
        </Box>
      </Box>
      <Box ref={ref} data-cutaway>
        <Cutaway
          section={forecast.section}
          ledger={forecast.ledger}
          basePercent={base}
          seal={design.crust.seal === "egg"}
          width={width}
          title={design.name}
          empty={empty}
        />
      </Box>
      {empty && (
        <Box as="p" marginBottom="10px">
          Pour the first layer: what lies on the pastry?
        </Box>
      )}
      <WaterLegend width={width} />
      {!empty && <WaterLedger forecast={forecast} design={design} />}
      <BakePlan bake={design.bake} />
    </Box>
  );
});

/** Where the water of every wet layer goes; the grams close. */
function WaterLedger({ forecast, design }: { forecast: Forecast; design: PieDesign }) {
  const { ledger } = forecast;
  const names = new Map(
    design.layers.map((layer) => [layer.id, layer.kind === "custard" ? "" : (layer.food.name.split(",")[0] ?? "")]),
  );
  const rows = ledger.layers.filter((row) => row.drivenOffGrams >= 0.5 || row.weepGrams >= 0.5);
  return (
    <Box
      as="section"
      aria-label="Where the water goes"
      marginTop="14px"
      borderTop="1.4px solid {colors.hair}"
      paddingTop="8px"
    >
      <Flex justify="space-between" wrap="wrap" gap="4px 16px">
        <Box as="h3" fontWeight="650">
          Where the water goes
        </Box>
        <Box color="water" fontWeight="650" data-testid="weep-split">
          {ledger.absorbedGrams >= 0.5 && `${grams(ledger.absorbedGrams)} taken up by what is strewn; `}
          {ledger.freeGrams < 0.5
            ? "nothing will weep"
            : `${grams(ledger.freeGrams)} will weep: ${grams(ledger.intoBaseGrams)} into the base, ${grams(ledger.intoFillingGrams)} into the filling`}
        </Box>
      </Flex>
      {rows.length > 0 && (
        <Box
          display="grid"
          gridTemplateColumns="1fr repeat(4, auto)"
          columnGap="16px"
          marginTop="4px"
          css={{ "& > span": { textAlign: "right" } }}
        >
          {["", "driven off", "will weep", "held", "free"].map((head) => (
            <Box as="span" key={head} color="ink2" fontSize="scale">
              {head}
            </Box>
          ))}
          {rows.map((row) => (
            <Fragment key={row.id}>
              <Box>{names.get(row.id) || row.id}</Box>
              {[row.drivenOffGrams, row.weepGrams, row.boundGrams, row.freeGrams].map((value, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: the columns are fixed
                <Box as="span" key={index} whiteSpace="nowrap">
                  {value < 0.5 ? "–" : `${number(value)} g`}
                </Box>
              ))}
            </Fragment>
          ))}
        </Box>
      )}
    </Box>
  );
}
