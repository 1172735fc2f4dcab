import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { told } from "../../../advice/effects";
import { swapsQuery } from "../../../api/queries";
import { Button } from "../../../ui/Button";
import { useBenchContext, useDesign } from "../BenchContext";

const MOST_TOLD = 2;

/** What can stand in for a food: how much of it, what it moves in the readings, what allergen it brings. */
export function Swap({ name, at, close }: { name: string; at: string; close: () => void }) {
  const { kitchen, put } = useBenchContext();
  const design = useDesign();
  const { data, error, isPlaceholderData } = useQuery(swapsQuery(kitchen, design, at));
  return (
    <Box role="group" aria-label={`Swap ${name}`} borderTop="1.6px solid {colors.rim}" marginTop="6px" paddingTop="6px">
      <Flex justify="space-between" align="baseline">
        <Box fontWeight="650">Instead of {name.toLowerCase()}</Box>
        <Button look="plain" minHeight="28px" onClick={close}>
          Close
        </Button>
      </Flex>
      {error && <Box role="status">{error.message}</Box>}
      {!data && !error && (
        <Box role="status" color="ink2">
          working out
        </Box>
      )}
      <Box as="ol">
        {data?.map((one) => (
          <Flex as="li" key={one.name} gap="10px" align="center" borderTop="1px solid {colors.hair}" paddingBlock="6px">
            <Box flex="1">
              <Box fontWeight="650">{one.name}</Box>
              <Box>{one.use}</Box>
              <Box color="ink2">
                {told(one.effects, MOST_TOLD).join(", ") || "no real difference"}
                {one.allergens.length > 0 && `; brings ${one.allergens.join(", ")}`}
              </Box>
            </Box>
            <Button
              disabled={isPlaceholderData}
              aria-label={`Swap ${name} for ${one.name}`}
              onClick={() => {
                if (put(one.changes, design)) close();
              }}
            >
              Swap
            </Button>
          </Flex>
        ))}
      </Box>
    </Box>
  );
}
