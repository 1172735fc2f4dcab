import { Box } from "@chakra-ui/react";
import type { DayPlan } from "../../api/client";
import { sayClock, span } from "./clock";

type Props = { plan: DayPlan; isWorking: boolean; cooks: number };

/** When to begin and how good the plan is, in words; what does not fit first. */
export function Says({ plan, isWorking, cooks }: Props) {
  return (
    <Box paddingBottom="2px">
      {plan.startMinute !== null && (
        <Box fontSize="reading" fontWeight="650">
          Begin at {sayClock(plan.startMinute)}
          <Box as="span" fontSize="body" fontWeight="430" color="ink2">
            {`  ${planSays(plan, cooks)}`}
            {isWorking && ", working out"}
          </Box>
        </Box>
      )}
      <Box color="ink2">
        {plan.says.map((one) => (
          <Box key={one}>{one}</Box>
        ))}
      </Box>
    </Box>
  );
}

/** How long in all, and how long with hands. */
function planSays(plan: DayPlan, cooks: number): string {
  const together = cooks > 1 ? ` for ${cooks} pairs together` : "";
  return `${span(plan.totalMinutes)} in all, ${span(plan.handsMinutes)} with hands${together}`;
}
