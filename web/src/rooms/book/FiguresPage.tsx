import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useParams } from "react-router";
import { figuresQuery } from "../../api/bookQueries";
import type { BookFigures } from "../../api/client";
import { MissRule } from "../../draw/MissRule";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { number } from "../../ui/numbers";
import { Part } from "../../ui/Part";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";

/** How good were the forecasts, and what fails most. */
export default function FiguresPage() {
  const { kitchen = "" } = useParams();
  const { data, error, refetch } = useQuery(figuresQuery(kitchen));
  useEffect(() => {
    document.title = "Figures of the bake book, Hojaldre";
  }, []);
  return (
    <Box paddingTop="16px" paddingBottom="60px">
      <Box display="flex" gap="4px 18px" alignItems="baseline" flexWrap="wrap" paddingBottom="12px">
        <Box as="h1" fontSize="page" fontWeight="680">
          Figures
        </Box>
        <Link to={`/k/${kitchen}/book`}>Back to the bake book</Link>
      </Box>
      {error && (
        <Notice title="The figures did not come." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
      {!data && !error && <Box role="status">Counting the bakes</Box>}
      {data?.misses.length === 0 && <Box>No bake is out yet. Each one that is adds to the figures.</Box>}
      {data && data.misses.length > 0 && (
        <Box
          display="grid"
          gridTemplateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,1.4fr) minmax(0,1fr)" }}
          gap="10px 48px"
        >
          <Minutes figures={data} />
          <Box minWidth="0">
            <Told told={data.told} />
            <Troubles troubles={data.troubles} />
          </Box>
        </Box>
      )}
    </Box>
  );
}

function Minutes({ figures }: { figures: BookFigures }) {
  const [ref, width] = useWidth<HTMLDivElement>(600);
  const { misses, earlierMinutes, laterMinutes } = figures;
  const inRange = misses.filter((one) => one.isInRange).length;
  return (
    <Part name="How good were the minutes?">
      <Box paddingBlock="6px 10px">
        {inRange} of {misses.length} came out within what was told; it should be 8 in 10.{" "}
        {earlierMinutes !== null &&
          laterMinutes !== null &&
          `Half of the earlier ones missed by less than ${number(earlierMinutes)} min, half of the later ones by less than ${number(laterMinutes)}.`}
      </Box>
      <Box ref={ref}>
        <MissRule misses={misses} width={width} />
      </Box>
    </Part>
  );
}

/** Told right, warned of nothing, not warned: as parts of one rule, and in words. */
function Told({ told }: { told: BookFigures["told"] }) {
  return (
    <Part name="Did it warn of the right things?">
      {told.every((one) => one.judged === 0) && <Box paddingTop="6px">No bake is judged yet.</Box>}
      {told
        .filter((one) => one.judged > 0)
        .map((one) => (
          <Box key={one.tap} paddingBlock="8px" borderBottom="1px solid {colors.hair}">
            <Box display="flex" justifyContent="space-between">
              <Box fontWeight="650" css={{ "&::first-letter": { textTransform: "uppercase" } }}>
                {one.name}
              </Box>
              <Box color="ink2">
                right {one.judged - one.falseAlarms - one.missed} of {one.judged}
              </Box>
            </Box>
            <Share right={one.judged - one.falseAlarms - one.missed} of={one.judged} />
            <Box color="ink2">
              {one.falseAlarms === 0 ? "No false alarm" : count(one.falseAlarms, "false alarm")},{" "}
              {one.missed === 0 ? "nothing was missed" : `${one.missed} not warned of`}. The same word in {one.right}.
            </Box>
          </Box>
        ))}
    </Part>
  );
}

const count = (many: number, one: string) => `${many} ${one}${many === 1 ? "" : "s"}`;

function Share({ right, of }: { right: number; of: number }) {
  const wide = (100 * right) / of;
  return (
    <svg width="100%" height="12" viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true">
      <title>Share</title>
      <rect x="0" y="1" width={wide} height="10" fill={ink("ink2")} />
      <path d="M0,11 H100" stroke={ink("rim")} strokeWidth="1.5" vectorEffect="non-scaling-stroke" />
    </svg>
  );
}

function withWhich({ bakes, mostOf, mostBakes }: BookFigures["troubles"][number]): string {
  if (mostOf === "") return "";
  if (mostBakes === bakes) return `With ${mostOf}.`;
  return mostBakes === 1 ? "Each with another pie." : `${mostBakes} of them with ${mostOf}.`;
}

function Troubles({ troubles }: { troubles: BookFigures["troubles"] }) {
  const most = Math.max(1, ...troubles.map((one) => one.bakes));
  return (
    <Part name="What fails most?">
      {troubles.length === 0 && <Box paddingTop="6px">Nothing was judged wrong yet.</Box>}
      <Box as="ol">
        {troubles.map((one) => (
          <Box as="li" key={one.name} paddingBlock="8px" borderBottom="1px solid {colors.hair}">
            <Box display="flex" justifyContent="space-between">
              <Box fontWeight="650" css={{ "&::first-letter": { textTransform: "uppercase" } }}>
                {one.name}
              </Box>
              <Box color="ink2">{one.bakes === 1 ? "1 bake" : `${one.bakes} bakes`}</Box>
            </Box>
            <Share right={one.bakes} of={most} />
            <Box color="ink2">{withWhich(one)}</Box>
          </Box>
        ))}
      </Box>
    </Part>
  );
}
