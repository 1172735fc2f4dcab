import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { PieDesign, WhatIfLever } from "../../../api/client";
import { whatIfQuery } from "../../../api/queries";
import { WhatIfChart } from "../../../draw/WhatIfChart";
import { Button } from "../../../ui/Button";
import { RecessChoice } from "../../../ui/RecessChoice";
import { useWidth } from "../../../ui/useWidth";
import { useBenchContext } from "../BenchContext";

const LEVERS: [WhatIfLever, string][] = [
  ["oven", "oven"],
  ["minutes", "minutes"],
  ["depth", "filling, %"],
  ["pressing", "pressing"],
  ["shell", "bare shell"],
  ["start", "warm in"],
];

/** One thing changed by steps, baked at each: where the cliff is. Any step can be taken with one press. */
export function WhatIf({ design }: { design: PieDesign }) {
  const { kitchen, put } = useBenchContext();
  const [ref, width] = useWidth<HTMLDivElement>(540);
  const [lever, setLever] = useState<WhatIfLever | null>(null);
  const query = useQuery({ ...whatIfQuery(kitchen, design, lever ?? "oven"), enabled: lever !== null });
  const points = lever === null ? [] : (query.data ?? []);
  return (
    <Box as="section" aria-label="What if" marginTop="16px" borderTop="1.4px solid {colors.hair}" paddingTop="8px">
      <Flex align="baseline" gap="12px" wrap="wrap">
        <Box as="h3" fontWeight="650">
          What if
        </Box>
        {lever === null && (
          <Button look="plain" minHeight="30px" onClick={() => setLever("oven")}>
            Try one thing by steps
          </Button>
        )}
      </Flex>
      {lever !== null && <RecessChoice label="What is changed" value={lever} options={LEVERS} choose={setLever} />}
      <Box ref={ref} aria-live="polite">
        {lever !== null && query.error && <Box role="status">{query.error.message}</Box>}
        {lever !== null && query.isPending && <Box role="status">Baking it at each step</Box>}
        {lever !== null && query.data && points.length === 0 && <Box>This pie has no such thing to change yet.</Box>}
        {points.length > 0 && (
          <Box opacity={query.isPlaceholderData ? 0.5 : 1}>
            <WhatIfChart points={points} width={width} />
            <Flex gap="2px 4px" wrap="wrap" align="baseline" marginTop="4px">
              <Box as="span" color="ink2">
                Take
              </Box>
              {points
                .filter((point) => !point.isNow)
                .map((point) => (
                  <Button
                    key={point.label}
                    look="plain"
                    minHeight="28px"
                    disabled={query.isPlaceholderData}
                    aria-label={`Take ${point.label}`}
                    onClick={() => put(point.changes, design)}
                  >
                    {point.label}
                  </Button>
                ))}
            </Flex>
          </Box>
        )}
      </Box>
    </Box>
  );
}
