import { Box } from "@chakra-ui/react";
import { Fragment, memo } from "react";
import type { BakeReport } from "../../../api/client";
import { number, range } from "../../../ui/numbers";

/** What is to be seen when, as ranges with their cues; what would come only later is said to. */
export const Events = memo(function Events({ report }: { report: BakeReport }) {
  return (
    <Box
      as="dl"
      aria-label="What to look for"
      display="grid"
      gridTemplateColumns={{ base: "96px 86px 1fr", lg: "104px 92px 1fr" }}
      columnGap="10px"
      rowGap="2px"
    >
      {report.events.map((event) => (
        <Fragment key={event.name}>
          <Box as="dt" fontWeight={event.isInPlan ? "650" : "430"} color={event.isInPlan ? "ink" : "ink2"}>
            {event.title}
          </Box>
          <Box as="dd" color={event.isInPlan ? "heat" : "ink2"} whiteSpace="nowrap">
            {range(event.low, event.high) || number(event.minute)} min
          </Box>
          <Box as="dd" color="ink2">
            {event.isInPlan ? event.cue : "only if it stayed in longer"}
          </Box>
        </Fragment>
      ))}
    </Box>
  );
});

/** What comes out: colours, weight, carry-over, cooling. */
export const Outcome = memo(function Outcome({ report }: { report: BakeReport }) {
  return (
    <Box as="p" color="ink2" marginTop="6px">
      Out at {number(report.minutes)} min: {report.colours.map((one) => `${one.where} ${one.word}`).join(", ")}. It
      loses {number(report.lostGrams)} g in the oven, and its middle still rises {number(report.carriesOverKelvins)} °C.{" "}
      {report.cooling.says}
    </Box>
  );
});
