import { chakra, type HTMLChakraProps } from "@chakra-ui/react";

const base = {
  borderRadius: "5px",
  paddingInline: "14px",
  minHeight: "40px",
  fontWeight: "650",
  cursor: "pointer",
  whiteSpace: "nowrap",
  _active: { transform: "translateY(1px)" },
  _disabled: {
    borderStyle: "dashed",
    color: "ink3",
    background: "transparent",
    borderColor: "ink3",
    cursor: "not-allowed",
  },
} as const;

const looks = {
  filled: { background: "rim", color: "onRim", border: "1.5px solid {colors.rim}" },
  outline: {
    background: "transparent",
    color: "rim",
    border: "1.5px solid {colors.rim}",
    _hover: { background: "well" },
  },
  plain: {
    background: "transparent",
    color: "rim",
    border: "1.5px solid transparent",
    paddingInline: "6px",
    _hover: { background: "well" },
    _disabled: { color: "ink3", cursor: "not-allowed", background: "transparent" },
  },
} as const;

type ButtonProps = HTMLChakraProps<"button"> & { look?: keyof typeof looks };

export function Button({ look = "outline", type = "button", ...rest }: ButtonProps) {
  return <chakra.button type={type} {...base} {...looks[look]} {...rest} />;
}
