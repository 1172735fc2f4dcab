import { Box, Flex } from "@chakra-ui/react";
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
  const cost = costOf(item, reads);
  const ready = cost.waitMinutes ? now + cost.waitMinutes * MINUTE_MS : null;
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
    >
      <Box>
        <Box fontSize={{ base: "24px", sm: "27px" }} fontWeight="680">
          Stopped once: {item.stop}
        </Box>
        <Box fontSize={{ base: "20px", sm: "22px" }}>{cost.says}</Box>
        <Box fontSize={{ base: "20px", sm: "22px" }} color="ink2">
          {item.mend} {ready !== null && `Right at ${clockOf(ready)}, ${cost.waitMinutes} min from now.`}
          {others > 0 && ` And ${others} more not looked at.`}
        </Box>
      </Box>
      <Flex gap="16px">
        <Button
          look="filled"
          minHeight="76px"
          flex="2"
          fontSize="25px"
          onClick={() => mend(ready === null ? null : cost.waitMinutes)}
          whiteSpace="normal"
        >
          {ready === null ? "Done now" : `Wait to ${clockOf(ready)}`}
        </Button>
        <Button minHeight="76px" flex="1.3" fontSize="24px" onClick={goesIn} whiteSpace="normal">
          In as it is
        </Button>
      </Flex>
    </Box>
  );
}
