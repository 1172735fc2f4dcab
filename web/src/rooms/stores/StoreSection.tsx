import { Box, Flex } from "@chakra-ui/react";
import type { ReactNode } from "react";
import type { Stores } from "./useStores";

export type StoreSectionProps = { kitchen: string; stores: Stores; mayWrite: boolean };

/** One part of the stores: a heading on a rule, what is in it, and a way to add. */
export function StoreSection({ name, add, children }: { name: string; add?: ReactNode; children: ReactNode }) {
  return (
    <Box as="section" aria-label={name} marginBottom="30px">
      <Flex justify="space-between" align="baseline" borderBottom="1.6px solid {colors.rim}">
        <Box as="h2" fontWeight="650">
          {name}
        </Box>
        {add}
      </Flex>
      {children}
    </Box>
  );
}
