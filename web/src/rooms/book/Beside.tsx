import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { bakeQuery } from "../../api/bookQueries";
import type { BakeRecord } from "../../api/client";
import { useDegrees } from "../../api/useDegrees";
import { TwoTraces } from "../../draw/TwoTraces";
import { grams } from "../../ui/numbers";
import { useWidth } from "../../ui/useWidth";
import { Word } from "./Row";
import { dayOf, TAPS } from "./words";

/** Two bakes side by side: what differs in the design, traces over each other, words. */
export default function Beside() {
  const { kitchen = "", bake = "", other = "" } = useParams();
  const one = useQuery(bakeQuery(kitchen, bake));
  const two = useQuery(bakeQuery(kitchen, other));
  const [ref, width] = useWidth<HTMLDivElement>(700);
  const { bare } = useDegrees();
  const error = one.error ?? two.error;
  if (error) return <Box role="alert">{error.message}</Box>;
  if (!one.data || !two.data) return <Box role="status">Opening two bakes</Box>;
  const pair: [BakeRecord, BakeRecord] = [one.data, two.data];
  const rows = compared(...pair);
  return (
    <Box paddingTop="14px" paddingBottom="60px" ref={ref}>
      <Box as="h1" fontSize="page" fontWeight="680">
        Two side by side
      </Box>
      <Box display="grid" gridTemplateColumns="minmax(90px,0.7fr) 1fr 1fr" gap="0 18px" paddingTop="8px">
        <span />
        {pair.map((record) => (
          <Box key={record.bake.id} fontWeight="680" borderBottom="2px solid {colors.rim}" paddingBottom="4px">
            <Link to={`/k/${kitchen}/book/${record.bake.id}`}>{record.bake.name}</Link>
            <Box color="ink2" fontWeight="430">
              {record.bake.outAt !== null && dayOf(record.bake.outAt)}
              {record.bake.oven && `, ${record.bake.oven}`}
            </Box>
          </Box>
        ))}
        {rows.map(([name, a, b]) => {
          const differs = a !== b;
          const line = {
            paddingBlock: "5px",
            borderBottom: differs ? "3px solid {colors.rim}" : "1px solid {colors.hair}",
            fontWeight: differs ? "680" : "430",
          } as const;
          return [
            <Box key={`${name}-name`} {...line}>
              {name}
            </Box>,
            <Box key={`${name}-a`} {...line}>
              {a}
            </Box>,
            <Box key={`${name}-b`} {...line}>
              {b}
            </Box>,
          ];
        })}
        {TAPS.map((tap) => [
          <Box key={`${tap.key}-name`} paddingBlock="5px">
            {tap.name}
          </Box>,
          ...pair.map(({ bake: { id, wrong, ...words } }) => (
            <Box key={`${tap.key}-${id}`} paddingBlock="5px">
              {words[tap.key] ? <Word word={words[tap.key] ?? ""} wrong={wrong.includes(tap.key)} /> : "not judged"}
            </Box>
          )),
        ])}
      </Box>
      <Box fontWeight="650" paddingTop="16px">
        Middle of the pie
      </Box>
      <TwoTraces
        pair={pair.map((record) => ({
          id: record.bake.id,
          name: record.bake.name,
          out: record.bake.doneMinutes ?? record.bake.designedMinutes,
          points: pointsOf(record),
          isMeasured: record.trace.length > 1,
        }))}
        width={Math.min(900, width)}
        celsius={bare}
      />
    </Box>
  );
}

/** What was measured; where nothing was, the middle of the forecast. */
const pointsOf = (record: BakeRecord) =>
  record.trace.length > 1 ? record.trace : record.band.map((one, minute) => ({ minute, celsius: one.celsius[2] ?? 0 }));

type Compared = [string, string, string];

/** Rows of both designs and of what was done. */
function compared(a: BakeRecord, b: BakeRecord): Compared[] {
  const names = [...new Set([...a.weights, ...b.weights].map((one) => one.name))];
  const weight = (record: BakeRecord, name: string) => {
    const found = record.weights.find((one) => one.name === name);
    return found ? grams(found.doneGrams ?? found.designedGrams) : "none";
  };
  const stages = (record: BakeRecord) =>
    record.design.bake.stages
      .map((stage) => `${Math.round(stage.ovenCelsius)} °C ${stage.mode} ${Math.round(stage.minutes)} min`)
      .join(", ");
  const shell = (record: BakeRecord) => {
    const minutes = record.design.crust.shell.reduce((sum, stage) => sum + stage.minutes, 0);
    return minutes ? `${Math.round(minutes)} min` : "raw";
  };
  return [
    ...names.map((name): Compared => [name, weight(a, name), weight(b, name)]),
    ["Crust", `${a.design.crust.thicknessMm} mm`, `${b.design.crust.thicknessMm} mm`],
    ["Empty shell", shell(a), shell(b)],
    ["Oven", stages(a), stages(b)],
    ["In for", `${Math.round(a.bake.doneMinutes ?? 0)} min`, `${Math.round(b.bake.doneMinutes ?? 0)} min`],
    ["Next time", a.bake.nextTime || "–", b.bake.nextTime || "–"],
  ];
}
