import { Box, Flex } from "@chakra-ui/react";
import type { DoughChoice, DoughPlan, RestShown } from "../../api/client";
import { Button } from "../../ui/Button";
import { number } from "../../ui/numbers";
import { ink } from "../../ui/theme";

type Props = { plan: DoughPlan; kitchenCelsius: string; choose: (by: (choice: DoughChoice) => DoughChoice) => void };

/** The rests of a dough in order: what must be waited for, and what it costs to skip it. */
export function RestsPart({ plan, kitchenCelsius, choose }: Props) {
  if (plan.rests.length === 0) return null;
  const waits = plan.rests.filter((one) => !one.isSkipped).reduce((sum, one) => sum + one.usualMinutes * one.times, 0);
  const skip = (rest: RestShown) =>
    choose((now) => ({
      ...now,
      skipped: rest.isSkipped ? now.skipped.filter((one) => one !== rest.name) : [...now.skipped, rest.name],
    }));
  return (
    <Box as="section" aria-label="Rests" borderTop="1.6px solid {colors.rim}" marginTop="18px" paddingTop="6px">
      <Flex gap="10px 22px" wrap="wrap">
        <Box width="120px">
          <Box as="h2" fontWeight="650">
            Rests
          </Box>
          <Box color="ink2">
            {number(waits)} min to wait, kitchen {kitchenCelsius}
          </Box>
        </Box>
        {plan.rests.map((rest) => (
          <Box key={rest.name} flex={`${rest.usualMinutes * rest.times} 1 190px`} minWidth="190px">
            <Box fontWeight="650" textDecoration={rest.isSkipped ? "line-through" : undefined}>
              {rest.says} {number(rest.usualMinutes)}
              {rest.times > 1 && ` × ${rest.times}`}
              <Box as="span" fontWeight="430" color="ink2">
                {" "}
                min, {number(rest.leastMinutes)} to {number(rest.mostMinutes)}
              </Box>
            </Box>
            <Lines skipped={rest.isSkipped} />
            <Flex gap="10px" align="flex-start" paddingTop="2px">
              <Button
                look="plain"
                minHeight="44px"
                paddingInline="0"
                onClick={() => skip(rest)}
                aria-label={rest.isSkipped ? `Rest after all: ${rest.says}` : `Skip it: ${rest.says}`}
              >
                {rest.isSkipped ? "Rest after all" : "Skip it"}
              </Button>
              <Box color={rest.isSkipped ? "ink" : "ink2"} flex="1" paddingTop="10px">
                {rest.price}
              </Box>
              {rest.lowerMm > 0 && <Wall lowerMm={rest.lowerMm} />}
            </Flex>
          </Box>
        ))}
      </Flex>
    </Box>
  );
}

/** Rests are parallel lines, for they must be waited for. */
function Lines({ skipped }: { skipped: boolean }) {
  return (
    <svg width="100%" height="12" aria-hidden style={{ display: "block" }}>
      {[2, 5, 8].map((y) => (
        <line
          key={y}
          x1="1"
          x2="100%"
          y1={y}
          y2={y}
          stroke={ink("rim")}
          strokeWidth="1"
          strokeDasharray={skipped ? "3 5" : undefined}
        />
      ))}
      <line x1="1" x2="1" y1="0" y2="11" stroke={ink("rim")} strokeWidth="2" />
    </svg>
  );
}

const SIDE = 34;

/** The wall of the tin: as lined dashed, as it would end drawn. */
function Wall({ lowerMm }: { lowerMm: number }) {
  const low = Math.min(SIDE - 10, Math.max(2, lowerMm * 2));
  return (
    <svg width="48" height="44" aria-hidden style={{ flex: "none" }}>
      <path d={`M4,40 H42 V4`} fill="none" stroke={ink("tin")} strokeWidth="2" />
      <path d={`M6,36 H36 V${38 - SIDE + low}`} fill="none" stroke={ink("food-pastry-bed")} strokeWidth="7" />
      <path d={`M6,39.5 H39.5 V${38 - SIDE + low} H32.5 V32.5 H6`} fill="none" stroke={ink("ink")} strokeWidth="1.2" />
      <path
        d={`M39.5,${38 - SIDE + low} V4 H32.5 V${38 - SIDE + low}`}
        fill="none"
        stroke={ink("ink")}
        strokeWidth="1"
        strokeDasharray="2 2.5"
      />
    </svg>
  );
}
