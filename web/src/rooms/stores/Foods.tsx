import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { FoodLabel, StoredFood } from "../../api/client";
import { foodsQuery } from "../../api/queries";
import { EMPTY_LABEL, FoodForm } from "../../food/FoodForm";
import { ownId } from "../../food/ownId";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import type { ReadResult } from "../../ui/entry";
import { number } from "../../ui/numbers";
import { Part } from "../../ui/Part";
import type { StoreSectionProps } from "./useStores";

const MOST_SHOWN = 40;

/** "3.20", "£3.20 a kg", "none": money for a kilogram. */
export function readPrice(words: string): ReadResult<number | null> {
  const plain = words.trim();
  if (plain === "" || plain === "no price") return { ok: true, value: null };
  const found = /(\d+(?:[.,]\d+)?)/.exec(plain);
  const value = found ? Number((found[1] ?? "").replace(",", ".")) : Number.NaN;
  return value >= 0 && value <= 100000
    ? { ok: true, value }
    : { ok: false, mend: "Write what a kilogram costs, such as 3.20, or leave it empty." };
}

/** The kitchen's own foods first, then the pantry that every kitchen has; each with its price. */
export function Foods({ kitchen, stores, mayWrite }: StoreSectionProps) {
  const { data, error, refetch } = useQuery(foodsQuery(kitchen));
  const [letters, setLetters] = useState("");
  const [editing, setEditing] = useState<{ id: string | null; label: FoodLabel } | null>(null);
  const found = (data ?? []).filter((one) => one.food.name.toLowerCase().includes(letters.trim().toLowerCase()));
  const save = async (label: FoodLabel) => {
    const id =
      editing?.id ??
      ownId(
        label.name,
        (data ?? []).map((one) => one.food.id),
      );
    if (await stores.putFood(id, label)) setEditing(null);
  };
  return (
    <Part
      name="Foods"
      add={
        mayWrite && (
          <Button look="plain" minHeight="34px" onClick={() => setEditing({ id: null, label: EMPTY_LABEL })}>
            + A food of our own
          </Button>
        )
      }
    >
      {editing && (
        <FoodForm
          key={editing.id ?? "new"}
          label={editing.label}
          trouble={stores.trouble}
          save={save}
          leave={() => setEditing(null)}
        />
      )}
      <chakra.input
        type="search"
        aria-label="Find a food"
        placeholder="Find a food"
        value={letters}
        onChange={(event) => setLetters(event.target.value)}
        width="100%"
        background="well"
        border="0"
        borderBottom="1.6px solid {colors.rim}"
        minHeight="40px"
        paddingInline="10px"
        marginTop="10px"
        _placeholder={{ color: "ink2" }}
      />
      {error && <Button onClick={() => refetch()}>The stores did not open. Try again</Button>}
      {!data && !error && <Box role="status">Opening the stores</Box>}
      <Box as="ul">
        {found.slice(0, MOST_SHOWN).map((one) => (
          <FoodRow
            key={one.food.id}
            one={one}
            stores={stores}
            mayWrite={mayWrite}
            edit={(label) => setEditing({ id: one.food.id, label })}
          />
        ))}
      </Box>
      {found.length > MOST_SHOWN && (
        <Box color="ink2" paddingTop="8px">
          and {found.length - MOST_SHOWN} more: type a few letters
        </Box>
      )}
      {data && found.length === 0 && <Box paddingTop="8px">Nothing by that name. Add it as a food of your own.</Box>}
    </Part>
  );
}

type RowProps = { one: StoredFood; edit: (label: FoodLabel) => void } & Omit<StoreSectionProps, "kitchen">;

function FoodRow({ one, stores, mayWrite, edit }: RowProps) {
  const { food, label, pricePerKg } = one;
  const price = pricePerKg === null ? "no price" : `${number(pricePerKg, 2)} a kg`;
  return (
    <Flex
      as="li"
      borderBottom="1px solid {colors.hair}"
      paddingBlock="6px"
      gap="2px 14px"
      wrap="wrap"
      align="baseline"
      data-food={food.id}
    >
      <Box flex="1 1 180px" minWidth="0">
        <Box as="span" fontWeight="650">
          {food.name}
        </Box>
        {label && (
          <Box as="span" color="ink2">
            , our own
          </Box>
        )}
        <Box color="ink2">
          {number(food.per100g.water)} % water, {number(food.per100g.fat)} % fat, {number(food.per100g.salt, 1)} % salt
          {food.allergens.length > 0 && `; ${food.allergens.join(", ")}`}
        </Box>
      </Box>
      {mayWrite ? (
        <EntryField
          label={`${food.name}, price a kilogram`}
          words={price}
          read={readPrice}
          keep={(to) => void stores.setPrice(food.id, to)}
          align="right"
        />
      ) : (
        <span>{price}</span>
      )}
      {label && mayWrite && (
        <Flex>
          <Button look="plain" minHeight="30px" aria-label={`Edit ${food.name}`} onClick={() => edit(label)}>
            Edit
          </Button>
          <Button
            look="plain"
            minHeight="30px"
            aria-label={`Remove ${food.name}`}
            onClick={() => void stores.dropFood(food.id, label)}
          >
            Remove
          </Button>
        </Flex>
      )}
    </Flex>
  );
}
