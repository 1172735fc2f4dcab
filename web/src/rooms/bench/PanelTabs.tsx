import { Box } from "@chakra-ui/react";
import { RecessChoice } from "../../ui/RecessChoice";

export type Panel = "stack" | "cutaway" | "readings";
type Props = { panel: Panel; choose: (panel: Panel) => void; troubles: number };

/** On a phone: one of the three columns at a time, chosen at the foot. */
export function PanelTabs({ panel, choose, troubles }: Props) {
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
      <RecessChoice
        label="Part that is shown"
        value={panel}
        options={(Object.keys(words) as Panel[]).map((name) => [name, words[name]] as const)}
        choose={choose}
        high={44}
        spread
      />
    </Box>
  );
}
