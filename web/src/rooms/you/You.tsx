import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useEffect, useState } from "react";
import { answer, api, mendAt, type Problem, problemOf, rememberToken, type Session } from "../../api/client";
import { sessionQuery } from "../../api/queries";
import { type Units, useUnits } from "../../api/useUnits";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { type ReadResult, readText } from "../../ui/entry";
import { Notice } from "../../ui/Notice";
import { Part } from "../../ui/Part";
import { RecessChoice } from "../../ui/RecessChoice";
import { chooseScheme, chosenScheme, type Scheme } from "../../ui/scheme";
import { TextField } from "../../ui/TextField";

const VOLUMES: [Units["volumes"], string][] = [
  ["metric", "Metric"],
  ["us", "US"],
  ["australian", "Australian"],
];
const TEMPERATURES: [Units["temperatures"], string][] = [
  ["celsius", "°C"],
  ["fahrenheit", "°F"],
  ["gas-mark", "Gas marks"],
];
const EGGS: [Units["eggs"], string][] = [
  ["us", "US, large 50 g"],
  ["eu", "European, large 61 g"],
];
const SCHEMES: [Scheme, string][] = [
  ["light", "Light"],
  ["dark", "Dark"],
  ["device", "As this device has it"],
];

/** What belongs to a person, whoever's kitchen they are in. */
export default function YouRoom() {
  const user = useQuery(sessionQuery).data?.user;
  useEffect(() => {
    document.title = "You, Hojaldre";
  }, []);
  if (!user) return null;
  return (
    <Box maxWidth="720px" paddingBottom="60px">
      <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680" paddingBlock="16px 14px">
        You
      </Box>
      <Name user={user} />
      <Measures units={user.units} />
      <Part name="Light or dark">
        <Line words="On this device">
          <SchemeChoice />
        </Line>
      </Part>
      <Password />
      <Devices />
    </Box>
  );
}

function Line({ words, children }: { words: string; children: React.ReactNode }) {
  return (
    <Flex wrap="wrap" gap="4px 20px" align="center" paddingBlock="8px" borderBottom="1px solid {colors.hair}">
      <Box flex="0 0 160px">{words}</Box>
      <Box flex="1 1 260px" minWidth="0">
        {children}
      </Box>
    </Flex>
  );
}

function Name({ user }: { user: NonNullable<Session["user"]> }) {
  const client = useQueryClient();
  // it is stored before it stands: what does not come through stays as typed
  const store = async (words: string): Promise<ReadResult<string>> => {
    const read = readText(words, 1, 80);
    if (!read.ok) return read;
    try {
      const session = await answer(api.PUT("/session/name", { body: { name: read.value } }));
      client.setQueryData(sessionQuery.queryKey, rememberToken(session));
      return read;
    } catch (thrown) {
      return { ok: false, mend: problemOf(thrown).mend };
    }
  };
  return (
    <Part name="Name">
      <Line words="In the kitchen">
        <EntryField label="Your name" words={user.name} strong read={store} keep={() => {}} />
      </Line>
      <Line words="You sign in as">{user.email}</Line>
    </Part>
  );
}

function Measures({ units }: { units: Units }) {
  const put = useUnits();
  const [problem, setProblem] = useState<Problem | null>(null);
  const choose = async (change: Partial<Units>) => setProblem(await put(change));
  return (
    <Part name="Units">
      {problem && <Notice title="That is not changed.">{problem.mend}</Notice>}
      <Line words="Cups and spoons">
        <RecessChoice
          label="Cups and spoons"
          value={units.volumes}
          options={VOLUMES}
          choose={(volumes) => void choose({ volumes })}
        />
      </Line>
      <Line words="Oven">
        <RecessChoice
          label="Oven"
          value={units.temperatures}
          options={TEMPERATURES}
          choose={(temperatures) => void choose({ temperatures })}
        />
      </Line>
      <Line words="Sizes of eggs">
        <RecessChoice
          label="Sizes of eggs"
          value={units.eggs}
          options={EGGS}
          choose={(eggs) => void choose({ eggs })}
        />
      </Line>
    </Part>
  );
}

function SchemeChoice() {
  const [scheme, setScheme] = useState(chosenScheme());
  return (
    <RecessChoice
      label="Light or dark"
      value={scheme}
      options={SCHEMES}
      choose={(to) => {
        chooseScheme(to);
        setScheme(to);
      }}
    />
  );
}

function Password() {
  const client = useQueryClient();
  const [now, setNow] = useState("");
  const [wanted, setWanted] = useState("");
  const [problem, setProblem] = useState<Problem | null>(null);
  const [said, setSaid] = useState("");
  const change = async (event: FormEvent) => {
    event.preventDefault();
    setSaid("");
    setProblem(null);
    try {
      const session = await answer(api.PUT("/session/password", { body: { now, wanted } }));
      client.setQueryData(sessionQuery.queryKey, rememberToken(session));
      setNow("");
      setWanted("");
      setSaid("The password is changed. Other devices are signed out.");
    } catch (thrown) {
      setProblem(problemOf(thrown));
    }
  };
  return (
    <Part name="Password">
      <chakra.form onSubmit={change} noValidate paddingTop="12px" maxWidth="360px">
        <TextField
          name="Password you have now"
          type="password"
          value={now}
          change={setNow}
          mend={mendAt(problem, "/now") ?? (problem && problem.refusals.length === 0 ? problem.mend : undefined)}
          autoComplete="current-password"
        />
        <TextField
          name="New password, ten letters or more"
          type="password"
          value={wanted}
          change={setWanted}
          mend={mendAt(problem, "/wanted")}
          autoComplete="new-password"
        />
        <Button type="submit" disabled={now === "" || wanted === ""}>
          Change the password
        </Button>
      </chakra.form>
      {said && (
        <Box role="status" paddingTop="8px">
          {said}
        </Box>
      )}
    </Part>
  );
}

function Devices() {
  const client = useQueryClient();
  const [said, setSaid] = useState("");
  const shut = async () => {
    try {
      client.setQueryData(sessionQuery.queryKey, rememberToken(await answer(api.DELETE("/sessions"))));
      setSaid("All other devices are signed out.");
    } catch (thrown) {
      setSaid(problemOf(thrown).mend);
    }
  };
  return (
    <Part name="Other devices">
      <Box paddingBlock="8px">
        A tablet stays signed in for a week. Lost one, or left it in a kitchen? What was saved stays saved.
      </Box>
      <Flex wrap="wrap" gap="10px" align="center">
        <Button onClick={() => void shut()}>Sign out everywhere else</Button>
        {said && <Box role="status">{said}</Box>}
      </Flex>
    </Part>
  );
}
