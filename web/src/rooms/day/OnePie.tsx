import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { ApiProblem, answer, api, type Day, type DayPie } from "../../api/client";
import { useMayWrite } from "../../api/useMayWrite";
import { useWrite } from "../../api/useWrite";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readWhole } from "../../ui/entry";
import { Notice } from "../../ui/Notice";
import { today } from "../../ui/numbers";
import { readClock, sayClock, useMinuteNow } from "./clock";
import { DayView } from "./DayView";
import { pinned, unpinned } from "./pins";
import { Says } from "./Says";
import { toldOf } from "./useDay";
import { usePlan, useWhy } from "./usePlan";
import { Ways } from "./WhatIf";

const SEVEN = 1140;
const DAY_MS = 86_400_000;

/** "This pie at 19:00": when to begin, and its acts in order; nothing is stored until it is kept. */
export default function OnePie() {
  const { kitchen = "", pie = "" } = useParams();
  const [search] = useSearchParams();
  const count = Number(search.get("count") ?? 1);
  const { data, error, refetch } = useQuery({
    queryKey: ["kitchen", kitchen, "day-beginning", pie],
    queryFn: () =>
      answer(
        api.POST("/kitchens/{kitchen}/day-beginning", {
          params: { path: { kitchen } },
          body: { batch: null, pie, count, atMinute: SEVEN, date: today() },
        }),
      ),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
    retry: false,
  });
  if (error) {
    return (
      <Box paddingTop="20px">
        <Notice title="This pie did not open." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error instanceof ApiProblem ? error.message : String(error)} <Link to={`/k/${kitchen}/pies`}>Your pies</Link>
        </Notice>
      </Box>
    );
  }
  const named = data?.pies[0];
  if (!data || !named) {
    return (
      <Box paddingTop="20px" role="status">
        Opening the pie
      </Box>
    );
  }
  return <Planned kitchen={kitchen} pie={pie} begun={data.day} named={named} />;
}

function Planned({ kitchen, pie, begun, named }: { kitchen: string; pie: string; begun: Day; named: DayPie }) {
  const [day, setDay] = useState(begun);
  const [chosen, setChosen] = useState<string | null>(null);
  const [from, setFrom] = useState<number | null>(null);
  const [held, setHeld] = useState<{ task: string; minute: number } | null>(null);
  const mayWrite = useMayWrite(kitchen);
  const navigate = useNavigate();
  const { trouble, write } = useWrite(kitchen);
  const nowMinute = useMinuteNow(day.date);
  const shown = held ? pinned(day, held.task, held.minute) : day;
  const ask = { batch: null, stored: null, nowMinute: from, isAsTold: false };
  const { plan, isWhole, isWorking, error, again } = usePlan(kitchen, shown, ask, "");
  const why = useWhy(kitchen, day, ask, "", chosen);
  const order = day.orders[0];
  const names = new Map(day.orders.map((one) => [one.id, named.name]));
  useEffect(() => {
    document.title = `${named.name}, ready at its time, Hojaldre`;
  }, [named.name]);
  const keep = async () => {
    const made = answer(
      api.POST("/kitchens/{kitchen}/days", {
        params: { path: { kitchen } },
        body: { basedOn: 0, batch: null, day: { ...day, name: named.name.slice(0, 80) }, told: toldOf(plan) },
      }),
    );
    if (await write("days", made, null)) void navigate(`/k/${kitchen}/days/${(await made).id}`);
  };
  const says = plan && <Says plan={plan} isWorking={isWorking} cooks={day.kitchen.cooks.length} />;
  return (
    <Box paddingBottom="60px">
      <Flex gap="6px 18px" align="baseline" wrap="wrap" paddingBlock="14px 8px">
        <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680">
          <Link to={`/k/${kitchen}/bench/${pie}`}>{named.name}</Link>
        </Box>
        <Box fontSize="reading">
          <EntryField
            label="How many"
            words={String(order?.count ?? 1)}
            read={(words) => readWhole(words, 1, 500)}
            keep={(many) => setDay((now) => ({ ...now, orders: now.orders.map((one) => ({ ...one, count: many })) }))}
          />
          {" ready at "}
          <EntryField
            label="Ready at"
            strong
            words={sayClock(order?.atMinute ?? SEVEN)}
            read={(words) => readClock(words)}
            keep={(atMinute) => setDay((now) => ({ ...now, orders: now.orders.map((one) => ({ ...one, atMinute })) }))}
          />
        </Box>
        {mayWrite && (
          <Button look="filled" marginLeft="auto" onClick={() => void keep()}>
            Keep as a day
          </Button>
        )}
      </Flex>
      {trouble && <Notice title="It was not kept.">{trouble.mend}</Notice>}
      {error && (
        <Notice title="The plan did not come." acts={<Button onClick={again}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
      {!plan && !error && <Box role="status">Working it out</Box>}
      {from === null && plan?.startMinute != null && plan.startMinute < nowMinute && (
        <Notice
          title={`It should have been begun at ${sayClock(plan.startMinute)}.`}
          acts={
            <>
              <Button look="filled" onClick={() => setFrom(nowMinute)}>
                Begin now
              </Button>
              <Button onClick={() => setDay((now) => ({ ...now, date: today(new Date(Date.now() + DAY_MS)) }))}>
                Tomorrow
              </Button>
            </>
          }
        />
      )}
      {plan && (
        <>
          {!plan.isPossible && says}
          {isWhole && !held && (plan.lateMinutes > 0 || !plan.isPossible) && (
            <Ways kitchen={kitchen} day={day} ask={ask} take={setDay} />
          )}
          {plan.isPossible && (
            <DayView
              {...{ plan, why, names, chosen, mayWrite, nowMinute }}
              day={shown}
              lead={says}
              marks={null}
              choose={setChosen}
              hover={setHeld}
              pin={(task, minute) => {
                setChosen(task);
                setDay((now) => pinned(now, task, minute));
              }}
              unpin={(task) => setDay((now) => unpinned(now, task))}
            />
          )}
        </>
      )}
    </Box>
  );
}
