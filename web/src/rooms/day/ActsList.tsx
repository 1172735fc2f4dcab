import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { Day, DayAct, DayPlan, DayTask } from "../../api/client";
import { Button } from "../../ui/Button";
import { RecessChoice } from "../../ui/RecessChoice";
import { sayClock } from "./clock";
import type { DayMarks } from "./useDayMarks";

type Props = { plan: DayPlan; day: Day; marks: DayMarks | null; mayWrite: boolean; nowMinute: number };

/** What each does in the order of time. Turns of an oven and servings are everybody's. */
export const actsOf = (plan: DayPlan, cook: number | null): DayAct[] =>
  cook === null ? plan.acts : plan.acts.filter((act) => act.cook === cook || act.cook === null);

/** The day as a list, for one cook or for all. */
export function ActsList({ plan, day, marks, mayWrite, nowMinute }: Props) {
  const [who, setWho] = useState("all");
  const cooks = day.kitchen.cooks.map((cook, at) => [String(at), cook.name] as const);
  const acts = actsOf(plan, who === "all" ? null : Number(who));
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]));
  return (
    <Box as="section" aria-label="The day as a list">
      <RecessChoice
        label="Whose list"
        value={who}
        options={[["all", "Everybody"], ...cooks]}
        choose={setWho}
        high={44}
      />
      <Box as="ol">
        {acts.map((act, at) => (
          <Act
            // biome-ignore lint/suspicious/noArrayIndexKey: the same act may come twice
            key={`${act.fromMinute}${act.title}${at}`}
            act={act}
            who={who === "all" && act.cook !== null ? (day.kitchen.cooks[act.cook]?.name ?? "") : ""}
            task={act.isLast ? tasks.get(act.task) : undefined}
            {...{ marks, mayWrite, nowMinute }}
          />
        ))}
      </Box>
    </Box>
  );
}

function Act({
  act,
  who,
  task,
  marks,
  mayWrite,
  nowMinute,
}: { act: DayAct; who: string; task: DayTask | undefined } & Pick<Props, "marks" | "mayWrite" | "nowMinute">) {
  const isDone = marks?.of(act.task)?.endMinute != null;
  return (
    <Flex
      as="li"
      gap="2px 16px"
      wrap="wrap"
      align="baseline"
      borderBottom="1px solid {colors.hair}"
      paddingBlock="7px"
      color={isDone ? "ink2" : "ink"}
    >
      <Box width={{ base: "100%", sm: "150px" }} fontWeight="650">
        {sayClock(act.fromMinute)}
        {act.toMinute > act.fromMinute + 1 && `–${sayClock(act.toMinute).slice(0, 5)}`}
      </Box>
      <Box flex="1 1 260px">
        <Box fontWeight={act.task === "" ? "650" : "430"}>{act.title}</Box>
        {act.says.length > 0 && <Box color="ink2">{act.says.join(" ")}</Box>}
      </Box>
      {who && <Box color="ink2">{who}</Box>}
      {task && marks && mayWrite && (
        <Button
          look="plain"
          minHeight="44px"
          aria-label={isDone ? `Not done: ${task.title}` : `Done: ${task.title}`}
          onClick={() => (isDone ? marks.undo(task) : marks.done(task, nowMinute))}
        >
          {isDone ? "Not done" : "Done"}
        </Button>
      )}
    </Flex>
  );
}
