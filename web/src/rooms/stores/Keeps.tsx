import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { leftoversQuery } from "../../api/batchQueries";
import { KeptList } from "../../batch/KeptList";
import { useLeftovers } from "../../batch/useLeftovers";
import { Part } from "../../ui/Part";
import { Said } from "../../ui/Said";

/** What lies in the fridge and freezer, what must be used first at the top. */
export function Keeps({ kitchen, mayWrite }: { kitchen: string; mayWrite: boolean }) {
  const { data, error } = useQuery(leftoversQuery(kitchen));
  const acts = useLeftovers(kitchen);
  return (
    <Part name="In the fridge and freezer">
      {acts.trouble && <Box role="alert">{acts.trouble.mend}</Box>}
      <Said said={acts.said} />
      {error && <Box role="alert">{error.message}</Box>}
      {data?.length === 0 && (
        <Box paddingTop="6px">Nothing. Leftovers are put away in Prep, baked pies in the bake book.</Box>
      )}
      {data && <KeptList kept={data} acts={acts} mayWrite={mayWrite} />}
    </Part>
  );
}
