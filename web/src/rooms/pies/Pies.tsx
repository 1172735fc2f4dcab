import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import type { PieSummary, Problem } from "../../api/client";
import { piesQuery } from "../../api/queries";
import { useMayWrite } from "../../api/useMayWrite";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { Said } from "../../ui/Said";
import { EmptyTin } from "./EmptyTin";
import { PieRow } from "./PieRow";
import { usePieActs } from "./usePieActs";

const SEARCH_FROM = 8;

/** All pies of the kitchen. */
export default function Pies() {
  const { kitchen = "" } = useParams();
  const [archived, setArchived] = useState(false);
  const [letters, setLetters] = useState("");
  const { data: pies, error, refetch } = useQuery(piesQuery(kitchen, archived));
  const mayWrite = useMayWrite(kitchen);
  const acts = usePieActs(kitchen);
  useEffect(() => {
    document.title = "Pies, Hojaldre";
  }, []);
  const found = (pies ?? []).filter((pie) => pie.name.toLowerCase().includes(letters.trim().toLowerCase()));
  return (
    <Box maxWidth="1180px" paddingBottom="60px">
      <Flex gap="10px 20px" align="center" wrap="wrap" paddingBlock="16px 14px">
        <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680">
          {archived ? "Pies put away" : "Pies"}
        </Box>
        {(pies?.length ?? 0) >= SEARCH_FROM && <Search value={letters} change={setLetters} />}
        <Flex marginLeft={{ base: "0", sm: "auto" }} gap="8px" wrap="wrap">
          <Button look="plain" onClick={() => setArchived(!archived)}>
            {archived ? "Back to the pies" : "Pies put away"}
          </Button>
          {mayWrite && !archived && <NewPie acts={acts} isFirst={pies?.length === 0} />}
        </Flex>
      </Flex>
      {acts.problem && <Refused problem={acts.problem} file={acts.file} dismiss={acts.dismiss} />}
      <Said said={acts.said} />
      {error && (
        <Notice title="Your pies did not open." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
      {!error && !pies && <Box role="status">Opening your pies</Box>}
      {pies && <List pies={found} kitchen={kitchen} acts={acts} mayWrite={mayWrite} />}
      {pies?.length === 0 && !archived && <EmptyTin kitchen={kitchen} mayWrite={mayWrite} begin={acts.begin} />}
      {pies?.length === 0 && archived && <Box color="ink2">Nothing is put away.</Box>}
      {pies && pies.length > 0 && found.length === 0 && <Box color="ink2">No pie is called anything like that.</Box>}
    </Box>
  );
}

function List({
  pies,
  kitchen,
  acts,
  mayWrite,
}: {
  pies: PieSummary[];
  kitchen: string;
  acts: ReturnType<typeof usePieActs>;
  mayWrite: boolean;
}) {
  const navigate = useNavigate();
  return (
    <Box as="ul">
      {pies.map((pie) => (
        <PieRow
          key={pie.id}
          pie={pie}
          to={`/k/${kitchen}/bench/${pie.id}`}
          open={() => navigate(`/k/${kitchen}/bench/${pie.id}`)}
          acts={acts}
          mayWrite={mayWrite}
        />
      ))}
    </Box>
  );
}

function Search({ value, change }: { value: string; change: (to: string) => void }) {
  return (
    <chakra.input
      type="search"
      aria-label="Find a pie by its name"
      placeholder="Find by name"
      value={value}
      onChange={(event) => change(event.target.value)}
      background="well"
      border="0"
      borderBottom="1.6px solid {colors.rim}"
      minHeight="40px"
      paddingInline="10px"
      _placeholder={{ color: "ink2" }}
    />
  );
}

/** Where there is no pie yet, the empty tin has the button. */
function NewPie({ acts, isFirst }: { acts: ReturnType<typeof usePieActs>; isFirst: boolean }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        hidden
        data-testid="pie-file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) void acts.bringIn(file);
        }}
      />
      <Button onClick={() => input.current?.click()}>Open a pie file</Button>
      {!isFirst && (
        <Button look="filled" onClick={acts.begin}>
          New pie
        </Button>
      )}
    </>
  );
}

function Refused({ problem, file, dismiss }: { problem: Problem; file: string | null; dismiss: () => void }) {
  return (
    <Notice
      title={file ? `"${file}" could not be read. Nothing was changed.` : "That did not work. Nothing was changed."}
      acts={<Button onClick={dismiss}>OK</Button>}
    >
      {problem.refusals.length === 0 && problem.mend}
      <Box as="ul" color="ink" marginTop="4px">
        {problem.refusals.slice(0, 8).map((refusal) => (
          <Box as="li" key={refusal.at + refusal.code}>
            {refusal.at && (
              <Box as="code" background="well" paddingInline="4px" marginRight="6px" fontFamily="body">
                {refusal.at}
              </Box>
            )}
            {refusal.mend}
          </Box>
        ))}
        {problem.refusals.length > 8 && <li>and {problem.refusals.length - 8} more</li>}
      </Box>
    </Notice>
  );
}
