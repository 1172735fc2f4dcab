import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { leftoversQuery } from "../../api/batchQueries";
import type { Batch, BatchLine, Leftover, PieSummary } from "../../api/client";
import { piesQuery } from "../../api/queries";
import { readFigure } from "../../api/words";
import { doughFromBefore, lineChanged, newLine } from "../../batch/batch";
import { type InBatch, OpenBatch } from "../../batch/OpenBatch";
import { useLeftovers } from "../../batch/useLeftovers";
import { SmallCutaway } from "../../draw/SmallCutaway";
import { KeptHead } from "../../kept/KeptHead";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readText, readWhole } from "../../ui/entry";
import { day, grams, number } from "../../ui/numbers";
import { Part } from "../../ui/Part";
import { Said } from "../../ui/Said";
import { ink } from "../../ui/theme";

const MOST_PIECES = 500;
const TO = { color: ink("rim"), fontWeight: 650, padding: "8px 6px" };

/** Which pies are made together, and how many of each. */
export default function BatchPage() {
  return <OpenBatch room="Batch">{(open) => <BatchRoom {...open} />}</OpenBatch>;
}

function BatchRoom({ kitchen, stored, batch, mayWrite }: InBatch) {
  const pies = useQuery(piesQuery(kitchen, false));
  const { present, change } = batch;
  const known = (line: BatchLine) => pies.data?.find((one) => one.id === line.pie);
  const others = pies.data?.filter((pie) => !present.lines.some((line) => line.pie === pie.id)) ?? [];
  const pieces = present.lines.reduce((sum, line) => sum + line.count, 0);
  return (
    <Box maxWidth="1180px" paddingBottom="60px">
      <KeptHead
        kept={batch}
        mayWrite={mayWrite}
        title={
          <EntryField
            label="Name of the batch"
            size="page"
            words={present.name}
            read={(words) => readText(words, 1, 80)}
            keep={(name) => change((now) => ({ ...now, name }))}
          />
        }
        says={`${present.lines.length} ${present.lines.length === 1 ? "pie" : "pies"}, ${pieces} ${pieces === 1 ? "piece" : "pieces"}`}
        acts={
          present.lines.length > 0 && (
            <>
              <Link to={`/k/${kitchen}/prep/${stored.id}`} style={TO}>
                Prep
              </Link>
              <Link to={`/k/${kitchen}/pastry/${stored.id}`} style={TO}>
                Pastry
              </Link>
            </>
          )
        }
      />
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,1.5fr) minmax(0,1fr)" }}
        gap="28px 48px"
      >
        <Part name="In this batch">
          {present.lines.length === 0 && <Box paddingTop="8px">Nothing yet. Put the first pie in.</Box>}
          <Box as="ul">
            {present.lines.map((line, at) => (
              <Line
                key={line.pie}
                number={at + 1}
                line={line}
                pie={known(line)}
                name={
                  known(line)?.name ??
                  stored.lines.find((one) => one.pie === line.pie)?.name ??
                  "A pie that was put away"
                }
                change={change}
                to={`/k/${kitchen}/bench/${line.pie}`}
              />
            ))}
          </Box>
          <Box paddingTop="14px">
            The kitchen has{" "}
            <EntryField
              label="Heat of the kitchen"
              words={`${number(present.kitchenCelsius)} °C`}
              read={readFigure(kitchen, "temperature")}
              keep={(kitchenCelsius) => change((now) => ({ ...now, kitchenCelsius }))}
            />
            . Over 25 °C dough is chilled longer. The largest pan takes{" "}
            <EntryField
              label="Raw food that the largest pan takes"
              words={grams(present.panGrams)}
              read={readFigure(kitchen, "weight")}
              keep={(panGrams) => change((now) => ({ ...now, panGrams }))}
            />{" "}
            at a time.
          </Box>
        </Part>
        <Box>
          <Part name="Put in">
            {pies.error && <Box paddingTop="8px">{pies.error.message}</Box>}
            {pies.data?.length === 0 && (
              <Box paddingTop="8px">
                There is no pie in this kitchen yet. <Link to={`/k/${kitchen}/begin`}>Begin one</Link>.
              </Box>
            )}
            {pies.data && pies.data.length > 0 && others.length === 0 && (
              <Box paddingTop="8px" color="ink2">
                All pies of the kitchen are in.
              </Box>
            )}
            <Box as="ul">
              {others.map((pie) => (
                <Flex
                  as="li"
                  key={pie.id}
                  align="center"
                  gap="10px"
                  borderBottom="1px solid {colors.hair}"
                  minHeight="44px"
                >
                  <Box flex="1">
                    {pie.name}{" "}
                    <Box as="span" color="ink2">
                      {pie.tinLabel}
                    </Box>
                  </Box>
                  <Button
                    look="plain"
                    aria-label={`Put ${pie.name} in`}
                    onClick={() =>
                      change((now) => ({ ...now, lines: [...now.lines, newLine(pie.id, pie.pieces ?? 1)] }))
                    }
                  >
                    Put in
                  </Button>
                </Flex>
              ))}
            </Box>
          </Part>
          <LeftFromBefore
            kitchen={kitchen}
            mayWrite={mayWrite}
            doughs={stored.lines.map((line) => line.doughFood)}
            change={change}
          />
        </Box>
      </Box>
    </Box>
  );
}

