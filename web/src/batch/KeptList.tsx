import { Box, Flex } from "@chakra-ui/react";
import type { Leftover } from "../api/client";
import { Button } from "../ui/Button";
import { day } from "../ui/numbers";
import type { useLeftovers } from "./useLeftovers";

type Props = {
  kept: Leftover[];
  acts: Pick<ReturnType<typeof useLeftovers>, "gone">;
  mayWrite: boolean;
  /** px that a line and what is pressed in it are high at least */
  high?: number;
};

/** What lies in the fridge and frozen, with its use-by; what is past it is only thrown away. */
export function KeptList({ kept, acts, mayWrite, high = 40 }: Props) {
  return (
    <Box as="ul">
      {kept.map((one) => (
        <Flex
          as="li"
          key={one.id}
          align="center"
          gap="4px 12px"
          wrap="wrap"
          borderBottom="1px solid {colors.hair}"
          minHeight={`${high + 12}px`}
        >
          <Box flex="1 1 200px">
            {one.says}
            <Box color="ink2" fontSize="0.85em">
              {one.place} since {day(one.putOn)}, by {one.putBy}
            </Box>
          </Box>
          <Box
            fontWeight="650"
            background={one.isPast ? "ink" : undefined}
            color={one.isPast ? "ground" : undefined}
            paddingInline={one.isPast ? "8px" : "0"}
          >
            {one.isPast ? "do not use, was " : "use by "}
            {day(one.useBy)}
          </Box>
          {mayWrite && (
            <>
              {!one.isPast && (
                <Button
                  minHeight={`${high}px`}
                  aria-label={`${one.says}: used`}
                  onClick={() => void acts.gone(one, "used")}
                >
                  Used
                </Button>
              )}
              <Button
                look="plain"
                minHeight={`${high}px`}
                aria-label={`${one.says}: thrown away`}
                onClick={() => void acts.gone(one, "thrown")}
              >
                Thrown away
              </Button>
            </>
          )}
        </Flex>
      ))}
    </Box>
  );
}
