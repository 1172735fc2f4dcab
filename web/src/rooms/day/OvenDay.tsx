import { Box } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { ApiProblem, type Day, type DayPlan, type StoredDay } from "../../api/client";
import { dayPlanQuery, dayQuery } from "../../api/dayQueries";
import { piesQuery } from "../../api/queries";
import { useMayWrite } from "../../api/useMayWrite";
import { KeptHead } from "../../kept/KeptHead";
import { AllToOven } from "../../oven/ToOven";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readText } from "../../ui/entry";
import { Notice } from "../../ui/Notice";
import { day as dateSaid } from "../../ui/numbers";
import { ink } from "../../ui/theme";
import { bakesOf } from "./bakesOf";
import { sayClock, useMinuteNow } from "./clock";
import { DayView } from "./DayView";
import { KitchenPart } from "./KitchenPart";
import { Orders } from "./Orders";
import { pinned, unpinned } from "./pins";
import { Revisions } from "./Revisions";
import { Says } from "./Says";
import { TakeAway } from "./TakeAway";
import { Unsafe } from "./Unsafe";
import { useDay } from "./useDay";
import { type DayMarks, useDayMarks } from "./useDayMarks";
import { usePlan, useWhy, wishOf } from "./usePlan";
import { Ways, WhatIf } from "./WhatIf";

/** The oven day that the address names. */
export default function OvenDay() {
  const { kitchen = "", day = "" } = useParams();
  const { data, error, refetch } = useQuery(dayQuery(kitchen, day));
  const mayWrite = useMayWrite(kitchen);
  useEffect(() => {
    if (data) document.title = `${data.day.name}, oven day, Hojaldre`;
  }, [data]);
  if (error) {
    return (
      <Box paddingTop="20px">
        <Notice title="This day did not open." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error instanceof ApiProblem ? error.problem.mend : error.message}{" "}
          <Link to={`/k/${kitchen}/days`}>Your days</Link>
        </Notice>
      </Box>
    );
  }
  if (!data) {
    return (
      <Box paddingTop="20px" role="status">
        Opening the day
      </Box>
    );
  }
  return <DayRoom key={data.id} kitchen={kitchen} stored={data} mayWrite={mayWrite} />;
}

