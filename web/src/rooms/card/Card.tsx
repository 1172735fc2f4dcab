import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { ApiProblem, type BakeReport, type Pie } from "../../api/client";
import { billQuery, cardQuery, shellQuery, writtenQuery } from "../../api/queries";
import { SmallCutaway } from "../../draw/SmallCutaway";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readWhole } from "../../ui/entry";
import { Notice } from "../../ui/Notice";
import { grams, number, range } from "../../ui/numbers";
import { RecessChoice } from "../../ui/RecessChoice";

const SHOWN = [
  ["all", "all of it"],
  ["shell", "shell only"],
  ["bake", "bake only"],
] as const;
const MOST_PIES = 200;
type Shown = (typeof SHOWN)[number][0];

/** A card for the kitchen wall: what goes in and how it is made, stages, times as ranges, cues, cautions; of the pie as it was last saved. */
export default function CardRoom() {
  const { kitchen = "", pie = "" } = useParams();
  const [search, setSearch] = useSearchParams();
  const shown = (SHOWN.find(([name]) => name === search.get("show"))?.[0] ?? "all") as Shown;
  const query = useQuery(cardQuery(kitchen, pie));
  useEffect(() => {
    if (query.data) document.title = `${query.data.design.name}, card`;
  }, [query.data]);
  if (query.error) {
    const mend = query.error instanceof ApiProblem ? query.error.problem.mend : query.error.message;
    return (
      <Box paddingTop="20px">
        <Notice title="This card did not open." acts={<Button onClick={() => query.refetch()}>Try again</Button>}>
          {mend} <Link to={`/k/${kitchen}/pies`}>Your pies</Link>
        </Notice>
      </Box>
    );
  }
  if (!query.data)
    return (
      <Box paddingTop="20px" role="status">
        Opening the card
      </Box>
    );
  return (
    <Box maxWidth="820px" paddingBottom="40px">
      <Flex className="not-printed" gap="14px" align="end" justify="space-between" wrap="wrap" paddingTop="14px">
        <Box minWidth="330px">
          <RecessChoice
            label="What is on the card"
            value={shown}
            options={SHOWN}
            choose={(show) =>
              setSearch(
                (now) => {
                  now.set("show", show);
                  return now;
                },
                { replace: true },
              )
            }
            high={36}
          />
        </Box>
        <Flex gap="6px 14px" align="center" wrap="wrap">
          <Link to={`/k/${kitchen}/labels/pie/${pie}`}>Labels</Link>
          <Link to={`/k/${kitchen}/bench/${pie}`}>Back to the bench</Link>
          <Button look="filled" onClick={() => window.print()}>
            Print
          </Button>
        </Flex>
      </Flex>
      <Card kitchen={kitchen} pie={query.data} shown={shown} />
    </Box>
  );
}

function Card({ kitchen, pie, shown }: { kitchen: string; pie: Pie; shown: Shown }) {
  const { forecast, design } = pie;
  const report = forecast.bake;
  return (
    <Box as="article" fontSize="20px">
      <Box as="h1" fontSize="34px" fontWeight="680" paddingTop="14px">
        {design.name}
      </Box>
      <Box color="ink2">
        {forecast.tinLabel}, {number(forecast.weights.intoTheOvenGrams)} g into the oven, revision {pie.revision.number}
      </Box>
      {forecast.warnings.map((warning) => (
        <Box
          key={warning}
          role="alert"
          fontWeight="680"
          borderBlock="3px solid {colors.rim}"
          paddingBlock="6px"
          marginTop="8px"
        >
          {warning}
        </Box>
      ))}
      <Box paddingTop="10px">
        <SmallCutaway section={forecast.section} width={420} height={120} />
      </Box>
      {report === null ? (
        <Box paddingTop="20px">There is nothing to bake yet: pour the first layer on the bench.</Box>
      ) : (
        <>
          {shown === "all" && <MadeOf kitchen={kitchen} pie={pie} />}
          {shown !== "bake" && <Shell kitchen={kitchen} pie={pie} report={report} />}
          {shown !== "shell" && <Bake pie={pie} report={report} />}
        </>
      )}
      <Part title="Mind">
        {forecast.cautions.map((caution) => (
          <p key={caution}>{caution}</p>
        ))}
        <p>
          Contains {forecast.allergens.join(", ") || "none of the fourteen allergens, as far as is known"}.{" "}
          {forecast.allergenChecks.join(" ")}
        </p>
      </Part>
    </Box>
  );
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box as="section" aria-label={title} marginTop="18px" borderTop="2.6px solid {colors.rim}" paddingTop="8px">
      <Box as="h2" fontWeight="680" fontSize="24px">
        {title}
      </Box>
      {children}
    </Box>
  );
}

