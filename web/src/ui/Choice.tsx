import { chakra } from "@chakra-ui/react";

/** One of a few words, chosen in place. */
export function Choice<T extends string>({
  label,
  value,
  options,
  choose,
  assumed,
}: {
  label: string;
  value: T;
  options: [T, string][];
  choose: (to: T) => void;
  /** nobody said it yet: in italics */
  assumed?: boolean;
}) {
  return (
    <chakra.select
      aria-label={label}
      value={value}
      onChange={(event) => choose(event.target.value as T)}
      background="ground"
      border="0"
      borderBottom="1.6px dotted {colors.rim}"
      padding="0"
      maxWidth="100%"
      cursor="pointer"
      fontStyle={assumed ? "italic" : undefined}
    >
      {options.map(([option, words]) => (
        <option key={option} value={option}>
          {words}
        </option>
      ))}
    </chakra.select>
  );
}
