import { Box, Flex } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { lessonsQuery } from "../../api/bookQueries";
import { ApiProblem, answer, api, type BakeBook, type Lesson } from "../../api/client";
import { useMayWrite } from "../../api/useMayWrite";
import { LessonRule } from "../../draw/LessonRule";
import { Button } from "../../ui/Button";
import { savedAt } from "../../ui/numbers";

/** What the bakes teach: it rides on the rule until somebody accepts it. */
export function Learned({ kitchen, book }: { kitchen: string; book: BakeBook | null }) {
  const client = useQueryClient();
  const mayWrite = useMayWrite(kitchen);
  const { data, error } = useQuery(lessonsQuery(kitchen));
  const [mend, setMend] = useState("");
  const left = data?.left ?? 0;
  // bakes that are new are worked out a few at a time
  useEffect(() => {
    if (left === 0 || !mayWrite) return;
    let gone = false;
    void answer(api.POST("/kitchens/{kitchen}/lessons", { params: { path: { kitchen } } }))
      .then((said) => gone || client.setQueryData(lessonsQuery(kitchen).queryKey, said))
      .catch(() => undefined);
    return () => {
      gone = true;
    };
  }, [left, mayWrite, kitchen, client]);
  const decide = async (lesson: Lesson, state: Lesson["state"]) => {
    setMend("");
    try {
      const said = await answer(
        api.PUT("/kitchens/{kitchen}/lessons", { params: { path: { kitchen } }, body: { thing: lesson.thing, state } }),
      );
      client.setQueryData(lessonsQuery(kitchen).queryKey, said);
      await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "ovens"] });
      await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "pies"] });
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setMend(thrown.message);
    }
  };
  const first = data?.lessons.find((one) => one.state === "offered");
  return (
    <Box as="aside" aria-label="What the kitchen has learned" minWidth="0">
      <Box as="h2" fontSize="name" fontWeight="680">
        What the kitchen has learned
      </Box>
      <Box color="ink2" paddingBottom="8px">
        Rides on the rule until you accept it.
      </Box>
      {error && <Box role="alert">{error.message}</Box>}
      {mend && <Box role="alert">{mend}</Box>}
      {left > 0 && <Box role="status">Working out what {left} more bakes say</Box>}
      {data?.lessons.length === 0 && left === 0 && <Box>Nothing yet. Judged bakes and weighings teach it.</Box>}
      {data?.lessons.map((lesson) => (
        <One key={lesson.thing} lesson={lesson} decide={decide} mayWrite={mayWrite} isFirst={lesson === first} />
      ))}
      {book && book.out > 0 && (
        <Box borderTop="1.4px solid {colors.rim}" marginTop="14px" paddingTop="8px">
          <Box fontWeight="650">How good were the forecasts</Box>
          <Box color="ink2">
            Minutes in the range, {book.inRange} of {book.out} bakes.
          </Box>
          <Link to={`/k/${kitchen}/book/figures`} style={{ fontWeight: 650 }}>
            Figures, and what fails most
          </Link>
        </Box>
      )}
    </Box>
  );
}

type OneProps = {
  lesson: Lesson;
  decide: (lesson: Lesson, state: Lesson["state"]) => void;
  mayWrite: boolean;
  isFirst: boolean;
};

function One({ lesson, decide, mayWrite, isFirst }: OneProps) {
  if (lesson.state === "refused") {
    return (
      <Box borderTop="1.4px solid {colors.rim}" paddingBlock="8px">
        <Flex justify="space-between" gap="12px">
          <Box fontWeight="650">{lesson.name}</Box>
          <Box color="ink2">refused</Box>
        </Flex>
        <Flex justify="space-between" gap="12px" align="center">
          <Box color="ink2">
            {lesson.value}, {lesson.evidence}
          </Box>
          {mayWrite && (
            <Button look="plain" onClick={() => decide(lesson, "offered")}>
              Bring back
            </Button>
          )}
        </Flex>
      </Box>
    );
  }
  const accepted = lesson.state === "accepted";
  return (
    <Box as="section" aria-label={lesson.name} borderTop="1.4px solid {colors.rim}" paddingBlock="8px">
      <Flex justify="space-between" gap="12px" align="baseline">
        <Box fontWeight="650">{lesson.name}</Box>
        <Box fontSize="reading" fontWeight="650" whiteSpace="nowrap">
          {lesson.value}
        </Box>
      </Flex>
      <Box color="ink2">
        {lesson.range}, from {lesson.evidence}
      </Box>
      <LessonRule lesson={lesson} />
      {accepted ? (
        <Flex justify="space-between" gap="12px" align="center">
          <Box>Used since {lesson.decidedAt ? savedAt(lesson.decidedAt) : ""}</Box>
          {mayWrite && (
            <Button look="plain" onClick={() => decide(lesson, "offered")}>
              Undo
            </Button>
          )}
        </Flex>
      ) : (
        <Flex justify="space-between" gap="12px" align="center" wrap="wrap">
          <Box flex="1 1 140px">{lesson.effect}</Box>
          {mayWrite && (
            <Flex gap="8px">
              <Button onClick={() => decide(lesson, "refused")}>Refuse</Button>
              <Button look={isFirst ? "filled" : "outline"} onClick={() => decide(lesson, "accepted")}>
                Accept
              </Button>
            </Flex>
          )}
        </Flex>
      )}
    </Box>
  );
}
