import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { effects } from "../../advice/effects";
import type { PieDesign, Reading } from "../../api/client";
import { waysOutQuery } from "../../api/queries";
import { useSettled } from "../../ui/useSettled";

const WAIT_MS = 600;

/** One fault of the recipe as it is written, with its cheapest way out; nothing where there is none. */
export function WouldGoWrong({
  kitchen,
  design,
  readings,
}: {
  kitchen: string;
  design: PieDesign;
  readings: Reading[];
}) {
  const reading = readings.find((one) => one.state === "outside");
  if (!reading) return null;
  return <Wrong kitchen={kitchen} design={design} reading={reading} />;
}

function Wrong({ kitchen, design, reading }: { kitchen: string; design: PieDesign; reading: Reading }) {
  const settled = useSettled(design, WAIT_MS);
  const ways = useQuery(waysOutQuery(kitchen, settled, reading.name)).data ?? [];
  const way = ways[0];
  return (
    <Box as="section" aria-label="As written it would go wrong" marginTop="26px">
      <Box as="h2" fontWeight="650" borderBottom="1.6px solid {colors.rim}" paddingBottom="6px">
        As written it would go wrong
      </Box>
      <Box paddingTop="8px">
        <strong>
          {reading.title} {reading.verdict}:
        </strong>{" "}
        {reading.reason}
      </Box>
      {way && (
        <Box color="ink2" paddingTop="4px">
          {way.act}: {effects(way, reading.name)}
        </Box>
      )}
    </Box>
  );
}
