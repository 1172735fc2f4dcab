import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { bakeQuery } from "../../api/bookQueries";
import type { BakeRecord, LeftoverWish } from "../../api/client";
import { KeptList } from "../../batch/KeptList";
import { useLeftovers } from "../../batch/useLeftovers";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readWhole } from "../../ui/entry";
import { Said } from "../../ui/Said";

type Props = { kitchen: string; record: BakeRecord; mayWrite: boolean };

/** Pieces of a bake into the fridge or the freezer, with the date by which they are eaten. */
export function PutAway({ kitchen, record, mayWrite }: Props) {
  const client = useQueryClient();
  const acts = useLeftovers(kitchen, () =>
    client.invalidateQueries({ queryKey: bakeQuery(kitchen, record.bake.id).queryKey }),
  );
  const [pieces, setPieces] = useState<number | null>(null);
  const [cooledInPortions, setPortions] = useState(false);
  const { bake } = record;
  const put = async (place: LeftoverWish["place"]) => {
    await acts.put({
      kept: "baked-pies",
      place,
      name: bake.name,
      grams: null,
      pieces,
      food: null,
      bake: bake.id,
      cooledInPortions,
    });
    setPieces(null);
  };
  return (
    <Box as="section" aria-label="Put away" paddingTop="16px">
      <Box as="h2" fontWeight="650" borderBottom="1.6px solid {colors.rim}" paddingBottom="4px">
        In the fridge and freezer
      </Box>
      <Said said={acts.said} />
      {acts.trouble && <Box role="alert">{acts.trouble.mend}</Box>}
      {(acts.trouble?.code === "cools-too-slowly" || cooledInPortions) && (
        <chakra.label display="flex" gap="8px" alignItems="baseline" minHeight="36px">
          <input type="checkbox" checked={cooledInPortions} onChange={(event) => setPortions(event.target.checked)} />
          It was cut in portions, or cooled shallow on a rack, and was below 21 °C within two hours.
        </chakra.label>
      )}
      <KeptList kept={record.kept} acts={acts} mayWrite={mayWrite} />
      {mayWrite && (
        <Flex gap="6px 10px" wrap="wrap" align="center" paddingTop="6px">
          <EntryField
            label="Pieces to put away"
            words={pieces === null ? "" : String(pieces)}
            placeholder="pieces"
            read={(words) => readWhole(words, 1, 500)}
            keep={setPieces}
          />
          <Button disabled={pieces === null} onClick={() => void put("fridge")}>
            Fridge
          </Button>
          <Button disabled={pieces === null} onClick={() => void put("freezer")}>
            Freezer
          </Button>
        </Flex>
      )}
      <Box color="ink2" paddingTop="4px">
        Cold before it goes in. The date counts from the bake.
      </Box>
    </Box>
  );
}
