import { Box, chakra } from "@chakra-ui/react";
import type { FaultName } from "../../api/client";
import { FaultPicture } from "../../draw/FaultPicture";
import { FAULTS } from "./words";

type Props = { chosen: FaultName[]; choose: (to: FaultName[]) => void; mayWrite: boolean };

/** What went wrong, by its picture: drawings on a rule, and what it was sinks in. */
export function Faults({ chosen, choose, mayWrite }: Props) {
  return (
    <Box
      role="group"
      aria-label="Faults"
      display="grid"
      gridTemplateColumns="repeat(auto-fill, minmax(82px, 1fr))"
      gap="6px 4px"
      paddingTop="6px"
    >
      {FAULTS.map(([fault, words]) => {
        const on = chosen.includes(fault);
        return (
          <chakra.button
            key={fault}
            type="button"
            aria-pressed={on}
            disabled={!mayWrite}
            onClick={() => choose(on ? chosen.filter((one) => one !== fault) : [...chosen, fault])}
            display="flex"
            flexDirection="column"
            justifyContent="flex-start"
            alignItems="center"
            padding="6px 2px 4px"
            background={on ? "well" : "transparent"}
            border="0"
            borderBottom={on ? "3px solid {colors.rim}" : "1.4px solid {colors.hair}"}
            fontWeight={on ? "680" : "430"}
            color={on ? "ink" : "ink2"}
            lineHeight="1.2"
            cursor="pointer"
          >
            <FaultPicture fault={fault} />
            {words}
          </chakra.button>
        );
      })}
    </Box>
  );
}
