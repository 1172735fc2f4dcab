import { Flex } from "@chakra-ui/react";
import { Button } from "./Button";

/** What was just done, and a way to take it back. */
export function Said({ said, high = 30 }: { said: { words: string; undo?: () => void } | null; high?: number }) {
  if (!said) return null;
  return (
    <Flex role="status" align="baseline" gap="10px">
      {said.words}
      {said.undo && (
        <Button look="plain" minHeight={`${high}px`} onClick={said.undo}>
          Undo
        </Button>
      )}
    </Flex>
  );
}
