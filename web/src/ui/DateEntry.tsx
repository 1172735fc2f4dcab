import { chakra } from "@chakra-ui/react";

/** A day of the calendar, chosen in place; "" while it is none. */
export function DateEntry({ label, value, choose }: { label: string; value: string; choose: (to: string) => void }) {
  return (
    <chakra.input
      type="date"
      aria-label={label}
      value={value}
      onChange={(event) => choose(event.target.value)}
      minHeight="40px"
      background="ground"
      border="0"
      borderBottom="1.6px dotted {colors.rim}"
    />
  );
}
