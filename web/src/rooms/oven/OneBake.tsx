import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import type { BakeAtOven, LiveBake, OvenEvent, SeenAnswer } from "../../api/client";
import { useMayWrite } from "../../api/useMayWrite";
import { Button } from "../../ui/Button";
import { ink } from "../../ui/theme";
import { Due, UndoPress } from "./Due";
import { Gate } from "./Gate";
import { Look } from "./Look";
import { type ActState, actAt, type LegState, standing } from "./log";
import { NotHot } from "./NotHot";
import type { Watched } from "./Others";
import { clockOf } from "./said";
import type { OvenLogs, Press } from "./useOvenLog";
import type { useProbe } from "./useProbe";
import { Watch } from "./Watch";

type Props = {
  kitchen: string;
  watched: Watched;
  logs: OvenLogs;
  now: number;
  probe: ReturnType<typeof useProbe>;
  plugged: string | null;
};

/** One pie at the oven: its gate, its clock, or the act that is due. */
export function OneBake({ kitchen, watched, logs, now, probe, plugged }: Props) {
  const { bake, state } = watched;
  const mayWrite = useMayWrite(kitchen);
  const events = logs.eventsOf(bake.id);
  const press = (...presses: Press[]) => logs.press(bake.id, ...presses);
  return (
    <>
      {bake.nextTime && state.inAt === null && (
        <Box fontSize="24px" paddingTop="10px">
          <strong>From last time:</strong> {bake.nextTime}
        </Box>
      )}
      {mayWrite && (
        <Disputes
          live={logs.liveOf(bake.id)}
          undo={(event) => press({ kind: "undo", leg: event.leg, what: event.id })}
        />
      )}
      {state.inAt === null ? (
        <Gate
          bake={bake}
          events={events}
          state={state}
          measured={plugged === null ? probe : { ...probe, probeCelsius: null }}
          now={now}
          press={press}
          mayWrite={mayWrite}
        />
      ) : (
        <InOven kitchen={kitchen} watched={watched} logs={logs} now={now} press={press} mayWrite={mayWrite} />
      )}
    </>
  );
}

/** Two people said the same and not alike: both see it, and one of them says which is right. */
function Disputes({ live, undo }: { live: LiveBake | null; undo: (event: OvenEvent) => void }) {
  return live?.disputes.map((one) => (
    <Box key={one.counts.id + one.other.id} role="alert" borderTop="3px solid {colors.rim}" paddingBlock="12px">
      <Box fontSize="24px" fontWeight="650">
        {one.says}
      </Box>
      <Flex gap="12px" wrap="wrap" paddingTop="8px">
        {[
          [one.counts, one.other],
          [one.other, one.counts],
        ].map(
          ([right, wrong]) =>
            right &&
            wrong && (
              <Button key={right.id} minHeight="64px" fontSize="22px" onClick={() => undo(wrong)}>
                {right.pressedBy}, {clockOf(right.at)}
                {right.answer && `: ${right.answer}`}
              </Button>
            ),
        )}
      </Flex>
    </Box>
  ));
}

/** What can be done beside the act: undo, the probe, taking it off. */
export function BakeActs({ kitchen, watched, logs, probe, plugged }: Omit<Props, "now">) {
  const { bake, state } = watched;
  const mayWrite = useMayWrite(kitchen);
  if (!mayWrite) return null;
  const press = (...presses: Press[]) => logs.press(bake.id, ...presses);
  const last = standing(logs.eventsOf(bake.id)).at(-1);
  const take = () => {
    if (plugged) logs.press(plugged, { kind: "unplugged", leg: "bake" });
    if (plugged !== bake.id) press({ kind: "plugged", leg: "bake" });
  };
  return (
    <>
      {last && <UndoPress words={wordsOf(bake, last.kind, last.what)} undo={() => logs.undo(bake.id)} />}
      <ProbeButton
        bake={bake}
        state={state}
        live={logs.liveOf(bake.id)}
        plugged={plugged}
        probe={probe}
        take={take}
        back={() => press({ kind: "plugged", leg: "bake" })}
      />
      {state.inAt === null && (
        <Button
          look="plain"
          fontSize="20px"
          minHeight="48px"
          onClick={() => press({ kind: "ended", leg: state.leg.name })}
        >
          Not baked after all
        </Button>
      )}
    </>
  );
}

type InProps = Pick<Props, "kitchen" | "watched" | "logs" | "now"> & {
  press: (...presses: Press[]) => void;
  mayWrite: boolean;
};

