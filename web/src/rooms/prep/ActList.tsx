import { Box, chakra } from "@chakra-ui/react";
import { useState } from "react";
import type { PrepAct } from "../../api/client";
import { Button } from "../../ui/Button";
import { grams } from "../../ui/numbers";
import { losesWater } from "./ledger";
import { SmallTin } from "./SmallTin";
import type { Marks } from "./useMarks";

type Props = { acts: PrepAct[]; open: PrepAct | undefined; choose: (id: string) => void; marks: Marks };

const SHOWN_DONE = 2;

/** All acts in order; what is done stands above, small; the open one opens to the act beside it. */
export function ActList({ acts, open, choose, marks }: Props) {
  const [all, setAll] = useState(false);
  const done = acts.filter((one) => marks.of(one.id).isDone);
  const ahead = acts.filter((one) => !marks.of(one.id).isDone);
  const shown = all ? done : done.slice(-SHOWN_DONE);
  return (
    <Box as="section" aria-label="Acts in order">
      {done.length > 0 && (
        <Button look="plain" minHeight="44px" paddingInline="0" aria-expanded={all} onClick={() => setAll(!all)}>
          Done, {done.length} of {acts.length}
        </Button>
      )}
      <Box as="ol">
        {[...shown, ...ahead].map((act) => (
          <Row
            key={act.id}
            act={act}
            isOpen={act.id === open?.id}
            isDone={marks.of(act.id).isDone}
            choose={() => choose(act.id)}
          />
        ))}
      </Box>
      {ahead.length === 0 && acts.length > 0 && <Box paddingTop="10px">All is prepared.</Box>}
    </Box>
  );
}

function Row({ act, isOpen, isDone, choose }: { act: PrepAct; isOpen: boolean; isDone: boolean; choose: () => void }) {
  return (
    <chakra.li
      background={isOpen ? "well" : undefined}
      border={isOpen ? "2.4px solid {colors.rim}" : "2.4px solid transparent"}
      borderRight={{ base: undefined, md: isOpen ? "2.4px solid {colors.well}" : "2.4px solid transparent" }}
      borderRadius="4px"
      marginRight={{ base: "0", md: "-3px" }}
      position="relative"
    >
      <chakra.button
        type="button"
        onClick={choose}
        aria-current={isOpen ? "step" : undefined}
        display="grid"
        gridTemplateColumns="44px minmax(0,1fr)"
        gap="10px"
        alignItems="center"
        width="100%"
        textAlign="left"
        minHeight="52px"
        paddingBlock="4px"
        paddingLeft="4px"
        background="transparent"
        border="0"
        cursor="pointer"
        color={isDone ? "ink2" : "ink"}
      >
        <SmallTin filled={isDone} />
        <span>
          <Box as="span" display="block" fontWeight={isOpen ? "680" : "430"}>
            {act.title}
          </Box>
          <Box as="span" color="ink2" fontSize="17px">
            {losesWater(act) && act.stopGrams !== null
              ? `${grams(act.beforeGrams)} to ${grams(act.stopGrams)}`
              : grams(act.beforeGrams)}
            {act.goes > 1 && `, ${act.goes} goes`}
          </Box>
        </span>
      </chakra.button>
    </chakra.li>
  );
}
