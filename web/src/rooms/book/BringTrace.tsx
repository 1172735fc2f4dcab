import { Box } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, problemOf } from "../../api/client";
import { FileButton } from "../../ui/FileButton";

/** A trace of any thermometer, out of its file. */
export function BringTrace({ kitchen, bake }: { kitchen: string; bake: string }) {
  const client = useQueryClient();
  const [said, setSaid] = useState("");
  const bring = async (file: File) => {
    setSaid("Reading the file");
    try {
      const body = { csv: await file.text(), zoneMinutes: -new Date().getTimezoneOffset() };
      const taken = await answer(
        api.POST("/kitchens/{kitchen}/bakes/{bake}/trace", { params: { path: { kitchen, bake } }, body }),
      );
      setSaid(`${taken.new} readings taken${taken.leftOut ? `, ${taken.leftOut} rows left out` : ""}.`);
      await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "bake", bake] });
      await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "causes", bake] });
    } catch (thrown) {
      const problem = problemOf(thrown);
      setSaid(problem.refusals[0]?.mend ?? problem.mend);
    }
  };
  return (
    <Box paddingTop="6px">
      <FileButton
        label="Bring a trace from a file"
        accept=".csv,text/csv,text/plain"
        take={(file) => void bring(file)}
      />
      <Box role="status">{said}</Box>
    </Box>
  );
}
