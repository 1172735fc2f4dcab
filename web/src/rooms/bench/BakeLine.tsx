import { Box, Flex } from "@chakra-ui/react";
import { EntryField } from "../../ui/EntryField";
import { number } from "../../ui/numbers";
import { readWords, useBenchContext } from "./BenchContext";
import { Choice } from "./Choice";
import { setAt } from "./pointer";

/** The oven and the time, in the cook's own unit. */
export function BakeLine() {
  const { kitchen, design, refusals, set, preview } = useBenchContext();
  const { bake } = design;
  const mend = (at: string) => refusals.find((refusal) => refusal.at === at)?.mend;
  return (
    <Box as="section" aria-label="The bake" marginTop="14px" borderTop="1.4px solid {colors.hair}" paddingTop="8px">
      <Flex gap="4px 14px" wrap="wrap" align="baseline">
        <Box as="h3" fontWeight="650">
          The bake
        </Box>
        <Box color="heat" fontWeight="650">
          <EntryField
            label="Oven temperature"
            words={`${number(bake.ovenCelsius)} °C`}
            read={(words) => readWords(kitchen, "temperature", words)}
            keep={(read) => set(setAt(design, "/bake/ovenCelsius", Math.round(read.value)))}
            preview={(read) => preview(read && setAt(design, "/bake/ovenCelsius", Math.round(read.value)))}
            mend={mend("/bake/ovenCelsius")}
            strong
          />
        </Box>
        <Choice
          label="Oven mode"
          value={bake.mode}
          options={[
            ["static", "static"],
            ["fan", "fan"],
          ]}
          choose={(to) => set(setAt(design, "/bake/mode", to))}
        />
        <Box>
          <Box as="span" color="ink2">
            out after{" "}
          </Box>
          <EntryField
            label="Minutes in the oven"
            words={`${number(bake.minutes)} min`}
            read={(words) => readWords(kitchen, "time", words)}
            keep={(read) => set(setAt(design, "/bake/minutes", read.value))}
            preview={(read) => preview(read && setAt(design, "/bake/minutes", read.value))}
            mend={mend("/bake/minutes")}
            strong
          />
        </Box>
      </Flex>
    </Box>
  );
}