/** What goes in, for so many pies, and what is done with it, from the design. */
function MadeOf({ kitchen, pie }: { kitchen: string; pie: Pie }) {
  const [search, setSearch] = useSearchParams();
  const asked = readWhole(search.get("pies") ?? "1", 1, MOST_PIES);
  const count = asked.ok ? asked.value : 1;
  const written = useQuery(writtenQuery(kitchen, pie.id, pie.revision.number, count)).data;
  const bill = useQuery(billQuery(kitchen, pie.design, count)).data;
  const dough = bill?.lines.find((line) => line.food === pie.design.crust.dough.id);
  if (!written) return null;
  const put = (pies: number) =>
    setSearch(
      (now) => {
        now.set("pies", String(pies));
        return now;
      },
      { replace: true },
    );
  return (
    <>
      <Part title="What goes in">
        <Box>
          for{" "}
          <EntryField
            label="How many pies"
            words={String(count)}
            strong
            read={(words) => readWhole(words, 1, MOST_PIES)}
            keep={put}
          />{" "}
          {count === 1 ? "pie" : "pies"}, {number(count * pie.design.portions)} portions
        </Box>
        <Box as="ul" marginTop="4px">
          {written.ingredients.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </Box>
        {dough && (
          <Box color="ink2">
            Roll out {grams(dough.grams)} of {dough.name.toLowerCase()}: the trimmings are in it.
          </Box>
        )}
      </Part>
      <Part title="How it is made">
        <Box as="ol" listStylePosition="outside" listStyleType="decimal" paddingLeft="1.4em">
          {written.method.map((one) => (
            <Box as="li" key={one} marginTop="3px">
              {one}
            </Box>
          ))}
        </Box>
      </Part>
    </>
  );
}

function Shell({ kitchen, pie, report }: { kitchen: string; pie: Pie; report: BakeReport }) {
  const advice = useQuery(shellQuery(kitchen, pie.design)).data;
  const stages = report.stages.filter((stage) => stage.look !== "");
  return (
    <Part title="Shell">
      {stages.length === 0 && <p>Filled raw: no blind bake.</p>}
      {stages.map((stage) => (
        <Box key={stage.from} marginTop="6px">
          <b>
            {stage.name} {number(stage.to - stage.from)} min
          </b>{" "}
          at {stage.oven} {stage.mode}. {stage.look}
        </Box>
      ))}
      {stages.some((stage) => stage.name === "weighted") && advice && (
        <Box marginTop="6px">
          Weights to the rim: {number(advice.roomMl)} ml (
          {advice.weights.map((one) => `${number(one.grams)} g ${one.name}`).join(", ")}). They are hot when they come
          out.
        </Box>
      )}
    </Part>
  );
}

function Bake({ pie, report }: { pie: Pie; report: BakeReport }) {
  const oven = pie.design.bake.oven;
  const dials = pie.forecast.dials.slice(pie.design.crust.shell.length);
  const stages = report.stages.filter((stage) => stage.name === "bake");
  return (
    <Part title="Bake">
      {stages.map((stage, index) => (
        <Box key={stage.from} marginTop="6px">
          <b>{number(stage.to - stage.from)} min</b> at {stage.oven} {stage.mode}, {pie.design.bake.stages[index]?.rack}{" "}
          rack
          {pie.design.bake.stages[index]?.tent && ", under foil"}
          {pie.design.bake.stages[index]?.shield && ", foil round the rim"}
          {oven && `; dial of ${oven.name} at ${dials[index]}`}
        </Box>
      ))}
      <Box
        as="dl"
        display="grid"
        gridTemplateColumns={{ base: "1fr auto", sm: "150px 120px 1fr" }}
        columnGap="14px"
        rowGap="4px"
        marginTop="10px"
      >
        {report.events
          // what must not be left out is told when it comes after the planned minutes, too
          .filter((event) => event.isInPlan || event.name === "safe" || event.name === "time-to-look")
          .map((event) => (
            <Box key={event.name} display="contents">
              <Box as="dt" fontWeight="650">
                {event.title}
              </Box>
              <dd>{range(event.low, event.high) || number(event.minute)} min</dd>
              <Box as="dd" gridColumn={{ base: "1 / -1", sm: "auto" }}>
                {!event.isInPlan && <b>After the planned minutes. </b>}
                {event.cue}
              </Box>
            </Box>
          ))}
      </Box>
      <Box as="p" marginTop="8px">
        {report.cooling.says}
      </Box>
    </Part>
  );
}
