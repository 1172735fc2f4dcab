import { Box, Flex } from "@chakra-ui/react";
import { useDegrees } from "../../api/useDegrees";
import { Button } from "../../ui/Button";
import type { Looked } from "./GateRow";
import { costOf } from "./gate";
import { clockOf } from "./said";

type Props = Looked & {
  now: number;
  others: number;
  goesIn: () => void;
  /** it is done now, or waited for */
  mend: (waitMinutes: number | null) => void;
};

const MINUTE_MS = 60_000;

/** Once: what is wrong, what it costs in numbers, what to do and when it is ready. */
export function GateStop({ item, reads, now, others, goesIn, mend }: Props) {
  const { say } = useDegrees();
  const cost = costOf(item, reads);
  const ready = cost.waitMinutes ? now + cost.waitMinutes * MINUTE_MS : null;
  const asks = reads === null && item.asks !== "";
  const [first, ...rest] = [
    ...(asks ? [{ words: item.yes, act: () => mend(null) }] : []),
    ready === null
      ? { words: "Done now", act: () => mend(null) }
      : { words: `Wait to ${clockOf(ready)}`, act: () => mend(cost.waitMinutes) },
    { words: "In as it is", act: goesIn },
  ];
  return (
    <Box
      role="alert"
      borderTop="3px solid {colors.rim}"
      marginTop="18px"
      paddingTop="12px"
      display="grid"
      gridTemplateColumns={{ base: "minmax(0,1fr)", sm: "minmax(0,1fr) minmax(0,0.93fr)" }}
      gap="12px 40px"
      alignItems="center"
      position="sticky"
      bottom="0"
      background="ground"
      paddingBottom="10px"
      zIndex={4}
    >
      <Box>
        <Box fontSize={{ base: "24px", sm: "27px" }} fontWeight="680">
          Stopped once: {asks ? item.asks : item.stop}
        </Box>
        <Box fontSize={{ base: "20px", sm: "22px" }}>
          {asks && cost.atCelsius !== null && `At ${say(cost.atCelsius)}: `}
          {cost.says}
        </Box>
        <Box fontSize={{ base: "20px", sm: "22px" }} color="ink2">
          {item.mend} {ready !== null && `Right at ${clockOf(ready)}, ${cost.waitMinutes} min from now.`}
          {others > 0 && ` And ${others} more not looked at.`}
        </Box>
      </Box>
      <Flex gap={{ base: "10px", sm: "16px" }}>
        <Button look="filled" minHeight="76px" flex="1.6" fontSize="24px" onClick={first?.act} whiteSpace="normal">
          {first?.words}
        </Button>
        {rest.map((one) => (
          <Button key={one.words} minHeight="76px" flex="1" fontSize="22px" onClick={one.act} whiteSpace="normal">
            {one.words}
          </Button>
        ))}
      </Flex>
    </Box>
  );
}
