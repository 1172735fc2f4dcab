import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Question } from "../api/client";
import type { Asking } from "../api/useQuestions";
import { RecessRow } from "../ui/RecessRow";

type Props = {
  asking: Asking;
  /** what was answered; no changes where it is as assumed */
  say: (question: Question, changes: Question["answers"][number]["changes"]) => void;
  most: number;
  title: (asked: number) => string;
};

/** Things that nobody said, most telling first: the assumed answer is seated in italics; "Yes" or another one settles it. */
export function Questions({ asking, say, most, title }: Props) {
  const asked = asking.questions.slice(0, most);
  return (
    <Box as="section" aria-label="Questions" aria-busy={asking.old}>
      <Box as="h2" fontWeight="650" borderBottom="1.6px solid {colors.rim}" paddingBottom="6px">
        {asking.pending ? "Looking for what to ask" : title(asked.length)}
      </Box>
      {asked.map((one) => (
        <Asked key={one.place} question={one} say={(changes) => say(one, changes)} disabled={asking.old} />
      ))}
    </Box>
  );
}

type AskedProps = {
  question: Question;
  say: (changes: Question["answers"][number]["changes"]) => void;
  disabled: boolean;
};

function Asked({ question, say, disabled }: AskedProps) {
  return (
    <Box role="group" aria-label={question.asks} paddingTop="8px">
      <Flex justify="space-between" gap="10px">
        <Box fontWeight="650">{question.asks}</Box>
        <Box color="ink2" textAlign="right">
          {question.moves}
        </Box>
      </Flex>
      <RecessRow seat={question.place}>
        <Flex gap="2px" align="baseline">
          {question.answers.map((one) => (
            <chakra.button
              key={one.says}
              type="button"
              data-seated={one.isAssumed}
              disabled={disabled}
              onClick={() => say(one.changes)}
              background="transparent"
              border="0"
              minHeight="34px"
              paddingInline="8px"
              cursor="pointer"
              fontStyle={one.isAssumed ? "italic" : undefined}
              fontWeight={one.isAssumed ? "650" : "430"}
            >
              {one.says}
            </chakra.button>
          ))}
          <chakra.button
            type="button"
            disabled={disabled}
            aria-label={`Yes: ${question.asks} ${question.answers.find((one) => one.isAssumed)?.says ?? ""}`}
            onClick={() => say([])}
            marginLeft="auto"
            background="transparent"
            border="0"
            minHeight="34px"
            paddingInline="8px"
            color="rim"
            fontWeight="650"
            cursor="pointer"
          >
            Yes
          </chakra.button>
        </Flex>
      </RecessRow>
    </Box>
  );
}
