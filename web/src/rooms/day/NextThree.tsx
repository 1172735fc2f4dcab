import { Box, Flex } from "@chakra-ui/react";
import type { Day, DayAct, DayPlan, DayTask } from "../../api/client";
import { Button } from "../../ui/Button";
import { actsOf } from "./ActsList";
import { sayClock, span } from "./clock";
import type { DayMarks } from "./useDayMarks";

const LATE_MINUTES = 5;

type Props = {
  plan: DayPlan;
  day: Day;
  marks: DayMarks | null;
  mayWrite: boolean;
  nowMinute: number;
  /** put a task at a later minute; the rest follows */
  pin: (task: string, minute: number) => void;
};

/** The next three acts, large enough for a screen that is propped up; the first is done with one press. */
export function NextThree({ plan, day, marks, mayWrite, nowMinute, pin }: Props) {
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]));
  const ahead = actsOf(plan, null).filter((act) =>
    act.task === "" ? act.fromMinute >= nowMinute - 5 : marks?.of(act.task)?.endMinute == null,
  );
  const next = ahead.slice(0, 3);
  if (next.length === 0) return <Box paddingTop="12px">All of it is done.</Box>;
  return (
    <Box as="section" aria-label="The next three acts">
      {next.map((act, at) => (
        <Act
          // biome-ignore lint/suspicious/noArrayIndexKey: three places
          key={at}
          act={act}
          isFirst={at === 0}
          who={act.cook === null ? "" : (day.kitchen.cooks[act.cook]?.name ?? "")}
          task={marks && mayWrite ? tasks.get(act.task) : undefined}
          {...{ marks, nowMinute, pin }}
        />
      ))}
    </Box>
  );
}

/** So far off it is another day. */
const FAR_MINUTES = 720;

function away(minutes: number): string {
  if (Math.abs(minutes) >= FAR_MINUTES) return "";
  return minutes > 0 ? `in ${span(minutes)}` : minutes === 0 ? "now" : `${span(-minutes)} ago`;
}

function Act({
  act,
  isFirst,
  who,
  task,
  marks,
  nowMinute,
  pin,
}: { act: DayAct; isFirst: boolean; who: string; task: DayTask | undefined } & Pick<
  Props,
  "marks" | "nowMinute" | "pin"
>) {
  return (
    <Box borderTop={isFirst ? "3px solid {colors.rim}" : "1.4px solid {colors.hair}"} paddingBlock="10px">
      <Flex gap="14px" align="baseline" wrap="wrap">
        <Box fontSize={isFirst ? "44px" : "28px"} fontWeight="700" lineHeight="1.1">
          {sayClock(act.fromMinute)}
        </Box>
        <Box color="ink2" fontSize="20px">
          {[away(act.fromMinute - nowMinute), who].filter(Boolean).join(", ")}
        </Box>
      </Flex>
      <Box fontSize={isFirst ? "28px" : "21px"} fontWeight={isFirst ? "650" : "430"} lineHeight="1.25">
        {act.title}
      </Box>
      {isFirst &&
        act.says.map((one) => (
          <Box key={one} fontSize="20px">
            {one}
          </Box>
        ))}
      {isFirst && task && marks && (
        <Flex gap="10px" paddingTop="10px">
          <Button
            look="filled"
            minHeight="60px"
            fontSize="20px"
            flex="1"
            onClick={() => marks.done(task, nowMinute)}
            aria-label={`Done: ${task.title}`}
          >
            Done
          </Button>
          <Button
            minHeight="60px"
            fontSize="20px"
            onClick={() => marks.begun(task, nowMinute)}
            aria-label={`Begun: ${task.title}`}
          >
            Begun
          </Button>
          <Button
            minHeight="60px"
            fontSize="20px"
            onClick={() => pin(task.id, task.startMinute + LATE_MINUTES)}
            aria-label={`${LATE_MINUTES} min late: ${task.title}`}
          >
            +{LATE_MINUTES} min
          </Button>
        </Flex>
      )}
    </Box>
  );
}
