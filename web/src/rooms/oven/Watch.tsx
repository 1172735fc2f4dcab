import { Box, Flex } from "@chakra-ui/react";
import type { BakeAtOven, LiveBake } from "../../api/client";
import { useDegrees } from "../../api/useDegrees";
import { OvenTrace } from "../../draw/OvenTrace";
import { Button } from "../../ui/Button";
import { useWidth } from "../../ui/useWidth";
import { type ActState, actAt, type LegState } from "./log";
import { clockOf, clockSize, countdown } from "./said";

type Props = {
  bake: BakeAtOven;
  live: LiveBake | null;
  state: LegState;
  next: ActState;
  now: number;
  earlier: () => void;
  mayWrite: boolean;
};

const MINUTE_MS = 60_000;

/** Nothing is due: one clock, the next act, what to look for, and the probe over the forecast. */
export function Watch({ bake, live, state, next, now, earlier, mayWrite }: Props) {
  const at = actAt(state, next) ?? now;
  const isOut = state.outAt !== null;
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,1fr) minmax(0,1fr)" }}
      gap="14px 50px"
      paddingTop="14px"
    >
      <Box minWidth="0">
        <Box fontSize={{ base: "24px", sm: "28px" }} color="ink2">
          Next: {next.act.title.toLowerCase()}
          {!isOut && `, minute ${Math.round(next.minute)}`}
        </Box>
        <Box
          fontSize={clockSize(at - now, 204)}
          fontWeight="700"
          letterSpacing="-4px"
          lineHeight="0.98"
          role="timer"
          aria-label="Until the next act"
        >
          {countdown(at - now)}
        </Box>
        <Box fontSize={{ base: "28px", sm: "36px" }} fontWeight="650" lineHeight="1.15" paddingTop="8px">
          {next.act.cue ? next.act.says : next.act.title}
        </Box>
        {!next.act.cue && <Box fontSize={{ base: "20px", sm: "22px" }}>{next.act.says}</Box>}
        <Box fontSize={{ base: "20px", sm: "22px" }} color="ink2" paddingTop="8px">
          <Likely bake={bake} live={live} state={state} />
        </Box>
        {mayWrite && (
          <Flex gap="16px" paddingTop="16px">
            <Button minHeight="76px" flex="1" fontSize="25px" onClick={earlier} whiteSpace="normal">
              {next.act.answers.length ? "Look now" : `Already ${next.act.done}`}
            </Button>
          </Flex>
        )}
      </Box>
      {state.leg.name === "bake" && <Trace bake={bake} live={live} state={state} now={now} />}
    </Box>
  );
}

/** When it is likely out, by what, and how safe. */
function Likely({ bake, live, state }: Pick<Props, "bake" | "live" | "state">) {
  if (!live || state.inAt === null) return null;
  if (state.outAt !== null) return <Cooled live={live} state={state} />;
  if (state.leg.name === "shell") return null;
  const [low, high] = [state.inAt + live.lowMinute * MINUTE_MS, state.inAt + live.highMinute * MINUTE_MS];
  const moved = Math.round(live.movedMinutes);
  const by = live.trace.length > 0 ? "The probe runs" : "By what was seen it runs";
  return (
    <>
      <Box>
        Likely out between {clockOf(low)} and {clockOf(high)}.
        {moved !== 0 && ` ${by} ${Math.abs(moved)} min ${moved > 0 ? "behind" : "ahead of"} the forecast.`}
      </Box>
      {(bake.asksProbe || live.trace.length > 0 || live.leftOut > 0) && <Box>{live.safety.says}</Box>}
      {live.leftOut > 0 && <Box fontSize="17px">{live.leftOutSays}</Box>}
    </>
  );
}

/** The cooling watch: 57 to 21 °C in two hours, to 5 °C in six in all. */
function Cooled({ live, state }: { live: LiveBake; state: LegState }) {
  const { say } = useDegrees();
  const cooling = live.cooling;
  if (!cooling || state.outAt === null) return null;
  const at = (minute: number) => clockOf((state.outAt ?? 0) + minute * MINUTE_MS);
  return (
    <>
      {live.hot && !live.hot.isHot && (
        <Box fontWeight="680" color="ink">
          {live.hot.says.join(" ")}
        </Box>
      )}
      <Box>{live.safety.says}</Box>
      <Box>
        What is kept: below {say(21)} by {at(cooling.warmByMinute)}, below {say(5)} by {at(cooling.coldByMinute)}.
        {cooling.verdict === "too-slow-to-warm" &&
          ` It cools too slowly${cooling.isMeasured ? "" : ", by the forecast"}: cut it, or into the fridge on a rack.`}
        {cooling.verdict === "too-slow-to-cold" &&
          ` It is too slow to ${say(5)}${cooling.isMeasured ? "" : ", by the forecast"}: into the fridge, cut.`}
      </Box>
    </>
  );
}

function Trace({ bake, live, state, now }: { bake: BakeAtOven; live: LiveBake | null; state: LegState; now: number }) {
  const [ref, width] = useWidth<HTMLDivElement>(540);
  const { bare, say, unit } = useDegrees();
  const look = state.acts.find((one) => one.act.name === "look");
  const out = state.acts.find((one) => one.act.id === "out");
  const nowMinute = state.inAt === null ? null : (now - state.inAt) / MINUTE_MS;
  const last = live?.trace.at(-1);
  const told = nowMinute === null ? undefined : bake.band[Math.round(last?.minute ?? nowMinute)]?.celsius[2];
  const outMinute = out?.doneMinute ?? out?.minute ?? 0;
  return (
    <Box ref={ref} minWidth="0">
      <Flex align="baseline" gap="12px" fontSize="22px" wrap="wrap">
        <Box fontWeight="680">Middle of the pie</Box>
        <Box color="ink2">{unit} by probe</Box>
        <Flex marginLeft="auto" align="baseline" gap="10px">
          {told !== undefined && (
            <Box color="heat" fontWeight="650">
              forecast {bare(told)}
            </Box>
          )}
          {last && (
            <Box fontSize="40px" fontWeight="700" lineHeight="1" data-testid="probe-reads">
              {say(last.celsius)}
            </Box>
          )}
        </Flex>
      </Flex>
      <OvenTrace
        band={bake.band}
        trace={live?.trace ?? []}
        setsAtCelsius={bake.setsAtCelsius}
        overCelsius={bake.overCelsius}
        safeCelsius={bake.safeCelsius}
        nowMinute={nowMinute}
        lookMinute={look && look.doneMinute === null ? look.minute : null}
        outMinute={outMinute}
        inClock={state.inAt === null ? "" : clockOf(state.inAt)}
        outWord={`out ${state.inAt === null ? "" : clockOf(state.inAt + outMinute * MINUTE_MS)}`}
        width={width}
        height={Math.min(420, Math.max(300, width * 0.72))}
        celsius={bare}
      />
    </Box>
  );
}
