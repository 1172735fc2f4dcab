import { Box, Flex } from "@chakra-ui/react";
import type { PrepAct } from "../../api/client";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { grams, number } from "../../ui/numbers";
import { LedgerBar } from "./LedgerBar";
import { isOther, type Ledger, minutesMore } from "./ledger";
import type { Marks } from "./useMarks";
import { type Pan, usePan, type Way } from "./usePan";

type Props = { kitchen: string; act: PrepAct; marks: Marks; phone: boolean; mayWrite: boolean; next: () => void };

const WAYS: [Way, string][] = [
  ["scale", "From the scale"],
  ["typed", "Type it"],
  ["eye", "By eye"],
];

/** The water ledger: live weight, what is still to go, and when to stop; by scale, typed, or by eye. */
export function AtThePan({ kitchen, act, marks, phone, mayWrite, next }: Props) {
  const pan = usePan(kitchen, act, marks, next);
  const { ledger } = pan;
  return (
    <Box>
      {pan.way !== "eye" && <Reads pan={pan} act={act} />}
      {pan.isLooking && <Box role="status">Looking for the scale.</Box>}
      {pan.isLost && (
        <Box role="status" borderTop="3px solid {colors.rim}" marginBottom="6px">
          No scale answers. It is looked for; meanwhile type the weight, or go by eye.
        </Box>
      )}
      {pan.way !== "eye" && ledger && !isOther(ledger) && <LedgerBar ledger={ledger} phone={phone} />}
      {pan.way !== "eye" && <Entries pan={pan} act={act} mayWrite={mayWrite} />}
      <Box fontSize={{ base: "26px", sm: "30px" }} fontWeight="680" paddingTop="8px" lineHeight="1.2">
        {stopWords(pan, act)}
      </Box>
      <Phases act={act} ratio={ledger ? 1 - minutesMore(ledger, 1) : 0} />
      {mayWrite && (
        <Flex gap="12px" wrap="wrap" paddingTop="14px">
          <Button
            look="filled"
            minHeight="60px"
            flex={{ base: "1 1 100%", sm: "1 1 220px" }}
            fontSize="20px"
            onClick={pan.finish}
          >
            {pan.stopReads !== null && pan.way !== "eye" ? `At ${number(pan.stopReads)}` : "Done"}
            {!pan.isLast && ", next pan"}
          </Button>
          {WAYS.filter(([way]) => way !== pan.way).map(([way, words]) => (
            <Button key={way} minHeight="60px" flex="1 1 110px" fontSize="20px" onClick={() => pan.setWay(way)}>
              {words}
            </Button>
          ))}
        </Flex>
      )}
    </Box>
  );
}

function stopWords(pan: Pan, act: PrepAct): string {
  if (pan.way === "eye") return act.byEye || "Until it is done.";
  return pan.stopReads === null
    ? `Stop at ${grams(pan.stop)} of food`
    : `Stop when the pan reads ${grams(pan.stopReads)}`;
}

/** The pan's number is the clock of this room. */
function Reads({ pan, act }: { pan: Pan; act: PrepAct }) {
  const { ledger } = pan;
  const phases = act.phases.reduce((sum, one) => sum + one.minutes, 0);
  return (
    <Flex gap={{ base: "12px", sm: "26px" }} align="center">
      <Box fontSize={{ base: "76px", sm: "120px" }} fontWeight="700" lineHeight="1.05" data-testid="pan-reads">
        {pan.reads === null ? "–" : number(pan.reads)}
        <Box as="span" fontSize={{ base: "28px", sm: "40px" }} marginLeft="6px">
          g
        </Box>
      </Box>
      <Box minWidth="0">
        <Box color="ink2">{pan.live !== null ? "the pan reads" : pan.reads === null ? "not weighed yet" : "typed"}</Box>
        {ledger && isOther(ledger) && (
          <Box role="status">Something else is on the scale, or the pan weighs other than {grams(ledger.tare)}.</Box>
        )}
        {ledger && !isOther(ledger) && <ToGo ledger={ledger} minutes={phases} />}
      </Box>
    </Flex>
  );
}

/** Driven further than this is too far, of what was put in. */
const FAR = 0.03;

function ToGo({ ledger, minutes }: { ledger: Ledger; minutes: number }) {
  const { toDriveOff, raw } = ledger;
  const isFar = toDriveOff < -FAR * raw;
  return (
    <>
      <Box fontWeight="680" fontSize={{ base: "22px", sm: "26px" }} lineHeight="1.2" role="status">
        {toDriveOff > 0.5 ? `${grams(toDriveOff)} to drive off` : isFar ? `${grams(-toDriveOff)} too far` : "Stop"}
      </Box>
      <Box color="ink2">
        {toDriveOff > 0.5 && `about ${number(Math.max(1, minutesMore(ledger, minutes)))} minutes more`}
        {isFar && "Dry, and salter. A spoon of water mends it."}
      </Box>
    </>
  );
}

function Entries({ pan, act, mayWrite }: { pan: Pan; act: PrepAct; mayWrite: boolean }) {
  return (
    <Flex gap="6px 18px" wrap="wrap" paddingTop="4px" align="center">
      <span>
        pan, oil{act.saltGrams > 0 ? ", salt" : ""}{" "}
        <EntryField
          size="room"
          label="Weight of the pan with oil and salt"
          words={pan.tare === null ? "" : grams(pan.tare)}
          placeholder="weigh it first"
          read={pan.readMass}
          keep={(tareGrams) => pan.put({ tareGrams })}
        />
      </span>
      {pan.live !== null && mayWrite && pan.tare === null && (
        <Button minHeight="44px" onClick={() => pan.put({ tareGrams: pan.live })}>
          The empty pan is on: {number(pan.live)} g
        </Button>
      )}
      {pan.live === null && (
        <span>
          the pan reads{" "}
          <EntryField
            size="room"
            label="What the pan reads"
            words={pan.typed === null ? "" : grams(pan.typed)}
            placeholder="0 g"
            read={pan.readMass}
            keep={(readsGrams) => pan.put({ readsGrams })}
          />
        </span>
      )}
    </Flex>
  );
}

/** Phases on a rule, the present one heavy. */
function Phases({ act, ratio }: { act: PrepAct; ratio: number }) {
  const all = act.phases.reduce((sum, one) => sum + one.minutes, 0);
  let until = 0;
  const found = act.phases.findIndex((one) => {
    until += one.minutes;
    return ratio * all < until - 1e-6;
  });
  const present = found < 0 ? act.phases.length - 1 : found;
  return (
    <Flex
      gap={{ base: "2px 16px", sm: "4px 26px" }}
      wrap="wrap"
      fontSize={{ base: "17px", sm: "20px" }}
      borderBottom="2px solid {colors.rim}"
      marginTop="6px"
      aria-label="Phases"
      role="group"
    >
      {act.phases.map((one, at) => (
        <Box key={one.says} fontWeight={at === present ? "680" : "430"} color={at === present ? "ink" : "ink2"}>
          {one.says} {number(Math.max(1, one.minutes))}
        </Box>
      ))}
    </Flex>
  );
}
