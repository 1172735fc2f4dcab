import { Box, chakra, Flex } from "@chakra-ui/react";
import type { FaultName } from "../../api/client";
import { FAULTS } from "./words";

type Props = { chosen: FaultName[]; choose: (to: FaultName[]) => void; mayWrite: boolean };

/** What went wrong, by its name: words on a rule, and what it was sinks in. */
export function Faults({ chosen, choose, mayWrite }: Props) {
  return (
    <Box role="group" aria-label="Faults">
      <Flex wrap="wrap" gap="6px 8px" paddingTop="6px">
        {FAULTS.map(([fault, words]) => {
          const on = chosen.includes(fault);
          return (
            <chakra.button
              key={fault}
              aria-pressed={on}
              disabled={!mayWrite}
              onClick={() => choose(on ? chosen.filter((one) => one !== fault) : [...chosen, fault])}
              minHeight="44px"
              paddingInline="10px"
              background={on ? "well" : "transparent"}
              border="0"
              borderBottom={on ? "3px solid {colors.rim}" : "1.4px solid {colors.hair}"}
              fontWeight={on ? "680" : "430"}
              color={on ? "ink" : "ink2"}
              cursor="pointer"
              whiteSpace="nowrap"
            >
              {words}
            </chakra.button>
          );
        })}
      </Flex>
    </Box>
  );
}
