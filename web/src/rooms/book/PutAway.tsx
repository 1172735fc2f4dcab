import { Box, Flex } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { bakeQuery } from "../../api/bookQueries";
import type { BakeRecord, LeftoverWish } from "../../api/client";
import { useLeftovers } from "../../batch/useLeftovers";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readWhole } from "../../ui/entry";
import { day } from "../../ui/numbers";
import { Said } from "../../ui/Said";

type Props = { kitchen: string; record: BakeRecord; mayWrite: boolean };

/** Pieces of a bake into the fridge or the freezer, with the date by which they are eaten. */
export function PutAway({ kitchen, record, mayWrite }: Props) {
  const client = useQueryClient();
  const acts = useLeftovers(kitchen, () =>
    client.invalidateQueries({ queryKey: bakeQuery(kitchen, record.bake.id).queryKey }),
  );
  const [pieces, setPieces] = useState<number | null>(null);
  const { bake } = record;
  const put = async (place: LeftoverWish["place"]) => {
    await acts.put({ kept: "baked-pies", place, name: bake.name, grams: null, pieces, food: null, bake: bake.id });
    setPieces(null);
  };
  return (
    <Box as="section" aria-label="Put away" paddingTop="16px">
      <Box as="h2" fontWeight="650" borderBottom="1.6px solid {colors.rim}" paddingBottom="4px">
        In the fridge and freezer
      </Box>
      <Said said={acts.said} />
      {acts.trouble && <Box role="alert">{acts.trouble.mend}</Box>}
      {record.kept.map((one) => (
        <Flex key={one.id} gap="4px 12px" wrap="wrap" align="baseline" borderBottom="1px solid {colors.hair}">
          <Box flex="1 1 120px">
            {one.says}, {one.place}
          </Box>
          <Box
            fontWeight="650"
            background={one.isPast ? "ink" : undefined}
            color={one.isPast ? "ground" : undefined}
            paddingInline={one.isPast ? "7px" : "0"}
          >
            {one.isPast ? "do not use, was " : "use by "}
            {day(one.useBy)}
          </Box>
          {mayWrite &&
            (["used", "thrown"] as const).map((how) => (
              <Button
                key={how}
                look="plain"
                aria-label={`${one.says}, ${one.place}: ${how === "used" ? "eaten" : "thrown away"}`}
                disabled={one.isPast && how === "used"}
                onClick={() => void acts.gone(one, how)}
              >
                {how === "used" ? "Eaten" : "Thrown away"}
              </Button>
            ))}
        </Flex>
      ))}
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
