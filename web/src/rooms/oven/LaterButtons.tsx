import { Flex } from "@chakra-ui/react";
import { Button } from "../../ui/Button";

const STEPS = [1, 2, 5];

/** +1, +2, +5 minutes, at least 76 high. */
export function LaterButtons({ later, disabled }: { later: (minutes: number) => void; disabled?: boolean }) {
  return (
    <Flex gap={{ base: "10px", sm: "16px" }}>
      {STEPS.map((minutes) => (
        <Button
          key={minutes}
          flex="1"
          minHeight="76px"
          fontSize={{ base: "22px", sm: "26px" }}
          paddingInline="6px"
          disabled={disabled}
          onClick={() => later(minutes)}
        >
          +{minutes} min
        </Button>
      ))}
    </Flex>
  );
}
