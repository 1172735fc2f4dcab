import { Box, Flex } from "@chakra-ui/react";
import { Fragment, memo, useState } from "react";
import type { Forecast, PieDesign } from "../../../api/client";
import { CurvesChart } from "../../../draw/Curves";
import { Cutaway } from "../../../draw/Cutaway";
import type { FieldName } from "../../../draw/fields";
import { shortName } from "../../../food/shortName";
import { grams, number } from "../../../ui/numbers";
import { RecessChoice } from "../../../ui/RecessChoice";
import { useWidth } from "../../../ui/useWidth";
import { MatchKitchen } from "../advice/MatchKitchen";
import { WhatIf } from "../advice/WhatIf";
import { BakePlan } from "../oven/BakePlan";
import { Events, Outcome } from "./Events";
import { type Before, InTheOven } from "./InTheOven";

type Seen = "poured" | FieldName;
const SEEN: [Seen, string][] = [
  ["poured", "as poured"],
  ["heat", "heat"],
  ["water", "water"],
  ["set", "set"],
  ["colour", "colour"],
];

type Props = {
  forecast: Forecast;
  design: PieDesign;
  /** the design that the forecast is of */
  of: PieDesign;
  before: Before | null;
};

/** The cutaway, as poured or in the oven; its legend, the ledger of the water, the bake plan, and what is seen when. */
export const CutawayPane = memo(function CutawayPane({ forecast, design, of, before }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(540);
  const [seen, setSeen] = useState<Seen>("poured");
  const [minute, setMinute] = useState<number | null>(null);
  const empty = forecast.weights.fillingGrams <= 0;
  const began = forecast.bake?.stages.find((stage) => stage.name === "bake")?.from ?? 0;
  const inOven = seen === "poured" || minute === null || minute < began ? null : minute - began;
  return (
    <Box as="section" aria-label="Cutaway" minWidth="0">
      <Box as="h2" fontWeight="650">
        Cut through the middle
        {forecast.section.across && (
          <Box as="span" fontWeight="430" color="ink2">
            , {forecast.section.across}
          </Box>
        )}
      </Box>
      <RecessChoice label="What the colours show" value={seen} options={SEEN} choose={setSeen} />
      <Box ref={ref} data-cutaway>
        {seen === "poured" ? (
          <Cutaway
            section={forecast.section}
            ledger={forecast.ledger}
            seal={design.crust.seal === "egg"}
            width={width}
            title={design.name}
            empty={empty}
          />
        ) : (
          <InTheOven
            forecast={forecast}
            design={of}
            before={before}
            field={seen}
            width={width}
            minute={minute}
            seek={setMinute}
          />
        )}
      </Box>
      {empty && (
        <Box as="p" marginBottom="10px">
          Pour the first layer: what lies on the pastry?
        </Box>
      )}
      {!empty && seen === "poured" && <WaterLedger forecast={forecast} design={design} />}
      <BakePlan bake={design.bake} dials={forecast.dials.slice(design.crust.shell.length)} />
      {forecast.bake && (
        <Box as="section" aria-label="What is seen when" marginTop="12px">
          <CurvesChart
            report={forecast.bake}
            before={before?.report ?? null}
            minute={inOven !== null && inOven <= forecast.bake.minutes ? inOven : null}
            width={width}
          />
          <Events report={forecast.bake} />
          <Outcome report={forecast.bake} />
          <WhatIf design={design} />
          <MatchKitchen design={design} />
        </Box>
      )}
    </Box>
  );
});

/** Where the water of every wet layer goes; the grams close. */
function WaterLedger({ forecast, design }: { forecast: Forecast; design: PieDesign }) {
  const { ledger } = forecast;
  const names = new Map(
    design.layers.map((layer) => [layer.id, layer.kind === "custard" ? "" : shortName(layer.food.name)]),
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
          {ledger.absorbedGrams >= 0.5 && `${grams(ledger.absorbedGrams)} taken up by what is scattered; `}
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
