import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import type { StoredOven } from "../../api/client";
import { ovensQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { EntryField } from "../../ui/EntryField";
import { type ReadResult, readText } from "../../ui/entry";
import { number } from "../../ui/numbers";
import { Part } from "../../ui/Part";
import type { StoreSectionProps } from "./useStores";

/** "12 °C cold", "8 hot", "true": by how much the oven is hotter than its dial says. */
export function readRuns(words: string): ReadResult<number> {
  const plain = words.trim().toLowerCase();
  if (plain === "true" || plain === "runs true" || plain === "0") return { ok: true, value: 0 };
  const found = /(-?\d+(?:[.,]\d+)?)\s*(?:°\s*c?\b|c\b|k\b|degrees\b)?\s*(hot|cold)?/.exec(plain);
  const size = found ? Number((found[1] ?? "").replace(",", ".")) : Number.NaN;
  const value = found?.[2] === "cold" ? -Math.abs(size) : size;
  return value >= -60 && value <= 60
    ? { ok: true, value: Math.round(value * 10) / 10 }
    : { ok: false, mend: 'Write it like "12 °C cold", "8 °C hot" or "true"; at most 60.' };
}

export const runsWords = (kelvins: number) =>
  kelvins === 0
    ? "runs true"
    : `runs ${number(Math.abs(kelvins), Number.isInteger(kelvins) ? 0 : 1)} °C ${kelvins < 0 ? "cold" : "hot"}`;

const MODES: [StoredOven["mode"], string][] = [
  ["static", "static"],
  ["fan", "fan"],
];

/** The ovens, and how each lies: put a thermometer on the middle rack once, and the bench does the rest. */
export function Ovens({ kitchen, stores, mayWrite }: StoreSectionProps) {
  const { data } = useQuery(ovensQuery(kitchen));
  return (
    <Part
      name="Ovens"
      add={
        mayWrite && (
          <Button
            look="plain"
            minHeight="34px"
            onClick={() =>
              void stores.putOven({
                id: crypto.randomUUID(),
                name: "New oven",
                mode: "static",
                runsByKelvins: 0,
                notes: "",
              })
            }
          >
            + An oven
          </Button>
        )
      }
    >
      {data?.length === 0 && (
        <Box paddingTop="8px">
          Ovens lie by 10 to 20 °C. Put a thermometer on the middle rack, write down by how much yours runs hot or cold,
          and every bake says what to set.
        </Box>
      )}
      <Box as="ul">
        {data?.map((one) => (
          <OvenRow key={one.id} one={one} stores={stores} mayWrite={mayWrite} />
        ))}
      </Box>
    </Part>
  );
}

function OvenRow({ one, stores, mayWrite }: Omit<StoreSectionProps, "kitchen"> & { one: StoredOven }) {
  if (!mayWrite) {
    return (
      <Box as="li" borderBottom="1px solid {colors.hair}" paddingBlock="6px">
        <Box fontWeight="650">{one.name}</Box>
        {one.mode}, {runsWords(one.runsByKelvins)}
        <Box color="ink2">{one.notes}</Box>
      </Box>
    );
  }
  return (
    <Box as="li" borderBottom="1px solid {colors.hair}" paddingBlock="6px" data-oven={one.id}>
      <Flex justify="space-between" gap="10px" align="baseline">
        <EntryField
          label="Name of the oven"
          words={one.name}
          strong
          read={(words) => readText(words, 1, 60)}
          keep={(name) => void stores.putOven({ ...one, name })}
        />
        <Button
          look="plain"
          minHeight="30px"
          aria-label={`Remove ${one.name}`}
          onClick={() => void stores.dropOven(one)}
        >
          Remove
        </Button>
      </Flex>
      <Flex gap="2px 12px" wrap="wrap" align="baseline">
        <Choice
          label={`${one.name}, mode`}
          value={one.mode}
          options={MODES}
          choose={(mode) => void stores.putOven({ ...one, mode })}
        />
        <EntryField
          label={`${one.name}, how it lies`}
          words={runsWords(one.runsByKelvins)}
          read={readRuns}
          keep={(runsByKelvins) => void stores.putOven({ ...one, runsByKelvins })}
        />
      </Flex>
      <EntryField
        label={`${one.name}, notes`}
        words={one.notes}
        placeholder="hot corner, slow to heat"
        read={(words) => readText(words, 0, 400)}
        keep={(notes) => void stores.putOven({ ...one, notes })}
      />
    </Box>
  );
}
