import { Box, Flex } from "@chakra-ui/react";
import { type ReactNode, useEffect, useState } from "react";
import type { Day, DayPlan, DayTask } from "../../api/client";
import { Button } from "../../ui/Button";
import { RecessChoice } from "../../ui/RecessChoice";
import { ActsList } from "./ActsList";
import { Chart } from "./Chart";
import { NextThree } from "./NextThree";
import { TaskPanel } from "./TaskPanel";
import { useAlarms } from "./useAlarms";
import type { DayMarks } from "./useDayMarks";

type View = "next" | "list" | "drawing";
type Props = {
  plan: DayPlan;
  why: DayPlan["why"];
  day: Day;
  names: Map<string, string>;
  chosen: string | null;
  choose: (task: string | null) => void;
  hover: (to: { task: string; minute: number } | null) => void;
  pin: (task: string, minute: number) => void;
  unpin: (task: string) => void;
  marks: DayMarks | null;
  mayWrite: boolean;
  nowMinute: number;
  /** what stands beside the choice of how it is shown */
  lead: ReactNode;
};

const NARROW = "(max-width: 999px)";

/** A planned day: drawn, as a list, or its next three acts. */
export function DayView(props: Props) {
  const { plan, why, day, names, chosen, choose, hover, pin, unpin, marks, mayWrite, nowMinute, lead } = props;
  const [view, setView] = useState<View>(() => (matchMedia(NARROW).matches ? "next" : "drawing"));
  const alarms = useAlarms(plan.acts, nowMinute);
  const task = plan.tasks.find((one) => one.id === chosen);
  const isToday = nowMinute > (plan.startMinute ?? 0) - 720 && nowMinute < 2160;
  useEffect(() => {
    if (chosen && !task) choose(null);
  }, [chosen, task, choose]);
  const moved = (one: DayTask, minute: number) => pin(one.id, minute);
  return (
    <>
      <Flex gap="4px 28px" align="flex-end" wrap="wrap" marginBottom="6px">
        <Box flex="1 1 420px">{lead}</Box>
        <Box flex="1 1 300px" maxWidth="380px">
          <RecessChoice
            label="How the day is shown"
            value={view}
            options={[
              ["next", "Next three"],
              ["list", "List"],
              ["drawing", "Drawing"],
            ]}
            choose={setView}
            high={44}
          />
        </Box>
        <Button look="plain" minHeight="44px" aria-pressed={alarms.on} onClick={alarms.toggle}>
          {alarms.on ? "Alarms are on" : "Alarms are off"}
        </Button>
      </Flex>
      {alarms.due.length > 0 && (
        <Flex
          role="alert"
          gap="12px"
          align="center"
          borderTop="3px solid {colors.rim}"
          paddingBlock="6px"
          wrap="wrap"
          fontSize="21px"
          fontWeight="650"
        >
          {alarms.due.map((act) => act.title).join(". ")}
          <Button look="outline" minHeight="44px" onClick={alarms.hush}>
            Heard
          </Button>
        </Flex>
      )}
      {view === "next" && <NextThree {...{ plan, day, marks, mayWrite, nowMinute, pin }} />}
      {view === "list" && <ActsList {...{ plan, day, marks, mayWrite, nowMinute }} />}
      {view === "drawing" && (
        <>
          <Chart
            {...{ plan, day, names, chosen }}
            nowMinute={isToday ? nowMinute : null}
            choose={(one) => choose(one.id)}
            hover={(to) => hover(to && { task: to.task.id, minute: to.minute })}
            pin={moved}
          />
          {!task && <Key />}
        </>
      )}
      {task && (
        <TaskPanel
          {...{ task, why, mayWrite, marks, nowMinute }}
          pin={(minute) => moved(task, minute)}
          unpin={() => unpin(task.id)}
          close={() => choose(null)}
        />
      )}
      {view === "drawing" && !task && plan.idles.length > 0 && (
        <Box as="section" aria-label="Free hands" color="ink2" paddingTop="6px">
          <Box as="h2" color="ink" fontWeight="650" display="inline">
            Free hands{" "}
          </Box>
          {[...plan.idles]
            .sort((a, b) => b.toMinute - b.fromMinute - a.toMinute + a.fromMinute)
            .slice(0, 3)
            .map((idle) => idle.says)
            .join(" ")}
        </Box>
      )}
    </>
  );
}

/** What the lines mean, in words beside them. */
function Key() {
  return (
    <Box color="ink2" paddingTop="4px">
      Above: hands. Middle: a shelf for each pie; parallel lines must be waited, a sagging line is time to spare, half a
      loaf is when it is wanted. Below: ovens with their heat; a loaf bakes, an open tin is an empty shell. Heavy:
      nothing to spare. Press a thing to see why it is then; drag it to move it.
    </Box>
  );
}
