import { Box, Flex } from "@chakra-ui/react";
import type { PrepAct } from "../../api/client";
import { Button } from "../../ui/Button";
import { grams, number } from "../../ui/numbers";
import { AtThePan } from "./AtThePan";
import { losesWater } from "./ledger";
import type { Marks } from "./useMarks";

type Props = {
  kitchen: string;
  act: PrepAct;
  marks: Marks;
  pies: Map<number, string>;
  phone: boolean;
  mayWrite: boolean;
  next: () => void;
};

/** The open act: what to do, why, what to mind, and when it is done. */
export function ActView(props: Props) {
  const { act, marks, pies } = props;
  const mark = marks.of(act.id);
  return (
    <Box as="section" aria-label={act.title}>
      <Box as="h2" fontSize={{ base: "24px", sm: "34px" }} fontWeight="680" lineHeight="1.2">
        {act.title}
      </Box>
      <Box color="ink2">
        {act.shares.map((one) => pies.get(one.number) ?? `pie ${one.number}`).join("; ")}
        {act.goes > 1 &&
          `, ${act.kind === "cook" ? "pan" : "go"} ${Math.min(act.goes, mark.goesDone + 1)} of ${act.goes}`}
      </Box>
      <Doing {...props} />
      <Box as="ul" paddingTop="12px">
        {act.says.map((one) => (
          <li key={one}>{one}</li>
        ))}
        {act.here !== "" && <li>{act.here}</li>}
        {act.saltGrams > 0 && <li>With {grams(act.saltGrams)} of salt.</li>}
        {act.waitMinutes > 0 && <li>Then it waits {number(act.waitMinutes)} minutes.</li>}
      </Box>
      {act.shares.length > 1 && <SharedOut act={act} pies={pies} />}
    </Box>
  );
}

function Doing({ kitchen, act, marks, phone, mayWrite, next }: Props) {
  const mark = marks.of(act.id);
  if (mark.isDone) {
    return (
      <Flex align="center" gap="14px" borderTop="3px solid {colors.rim}" marginTop="8px" role="status">
        Done{mark.markedBy ? ` by ${mark.markedBy}` : ""}.
        {mayWrite && (
          <Button minHeight="44px" onClick={() => marks.put(act.id, { isDone: false, goesDone: 0 })}>
            Not done yet
          </Button>
        )}
      </Flex>
    );
  }
  if (losesWater(act)) {
    return (
      <AtThePan
        key={`${act.id} ${mark.goesDone}`}
        kitchen={kitchen}
        act={act}
        marks={marks}
        phone={phone}
        mayWrite={mayWrite}
        next={next}
      />
    );
  }
  return <Plain act={act} marks={marks} mayWrite={mayWrite} next={next} />;
}

/** An act that only has to be done: its weight, its minutes. */
function Plain({ act, marks, mayWrite, next }: Pick<Props, "act" | "marks" | "mayWrite" | "next">) {
  const goesDone = marks.of(act.id).goesDone + 1;
  const isLast = goesDone >= act.goes;
  const done = () => {
    marks.put(act.id, { goesDone: Math.min(act.goes, goesDone), isDone: isLast });
    if (isLast) next();
  };
  return (
    <>
      <Box fontSize={{ base: "64px", sm: "92px" }} fontWeight="700" lineHeight="1.15">
        {number(act.goBeforeGrams)}
        <Box as="span" fontSize="34px" marginLeft="6px">
          g
        </Box>
      </Box>
      {act.minutes > 0 && <Box>about {number(act.minutes)} minutes</Box>}
      {mayWrite && (
        <Flex paddingTop="12px">
          <Button look="filled" minHeight="60px" flex="1 1 220px" maxWidth="420px" fontSize="20px" onClick={done}>
            {isLast ? "Done" : "Done, the next go"}
          </Button>
        </Flex>
      )}
    </>
  );
}

function SharedOut({ act, pies }: Pick<Props, "act" | "pies">) {
  return (
    <Box as="ul" paddingTop="8px" color="ink2" aria-label="Shared out">
      {act.shares.map((one) => (
        <Flex as="li" key={one.number} justify="space-between" borderTop="1px solid {colors.hair}" maxWidth="520px">
          <span>
            {one.number} {pies.get(one.number)}
          </span>
          <b>{grams(one.grams)}</b>
        </Flex>
      ))}
    </Box>
  );
}
