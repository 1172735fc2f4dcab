import { chakra } from "@chakra-ui/react";

/** The small cross at the end of a line that takes the line away. */
export function RemoveButton({ label, remove }: { label: string; remove: () => void }) {
  return (
    <chakra.button
      type="button"
      aria-label={label}
      onClick={remove}
      background="transparent"
      border="0"
      color="ink3"
      cursor="pointer"
      paddingInline="6px"
      minHeight="24px"
      marginRight="-6px"
      _hover={{ color: "ink" }}
    >
      ×
    </chakra.button>
  );
}
