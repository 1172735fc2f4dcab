import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import type { StoredTin } from "../../api/client";
import { tinsQuery } from "../../api/queries";
import { readFigure } from "../../api/words";
import { measuresOf, measureWords, reshaped, SHAPES, type Tin, type TinMeasure } from "../../tin/tins";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { EntryField } from "../../ui/EntryField";
import { readText, readWhole } from "../../ui/entry";
import { number } from "../../ui/numbers";
import { Part } from "../../ui/Part";
import type { StoreSectionProps } from "./useStores";

const FIRST: Tin = { shape: "round-straight", diameterMm: 240, depthMm: 35 };

/** The tins on the shelf, measured once with a ruler or with water. */
export function Tins({ kitchen, stores, mayWrite }: StoreSectionProps) {
  const { data } = useQuery(tinsQuery(kitchen));
  return (
    <Part
      name="Tins"
      add={
        mayWrite && (
          <Button
            look="plain"
            minHeight="34px"
            onClick={() => void stores.putTin({ id: crypto.randomUUID(), name: "New tin", tin: FIRST })}
          >
            + A tin
          </Button>
        )
      }
    >
      {data?.length === 0 && (
        <Box paddingTop="8px">
          Measure each tin once, inside: across, and how deep. A dish of no plain shape is measured by the water it
          holds.
        </Box>
      )}
      <Box as="ul">
        {data?.map((one) => (
          <TinRow key={one.id} one={one} kitchen={kitchen} stores={stores} mayWrite={mayWrite} />
        ))}
      </Box>
    </Part>
  );
}

function TinRow({ one, kitchen, stores, mayWrite }: StoreSectionProps & { one: StoredTin }) {
  if (!mayWrite) {
    return (
      <Box as="li" borderBottom="1px solid {colors.hair}" paddingBlock="6px">
        <Box fontWeight="650">{one.name}</Box>
        {one.label}
      </Box>
    );
  }
  const keep = (tin: Tin) => void stores.putTin({ ...one, tin });
  const read = async (measure: TinMeasure, words: string) => {
    if (measure.kind === "whole") return readWhole(words, 1, 99);
    return readFigure(kitchen, measure.kind)(words);
  };
  return (
    <Box as="li" borderBottom="1px solid {colors.hair}" paddingBlock="6px" data-tin={one.id}>
      <Flex justify="space-between" gap="10px" align="baseline">
        <EntryField
          label="Name of the tin"
          words={one.name}
          strong
          read={(words) => readText(words, 1, 60)}
          keep={(name) => void stores.putTin({ ...one, name })}
        />
        <Button
          look="plain"
          minHeight="30px"
          aria-label={`Remove ${one.name}`}
          onClick={() => void stores.dropTin(one)}
        >
          Remove
        </Button>
      </Flex>
      <Flex gap="2px 12px" wrap="wrap" align="baseline">
        <Choice
          label={`${one.name}, shape`}
          value={one.tin.shape}
          options={SHAPES.filter(([shape]) => shape !== "folded")}
          choose={(shape) => keep(reshaped(one.tin, shape))}
        />
        {measuresOf(one.tin).map((measure) => (
          <Box key={measure.key}>
            <EntryField
              label={`${one.name}: ${measure.label}`}
              words={measureWords(one.tin, measure)}
              read={(words) => read(measure, words)}
              keep={(value) => keep({ ...one.tin, [measure.key]: value } as Tin)}
            />{" "}
            {measure.name}
          </Box>
        ))}
      </Flex>
      <Box color="ink2">holds {number(one.holdsMl)} ml to the rim</Box>
    </Box>
  );
}
