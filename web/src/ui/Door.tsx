import { Box, Flex } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { Mark } from "./Mark";

/** What one sees before one is in: the mark, one sentence, and a form. */
export function Door({ title, children }: { title: ReactNode; children: ReactNode }) {
  return (
    <Box as="main" maxWidth="440px" marginInline="auto" paddingInline="20px" paddingTop={{ base: "48px", sm: "14vh" }}>
      <Flex align="center" gap="12px" fontSize="page" fontWeight="680">
        <Mark size={52} />
        Hojaldre
      </Flex>
      {title && (
        <Box as="h1" fontSize="reading" fontWeight="650" marginTop="14px">
          {title}
        </Box>
      )}
      {children}
    </Box>
  );
}
