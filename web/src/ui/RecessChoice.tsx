import { chakra, Flex } from "@chakra-ui/react";
import { RecessRow } from "./RecessRow";

type Props<T extends string> = {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  choose: (to: T) => void;
  /** px that a word is high to press */
  high?: number;
  spread?: boolean;
};

/** One of a few words on a rule; the chosen one sits in the recess. */
export function RecessChoice<T extends string>({ label, value, options, choose, high = 30, spread }: Props<T>) {
  return (
    <RecessRow seat={options.map(([name, words]) => (name === value ? words : "")).join()}>
      <Flex
        gap={{ base: "2px", lg: "14px" }}
        justify={spread ? "space-between" : "flex-start"}
        role="group"
        aria-label={label}
      >
        {options.map(([name, words]) => (
          <chakra.button
            key={name}
            type="button"
            data-seated={value === name}
            aria-pressed={value === name}
            onClick={() => choose(name)}
            background="transparent"
            border="0"
            minHeight={`${high}px`}
            paddingInline="8px"
            fontWeight={value === name ? "680" : "430"}
            cursor="pointer"
          >
            {words}
          </chakra.button>
        ))}
      </Flex>
    </RecessRow>
  );
}
