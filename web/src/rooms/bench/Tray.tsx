import { Box, chakra, Flex } from "@chakra-ui/react";
import { RecessRow } from "../../ui/RecessRow";

export type Panel = "stack" | "cutaway" | "readings";
type Props = { panel: Panel; choose: (panel: Panel) => void; troubles: number };

/** On a phone: one of the three columns at a time, chosen at the foot. */
export function Tray({ panel, choose, troubles }: Props) {
  const words: Record<Panel, string> = {
    stack: "Stack",
    cutaway: "Cutaway",
    readings: troubles ? `Readings, ${troubles} to mend` : "Readings",
  };
  return (
    <Box
      as="nav"
      aria-label="Parts of the bench"
      display={{ base: "block", sm: "none" }}
      position="fixed"
      insetInline="0"
      bottom="0"
      background="ground"
      paddingInline="16px"
      paddingTop="4px"
      zIndex={10}
      borderTop="1px solid {colors.hair}"
    >
      <RecessRow seat={`${panel}${troubles}`}>
        <Flex justify="space-between">
          {(Object.keys(words) as Panel[]).map((name) => (
            <chakra.button
              key={name}
              type="button"
              data-seated={panel === name}
              aria-pressed={panel === name}
              onClick={() => choose(name)}
              background="transparent"
              border="0"
              minHeight="44px"
              paddingInline="8px"
              fontWeight={panel === name ? "680" : "430"}
              cursor="pointer"
            >
              {words[name]}
            </chakra.button>
          ))}
        </Flex>
      </RecessRow>
    </Box>
  );
}
