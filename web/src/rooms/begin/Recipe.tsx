import { Box, Flex, Grid } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { Link, useParams } from "react-router";
import { Questions } from "../../advice/Questions";
import { ApiProblem, type PieDesign, type Question, type ReadRecipe } from "../../api/client";
import { foodsQuery, recipeQuery, roughQuery } from "../../api/queries";
import { useMayWrite } from "../../api/useMayWrite";
import { useOwnFoods } from "../../api/useOwnFoods";
import { useQuestions } from "../../api/useQuestions";
import { spokenName } from "../../food/spokenName";
import { UnknownFood } from "../../food/UnknownFood";
import { ReadingRow } from "../../forecast/ReadingRow";
import { applied } from "../../pie/assumed";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { ink } from "../../ui/theme";
import { Lines } from "./Lines";
import { Makes } from "./Makes";
import { findPasted, keepPasted } from "./pasted";
import { useToBench } from "./useToBench";
import { WouldGoWrong } from "./WouldGoWrong";

/** What was pasted or written, read line by line, and the pie it makes. Nothing is kept in the kitchen before "To the bench". */
export default function RecipeRoom() {
  const { kitchen = "" } = useParams();
  const [pasted, setPasted] = useState(() => findPasted(kitchen));
  const { data: read, error } = useQuery(recipeQuery(kitchen, pasted.text, pasted.kind));
  useEffect(() => {
    document.title = "Reading a recipe, Hojaldre";
  }, []);
  const write = (text: string) => {
    const to = { ...pasted, text };
    keepPasted(kitchen, to);
    setPasted(to);
  };
  if (error) {
    return (
      <Box paddingTop="20px">
        <Notice title="It was not read." acts={<Link to={`/k/${kitchen}/begin`}>Back to what you pasted</Link>}>
          {error instanceof ApiProblem ? error.problem.mend : error.message}
        </Notice>
      </Box>
    );
  }
  if (!read)
    return (
      <Box paddingTop="20px" role="status">
        Reading it
      </Box>
    );
  return <Read kitchen={kitchen} text={pasted.text} read={read} isKind={pasted.kind !== null} write={write} />;
}

type ReadProps = { kitchen: string; text: string; read: ReadRecipe; isKind: boolean; write: (text: string) => void };

function Read({ kitchen, text, read, isKind, write }: ReadProps) {
  const [answers, setAnswers] = useState<
    { of: PieDesign; question: Question; changes: Question["answers"][number]["changes"] }[]
  >([]);
  // what was answered holds for what is read anew, where it is still asked
  const design = useMemo(
    () => answers.reduce((now, one) => applied(now, one.of, one.question.place, one.changes), read.design),
    [answers, read.design],
  );
  const changed = design !== read.design;
  const rough = useQuery({ ...roughQuery(kitchen, design), enabled: changed }).data;
  const forecast = (changed && rough) || read.forecast;
  const asking = useQuestions(kitchen, design);
  const client = useQueryClient();
  const foods = useQuery(foodsQuery(kitchen)).data ?? [];
  const mayWrite = useMayWrite(kitchen);
  // the first line that waits says it by the name that is known now
  const own = useOwnFoods(kitchen, foods, (called) => {
    const words = read.lines.find((line) => line.kind === "waiting")?.text;
    const name = words && spokenName(words).name.trim();
    if (name && name.toLowerCase() !== called.toLowerCase()) write(text.replace(name, called));
    return client.invalidateQueries({ queryKey: ["kitchen", kitchen, "recipe"] });
  });
  const known = (line: string) => (
    <Box paddingBottom="8px">
      <UnknownFood key={line} name={spokenName(line).name.trim()} foods={foods} {...own} />
    </Box>
  );
  const { go, trouble, busy } = useToBench(kitchen);
  const isEmpty =
    design.layers.every((layer) => "food" in layer === false && !hasSomething(layer)) && design.seasonings.length === 0;
  return (
    <Box paddingBottom={{ base: "90px", sm: "50px" }}>
      <Flex gap="8px 20px" align="baseline" wrap="wrap" paddingBlock="16px 14px">
        <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680" minWidth="0">
          {design.name}
        </Box>
        <Box color="ink2">{isKind ? "nothing kept yet" : "from a pasted recipe, nothing kept yet"}</Box>
        <Flex marginLeft={{ base: "0", sm: "auto" }} gap="8px" align="center">
          <Link to={`/k/${kitchen}/begin`} style={{ color: ink("rim"), fontWeight: 650, padding: "8px 6px" }}>
            {isKind ? "Another kind" : "Paste another"}
          </Link>
          <Button look="filled" onClick={() => void go(design)} disabled={busy || isEmpty}>
            To the bench
          </Button>
        </Flex>
      </Flex>
      {trouble && <Notice title="It did not get to the bench.">{trouble}</Notice>}
      <Grid
        templateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,408fr) minmax(0,382fr) minmax(0,356fr)" }}
        gap={{ base: "26px", md: "44px" }}
        alignItems="start"
      >
        <Box>
          <Lines text={text} lines={read.lines} write={write} isKind={isKind} known={mayWrite ? known : null} />
          <WouldGoWrong kitchen={kitchen} design={design} readings={forecast.readings} />
        </Box>
        <Makes read={read} design={design} forecast={forecast} />
        <Box>
          <Questions
            asking={asking}
            most={5}
            title={(asked) => (asked ? `${COUNT[asked]}, most telling first` : "Nothing more to ask")}
            say={(question, changes) => setAnswers((before) => [...before, { of: design, question, changes }])}
          />
          {forecast.readings.length > 0 && (
            <Box as="section" aria-label="So far" marginTop="22px">
              <Flex justify="space-between">
                <Box as="h2" fontWeight="650">
                  So far
                </Box>
                <Box color="ink2">range, 8 in 10 bakes</Box>
              </Flex>
              {forecast.readings.map((reading) => (
                <ReadingRow key={reading.name} reading={reading} />
              ))}
            </Box>
          )}
        </Box>
      </Grid>
    </Box>
  );
}

const COUNT = ["", "One question", "Two questions", "Three questions", "Four questions", "Five questions"];

const hasSomething = (layer: PieDesign["layers"][number]) =>
  layer.kind === "custard" && layer.eggs.length + layer.dairies.length + layer.thickeners.length > 0;