/** What an earlier batch left over is offered to this one. */
function LeftFromBefore({
  kitchen,
  mayWrite,
  doughs,
  change,
}: {
  kitchen: string;
  mayWrite: boolean;
  doughs: string[];
  change: (by: (batch: Batch) => Batch) => void;
}) {
  const { data } = useQuery(leftoversQuery(kitchen));
  const { said, trouble, gone } = useLeftovers(kitchen);
  const use = (one: Leftover) => {
    const { food, grams: weight } = one;
    if (food === null || weight === null || !doughs.includes(food)) return gone(one, "used");
    change((now) => doughFromBefore(now, food, weight));
    return gone(one, "used", " So much less is made.", () => change((now) => doughFromBefore(now, food, -weight)));
  };
  const usable = data?.filter((one) => !one.isPast) ?? [];
  if (usable.length === 0 && !said) return null;
  return (
    <Part name="Left over from before">
      {trouble && <Box role="alert">{trouble.mend}</Box>}
      <Said said={said} />
      <Box as="ul">
        {usable.map((one) => (
          <Flex as="li" key={one.id} align="center" gap="10px" borderBottom="1px solid {colors.hair}" minHeight="44px">
            <Box flex="1">
              {one.says}{" "}
              <Box as="span" color="ink2">
                {one.place}, use by {day(one.useBy)}
              </Box>
            </Box>
            {mayWrite && (
              <Button
                look="plain"
                minHeight="44px"
                aria-label={`Use ${one.says} in this batch`}
                onClick={() => void use(one)}
              >
                Use it
              </Button>
            )}
          </Flex>
        ))}
      </Box>
    </Part>
  );
}

function Line({
  number: place,
  line,
  pie,
  name,
  change,
  to,
}: {
  number: number;
  line: BatchLine;
  pie: PieSummary | undefined;
  name: string;
  change: (by: (batch: Batch) => Batch) => void;
  to: string;
}) {
  const isFolded = typeof pie?.pieces === "number";
  const portions = pie ? (line.count / (pie.pieces ?? 1)) * pie.portions : null;
  return (
    <Flex
      as="li"
      gap="4px 16px"
      align="center"
      wrap="wrap"
      borderBottom="1.4px solid {colors.hair}"
      paddingBlock="8px"
      data-line={line.pie}
    >
      <Box width="22px" fontWeight="650" color="rim">
        {place}
      </Box>
      {pie && <SmallCutaway section={pie.section} width={110} height={40} />}
      <Box flex="1 1 200px">
        <Box fontWeight="650">
          <Link to={to}>{name}</Link>
        </Box>
        <Box color="ink2">{pie?.tinLabel}</Box>
      </Box>
      <Box whiteSpace="nowrap">
        <EntryField
          label={`How many of ${name}`}
          words={String(line.count)}
          strong
          align="right"
          read={(words) => readWhole(words, 1, MOST_PIECES)}
          keep={(count) => change((now) => lineChanged(now, line.pie, (one) => ({ ...one, count })))}
        />{" "}
        {isFolded ? (line.count === 1 ? "piece" : "pieces") : line.count === 1 ? "tin" : "tins"}
      </Box>
      <Box color="ink2" width="104px" textAlign="right">
        {portions !== null && `${number(portions, portions % 1 ? 1 : 0)} portions`}
      </Box>
      <Button
        look="plain"
        minHeight="44px"
        aria-label={`Take ${name} out`}
        onClick={() => change((now) => ({ ...now, lines: now.lines.filter((one) => one.pie !== line.pie) }))}
      >
        Take out
      </Button>
    </Flex>
  );
}
