import { Box, Flex } from "@chakra-ui/react";
import type { BakeAtOven, OvenEventWish } from "../../api/client";
import { GateRow } from "./GateRow";
import { GateStop } from "./GateStop";
import { isMeasuredRight, isTrouble, type Measured, readsOf } from "./gate";
import { LaterButtons } from "./LaterButtons";
import { type LegState, standing } from "./log";
import { clockOf, countdown } from "./said";
import { TinButton } from "./TinButton";
import type { Press } from "./useOvenLog";

type Props = {
  bake: BakeAtOven;
  events: OvenEventWish[];
  state: LegState;
  measured: Measured;
  now: number;
  press: (...presses: Press[]) => void;
  mayWrite: boolean;
};

const MINUTE_MS = 60_000;

/** Before it goes in: what this pie needs, ticked by touch; it stops once, with the price. */
export function Gate({ bake, events, state, measured, now, press, mayWrite }: Props) {
  const leg = state.leg.name;
  const rows = state.leg.gate.map((item) => {
    const reads = readsOf(item, measured);
    const trouble = isTrouble(item, reads);
    return { item, reads, trouble, done: !trouble && (state.ticked.has(item.name) || isMeasuredRight(item, reads)) };
  });
  const open = rows.filter((row) => !row.done);
  const stops = open.filter((row) => state.stopped.has(row.item.name));
  const worst = stops.find((row) => row.trouble) ?? stops[0];
  const isNewly = open.some((row) => !state.stopped.has(row.item.name));
  // what a thermometer read goes into the record
  const goesIn = () =>
    press(
      ...rows
        .filter((row) => row.reads !== null)
        .map((row) => ({
          kind: "measured" as const,
          leg,
          what: row.item.name,
          value: Math.round((row.reads ?? 0) * 10) / 10,
        })),
      { kind: "in", leg },
    );
  const pressIn = () =>
    isNewly ? press(...open.map((row) => ({ kind: "stopped" as const, leg, what: row.item.name }))) : goesIn();
  const at = goesInAt(bake, leg, events);
  const later = (minutes: number) => press({ kind: "later", leg, what: "in", value: minutes });
  const wait = (minutes: number) => later(minutes + (at !== null && at > now ? (now - at) / MINUTE_MS : 0));
  return (
    <Box>
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0,1fr)", sm: "minmax(0,1fr) minmax(0,0.93fr)" }}
        gap="18px 40px"
        paddingTop="16px"
      >
        <Box>
          <Flex align="baseline" gap="14px" paddingBottom="6px">
            <Box as="h2" fontSize="30px" fontWeight="680">
              Gate
            </Box>
            <Box fontSize={{ base: "20px", sm: "24px" }} color="ink2">
              {leg === "shell" ? "the empty shell" : "before it goes in"}
            </Box>
            <Box marginLeft="auto" fontSize="26px" fontWeight="680" whiteSpace="nowrap">
              {rows.length - open.length} of {rows.length}
            </Box>
          </Flex>
          {rows.map((row) => (
            <GateRow
              key={row.item.name}
              {...row}
              toggle={() =>
                press({ kind: state.ticked.has(row.item.name) ? "untick" : "tick", leg, what: row.item.name })
              }
              disabled={!mayWrite}
            />
          ))}
        </Box>
        <Box position={{ sm: "sticky" }} top="8px" alignSelf="start">
          <TinButton
            look={open.length === 0 ? "filled" : "hollow"}
            press={pressIn}
            label="It is in"
            height={at === null ? 300 : 420}
            disabled={!mayWrite}
          >
            <Box textAlign="center">
              {at !== null && <GoesIn at={at} now={now} />}
              <Box
                fontSize={{ base: "52px", sm: "66px" }}
                fontWeight="700"
                color={open.length === 0 ? "onRim" : "rim"}
                lineHeight="1.2"
              >
                It is in
              </Box>
              <Box fontSize="24px" minHeight="34px">
                {open.length > 0 &&
                  (open.length === 1 && open[0] ? `waits: ${open[0].item.stop}` : `waits for ${open.length} things`)}
              </Box>
            </Box>
          </TinButton>
          <Box paddingTop="20px">
            <LaterButtons later={later} disabled={!mayWrite} />
          </Box>
        </Box>
      </Box>
      {worst && !isNewly && (
        <GateStop
          {...worst}
          now={now}
          others={stops.length - 1}
          goesIn={goesIn}
          mend={(minutes) => (minutes === null ? press({ kind: "tick", leg, what: worst.item.name }) : wait(minutes))}
        />
      )}
    </Box>
  );
}

function GoesIn({ at, now }: { at: number; now: number }) {
  return (
    <>
      <Box fontSize="26px" color="inherit">
        goes in at {clockOf(at)}
      </Box>
      <Box fontSize={{ base: "84px", sm: "116px" }} fontWeight="700" lineHeight="1.1" letterSpacing="-3px">
        {at > now ? countdown(at - now) : `${Math.floor((now - at) / MINUTE_MS)} late`}
      </Box>
    </>
  );
}

/** When it goes in: as it was planned, or as long as is waited; null where nobody said. */
function goesInAt(bake: BakeAtOven, leg: LegState["leg"]["name"], events: OvenEventWish[]): number | null {
  let at = leg === "bake" ? bake.plannedAt : null;
  for (const one of standing(events)) {
    if (one.kind === "later" && one.what === "in" && one.leg === leg)
      at = (at ?? one.at) + (one.value ?? 0) * MINUTE_MS;
  }
  return at;
}
