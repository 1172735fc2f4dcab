import { Box, chakra, Flex } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { RecessRow } from "../../ui/RecessRow";
import { clockOf, shortName } from "./said";

type Tab = { id: string; name: string; says: string };

/** Rooms, a tab for each pie, the time. */
export function OvenHead({
  rooms,
  tabs,
  seat,
  choose,
  now,
}: {
  rooms: ReactNode;
  tabs: Tab[];
  seat: string;
  choose: (id: string) => void;
  now: number;
}) {
  return (
    <Box as="header" paddingTop="10px">
      <RecessRow seat={`${seat}${tabs.length}`} depth={9}>
        <Flex align="center" gap={{ base: "14px", sm: "30px" }} fontSize={{ base: "20px", sm: "24px" }}>
          {rooms}
          <Flex
            as="nav"
            aria-label="Pies at the oven"
            gap={{ base: "14px", sm: "34px" }}
            overflowX="auto"
            minWidth="0"
            flexWrap="nowrap"
          >
            {tabs.map((tab) => (
              <chakra.button
                key={tab.id}
                data-seated={tab.id === seat}
                aria-current={tab.id === seat ? "page" : undefined}
                onClick={() => choose(tab.id)}
                background="none"
                border="0"
                cursor="pointer"
                paddingBlock="8px"
                minHeight="48px"
                whiteSpace="nowrap"
                fontWeight={tab.id === seat ? "680" : "430"}
                color={tab.id === seat ? "ink" : "ink2"}
                display={{ base: tab.id === seat ? "block" : "none", sm: "block" }}
              >
                {shortName(tab.name)}
              </chakra.button>
            ))}
          </Flex>
          <Box marginLeft="auto" fontSize={{ base: "26px", sm: "36px" }} fontWeight="680" aria-label="The time">
            {clockOf(now)}
          </Box>
        </Flex>
      </RecessRow>
    </Box>
  );
}
