import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo } from "react";
import type { PieDesign } from "../../api/client";
import { sessionQuery } from "../../api/queries";
import { number } from "../../ui/numbers";
import { ovenWords } from "../../ui/oven";
import { useBenchContext } from "./BenchContext";
import { Choice } from "./Choice";
import { NumberEntry } from "./NumberEntry";
import { setAt } from "./pointer";

const MODES: [PieDesign["bake"]["mode"], string][] = [
  ["static", "static"],
  ["fan", "fan"],
];

/** The oven and the time, in the cook's own unit. */
export const BakeLine = memo(function BakeLine({ bake }: { bake: PieDesign["bake"] }) {
  const { change } = useBenchContext();
  const scale = useQuery(sessionQuery).data?.user?.units.temperatures ?? "celsius";
  return (
    <Box as="section" aria-label="The bake" marginTop="14px" borderTop="1.4px solid {colors.hair}" paddingTop="8px">
      <Flex gap="4px 14px" wrap="wrap" align="baseline">
        <Box as="h3" fontWeight="650">
          The bake
        </Box>
        <Box color="heat" fontWeight="650">
          <NumberEntry
            label="Oven temperature"
            at="/bake/ovenCelsius"
            kind="temperature"
            words={ovenWords(bake.ovenCelsius, scale)}
            strong
            whole
          />
        </Box>
        <Choice
          label="Oven mode"
          value={bake.mode}
          options={MODES}
          choose={(to) => change((design) => setAt(design, "/bake/mode", to))}
        />
        <Box>
          <Box as="span" color="ink2">
            out after{" "}
          </Box>
          <NumberEntry
            label="Minutes in the oven"
            at="/bake/minutes"
            kind="time"
            words={`${number(bake.minutes)} min`}
            strong
          />
        </Box>
      </Flex>
    </Box>
  );
});
