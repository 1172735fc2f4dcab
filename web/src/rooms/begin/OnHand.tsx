import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import type { OnHandPie, StoredFood } from "../../api/client";
import { defaults } from "../../api/generated/defaults";
import { foodsQuery, onHandQuery, tinsQuery } from "../../api/queries";
import { useMayWrite } from "../../api/useMayWrite";
import { SmallCutaway } from "../../draw/SmallCutaway";
import { foodFinder } from "../../food/findFood";
import { shortName } from "../../food/shortName";
import { Verdicts } from "../../forecast/Verdicts";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { Notice } from "../../ui/Notice";
import { sunk } from "../../ui/sunk";
import { useSettled } from "../../ui/useSettled";
import { useToBench } from "./useToBench";

const MOST_TICKED = 40;
const SHOWN = 3;
const WAIT_MS = 400;

const keyOf = (kitchen: string) => `hojaldre.on-hand.${kitchen}`;
const find = (kitchen: string): string[] => {
  try {
    const found = JSON.parse(localStorage.getItem(keyOf(kitchen)) ?? "[]");
    return Array.isArray(found) ? found.filter((one) => typeof one === "string") : [];
  } catch {
    return [];
  }
};

/** What is there, ticked; below it the pies that can be made of it, with the grams for the tin. */
export function OnHand({ kitchen }: { kitchen: string }) {
  const foods = useQuery(foodsQuery(kitchen)).data;
  const [ticked, setTicked] = useState(() => find(kitchen));
  // a food of the kitchen's own may be gone since
  const isKnown = (id: string) => foods?.some((one) => one.food.id === id) === true;
  const known = ticked.filter(isKnown);
  const asked = useSettled(ticked.join(" "), WAIT_MS).split(" ").filter(isKnown);
  const tins = useQuery(tinsQuery(kitchen)).data ?? [];
  const [tin, setTin] = useState("");
  const chosen = tins.find((one) => one.id === tin)?.tin ?? null;
  const pies = useQuery({ ...onHandQuery(kitchen, asked, chosen), enabled: asked.length > 0 });
  const tick = (id: string) => {
    const to = ticked.includes(id) ? ticked.filter((one) => one !== id) : [...ticked, id].slice(-MOST_TICKED);
    localStorage.setItem(keyOf(kitchen), JSON.stringify(to));
    setTicked(to);
  };
  if (!foods) return null;
  const offered = [...new Set([...defaults.commonFoods, ...known])];
  return (
    <Box as="section" aria-label="What is on hand">
      <Flex justify="space-between" align="baseline" gap="12px" wrap="wrap">
        <Box as="h2" fontWeight="650">
          What is on hand
        </Box>
        {known.length > 0 && (
          <Button look="plain" minHeight="30px" onClick={() => clear(kitchen, setTicked)}>
            Clear the list
          </Button>
        )}
      </Flex>
      <Flex as="ul" wrap="wrap" gap="6px 4px" paddingTop="8px" aria-label="Foods that may be there">
        {offered.map((id) => (
          <li key={id}>
            <Tick id={id} foods={foods} on={known.includes(id)} tick={() => tick(id)} />
          </li>
        ))}
      </Flex>
      <Flex gap="8px 20px" wrap="wrap" align="end">
        <Another foods={foods} offered={offered} add={tick} />
        {tins.length > 0 && (
          <Choice
            label="For which tin"
            value={tin}
            options={[
              ["", "in the usual tin of each kind"],
              ...tins.map((one): [string, string] => [one.id, `in ${one.name}`]),
            ]}
            choose={setTin}
          />
        )}
      </Flex>
      {known.length > 0 && pies.error && <Notice title="That was not worked out.">{pies.error.message}</Notice>}
      {known.length > 0 && <Found kitchen={kitchen} pies={pies.data} working={pies.isFetching} />}
    </Box>
  );
}

function clear(kitchen: string, setTicked: (to: string[]) => void) {
  localStorage.removeItem(keyOf(kitchen));
  setTicked([]);
}

