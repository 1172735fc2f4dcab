import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Day, DayPlan, PlanWish } from "../../api/client";
import { dayPlanQuery, dayWaysQuery } from "../../api/dayQueries";
import { Button } from "../../ui/Button";
import { Part } from "../../ui/Part";
import { sayClock, span } from "./clock";
import { type Ask, wishOf } from "./usePlan";

type Props = {
  kitchen: string;
  day: Day;
  plan: DayPlan;
  ask: Ask;
  marks: string;
  take: (day: Day) => void;
  from: (minute: number) => void;
};

const LATE = 20;

/** What if an oven fails, or one begins late: planned to see, taken if wanted. */
export function WhatIf({ kitchen, day, plan, ask, marks, take, from }: Props) {
  const [tried, setTried] = useState<string | null>(null);
  const start = ask.nowMinute ?? plan.startMinute ?? 0;
  const failing = day.kitchen.ovens.filter((oven) => !day.failures.some((one) => one.oven === oven.id));
  const without = (oven: string): Day => ({ ...day, failures: [...day.failures, { oven, fromMinute: start }] });
  return (
    <Part name="What if">
      <Flex gap="4px" wrap="wrap" paddingTop="4px">
        {failing.length > 1 &&
          failing.map((oven) => (
            <Button
              key={oven.id}
              look="plain"
              minHeight="44px"
              aria-pressed={tried === oven.id}
              onClick={() => setTried(tried === oven.id ? null : oven.id)}
            >
              What if {oven.name} fails
            </Button>
          ))}
        {ask.nowMinute === null && plan.startMinute !== null && (
          <Button
            look="plain"
            minHeight="44px"
            aria-pressed={tried === "late"}
            onClick={() => setTried(tried === "late" ? null : "late")}
          >
            What if we start {LATE} min late
          </Button>
        )}
        {day.failures.map((one) => (
          <Button
            key={one.oven}
            look="plain"
            minHeight="44px"
            onClick={() => take({ ...day, failures: day.failures.filter((of) => of.oven !== one.oven) })}
          >
            {day.kitchen.ovens.find((oven) => oven.id === one.oven)?.name ?? "The oven"} works again
          </Button>
        ))}
      </Flex>
      {tried === "late" && (
        <Tried
          kitchen={kitchen}
          now={plan}
          marks={marks}
          wish={wishOf(day, { ...ask, nowMinute: (plan.startMinute ?? 0) + LATE })}
          says={`Started at ${sayClock((plan.startMinute ?? 0) + LATE)}`}
          take={() => from((plan.startMinute ?? 0) + LATE)}
        />
      )}
      {tried !== null && tried !== "late" && failing.some((one) => one.id === tried) && (
        <Tried
          kitchen={kitchen}
          now={plan}
          marks={marks}
          wish={wishOf(without(tried), ask)}
          says={`Without ${failing.find((one) => one.id === tried)?.name}`}
          take={() => {
            take(without(tried));
            setTried(null);
          }}
        />
      )}
    </Part>
  );
}

function Tried({
  kitchen,
  wish,
  now,
  marks,
  says,
  take,
}: {
  kitchen: string;
  wish: PlanWish;
  now: DayPlan;
  marks: string;
  says: string;
  take: () => void;
}) {
  const { data, error, isPlaceholderData } = useQuery({
    ...dayPlanQuery(kitchen, wish, marks),
    placeholderData: undefined,
  });
  if (error) return <Box role="status">{error.message}</Box>;
  if (!data || isPlaceholderData) return <Box role="status">{says}: working out</Box>;
  const later = data.served.filter((one) => one.lateMinutes > 0).length;
  return (
    <Flex role="status" gap="10px" align="center" wrap="wrap">
      <Box>
        <Box as="span" fontWeight="650">
          {says}:{" "}
        </Box>
        {!data.isPossible
          ? "it cannot be planned."
          : later === 0
            ? `all is still in time, beginning at ${sayClock(data.startMinute ?? 0)}${now.startMinute !== data.startMinute ? ` and not at ${sayClock(now.startMinute ?? 0)}` : ""}.`
            : `${later === 1 ? "one is" : `${later} are`} late, by ${span(Math.max(...data.served.map((one) => one.lateMinutes)))} at most.`}
      </Box>
      <Button look="outline" minHeight="44px" onClick={take}>
        Plan it so
      </Button>
    </Flex>
  );
}

/** What would have all in time, each planned. */
export function Ways({ kitchen, day, ask, take }: Pick<Props, "kitchen" | "day" | "ask" | "take">) {
  const { data, error } = useQuery(dayWaysQuery(kitchen, wishOf(day, ask, true)));
  return (
    <Box
      as="section"
      aria-label="Ways to be in time"
      borderTop="3px solid {colors.rim}"
      paddingBlock="8px"
      marginBottom="14px"
    >
      <Box as="h2" fontWeight="650">
        What would have it in time
      </Box>
      {error && <Box>{error.message}</Box>}
      {!data && !error && <Box role="status">working out</Box>}
      {data?.length === 0 && <Box>No single change does. Take a pie off, or begin the day before.</Box>}
      {data?.map((way, at) => (
        <Flex key={way.act} gap="10px" align="center" wrap="wrap" paddingBlock="3px">
          <Box flex="0 1 520px">
            {way.act}
            <Box as="span" color="ink2">
              {way.lateMinutes === 0 ? ": all in time" : `: ${span(way.lateMinutes)} late in all`}
            </Box>
          </Box>
          <Button look={at === 0 ? "filled" : "outline"} onClick={() => take(way.day)} aria-label={`Apply: ${way.act}`}>
            Apply
          </Button>
        </Flex>
      ))}
    </Box>
  );
}
