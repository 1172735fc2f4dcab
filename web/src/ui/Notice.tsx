import { Box, Flex } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** Something the cook has to know now: a heavy rule, a sentence, and what can be done. */
export function Notice({ title, children, acts }: { title: string; children?: ReactNode; acts?: ReactNode }) {
  return (
    <Box role="alert" borderTop="3px solid {colors.rim}" paddingBlock="10px 12px" marginBottom="14px">
      <Flex gap="8px 20px" align="center" justify="space-between" wrap="wrap">
        <Box flex="1 1 300px">
          <Box as="strong" fontWeight="650">
            {title}
          </Box>{" "}
          <Box as="span" color="ink2">
            {children}
          </Box>
        </Box>
        {acts && (
          <Flex gap="8px" wrap="wrap">
            {acts}
          </Flex>
        )}
      </Flex>
    </Box>
  );
}
