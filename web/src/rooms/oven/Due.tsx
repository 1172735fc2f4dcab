import { Box, Flex } from "@chakra-ui/react";
import type { BakeAtOven } from "../../api/client";
import { ActDrawing } from "../../draw/ActDrawing";
import { Button } from "../../ui/Button";
import { LaterButtons } from "./LaterButtons";
import { type ActState, actAt, type LegState } from "./log";
import { clockOf, countdown, minutesBetween } from "./said";
import { TinButton } from "./TinButton";

type Props = {
  bake: BakeAtOven;
  state: LegState;
  due: ActState;
  now: number;
  done: () => void;
  later: (minutes: number) => void;
  mayWrite: boolean;
};

/** An act is due: it takes all above the foot, and every point of it is "done". */
export function Due({ bake, state, due, now, done, later, mayWrite }: Props) {
  const at = actAt(state, due) ?? now;
  return (
    <Box paddingTop="16px">
      <TinButton look="filled" press={done} label={`${due.act.title}: done`} height={500} disabled={!mayWrite}>
        <Flex
          direction="column"
          height="100%"
          paddingInline={{ base: "14px", sm: "34px" }}
          paddingBlock={{ base: "26px", sm: "54px 22px" }}
        >
          <Flex justify="space-between" align="baseline" wrap="wrap" gap="0 20px">
            <Box fontSize={{ base: "22px", sm: "30px" }}>now, since {clockOf(at)}</Box>
            <Box fontSize={{ base: "28px", sm: "48px" }} fontWeight="700">
              {countdown(now - at)} over
            </Box>
          </Flex>
          <Box
            fontSize={{ base: "46px", sm: due.act.title.length > 18 ? "72px" : "104px" }}
            fontWeight="700"
            lineHeight="1.02"
            letterSpacing="-2px"
          >
            {due.act.title}
          </Box>
          <Box fontSize={{ base: "22px", sm: "30px" }} lineHeight="1.2" paddingTop="8px">
            {due.act.says}
          </Box>
          <Flex marginTop="auto" align="flex-end" gap="30px">
            <Box>
              <Box fontSize={{ base: "72px", sm: "132px" }} fontWeight="700" lineHeight="0.95" letterSpacing="-3px">
                Done
              </Box>
            </Box>
            <Box fontSize="26px" paddingBottom="12px" display={{ base: "none", sm: "block" }}>
              touch anywhere
            </Box>
            <Box marginLeft="auto" paddingBottom="6px" display={{ base: "none", sm: "block" }}>
              <ActDrawing name={due.act.name} section={bake.section} />
            </Box>
          </Flex>
        </Flex>
      </TinButton>
      <Foot state={state} due={due} now={now} later={later} mayWrite={mayWrite} />
    </Box>
  );
}

/** What it was planned for and what a press would log; at the right, later. */
export function Foot({
  state,
  due,
  now,
  later,
  mayWrite,
}: Pick<Props, "state" | "due" | "now" | "later" | "mayWrite">) {
  const since = due.act.isAfterOut ? state.outAt : state.inAt;
  return (
    <Flex justify="space-between" align="center" gap="14px 30px" wrap="wrap" paddingTop="22px">
      <Box fontSize={{ base: "22px", sm: "27px" }}>
        <Box color="ink2">Planned minute {Math.round(due.act.minute)},</Box>
        <Box fontWeight="680">logs minute {since === null ? 0 : minutesBetween(since, now)}</Box>
      </Box>
      <Box flex={{ base: "1 1 100%", sm: "0 1 480px" }}>
        <LaterButtons later={later} disabled={!mayWrite} />
      </Box>
    </Flex>
  );
}

export function UndoPress({ words, undo }: { words: string; undo: () => void }) {
  return (
    <Button look="plain" fontSize="24px" minHeight="56px" onClick={undo}>
      Undo “{words}”
    </Button>
  );
}
