import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { trialsQuery } from "../../api/bookQueries";
import { useMayWrite } from "../../api/useMayWrite";
import { useWrite } from "../../api/useWrite";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { NewTrial } from "./NewTrial";
import { OneTrial } from "./OneTrial";

/** Trials of one change: the same pie baked two to four ways, put in order by tasters. */
export default function Trials() {
  const { kitchen = "" } = useParams();
  const mayWrite = useMayWrite(kitchen);
  const { data, error, refetch } = useQuery(trialsQuery(kitchen));
  const { trouble, write } = useWrite(kitchen);
  const [begins, setBegins] = useState(false);
  useEffect(() => {
    document.title = "Trials, Hojaldre";
  }, []);
  const send = (call: Promise<unknown>) => write("trials", call, null);
  return (
    <Box maxWidth="860px" paddingTop="16px" paddingBottom="60px">
      <Flex gap="6px 18px" align="baseline" wrap="wrap" paddingBottom="10px">
        <Box as="h1" fontSize="page" fontWeight="680">
          Trials
        </Box>
        <Link to={`/k/${kitchen}/book`}>Back to the bake book</Link>
        {mayWrite && !begins && (
          <Button
            marginLeft="auto"
            look={data?.trials.length === 0 ? "filled" : "outline"}
            onClick={() => setBegins(true)}
          >
            Begin a trial
          </Button>
        )}
      </Flex>
      {error && (
        <Notice title="The trials did not open." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
      {trouble && <Notice title="That was not taken.">{trouble.mend}</Notice>}
      {begins && <NewTrial kitchen={kitchen} send={send} close={() => setBegins(false)} />}
      {!data && !error && <Box role="status">Opening the trials</Box>}
      {data?.trials.length === 0 && !begins && (
        <Box maxWidth="60ch">
          Bake the same pie two to four ways, with one thing changed: one filling, three doughs. Tasters put them in
          order without knowing which is which, and here stands what that proves.
        </Box>
      )}
      {data?.trials.map((trial) => (
        <OneTrial key={trial.id} kitchen={kitchen} trial={trial} mayWrite={mayWrite} send={send} />
      ))}
    </Box>
  );
}
