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

/** A text as a file of this device. */
function putDown(name: string, text: string, type: string) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([text], { type }));
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}

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
  const writeOut = async (as: "text" | "linked") => {
    try {
      setTrouble("");
      const recipe = await answer(
        api.GET("/kitchens/{kitchen}/pies/{pie}/recipe", { params: { path: { kitchen, pie } } }),
      );
      const ending = as === "text" ? "txt" : "json";
      putDown(`${recipe.file}.recipe.${ending}`, recipe[as], as === "text" ? "text/plain" : "application/ld+json");
    } catch (thrown) {
      setTrouble(thrown instanceof Error ? thrown.message : "It was not written out.");
    }
  };
  const items = [
    { label: "Export as a pie file", act: () => window.location.assign(file) },
    { label: "Write it out for a friend", act: () => void writeOut("text") },
    { label: "As a recipe for other programs", act: () => void writeOut("linked") },
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
            {/* three columns that are just wide enough leave the time to the list */}
            {bench.saveState === "saved" && (
              <Box as="span" display={{ base: "inline", lg: "none", xl: "inline" }}>
                , {savedAt(bench.revision.savedAt)}
              </Box>
            )}
          </Button>
        }
      />
      {trouble && <Box role="status">{trouble}</Box>}
    </>
  );
}

function saveWords({ saveState, revision }: BenchState): string {
  if (saveState === "saving") return "Saving";
  if (saveState === "changed") return "Kept here, not saved";
  if (saveState === "saved") return `Revision ${revision.number}`;
  return "Kept here, not saved";
}
