import { Box, chakra } from "@chakra-ui/react";

type Props = {
  name: string;
  type?: string;
  value: string;
  change: (to: string) => void;
  mend?: string;
  autoComplete: string;
  placeholder?: string;
};

/** A field of a form that is sent as a whole; what is wrong stands under it. */
export function TextField({ name, type = "text", value, change, mend, autoComplete, placeholder }: Props) {
  return (
    <chakra.label display="block" marginBottom="14px">
      <Box as="span" fontWeight="650">
        {name}
      </Box>
      <chakra.input
        type={type}
        value={value}
        autoComplete={autoComplete}
        placeholder={placeholder}
        aria-invalid={mend ? true : undefined}
        onChange={(event) => change(event.target.value)}
        display="block"
        width="100%"
        minHeight="44px"
        paddingInline="10px"
        border="1.5px solid {colors.rim}"
        borderRadius="4px"
        background="ground"
        _placeholder={{ color: "ink3", fontStyle: "italic" }}
      />
      {mend && (
        <Box as="span" role="alert" display="block" borderTop="3px solid {colors.rim}" marginTop="4px" paddingTop="2px">
          {mend}
        </Box>
      )}
    </chakra.label>
  );
}