function DayRoom({ kitchen, stored, mayWrite }: { kitchen: string; stored: StoredDay; mayWrite: boolean }) {
  const { kept, planOf } = useDay(kitchen, stored, mayWrite);
  const client = useQueryClient();
  const marks = useDayMarks(kitchen, stored.id);
  const pies = useQuery(piesQuery(kitchen, false));
  const [chosen, setChosen] = useState<string | null>(null);
  const [held, setHeld] = useState<{ task: string; minute: number } | null>(null);
  const [from, setFrom] = useState<{ minute: number; asTold: boolean } | null>(null);
  const { present, change } = kept;
  const nowMinute = useMinuteNow(present.date);
  const shown = held ? pinned(present, held.task, held.minute) : present;
  const ask = {
    batch: stored.batch,
    stored: stored.id,
    nowMinute: from?.minute ?? null,
    isAsTold: from?.asTold ?? false,
  };
  const { plan, isWhole, isWorking, error, again } = usePlan(kitchen, shown, ask, marks.key);
  const why = useWhy(kitchen, present, ask, marks.key, chosen);
  // what is saved goes with the plan that is shown
  planOf.current = (day) => client.fetchQuery(dayPlanQuery(kitchen, wishOf(day, ask), marks.key));
  // another phone saved it
  const { hear } = kept;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new revision is what is heard of
  useEffect(() => void hear(marks.revision), [marks.revision]);
  const nameOf = (pie: string) =>
    pies.data?.find((one) => one.id === pie)?.name ??
    stored.pies.find((one) => one.pie === pie)?.name ??
    "A pie that was put away";
  const names = new Map(present.orders.map((order) => [order.id, nameOf(order.pie)]));
  const says = plan && <Says plan={plan} isWorking={isWorking} cooks={present.kitchen.cooks.length} />;
  return (
    <Box paddingBottom="60px">
      <KeptHead
        kept={kept}
        mayWrite={mayWrite}
        title={
          <EntryField
            label="Name of the day"
            size="page"
            words={present.name}
            read={(words) => readText(words, 1, 80)}
            keep={(name) => change((now) => ({ ...now, name }))}
          />
        }
        says={daySays(present)}
        acts={
          <>
            {stored.batch && (
              <Link
                to={`/k/${kitchen}/prep/${stored.batch}`}
                style={{ color: ink("rim"), fontWeight: 650, padding: "8px 6px" }}
              >
                Prep
              </Link>
            )}
            {mayWrite && plan?.isPossible && present.orders.length > 0 && (
              <AllToOven
                wishes={() =>
                  bakesOf(stored.id, stored.batch, present, plan, (task) => marks.of(task)?.endMinute != null)
                }
              />
            )}
            <Revisions kitchen={kitchen} day={stored.id} revision={marks.revision} bring={(to) => change(() => to)} />
            <Button
              onClick={() => setFrom({ minute: nowMinute, asTold: true })}
              disabled={!isNear(nowMinute)}
              title={isNear(nowMinute) ? undefined : "On the day itself"}
            >
              Plan again from now
            </Button>
          </>
        }
      />
      <Notices {...{ from, marks, error, again }} whole={() => setFrom(null)} />
      {plan && present.orders.length > 0 && (
        <>
          <Unsafe kitchen={kitchen} warnings={plan.warnings} mayWrite={mayWrite} />
          {!plan.isPossible && says}
          {isWhole && !held && isAmiss(plan) && (
            <Ways kitchen={kitchen} day={present} ask={ask} take={(to) => change(() => to)} />
          )}
          {plan.isPossible && (
            <DayView
              {...{ plan, why, names, chosen, marks, mayWrite, nowMinute }}
              day={shown}
              lead={says}
              choose={setChosen}
              hover={setHeld}
              pin={(task, minute) => {
                setChosen(task);
                change((now) => pinned(now, task, minute));
              }}
              unpin={(task) => change((now) => unpinned(now, task))}
            />
          )}
        </>
      )}
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,1.35fr) minmax(0,1fr)" }}
        gap="8px 48px"
        paddingTop="26px"
      >
        <Orders {...{ kitchen, names, change }} day={present} />
        <Box>
          <KitchenPart {...{ kitchen, change }} day={present} pace={plan?.pace ?? []} />
          {plan?.isPossible && present.orders.length > 0 && (
            <WhatIf
              {...{ kitchen, plan, ask }}
              day={present}
              marks={marks.key}
              take={(to) => change(() => to)}
              from={(minute) => setFrom({ minute, asTold: false })}
            />
          )}
          <TakeAway {...{ kitchen, stored, mayWrite }} />
        </Box>
      </Box>
    </Box>
  );
}

const isAmiss = (plan: DayPlan) => plan.lateMinutes > 0 || !plan.isPossible;

/** What the day is, in a line. */
function daySays(day: Day): string {
  const pieces = day.orders.reduce((sum, order) => sum + order.count, 0);
  const times = day.orders.map((order) => order.atMinute);
  if (times.length === 0) return dateSaid(day.date);
  const many = (count: number, word: string) => `${count} ${word}${count === 1 ? "" : "s"}`;
  return `${dateSaid(day.date)}: ${many(times.length, "order")}, ${many(pieces, "piece")}, first ready ${sayClock(Math.min(...times))}, last ${sayClock(Math.max(...times))}`;
}

/** What has to be known of the plan, the connection, the marks. */
function Notices({
  from,
  whole,
  marks,
  error,
  again,
}: {
  from: { minute: number; asTold: boolean } | null;
  whole: () => void;
  marks: DayMarks;
  error: Error | null;
  again: () => void;
}) {
  return (
    <>
      {from !== null && (
        <Notice
          title={`Planned from ${sayClock(from.minute)}.`}
          acts={<Button onClick={whole}>Plan the whole day</Button>}
        >
          {from.asTold &&
            "What was to be done by now is taken as done, but a bake runs on until it is marked. What is not done, put it later. "}
          What is done stands, what runs goes on, the rest moves as little as it can.
        </Notice>
      )}
      {marks.refused && <Notice title="That was not taken.">{marks.refused}</Notice>}
      {(marks.isWaiting || marks.isLost) && (
        <Box role="status">No connection. What you press is kept here and sent when it is back.</Box>
      )}
      {error && (
        <Notice title="The plan did not come." acts={<Button onClick={again}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
    </>
  );
}

/** From the evening before to the end of the day after. */
const isNear = (minute: number) => minute > -1440 && minute < 2880;
