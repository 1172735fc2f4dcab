import { Box, Flex } from "@chakra-ui/react";
import { Button } from "../ui/Button";
import { Notice } from "../ui/Notice";
import { savedAt } from "../ui/numbers";
import type { Kept } from "./useKept";

/** Name of the room and of what is worked on, undo, and whether it is saved. */
export function KeptHead<T>({
  title,
  says,
  kept,
  mayWrite,
  acts,
}: {
  title: React.ReactNode;
  says: string;
  kept: Kept<T>;
  mayWrite: boolean;
  acts?: React.ReactNode;
}) {
  const failed = typeof kept.saveState === "object" ? kept.saveState.failed : null;
  return (
    <>
      <Flex gap="4px 24px" align="baseline" wrap="wrap" paddingBlock="14px 8px">
        <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680" minWidth="0">
          {title}
        </Box>
        <Box color="ink2">{says}</Box>
        <Flex className="not-printed" marginLeft="auto" gap="4px" align="center" wrap="wrap">
          {acts}
          {mayWrite && (
            <>
              <Button look="plain" onClick={kept.undo} disabled={!kept.canUndo}>
                Undo
              </Button>
              <Button look="plain" onClick={kept.redo} disabled={!kept.canRedo}>
                Redo
              </Button>
              <Box role="status" color="ink2" minWidth="96px" textAlign="right">
                {kept.saveState === "saving"
                  ? "Saving"
                  : kept.saveState === "saved" && `Saved ${savedAt(kept.savedAt)}`}
              </Box>
            </>
          )}
        </Flex>
      </Flex>
      {!mayWrite && <Notice title="You are a guest here.">Look and try out; nothing is stored.</Notice>}
      {failed && (
        <Notice
          title={
            failed.code === "clash" ? "It was changed meanwhile. Your change is not saved." : "That is not saved yet."
          }
          acts={
            failed.code === "clash" ? (
              <Button onClick={() => void kept.lookAgain()}>As it is now</Button>
            ) : (
              <>
                <Button onClick={() => void kept.retry()}>Save again</Button>
                <Button look="plain" onClick={kept.undo} disabled={!kept.canUndo}>
                  Undo
                </Button>
              </>
            )
          }
        >
          {failed.refusals[0]?.mend ?? failed.mend}
        </Notice>
      )}
    </>
  );
}
