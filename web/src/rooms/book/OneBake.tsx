import { Box, Flex } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { bakeQuery } from "../../api/bookQueries";
import { ApiProblem, answer, api, type BakeRecord } from "../../api/client";
import { useDegrees } from "../../api/useDegrees";
import { useMayWrite } from "../../api/useMayWrite";
import { useWhole } from "../../api/useWhole";
import { OvenTrace } from "../../draw/OvenTrace";
import { SmallCutaway } from "../../draw/SmallCutaway";
import { EntryField } from "../../ui/EntryField";
import { readText } from "../../ui/entry";
import { Notice } from "../../ui/Notice";
import { grams } from "../../ui/numbers";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";
import { BringTrace } from "./BringTrace";
import { Causes } from "./Causes";
import { Faults } from "./Faults";
import { Photos } from "./Photos";
import { PutAway } from "./PutAway";
import { Word } from "./Row";
import { useJudgement } from "./useJudgement";
import { clockOf, dayOf, TAPS } from "./words";

/** One bake: designed and done, judged, its trace, and why. */
export default function OneBake() {
  const { kitchen = "", bake = "" } = useParams();
  const { data, error } = useQuery(bakeQuery(kitchen, bake));
  useEffect(() => {
    if (data) document.title = `${data.bake.name}, bake book, Hojaldre`;
  }, [data]);
  if (error) {
    return (
      <Box paddingTop="20px">
        <Notice title="This bake did not open.">
          {error.message} <Link to={`/k/${kitchen}/book`}>Bake book</Link>
        </Notice>
      </Box>
    );
  }
  if (!data) return <Box role="status">Opening the bake</Box>;
  return <Whole key={data.bake.id} kitchen={kitchen} record={data} />;
}

const LINK = { color: ink("rim"), fontWeight: 650, padding: "8px 6px" };

function Whole({ kitchen, record }: { kitchen: string; record: BakeRecord }) {
  const mayWrite = useMayWrite(kitchen);
  const judgement = useJudgement(kitchen, record);
  const { bake } = record;
  const judged = JSON.stringify([bake.underside, bake.slice, bake.colour, bake.salt, record.faults, record.weights]);
  return (
    <Box paddingBottom="60px">
      <Flex align="baseline" gap="4px 16px" wrap="wrap" paddingBlock="14px 10px">
        <Box as="h1" fontSize="page" fontWeight="680">
          {bake.name}
        </Box>
        <Box color="ink2">
          {bake.outAt !== null && dayOf(bake.outAt)}
          {bake.oven && `, ${bake.oven}`}
        </Box>
        <Flex marginLeft="auto" gap="6px">
          <Link to={`/k/${kitchen}/book/${bake.id}/judge`} style={LINK}>
            Judge
          </Link>
          <Link to={`/k/${kitchen}/book?beside=${bake.id}`} style={LINK}>
            Beside another
          </Link>
          <Link to={`/k/${kitchen}/labels/bake/${bake.id}`} style={LINK}>
            Labels
          </Link>
          {bake.pie && (
            <Link to={`/k/${kitchen}/bench/${bake.pie}`} style={LINK}>
              Its bench
            </Link>
          )}
        </Flex>
      </Flex>
      <Box
        display="grid"
        gridTemplateColumns={{
          base: "minmax(0,1fr)",
          sm: "minmax(0,1fr) minmax(0,1.2fr)",
          lg: "290px minmax(0,1fr) 350px",
        }}
        gap="24px 34px"
      >
        <Box>
          <Done kitchen={kitchen} record={record} mayWrite={mayWrite} />
          <Judged record={record} />
          <Box borderTop="1.6px solid {colors.rim}" marginTop="14px" paddingTop="8px">
            <Flex justify="space-between">
              <Box fontWeight="650">Next time</Box>
            </Flex>
            <EntryField
              label="Next time"
              words={judgement.now.nextTime}
              placeholder="one line for the next bench and gate"
              read={(words) => readText(words, 0, 160)}
              keep={(nextTime) => judgement.change({ nextTime })}
            />
            <Box color="ink2">Stands on the next gate of this pie.</Box>
            <Box role="status" color="ink2">
              {judgement.isWaiting
                ? "Kept on this device, not sent yet"
                : judgement.keptAt && `Kept ${clockOf(judgement.keptAt)}`}
            </Box>
            {judgement.refused && <Box role="alert">{judgement.refused}</Box>}
          </Box>
          <PutAway kitchen={kitchen} record={record} mayWrite={mayWrite} />
        </Box>
        <Middle kitchen={kitchen} record={record} mayWrite={mayWrite} />
        <Box gridColumn={{ base: "auto", sm: "1 / -1", lg: "auto" }}>
          <Causes
            kitchen={kitchen}
            bake={bake.id}
            judged={judged}
            apply={(nextTime) => judgement.change({ nextTime })}
            nextTime={judgement.now.nextTime}
            mayWrite={mayWrite}
            doubt={record.isDoubtful ? record.hotEnough : null}
          />
          <Box as="h2" fontSize="name" fontWeight="680" paddingTop="16px">
            Faults by picture
          </Box>
          <Faults chosen={judgement.now.faults} choose={(faults) => judgement.change({ faults })} mayWrite={mayWrite} />
        </Box>
      </Box>
    </Box>
  );
}

