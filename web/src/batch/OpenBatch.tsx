import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useEffect } from "react";
import { Link, useParams } from "react-router";
import { batchQuery } from "../api/batchQueries";
import { ApiProblem, type StoredBatch } from "../api/client";
import { useMayWrite } from "../api/useMayWrite";
import { Button } from "../ui/Button";
import { Notice } from "../ui/Notice";
import { type BatchState, useBatch } from "./useBatch";

export type InBatch = { kitchen: string; stored: StoredBatch; batch: BatchState; mayWrite: boolean };

/** The batch that the address names, opened for a room to work on. */
export function OpenBatch({ room, children }: { room: string; children: (open: InBatch) => ReactNode }) {
  const { kitchen = "", batch = "" } = useParams();
  const { data, error, refetch } = useQuery(batchQuery(kitchen, batch));
  const mayWrite = useMayWrite(kitchen);
  useEffect(() => {
    if (data) document.title = `${room} for ${data.batch.name}, Hojaldre`;
  }, [data, room]);
  if (error) {
    return (
      <Box paddingTop="20px">
        <Notice title="This batch did not open." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error instanceof ApiProblem ? error.problem.mend : error.message}{" "}
          <Link to={`/k/${kitchen}/batches`}>Your batches</Link>
        </Notice>
      </Box>
    );
  }
  if (!data) {
    return (
      <Box paddingTop="20px" role="status">
        Opening the batch
      </Box>
    );
  }
  return (
    <Opened key={data.id} kitchen={kitchen} stored={data} mayWrite={mayWrite}>
      {children}
    </Opened>
  );
}

function Opened({
  kitchen,
  stored,
  mayWrite,
  children,
}: Omit<InBatch, "batch"> & { children: (open: InBatch) => ReactNode }) {
  const batch = useBatch(kitchen, stored, mayWrite);
  return children({ kitchen, stored, batch, mayWrite });
}
