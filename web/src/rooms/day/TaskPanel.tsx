import { Box, Flex } from "@chakra-ui/react";
import type { DayPlan, DayTask } from "../../api/client";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readClock, sayClock, span } from "./clock";
import type { DayMarks } from "./useDayMarks";

type Props = {
  task: DayTask;
  why: DayPlan["why"];
  mayWrite: boolean;
  marks: DayMarks | null;
  nowMinute: number;
  pin: (minute: number) => void;
  unpin: () => void;
  close: () => void;
};

/** One task: when, why not earlier, why not later; put elsewhere, or done. */
export function TaskPanel({ task, why, mayWrite, marks, nowMinute, pin, unpin, close }: Props) {
  const known = why?.task === task.id ? why : null;
  const slack = Math.max(0, task.slackMinutes);
  return (
    <Box
      as="section"
      aria-label="The task chosen"
      borderTop="2.4px solid {colors.rim}"
      paddingTop="8px"
      marginTop="10px"
    >
      <Flex gap="4px 18px" align="baseline" wrap="wrap">
        <Box as="h2" fontSize="name" fontWeight="680">
          {task.title}
        </Box>
        <Box>
          <EntryField
            label="Begins at"
            words={sayClock(task.startMinute)}
            read={(words) => readClock(words, true)}
            keep={pin}
          />
          {` to ${sayClock(task.endMinute)}, ${span(task.endMinute - task.startMinute)}`}
        </Box>
        <Box color="ink2">{slack === 0 ? "Nothing to spare" : `${span(slack)} to spare`}</Box>
        <Flex marginLeft="auto" gap="2px" wrap="wrap">
          <Button look="plain" minHeight="44px" onClick={() => pin(task.startMinute - 5)}>
            5 min earlier
          </Button>
          <Button look="plain" minHeight="44px" onClick={() => pin(task.startMinute + 5)}>
            5 min later
          </Button>
          {task.isPinned ? (
            <Button look="plain" minHeight="44px" onClick={unpin}>
              Take the pin out
            </Button>
          ) : (
            task.state === "ahead" && (
              <Button look="plain" minHeight="44px" onClick={() => pin(task.startMinute)}>
                Pin it here
              </Button>
            )
          )}
          {marks && mayWrite && <MarkButtons task={task} marks={marks} nowMinute={nowMinute} />}
          <Button look="plain" minHeight="44px" onClick={close}>
            Close
          </Button>
        </Flex>
      </Flex>
      {task.says.map((one) => (
        <Box key={one}>{one}</Box>
      ))}
      <Box
        display="grid"
        gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }}
        gap="2px 40px"
        paddingTop="4px"
        color="ink2"
      >
        <Why title="Why not earlier" says={known?.notEarlier} />
        <Why title="Why not later" says={known?.notLater} />
      </Box>
    </Box>
  );
}

function Why({ title, says }: { title: string; says: string[] | undefined }) {
  return (
    <Box>
      <Box as="h3" color="ink" fontWeight="650">
        {title}
      </Box>
      {says ? says.map((one) => <Box key={one}>{one}</Box>) : "working out"}
    </Box>
  );
}

function MarkButtons({ task, marks, nowMinute }: { task: DayTask; marks: DayMarks; nowMinute: number }) {
  const mark = marks.of(task.id);
  if (mark) {
    return (
      <Button
        look="plain"
        minHeight="44px"
        onClick={() => marks.undo(task)}
        aria-label={`Not ${mark.endMinute === null ? "begun" : "done"}: ${task.title}`}
      >
        {mark.endMinute === null ? "Not begun" : "Not done"}
      </Button>
    );
  }
  return (
    <>
      <Button
        look="plain"
        minHeight="44px"
        onClick={() => marks.begun(task, nowMinute)}
        aria-label={`Begun: ${task.title}`}
      >
        Begun
      </Button>
      <Button
        look="outline"
        minHeight="44px"
        onClick={() => marks.done(task, nowMinute)}
        aria-label={`Done: ${task.title}`}
      >
        Done
      </Button>
    </>
  );
}
