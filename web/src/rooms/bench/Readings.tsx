import { Box, Flex } from "@chakra-ui/react";
import { Fragment, memo } from "react";
import type { Forecast, WayOut } from "../../api/client";
import { number } from "../../ui/numbers";
import { ReadingRow } from "../../ui/ReadingRow";
import { WayOutRow } from "../../ui/WayOutRow";

type Props = {
  forecast: Forecast;
  stale: boolean;
  slow: boolean;
  applied: string | null;
  apply: (way: WayOut) => void;
  undo: () => void;
};

/** What it will do: five readings, and under each in trouble the ways out. */
export function Readings({ forecast, stale, slow, applied, apply, undo }: Props) {
  return (
    <Box as="section" aria-label="What it will do" aria-busy={stale}>
      <Flex
        as="h2"
        fontWeight="650"
        justify="space-between"
        paddingBottom="7px"
        borderBottom="1.6px solid {colors.rim}"
        marginBottom="-1px"
      >
        What it will do
        <Box as="span" color="ink2" fontWeight="430" role="status">
          {slow ? "working out" : "range, 8 in 10 bakes"}
        </Box>
      </Flex>
      {applied && (
        <Flex align="baseline" gap="8px" paddingTop="6px" role="status">
          <Box flex="1">Applied: {applied}.</Box>
          <Box
            as="button"
            onClick={undo}
            color="rim"
            fontWeight="650"
            background="transparent"
            border="0"
            cursor="pointer"
            minHeight="30px"
          >
            Undo
          </Box>
        </Flex>
      )}
      <ReadingList forecast={forecast} apply={apply} />
    </Box>
  );
}

/** Drawn anew only when there is a new forecast, not with every key. */
const ReadingList = memo(function ReadingList({ forecast, apply }: Pick<Props, "forecast" | "apply">) {
  const filled = forecast.readings.flatMap((reading) => reading.waysOut)[0];
  return (
    <>
      {forecast.readings.map((reading) => (
        <ReadingRow
          key={reading.name}
          reading={reading}
          more={reading.name === "salt" && <SaltSources salt={forecast.salt} />}
        >
          {reading.waysOut[0]?.clears && reading.waysOut.every((way) => way.id.includes("+") || !way.clears) && (
            <Box color="ink2">Nothing alone brings it inside. Two together do:</Box>
          )}
          {reading.waysOut.map((way) => (
            <WayOutRow key={way.id} way={way} reading={reading} first={way === filled} apply={() => apply(way)} />
          ))}
          {reading.state === "on-the-rim" && reading.waysOut.length === 0 && (
            <Box color="ink2">No single change of what is in it mends this.</Box>
          )}
        </ReadingRow>
      ))}
      <Box as="footer" borderTop="1.4px solid {colors.hair}" paddingTop="8px" color="ink2">
        {forecast.cautions.map((caution) => (
          <Box as="p" key={caution} color="ink" marginBottom="4px">
            {caution}
          </Box>
        ))}
        <Box as="h3" fontWeight="650" marginTop="8px">
          Assumed
        </Box>
        {forecast.assumptions.map((assumption) => (
          <Box as="p" key={assumption}>
            {assumption}
          </Box>
        ))}
      </Box>
    </>
  );
});

/** Where the salt comes from, the most first: what to leave out is seen at a glance. */
function SaltSources({ salt }: { salt: Forecast["salt"] }) {
  return (
    <Box
      as="dl"
      aria-label="Sources of salt"
      display="grid"
      gridTemplateColumns="1fr auto"
      columnGap="16px"
      marginTop="4px"
    >
      {[...salt.sources, { name: "Each portion", grams: salt.portionGrams }].map((one) => (
        <Fragment key={one.name}>
          <dt>{one.name}</dt>
          <Box as="dd" textAlign="right">
            {number(one.grams, 1)} g
          </Box>
        </Fragment>
      ))}
    </Box>
  );
}
