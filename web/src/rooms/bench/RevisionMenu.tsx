import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../../api/client";
import { revisionsQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Menu } from "../../ui/Menu";
import { savedAt } from "../../ui/numbers";
import { useBenchContext } from "./BenchContext";
import type { BenchState } from "./useBench";

export const pieFileAddress = (kitchen: string, pie: string) => `/api/kitchens/${kitchen}/pies/${pie}/file`;

/** "Saved 10:42, revision 3": and behind it the older revisions, and the file. */
export function RevisionMenu({ bench, pie, file }: { bench: BenchState; pie: string; file: string }) {
  const { kitchen } = useBenchContext();
  const { data } = useQuery(revisionsQuery(kitchen, pie));
  const [trouble, setTrouble] = useState("");
  const bring = async (number: number) => {
    try {
      setTrouble("");
      bench.take(
        await answer(
          api.GET("/kitchens/{kitchen}/pies/{pie}/revisions/{number}", { params: { path: { kitchen, pie, number } } }),
        ),
      );
    } catch (thrown) {
      setTrouble(thrown instanceof Error ? thrown.message : "That revision did not open.");
    }
  };
  const items = [
    { label: "Export as a pie file", act: () => window.location.assign(file) },
    ...(data ?? []).map((revision) => ({
      label: `Revision ${revision.number}, ${savedAt(revision.savedAt)}, ${revision.savedBy}`,
      act: () => void bring(revision.number),
      seated: revision.number === bench.revision.number,
    })),
  ];
  return (
    <>
      <Menu
        label="Revisions and file"
        items={items}
        trigger={
          <Button look="plain" fontWeight="430" color="ink2">
            {saveWords(bench)}
          </Button>
        }
      />
      {trouble && <Box role="status">{trouble}</Box>}
    </>
  );
}

function saveWords({ saveState, revision }: BenchState): string {
  if (saveState === "saving") return "Saving";
  if (saveState === "changed") return "Kept on this device, not saved";
  if (saveState === "saved") return `Revision ${revision.number}, ${savedAt(revision.savedAt)}`;
  return "Kept on this device, not saved yet";
}
