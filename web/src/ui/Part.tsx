import { Box, Flex } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** One part of a page: a heading on a rule, what is in it, and a way to add. */
export function Part({ name, add, children }: { name: string; add?: ReactNode; children: ReactNode }) {
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
