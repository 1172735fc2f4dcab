import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useEffect } from "react";
import { Link, useOutletContext, useParams, useSearchParams } from "react-router";
import type { BakeAtOven } from "../../api/client";
import { atOvenQuery } from "../../api/ovenQueries";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { actAt, isPlugged, nextAct, present, standing } from "./log";
import { BakeActs, OneBake } from "./OneBake";
import { Others, type Watched } from "./Others";
import { OvenHead } from "./OvenHead";
import { clockOf } from "./said";
import { type OvenLogs, useOvenLog } from "./useOvenLog";
import { useProbe } from "./useProbe";
import { useAwake, useNow, useStrikes } from "./useSenses";

/** Beside the bake, without typing: one clock, the next act, one press. */
export default function AtOven() {
  const { kitchen = "" } = useParams();
  const rooms = useOutletContext<ReactNode>();
  const { data: bakes, error } = useQuery(atOvenQuery(kitchen));
  const logs = useOvenLog(kitchen);
  const now = useNow();
  useAwake();
  useEffect(() => {
    document.title = "At the oven, Hojaldre";
  }, []);
  const [search, setSearch] = useSearchParams();
  const watched = (bakes ?? []).map((bake) => watch(bake, logs));
  const going = watched.filter((one) => !isEnded(logs, one.bake.id));
  const seat = going.find((one) => one.bake.id === search.get("bake")) ?? soonest(going, now);
  const plugged = going.find((one) => isPlugged(logs.eventsOf(one.bake.id)))?.bake.id ?? null;
  const probe = useProbe(kitchen, plugged, seat?.state.inAt === null || Boolean(seat));
  const dueKeys = going
    .filter((one) => isDue(one, now))
    .map((one) => `${one.bake.id}/${one.next?.act.id}/${Math.round(one.next?.minute ?? 0)}`);
  const strikes = useStrikes(dueKeys);
  const choose = (id: string) => setSearch({ bake: id }, { replace: true });
  const head = (
    <OvenHead
      rooms={rooms}
      tabs={going.map(({ bake }) => ({ id: bake.id, name: bake.name, says: "" }))}
      seat={seat?.bake.id ?? ""}
      choose={choose}
      now={now}
    />
  );
  if (!seat) {
    return (
      <>
        {head}
        <Empty kitchen={kitchen} isLoading={!bakes && !error} error={error} />
      </>
    );
  }
  return (
    <Box fontSize="20px" paddingBottom="40px">
      {head}
      <Said logs={logs} silentSince={plugged === seat.bake.id ? probe.silentSince : null} />
      <OneBake
        key={seat.bake.id}
        kitchen={kitchen}
        watched={seat}
        logs={logs}
        now={now}
        probe={probe}
        plugged={plugged}
      />
      <Flex
        gap="10px 20px"
        wrap="wrap"
        paddingTop="14px"
        borderTop="2.4px solid {colors.rim}"
        marginTop="22px"
        fontSize="20px"
        align="center"
      >
        <Box fontWeight="680" fontSize="24px" marginRight="auto">
          {going.length > 1 ? "Also at the oven" : "Nothing else is at the oven"}
        </Box>
        <BakeActs kitchen={kitchen} watched={seat} logs={logs} probe={probe} plugged={plugged} />
        <Button look="plain" fontSize="20px" minHeight="48px" onClick={strikes.toggle} aria-pressed={strikes.on}>
          Sound {strikes.on ? "on" : "off"}
        </Button>
      </Flex>
      <Others others={going.filter((one) => one !== seat)} now={now} choose={choose} />
    </Box>
  );
}

function watch(bake: BakeAtOven, logs: OvenLogs): Watched {
  const state = present(bake, logs.eventsOf(bake.id), logs.liveOf(bake.id)?.movedMinutes ?? 0);
  return { bake, state, next: state.inAt === null ? null : nextAct(state) };
}

const isEnded = (logs: OvenLogs, bake: string) => standing(logs.eventsOf(bake)).some((one) => one.kind === "ended");
const dueAt = (one: Watched) => (one.next ? actAt(one.state, one.next) : null) ?? one.bake.plannedAt;
const isDue = (one: Watched, now: number) => one.next !== null && (actAt(one.state, one.next) ?? now + 1) <= now;

/** What is due first. */
function soonest(all: Watched[], now: number): Watched | undefined {
  return [...all].sort((a, b) => (dueAt(a) ?? now + 9e9) - (dueAt(b) ?? now + 9e9))[0];
}

/** Without a line, without a probe: said once, above the clock. */
function Said({ logs, silentSince }: { logs: OvenLogs; silentSince: number | null }) {
  const says = [
    logs.waiting > 0 &&
      `${logs.waiting} ${logs.waiting === 1 ? "press is" : "presses are"} kept on this device and not sent yet.`,
    logs.waiting === 0 && logs.isLost && "No connection. Presses are kept on this device.",
    silentSince !== null && `Probe silent since ${clockOf(silentSince)}. Going by the forecast.`,
    logs.refused,
  ].filter(Boolean);
  return (
    <Box role="status" fontSize="20px" minHeight="8px">
      {says.length > 0 && (
        <Box borderTop="3px solid {colors.rim}" marginTop="8px" paddingTop="4px">
          {says.join(" ")}
        </Box>
      )}
    </Box>
  );
}

function Empty({ kitchen, isLoading, error }: { kitchen: string; isLoading: boolean; error: Error | null }) {
  if (isLoading)
    return (
      <Box role="status" paddingTop="20px">
        Looking what is at the oven
      </Box>
    );
  if (error) {
    return (
      <Box paddingTop="20px">
        <Notice title="What is at the oven could not be asked.">{error.message}</Notice>
      </Box>
    );
  }
  return (
    <Box paddingTop="40px" fontSize="24px" maxWidth="760px">
      <Box fontSize="30px" fontWeight="680">
        Nothing is at the oven.
      </Box>
      Open a pie on its bench and press “To the oven”, or take a whole day there from{" "}
      <Link to={`/k/${kitchen}/days`}>Oven day</Link>.
    </Box>
  );
}