/** It is in, or out again: the clock until the next act, or the act itself. */
function InOven({ kitchen, watched, logs, now, press, mayWrite }: InProps) {
  const { bake, state, next } = watched;
  const [asked, setAsked] = useAsked();
  const [isLeft, setLeft] = useState<number | null>(null);
  const leg = state.leg.name;
  const live = logs.liveOf(bake.id);
  const hot = leg === "bake" && state.outAt !== null ? (live?.hot ?? null) : null;
  if (hot && !hot.isHot && isLeft !== state.outAt) {
    return (
      <NotHot
        bake={bake}
        state={state}
        hot={hot}
        now={now}
        backIn={(value) => press({ kind: "back-in", leg, value })}
        measured={(value) => press({ kind: "measured", leg, what: "middle", value: Math.round(value * 10) / 10 })}
        undo={() => logs.undo(bake.id)}
        goOn={() => setLeft(state.outAt)}
        mayWrite={mayWrite}
      />
    );
  }
  if (!next) {
    return <AllDone kitchen={kitchen} bake={bake} end={() => press({ kind: "ended", leg })} mayWrite={mayWrite} />;
  }
  const done = () => {
    setAsked("");
    press({ kind: "done", leg, what: next.act.id });
  };
  const later = (minutes: number) => {
    setAsked("");
    press({ kind: "later", leg, what: next.act.id, value: minutes });
  };
  const seen = (answer: SeenAnswer, pictureMm: number | null) => {
    setAsked("");
    press(...follow(next, leg, answer, pictureMm));
  };
  const asks = next.act.answers.length > 0;
  if ((actAt(state, next) ?? now + 1) > now && asked !== next.act.id) {
    const earlier = () => (asks ? setAsked(next.act.id) : done());
    return <Watch bake={bake} live={live} state={state} next={next} now={now} earlier={earlier} mayWrite={mayWrite} />;
  }
  return asks ? (
    <Look bake={bake} live={live} state={state} due={next} now={now} seen={seen} later={later} mayWrite={mayWrite} />
  ) : (
    <Due bake={bake} state={state} due={next} now={now} done={done} later={later} mayWrite={mayWrite} />
  );
}

/** What is seen is logged, and what follows of it. */
function follow(next: ActState, leg: LegState["leg"]["name"], answer: SeenAnswer, pictureMm: number | null): Press[] {
  const presses: Press[] = [
    {
      kind: "seen",
      leg,
      what: next.act.id,
      answer: answer.code,
      value: pictureMm === null ? null : Math.round(pictureMm),
    },
  ];
  if (answer.againMinutes !== null)
    return [...presses, { kind: "later", leg, what: next.act.id, value: answer.againMinutes }];
  presses.push({ kind: "done", leg, what: next.act.id });
  if (answer.takesOut && next.act.id !== "out") presses.push({ kind: "done", leg, what: "out" });
  // what trembles moves the forecast itself; a colour moves only the minute
  if (pictureMm === null && answer.movesOutMinutes !== 0)
    presses.push({ kind: "later", leg, what: "out", value: answer.movesOutMinutes });
  return presses;
}

function wordsOf(bake: BakeAtOven, kind: string, what: string): string {
  const act = bake.legs.flatMap((leg) => leg.acts).find((one) => one.id === what);
  const item = bake.legs.flatMap((leg) => leg.gate).find((one) => one.name === what);
  if (kind === "in") return "it is in";
  if (kind === "later") return "later";
  if (kind === "back-in") return "back in";
  if (kind === "measured" && what === "middle") return "measured";
  if (kind === "plugged") return "probe in";
  if (kind === "unplugged") return "probe out";
  if (kind === "done" && act) return act.done;
  if (item) return item.title.toLowerCase();
  return kind;
}

/** It fell out, or was moved: what it reads is not this pie's middle. */
const isProbeLost = (live: LiveBake | null) =>
  live?.safety.state === "probe-fell-out" || live?.safety.state === "probe-moved";

type ProbeProps = Pick<Props, "plugged" | "probe"> & {
  bake: BakeAtOven;
  state: LegState;
  live: LiveBake | null;
  take: () => void;
  back: () => void;
};

/** The probe goes into this pie, out of it, or over from another one. */
function ProbeButton({ bake, state, live, plugged, probe, take, back }: ProbeProps) {
  if (state.leg.name !== "bake" || state.inAt === null) return null;
  if (plugged !== bake.id && probe.probeCelsius === null) {
    return bake.asksProbe ? <Box>Raw meat or fish is in it: measure the core. No probe answers.</Box> : null;
  }
  const isBack = isProbeLost(live) && plugged === bake.id;
  const words = isBack
    ? "Probe is back in"
    : plugged === bake.id
      ? "Probe out"
      : plugged
        ? "Probe over into this one"
        : "Probe in, in the middle";
  return (
    <Button fontSize="20px" minHeight="56px" onClick={isBack ? back : take}>
      {words}
    </Button>
  );
}

function AllDone({
  kitchen,
  bake,
  end,
  mayWrite,
}: {
  kitchen: string;
  bake: BakeAtOven;
  end: () => void;
  mayWrite: boolean;
}) {
  return (
    <Box paddingTop="26px">
      <Box fontSize="44px" fontWeight="700">
        {bake.name} is done.
      </Box>
      <Box fontSize="24px" color="ink2" paddingBottom="16px">
        Four taps say how it came out, while it is on the rack.
      </Box>
      <Flex gap="16px" wrap="wrap">
        <Link
          to={`/k/${kitchen}/book/${bake.id}/judge`}
          style={{
            background: ink("rim"),
            color: ink("on-rim"),
            borderRadius: 6,
            padding: "20px 40px",
            fontSize: 28,
            fontWeight: 680,
            textDecoration: "none",
          }}
        >
          Judge it
        </Link>
        {mayWrite && (
          <Button minHeight="76px" fontSize="24px" onClick={end}>
            Off the screen
          </Button>
        )}
      </Flex>
    </Box>
  );
}

/** A look that is asked for before its time; it stands in the address, so that a reload keeps it. */
function useAsked(): [string, (to: string) => void] {
  const [search, setSearch] = useSearchParams();
  const put = (to: string) => {
    if ((search.get("look") ?? "") === to) return;
    setSearch(
      (now) => {
        if (to) now.set("look", to);
        else now.delete("look");
        return now;
      },
      { replace: true },
    );
  };
  return [search.get("look") ?? "", put];
}
