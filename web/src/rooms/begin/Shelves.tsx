import { Box, chakra, Grid } from "@chakra-ui/react";
import { useState } from "react";
import type { Beginning, PieKind } from "../../api/client";
import { SmallCutaway } from "../../draw/SmallCutaway";
import { sunk } from "../../ui/sunk";

/** All at one scale. */
const PX_PER_MM = 1.88;

type Props = { kinds: Beginning[]; begin: (kind: PieKind) => void };

/** The eight kinds on their shelves, all at one scale; the one under pointer or focus sinks into its shelf. One press begins. */
export function Shelves({ kinds, begin }: Props) {
  const [under, setUnder] = useState<PieKind>(kinds[0]?.kind ?? "quiche");
  const told = kinds.find((one) => one.kind === under);
  return (
    <Box as="section" aria-label="Eight kinds, cut through">
      <Box display="flex" flexWrap="wrap" gap="2px 20px" justifyContent="space-between">
        <Box as="h2" fontWeight="650">
          Eight kinds, cut through
        </Box>
        {told && (
          <Box color="ink2" aria-live="polite">
            {told.name} sets <em>{told.sets}</em>
          </Box>
        )}
      </Box>
      <Grid as="ul" templateColumns={{ base: "repeat(2, minmax(0,1fr))", md: "repeat(4, minmax(0,1fr))" }} rowGap="4px">
        {kinds.map((one) => (
          <Box as="li" key={one.kind}>
            <chakra.button
              type="button"
              onClick={() => begin(one.kind)}
              onPointerEnter={() => setUnder(one.kind)}
              onFocus={() => setUnder(one.kind)}
              data-under={under === one.kind}
              display="block"
              width="100%"
              textAlign="left"
              background="transparent"
              border="0"
              padding="0"
              cursor="pointer"
            >
              <Box
                height={{ base: "134px", sm: "132px" }}
                display="flex"
                alignItems="flex-end"
                borderBottom="2px solid {colors.rim}"
                paddingLeft="12px"
                transform={under === one.kind ? "translateY(9px)" : undefined}
                transition="transform 160ms ease-out"
                position="relative"
                css={under === one.kind ? sunk : undefined}
              >
                <SmallCutaway section={one.section} pxPerMm={PX_PER_MM} />
              </Box>
              <Box
                paddingLeft="12px"
                paddingTop={under === one.kind ? "13px" : "8px"}
                minHeight="40px"
                transition="padding 160ms ease-out"
              >
                <Box as="span" fontWeight="650">
                  {one.name}
                </Box>{" "}
                <Box as="span" color="ink2">
                  {one.sign}
                </Box>
              </Box>
            </chakra.button>
          </Box>
        ))}
      </Grid>
    </Box>
  );
}