type Weight = { layer: string; grams: number | null };

/** Weights and minutes: designed, done; rows that differ are heavy. */
function Done({ kitchen, record, mayWrite }: { kitchen: string; record: BakeRecord; mayWrite: boolean }) {
  const client = useQueryClient();
  const { say } = useDegrees();
  const { bake } = record;
  const [mend, setMend] = useState("");
  const weights = record.weights.map((one): Weight => ({ layer: one.layer, grams: one.doneGrams }));
  const change = useWhole(weights, async (whole) => {
    setMend("");
    const layers = whole.filter((one): one is Weight & { grams: number } => one.grams !== null);
    const path = { kitchen, bake: bake.id };
    try {
      const said = await answer(
        api.PUT("/kitchens/{kitchen}/bakes/{bake}/weighed", { params: { path }, body: { layers } }),
      );
      client.setQueryData(bakeQuery(kitchen, bake.id).queryKey, said);
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setMend(thrown.message);
    }
  });
  const weigh = (layer: string, grams: number | null) =>
    void change((now) => now.map((one) => (one.layer === layer ? { layer, grams } : one)));
  const minutes = (value: number | null) => (value === null ? "–" : `${Math.round(value)} min`);
  const stage = record.design.bake.stages[0];
  return (
    <Box>
      <Line name={<strong>Weights, minutes</strong>} designed="designed" done={<strong>done</strong>} />
      {record.weights.map((one) => (
        <Line
          key={one.layer}
          name={one.name}
          designed={grams(one.designedGrams)}
          differs={one.doneGrams !== null && Math.abs(one.doneGrams / Math.max(1, one.designedGrams) - 1) > 0.04}
          done={
            mayWrite ? (
              <EntryField
                label={`${one.name}, weighed`}
                words={one.doneGrams === null ? "" : grams(one.doneGrams)}
                placeholder="not weighed"
                read={(words) => readGrams(words)}
                keep={(value) => weigh(one.layer, value)}
              />
            ) : (
              (one.doneGrams !== null && grams(one.doneGrams)) || "not weighed"
            )
          }
        />
      ))}
      {mend && <Box role="alert">{mend}</Box>}
      {record.shellDesignedMinutes !== null && (
        <Line
          name="Empty shell"
          designed={minutes(record.shellDesignedMinutes)}
          done={minutes(record.shellDoneMinutes)}
          differs={differ(record.shellDesignedMinutes, record.shellDoneMinutes)}
        />
      )}
      {stage && (
        <Line
          name="Oven"
          designed={say(stage.ovenCelsius)}
          done={record.ovenReadsCelsius === null ? "not measured" : say(record.ovenReadsCelsius)}
          differs={record.ovenReadsCelsius !== null && Math.abs(record.ovenReadsCelsius - stage.ovenCelsius) > 6}
        />
      )}
      <Line
        name="Bake"
        designed={minutes(bake.designedMinutes)}
        done={minutes(bake.doneMinutes)}
        differs={differ(bake.designedMinutes, bake.doneMinutes)}
      />
      <Line name="Rest" designed="12 min" done={minutes(record.restMinutes)} />
    </Box>
  );
}

const differ = (designed: number | null, done: number | null) =>
  designed !== null && done !== null && Math.abs(done - designed) > 1.5;

