import { Box } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, problemOf } from "../../api/client";
import { FileButton } from "../../ui/FileButton";
import { Part } from "../../ui/Part";
import { ink } from "../../ui/theme";

type Props = { kitchen: string; name: string };

/** Everything out as one file, and into an empty kitchen the same again. */
export function Archive({ kitchen, name }: Props) {
  const client = useQueryClient();
  const [said, setSaid] = useState("");
  const bring = async (file: File) => {
    setSaid("Bringing it in. This may take some minutes.");
    try {
      await answer(
        api.PUT("/kitchens/{kitchen}/archive", {
          params: { path: { kitchen } },
          body: file as unknown as string,
          bodySerializer: (body) => body,
          headers: { "Content-Type": "application/zip" },
        }),
      );
      setSaid("All of it is in.");
      await client.invalidateQueries();
    } catch (thrown) {
      const problem = problemOf(thrown);
      setSaid(problem.refusals[0]?.mend ?? problem.mend);
    }
  };
  return (
    <Part name="Everything out and in">
      <Box paddingBlock="8px">
        <a
          href={`/api/kitchens/${kitchen}/archive`}
          download={`${name}.zip`}
          style={{ color: ink("rim"), fontWeight: 650 }}
        >
          Take everything out
        </a>
        <Box color="ink2">
          Pies, bakes, readings, photos, stores and batches in one file that other programs can read. People and their
          passwords stay here.
        </Box>
      </Box>
      <Box paddingBlock="8px" borderTop="1px solid {colors.hair}">
        <FileButton label="Bring such a file in" accept=".zip,application/zip" take={(file) => void bring(file)} />
        <Box color="ink2">Only into a kitchen with nothing in it. A broken file changes nothing.</Box>
        <Box role="status" fontWeight="650">
          {said}
        </Box>
      </Box>
    </Part>
  );
}
