import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useParams } from "react-router";
import { bakeQuery } from "../../api/bookQueries";
import type { BakeRecord } from "../../api/client";
import { useMayWrite } from "../../api/useMayWrite";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readText } from "../../ui/entry";
import { Notice } from "../../ui/Notice";
import { Faults } from "./Faults";
import { askedOf, Taps } from "./Taps";
import { useJudgement } from "./useJudgement";
import { clockOf } from "./words";

/** A bake judged in four taps, on a phone beside the rack. */
export default function Judge() {
  const { kitchen = "", bake = "" } = useParams();
  const { data, error } = useQuery(bakeQuery(kitchen, bake));
  useEffect(() => {
    if (data) document.title = `Judge ${data.bake.name}, Hojaldre`;
  }, [data]);
  if (error) {
    return (
      <Box paddingTop="20px">
        <Notice title="This bake did not open.">{error.message}</Notice>
      </Box>
    );
  }
  if (!data) return <Box role="status">Opening the bake</Box>;
  return <Judging key={bake} kitchen={kitchen} record={data} />;
}

function Judging({ kitchen, record }: { kitchen: string; record: BakeRecord }) {
  const mayWrite = useMayWrite(kitchen);
  const judgement = useJudgement(kitchen, record);
  const { now } = judgement;
  const asked = askedOf(record);
  const taps = asked.filter((tap) => now[tap.key] !== null).length;
  const { bake } = record;
  return (
    <Box maxWidth="560px" paddingBottom="60px">
      <Flex align="baseline" gap="4px 14px" wrap="wrap" paddingTop="12px">
        <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680">
          {bake.name}
        </Box>
        <Box color="ink2">{bake.outAt !== null && `out ${clockOf(bake.outAt)}`}</Box>
        <Box marginLeft="auto" fontWeight="650">
          {taps} of {asked.length}
        </Box>
      </Flex>
      <Flex justify="space-between" align="center" minHeight="44px">
        <Box role="status" color="ink2">
          {judgement.isWaiting
            ? "Kept on this device, not sent yet"
            : judgement.keptAt
              ? `Kept ${clockOf(judgement.keptAt)}`
              : "Each tap is kept at once."}
        </Box>
        <Button look="plain" minHeight="44px" disabled={!judgement.canUndo} onClick={judgement.undo}>
          Undo
        </Button>
      </Flex>
      {judgement.refused && <Notice title="That was not taken.">{judgement.refused}</Notice>}
      <Taps record={record} now={now} change={judgement.change} mayWrite={mayWrite} />
      <Box paddingTop="14px" fontSize="name" fontWeight="680">
        Another fault
      </Box>
      <Faults chosen={now.faults} choose={(faults) => judgement.change({ faults })} mayWrite={mayWrite} />
      <Box paddingTop="14px" fontSize="name" fontWeight="680">
        Next time
      </Box>
      <EntryField
        label="Next time"
        words={now.nextTime}
        placeholder="one line, such as: turn it at 18"
        read={(words) => readText(words, 0, 160)}
        keep={(nextTime) => judgement.change({ nextTime })}
      />
      <Box paddingTop="18px">
        <Link to={`/k/${kitchen}/book/${bake.id}`}>Trace, and why</Link>
      </Box>
    </Box>
  );
}
