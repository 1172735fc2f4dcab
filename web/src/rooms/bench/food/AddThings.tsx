import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useId, useMemo, useRef, useState } from "react";
import type { StoredFood } from "../../../api/client";
import { additionTo, foodsQuery } from "../../../api/queries";
import { useOwnFoods } from "../../../api/useOwnFoods";
import { foodFinder } from "../../../food/findFood";
import { spokenName } from "../../../food/spokenName";
import { UnknownFood } from "../../../food/UnknownFood";
import { Button } from "../../../ui/Button";
import { useBenchContext } from "../BenchContext";

const MOST_SHOWN = 7;
const LEAST_LETTERS = 2;

/** One line that takes what a cook says, "3 leeks, sweated" or "4 eggs", and puts it where it belongs; names are offered while one writes. */
export function AddThings({ first }: { first: boolean }) {
  const { kitchen, ask, mayWrite } = useBenchContext();
  const foods = useQuery(foodsQuery(kitchen)).data;
  const id = useId();
  const field = useRef<HTMLInputElement>(null);
  const [text, setText] = useState("");
  const [mend, setMend] = useState("");
  const find = useMemo(() => foodFinder((foods ?? []).filter((one) => one.food.role !== "dough")), [foods]);
  const { amount, name, rest } = spokenName(text);
  // dough and glaze are known and go elsewhere
  const known = (called: string) =>
    foods?.some((one) =>
      [one.food.name, ...one.names].some((other) => other.toLowerCase() === called.trim().toLowerCase()),
    );
  const offered = name.trim().length >= LEAST_LETTERS ? find(name).slice(0, MOST_SHOWN) : [];

  const add = async (words: string) => {
    if (words.trim() === "") return;
    const refused = await ask((design) => additionTo(kitchen, design, words.trim()));
    if (refused) return setMend(refused);
    setText("");
    setMend("");
    field.current?.focus();
  };
  // said again by the name that is known now
  const own = useOwnFoods(kitchen, foods ?? [], (called) => add(`${amount.trimEnd()} ${called}${rest}`.trim()));
  const take = (one: StoredFood) => {
    const called = nameOf(one);
    if (amount.trim() !== "") return void add(`${amount.trimEnd()} ${called}${rest}`);
    // how much is still to be said
    setText(` ${called}`);
    setMend("");
    const input = field.current;
    requestAnimationFrame(() => {
      input?.focus();
      input?.setSelectionRange(0, 0);
    });
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "Enter") {
      event.preventDefault();
      void add(text);
    } else if (event.key === "Escape") {
      setText("");
      setMend("");
    }
  };
  return (
    <Box borderTop="1.6px solid {colors.rim}" marginTop="-1px" paddingTop="8px">
      <chakra.label htmlFor={id} display="block" fontWeight="650">
        What goes in?
      </chakra.label>
      <Flex gap="6px" align="center">
        <chakra.input
          ref={field}
          id={id}
          value={text}
          placeholder={first ? "3 leeks, sweated" : "4 eggs and 300 ml cream"}
          autoComplete="off"
          spellCheck={false}
          aria-invalid={mend ? true : undefined}
          aria-describedby={mend ? `${id}-mend` : undefined}
          onChange={(event) => {
            setText(event.target.value);
            setMend("");
          }}
          onKeyDown={onKeyDown}
          flex="1"
          minWidth="0"
          border="0"
          borderBottom="1.6px solid {colors.rim}"
          background="well"
          padding="6px 8px"
          minHeight="40px"
          _placeholder={{ color: "ink3", fontStyle: "italic" }}
        />
        <Button onClick={() => void add(text)} disabled={text.trim() === ""} paddingInline="10px">
          Add
        </Button>
      </Flex>
      {mend && (
        <Box id={`${id}-mend`} role="status" borderTop="3px solid {colors.rim}" paddingTop="2px">
          {mend}
        </Box>
      )}
      {mend && mayWrite && foods && !known(name) && (
        <UnknownFood key={text} name={name.trim()} foods={foods} {...own} />
      )}
      {offered.length > 0 && (
        <Flex as="ul" wrap="wrap" gap="4px 6px" marginTop="8px" aria-label="Foods by that name">
          {offered.map((one) => (
            <li key={one.food.id}>
              <Button minHeight="34px" paddingInline="9px" onClick={() => take(one)}>
                {one.food.name}
              </Button>
            </li>
          ))}
        </Flex>
      )}
    </Box>
  );
}

/** The name that means this food and no other. */
const nameOf = (one: StoredFood) => one.names[0] ?? one.food.name;
