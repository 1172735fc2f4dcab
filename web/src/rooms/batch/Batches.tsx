import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useParams } from "react-router";
import { batchesQuery } from "../../api/batchQueries";
import type { BatchSummary } from "../../api/client";
import { useMayWrite } from "../../api/useMayWrite";
import { useBatchActs } from "../../batch/useBatchActs";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { savedAt } from "../../ui/numbers";
import { Said } from "../../ui/Said";

/** What is made together: the batches of the kitchen. */
export default function Batches() {
  const { kitchen = "" } = useParams();
  const { data, error, refetch } = useQuery(batchesQuery(kitchen));
  const mayWrite = useMayWrite(kitchen);
  const acts = useBatchActs(kitchen);
  useEffect(() => {
    document.title = "Batches, Hojaldre";
  }, []);
  return (
    <Box maxWidth="1180px" paddingBottom="60px">
      <Flex gap="10px 20px" align="center" wrap="wrap" paddingBlock="16px 14px">
        <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680">
          Batches
        </Box>
        <Said said={acts.said} />
        {mayWrite && (
          <Button look="filled" marginLeft="auto" onClick={() => void acts.begin("New batch", [])}>
            New batch
          </Button>
        )}
      </Flex>
      {acts.trouble && <Notice title="That was not done. Nothing was changed.">{acts.trouble.mend}</Notice>}
      {error && (
        <Notice title="Your batches did not open." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
      {!error && !data && <Box role="status">Opening your batches</Box>}
      {data?.length === 0 && (
        <Box maxWidth="60ch">
          A batch is what is made together: which pies, and how many of each. Dough, filling and shopping are then
          reckoned for all of them at once. Begin one, then put pies in.
        </Box>
      )}
      <Box as="ul">
        {data?.map((one) => (
          <Row key={one.id} kitchen={kitchen} one={one} away={mayWrite ? () => void acts.away(one, true) : null} />
        ))}
      </Box>
    </Box>
  );
}

function Row({ kitchen, one, away }: { kitchen: string; one: BatchSummary; away: (() => void) | null }) {
  return (
    <Flex
      as="li"
      gap="4px 24px"
      align="center"
      wrap="wrap"
      borderTop="1.4px solid {colors.hair}"
      paddingBlock="10px"
      data-batch={one.id}
    >
      <Box flex="1 1 260px">
        <Box fontSize="name" fontWeight="650">
          <Link to={`/k/${kitchen}/batches/${one.id}`}>{one.name}</Link>
        </Box>
        <Box color="ink2">
          {one.pies} {one.pies === 1 ? "pie" : "pies"}, {one.pieces} {one.pieces === 1 ? "piece" : "pieces"}; changed by{" "}
          {one.savedBy}, {savedAt(one.savedAt)}
        </Box>
      </Box>
      <Link to={`/k/${kitchen}/prep/${one.id}`}>Prep</Link>
      <Link to={`/k/${kitchen}/pastry/${one.id}`}>Pastry</Link>
      {away && (
        <Button look="plain" onClick={away} aria-label={`Put ${one.name} away`}>
          Put away
        </Button>
      )}
    </Flex>
  );
}
