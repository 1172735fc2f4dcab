import { Box } from "@chakra-ui/react";
import type { PieVerdict } from "../api/client";

/** The word of each reading in a line; what is in trouble is filled. */
export function Verdicts({ verdicts }: { verdicts: PieVerdict[] }) {
  return verdicts.map((one) => (
    <Box key={one.name} as="span" whiteSpace="nowrap">
      <Box as="span" color="ink2">
        {one.title}{" "}
      </Box>
      <Box
        as="span"
        {...(one.state === "outside"
          ? { background: "ink", color: "ground", fontWeight: "650", borderRadius: "3px", paddingInline: "6px" }
          : {})}
      >
        {one.verdict}
      </Box>
    </Box>
  ));
}
