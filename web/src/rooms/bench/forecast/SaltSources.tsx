import { Box } from "@chakra-ui/react";
import { Fragment } from "react";
import type { Forecast } from "../../../api/client";
import { number } from "../../../ui/numbers";

/** Where the salt comes from, the most first: what to leave out is seen at a glance. */
export function SaltSources({ salt }: { salt: Forecast["salt"] }) {
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