function readGrams(words: string) {
  if (words.trim() === "") return { ok: true as const, value: null };
  const value = Number(words.replace(/[^\d.,]/g, "").replace(",", "."));
  return value > 0 && value <= 20_000
    ? { ok: true as const, value }
    : { ok: false as const, mend: "Write grams: 315. Leave it empty where it was not weighed." };
}

function Line({
  name,
  designed,
  done,
  differs = false,
}: {
  name: React.ReactNode;
  designed: string;
  done: React.ReactNode;
  differs?: boolean;
}) {
  return (
    <Box
      display="grid"
      gridTemplateColumns="minmax(0,1fr) 84px 104px"
      gap="8px"
      alignItems="baseline"
      paddingBlock="5px"
      borderBottom={differs ? "3px solid {colors.rim}" : "1px solid {colors.hair}"}
      fontWeight={differs ? "680" : "430"}
    >
      <Box>{name}</Box>
      <Box textAlign="right" color="ink2">
        {designed}
      </Box>
      <Box textAlign="right">{done}</Box>
    </Box>
  );
}

function Judged({ record }: { record: BakeRecord }) {
  const { bake } = record;
  return (
    <Box paddingTop="16px">
      <Flex justify="space-between" borderBottom="1.6px solid {colors.rim}" paddingBottom="4px">
        <Box fontWeight="650">As judged</Box>
        <Box color="ink2">{record.judgedBy ? `by ${record.judgedBy}` : "not yet"}</Box>
      </Flex>
      {TAPS.map((tap) => (
        <Flex key={tap.key} justify="space-between" paddingBlock="5px">
          <Box>{tap.name}</Box>
          <Box color="ink2">{bake.foretold[tap.key] && `told ${bake.foretold[tap.key]}`}</Box>
          <Box minWidth="70px" textAlign="right">
            {bake[tap.key] ? <Word word={bake[tap.key] ?? ""} wrong={bake.wrong.includes(tap.key)} /> : "–"}
          </Box>
        </Flex>
      ))}
      {record.words && <Box>“{record.words}”</Box>}
    </Box>
  );
}

function Middle({ kitchen, record, mayWrite }: { kitchen: string; record: BakeRecord; mayWrite: boolean }) {
  const [ref, width] = useWidth<HTMLDivElement>(480);
  const { bare } = useDegrees();
  const { bake } = record;
  const out = bake.doneMinutes ?? bake.designedMinutes;
  return (
    <Box ref={ref} minWidth="0">
      <Box fontWeight="650">
        Middle of the pie, {record.trace.length ? "probe over the forecast" : "as it was forecast"}
      </Box>
      <OvenTrace
        band={record.band}
        trace={record.trace.filter((one) => one.minute <= out + 30)}
        setsAtCelsius={bake.foretold.setsAtCelsius}
        overCelsius={bake.foretold.overCelsius}
        safeCelsius={bake.foretold.safeCelsius}
        nowMinute={null}
        lookMinute={null}
        outMinute={out}
        inClock={record.inAt === null ? "" : clockOf(record.inAt)}
        outWord={`out ${Math.round(out)}`}
        width={width}
        height={300}
        celsius={bare}
        letters={14}
      />
      {record.behindMinutes !== null && Math.abs(record.behindMinutes) >= 1 && (
        <Box color="ink2">
          It ran {Math.abs(Math.round(record.behindMinutes))} min {record.behindMinutes > 0 ? "behind" : "ahead of"} the
          forecast.
        </Box>
      )}
      <Box
        fontWeight={record.isDoubtful ? "650" : undefined}
        borderTop={record.isDoubtful ? "3px solid {colors.rim}" : undefined}
        color={record.isDoubtful ? "ink" : "ink2"}
      >
        {record.hotEnough}
      </Box>
      {mayWrite && <BringTrace kitchen={kitchen} bake={bake.id} />}
      <Box fontWeight="650" paddingTop="12px">
        That bake in section <span style={{ fontWeight: 430 }}>as poured</span>
      </Box>
      <SmallCutaway section={bake.section} width={width} height={Math.min(150, width * 0.3)} />
      <Photos kitchen={kitchen} record={record} mayWrite={mayWrite} />
    </Box>
  );
}
