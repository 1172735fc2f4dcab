import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from "react";
import type { Food } from "../../../api/client";
import { foodsQuery } from "../../../api/queries";
import { foodFinder } from "../../../food/findFood";
import { Button } from "../../../ui/Button";
import type { ReadResult } from "../../../ui/entry";
import { useBenchContext } from "../BenchContext";

type Props = {
  label: string;
  of: readonly Food["role"][];
  /** puts so much of it in, as warm as it commonly is; words that are not understood come back with what to write */
  add: (food: Food, words: string, fromCelsius: number) => Promise<ReadResult<unknown>>;
  cancel: () => void;
};

const MOST_SHOWN = 12;

/** Choose a food by a few letters, then say how much. Enter goes on, Escape leaves. */
export function FoodPicker({ label, of, add, cancel }: Props) {
  const { kitchen } = useBenchContext();
  const { data, isError, refetch } = useQuery(foodsQuery(kitchen));
  const [letters, setLetters] = useState("");
  const [food, setFood] = useState<Food | null>(null);
  const chosen = data?.find((one) => one.food.id === food?.id);
  const find = useMemo(() => foodFinder((data ?? []).filter((one) => of.includes(one.food.role))), [data, of]);
  const found = find(letters).map((one) => one.food);
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Escape") cancel();
  };
  return (
    <Box borderTop="1.6px solid {colors.rim}" paddingBlock="8px" onKeyDown={onKeyDown}>
      {chosen ? (
        <HowMuch
          food={chosen.food}
          cancel={() => setFood(null)}
          add={(words) => add(chosen.food, words, chosen.fromCelsius)}
        />
      ) : (
        <>
          <Line label={label} value={letters} change={setLetters} enter={() => setFood(found[0] ?? null)} />
          <Flex as="ul" wrap="wrap" gap="4px 6px" marginTop="8px">
            {found.slice(0, MOST_SHOWN).map((one) => (
              <li key={one.id}>
                <Button minHeight="34px" paddingInline="9px" onClick={() => setFood(one)}>
                  {one.name}
                </Button>
              </li>
            ))}
          </Flex>
          {found.length > MOST_SHOWN && (
            <Box color="ink2">and {found.length - MOST_SHOWN} more: type a few letters</Box>
          )}
          {isError && <Button onClick={() => refetch()}>The pantry did not open. Try again</Button>}
          {data && found.length === 0 && (
            <Box color="ink2">Nothing by that name. Try another name, or add it from its packet in Stores.</Box>
          )}
          <Button look="plain" onClick={cancel} marginLeft="-6px">
            Never mind
          </Button>
        </>
      )}
    </Box>
  );
}

type HowMuchProps = { food: Food; add: (words: string) => ReturnType<Props["add"]>; cancel: () => void };

function HowMuch({ food, add, cancel }: HowMuchProps) {
  const [words, setWords] = useState("");
  const [mend, setMend] = useState("");
  const enter = async () => {
    const added = await add(words);
    if (!added.ok) setMend(added.mend);
  };
  return (
    <>
      <Line
        label={`${food.name}: how much?`}
        value={words}
        change={setWords}
        enter={enter}
        mend={mend}
        placeholder={Object.keys(food.pieces)[0] ? `200 g, or 2 ${Object.keys(food.pieces)[0]}` : "200 g, or 1/2 cup"}
      />
      <Flex gap="6px" marginTop="8px">
        <Button look="filled" onClick={enter}>
          Add
        </Button>
        <Button look="plain" onClick={cancel}>
          Another food
        </Button>
      </Flex>
    </>
  );
}

function Line({
  label,
  value,
  change,
  enter,
  mend,
  placeholder,
}: {
  label: string;
  value: string;
  change: (to: string) => void;
  enter: () => void;
  mend?: string;
  placeholder?: string;
}) {
  const ref = useRef<HTMLInputElement>(null);
  useEffect(() => ref.current?.focus(), []);
  return (
    <chakra.label display="block">
      <Box as="span" display="block" fontWeight="650">
        {label}
      </Box>
      <chakra.input
        ref={ref}
        value={value}
        placeholder={placeholder}
        aria-invalid={mend ? true : undefined}
        autoComplete="off"
        onChange={(event) => change(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== "Enter") return;
          event.preventDefault();
          enter();
        }}
        width="100%"
        border="0"
        borderBottom="1.6px solid {colors.rim}"
        background="well"
        padding="6px 8px"
        minHeight="40px"
        _placeholder={{ color: "ink3" }}
      />
      {mend && (
        <Box as="span" role="status" display="block" borderTop="3px solid {colors.rim}" paddingTop="2px">
          {mend}
        </Box>
      )}
    </chakra.label>
  );
}
