import { Box, Flex } from "@chakra-ui/react";
import { Fragment, type ReactNode, useId, useState } from "react";
import { Button } from "./Button";

type Props = {
  /** what is chosen here, for those who do not see where it stands */
  label: string;
  /** the choices in words; those that nobody made are in italics */
  words: { words: string; assumed: boolean }[];
  children: ReactNode;
};

/** Choices that are seldom changed, as one sentence; opened, they stand below it. */
export function Folded({ label, words, children }: Props) {
  const [open, setOpen] = useState(false);
  const id = useId();
  return (
    <Box>
      <Flex gap="8px" align="baseline" borderBottom="1.6px dotted {colors.rim}">
        <Box flex="1" minWidth="0" color="ink2">
          {words.map((one, at) => (
            <Fragment key={one.words}>
              {at > 0 && ", "}
              <Box as="span" fontStyle={one.assumed ? "italic" : undefined}>
                {one.words}
              </Box>
            </Fragment>
          ))}
        </Box>
        <Button
          look="plain"
          minHeight="28px"
          aria-label={`${label}: ${open ? "close" : "open"}`}
          aria-expanded={open}
          aria-controls={id}
          onClick={() => setOpen(!open)}
        >
          {open ? "Close" : "Open"}
        </Button>
      </Flex>
      <Box id={id} hidden={!open} paddingBlock={open ? "4px" : undefined}>
        {open && children}
      </Box>
    </Box>
  );
}
