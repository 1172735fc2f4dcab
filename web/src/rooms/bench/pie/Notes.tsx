import { Box, chakra } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { useBenchContext, useMend } from "../BenchContext";

const MOST_LETTERS = 4000;

/** What the cook wants to remember of this pie. Kept on leaving the field; Escape returns. */
export function Notes({ notes }: { notes: string }) {
  const { change } = useBenchContext();
  const [typed, setTyped] = useState<string | null>(null);
  const mend = useMend("/notes");
  // biome-ignore lint/correctness/useExhaustiveDependencies: undo and older revisions win over half-typed notes
  useEffect(() => setTyped(null), [notes]);
  const keep = () => {
    if (typed !== null && typed !== notes) change((design) => ({ ...design, notes: typed }));
    setTyped(null);
  };
  return (
    <chakra.label display="block" marginTop="12px">
      <Box as="span" fontWeight="650">
        Notes
      </Box>
      <chakra.textarea
        value={typed ?? notes}
        maxLength={MOST_LETTERS}
        rows={3}
        placeholder="What to remember of this pie"
        data-typing={typed !== null}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === "Escape") setTyped(null);
        }}
        display="block"
        width="100%"
        border="0"
        borderBottom="1.6px dotted {colors.rim}"
        background="transparent"
        padding="2px 0"
        resize="vertical"
        css={{ fieldSizing: "content" }}
        _focus={{ background: "well", borderBottomStyle: "solid" }}
        _placeholder={{ color: "ink3", fontStyle: "italic" }}
      />
      {mend && <Box role="status">{mend}</Box>}
    </chakra.label>
  );
}