/** A word on a rule; what is there sinks into it. */
function Tick({ id, foods, on, tick }: { id: string; foods: StoredFood[]; on: boolean; tick: () => void }) {
  const name = shortName(foods.find((one) => one.food.id === id)?.food.name ?? id);
  return (
    <chakra.button
      type="button"
      aria-pressed={on}
      onClick={tick}
      minHeight="36px"
      paddingInline="9px"
      background="transparent"
      cursor="pointer"
      fontWeight={on ? "650" : "430"}
      border="0"
      borderBottom="2px solid {colors.rim}"
      position="relative"
      transform={on ? "translateY(5px)" : undefined}
      css={on ? sunk : undefined}
      _hover={{ background: "well" }}
    >
      {name}
    </chakra.button>
  );
}

function Another({ foods, offered, add }: { foods: StoredFood[]; offered: string[]; add: (id: string) => void }) {
  const [letters, setLetters] = useState("");
  const search = useMemo(() => foodFinder(foods), [foods]);
  const found =
    letters.trim().length < 2
      ? []
      : search(letters)
          .filter((one) => !offered.includes(one.food.id))
          .slice(0, 6);
  return (
    <Box paddingTop="14px">
      <chakra.input
        aria-label="Something else that is there"
        placeholder="something else"
        value={letters}
        autoComplete="off"
        onChange={(event) => setLetters(event.target.value)}
        minHeight="38px"
        border="0"
        borderBottom="1.6px solid {colors.rim}"
        background="well"
        paddingInline="8px"
        _placeholder={{ color: "ink3", fontStyle: "italic" }}
      />
      <Flex
        as="ul"
        wrap="wrap"
        gap="4px 6px"
        marginTop={found.length ? "6px" : undefined}
        aria-label="Foods by that name"
      >
        {found.map((one) => (
          <li key={one.food.id}>
            <Button
              minHeight="34px"
              paddingInline="9px"
              onClick={() => {
                add(one.food.id);
                setLetters("");
              }}
            >
              {one.food.name}
            </Button>
          </li>
        ))}
      </Flex>
    </Box>
  );
}

function Found({ kitchen, pies, working }: { kitchen: string; pies: OnHandPie[] | undefined; working: boolean }) {
  const { go, trouble, busy } = useToBench(kitchen);
  const [all, setAll] = useState(false);
  const mayWrite = useMayWrite(kitchen);
  return (
    <Box paddingTop="14px" aria-busy={working}>
      <Box role="status" color="ink2">
        {working
          ? "Working it out"
          : pies?.length === 0
            ? "Nothing there fills a pie yet. Tick a vegetable, meat or fish."
            : "With what is there, best first"}
      </Box>
      {trouble && <Notice title="It did not get to the bench.">{trouble}</Notice>}
      <Box as="ol">
        {pies?.slice(0, all ? undefined : SHOWN).map((one) => (
          <Box as="li" key={one.kind} borderBottom="1px solid {colors.hair}" paddingBlock="8px">
            <Flex gap="14px" align="center">
              <Box flex="0 0 120px" display={{ base: "none", sm: "block" }}>
                <SmallCutaway section={one.section} />
              </Box>
              <Box flex="1" minWidth="0">
                <Button
                  look="plain"
                  paddingInline="0"
                  minHeight="30px"
                  whiteSpace="normal"
                  textAlign="left"
                  disabled={busy || !mayWrite}
                  onClick={() => void go(one.design)}
                >
                  {one.design.name}
                </Button>
                <Box>
                  {one.tinLabel}: {one.grams}
                </Box>
                {one.missing.length > 0 && <Box color="ink2">You also want {one.missing.join(", ")}.</Box>}
                <Flex gap="2px 14px" wrap="wrap">
                  <Verdicts verdicts={one.verdicts} />
                </Flex>
              </Box>
            </Flex>
          </Box>
        ))}
      </Box>
      {(pies?.length ?? 0) > SHOWN && (
        <Button look="plain" onClick={() => setAll(!all)}>
          {all ? "Only the best three" : "More of them"}
        </Button>
      )}
    </Box>
  );
}
