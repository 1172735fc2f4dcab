import { Box, chakra } from "@chakra-ui/react";
import type { GateItem } from "../../api/client";
import { useDegrees } from "../../api/useDegrees";
import { GateGlyph } from "../../draw/GateGlyph";

export type Looked = { item: GateItem; reads: number | null; trouble: boolean; done: boolean };

/** One thing of the gate: a tap, and it lies in its tin. */
export function GateRow({
  item,
  reads,
  trouble,
  done,
  toggle,
  disabled,
}: Looked & { toggle: () => void; disabled: boolean }) {
  const { say } = useDegrees();
  return (
    <chakra.button
      width="100%"
      display="flex"
      alignItems="center"
      gap={{ base: "12px", sm: "18px" }}
      minHeight="62px"
      textAlign="left"
      background="none"
      border="0"
      borderTop={trouble ? "3px solid {colors.rim}" : "1px solid {colors.hair}"}
      fontSize={{ base: "23px", sm: "28px" }}
      fontWeight={done ? "430" : "680"}
      color={done ? "ink2" : "ink"}
      cursor="pointer"
      role="checkbox"
      aria-checked={done}
      aria-disabled={disabled}
      onClick={disabled ? undefined : toggle}
    >
      <GateGlyph state={trouble ? "trouble" : done ? "done" : "open"} />
      <Box flex="1" minWidth="0">
        {item.title}
      </Box>
      {reads !== null && <Box whiteSpace="nowrap">{say(reads)}</Box>}
      {trouble && (
        <Box background="ink" color="ground" borderRadius="3px" paddingInline="10px" fontWeight="650">
          {item.name === "oven-hot" ? "cold" : "hot"}
        </Box>
      )}
    </chakra.button>
  );
}
