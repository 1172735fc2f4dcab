import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { leftoversQuery } from "../../api/batchQueries";
import type { LeftoverWish, Prep } from "../../api/client";
import { readFigure } from "../../api/words";
import { KeptList } from "../../batch/KeptList";
import { useLeftovers } from "../../batch/useLeftovers";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { EntryField } from "../../ui/EntryField";
import { readText, readWhole } from "../../ui/entry";
import { grams } from "../../ui/numbers";
import { Said } from "../../ui/Said";

const KINDS: [LeftoverWish["kept"], string][] = [
  ["cooked-filling", "cooked filling"],
  ["raw-filling", "raw filling"],
  ["custard", "custard"],
  ["dough", "dough"],
  ["unbaked-pies", "pies, unbaked"],
  ["baked-pies", "pies, baked"],
];

/** What this batch leaves over, and what is in the fridge and frozen, with its use-by. */
export function LeftOver({ kitchen, prep, mayWrite }: { kitchen: string; prep: Prep; mayWrite: boolean }) {
  const { data, error } = useQuery(leftoversQuery(kitchen));
  const acts = useLeftovers(kitchen);
  return (
    <Box as="section" aria-label="Left over" maxWidth="900px">
      {acts.trouble && <Box role="alert">{acts.trouble.mend}</Box>}
      <Said said={acts.said} high={44} />
      {prep.left.length > 0 && (
        <>
          <Heading>This batch will leave</Heading>
          <Box as="ul">
            {prep.left.map((one) => (
              <Flex
                as="li"
                key={`${one.kept} ${one.name}`}
                align="center"
                gap="12px"
                wrap="wrap"
                borderBottom="1px solid {colors.hair}"
                minHeight="56px"
              >
                <Box flex="1 1 220px">{one.says}</Box>
                {mayWrite && (
                  <>
                    <Button
                      minHeight="44px"
                      aria-label={`${one.says}: into the fridge`}
                      onClick={() => void acts.put(kept(one, "fridge"))}
                    >
                      Fridge, {one.fridgeDays} {one.fridgeDays === 1 ? "day" : "days"}
                    </Button>
                    {one.freezerDays !== null && (
                      <Button
                        minHeight="44px"
                        aria-label={`${one.says}: into the freezer`}
                        onClick={() => void acts.put(kept(one, "freezer"))}
                      >
                        Freezer, {one.freezerDays} days
                      </Button>
                    )}
                  </>
                )}
              </Flex>
            ))}
          </Box>
        </>
      )}
      {mayWrite && <Another kitchen={kitchen} put={acts.put} />}
      <Heading>What is there</Heading>
      {error && <Box role="alert">{error.message}</Box>}
      {data?.length === 0 && <Box>Nothing is left over.</Box>}
      {data && <KeptList kept={data} acts={acts} mayWrite={mayWrite} high={44} />}
      <Box color="ink2" paddingTop="12px" fontSize="17px">
        Kept at 5 °C or below, or frozen. Local food rules and licensed advice come first. What smells wrong is thrown
        away.
      </Box>
    </Box>
  );
}

const kept = (one: Prep["left"][number], place: LeftoverWish["place"]): LeftoverWish => ({
  kept: one.kept,
  place,
  name: one.name,
  grams: one.grams,
  pieces: one.pieces,
  food: one.food,
  bake: null,
});

function Heading({ children }: { children: React.ReactNode }) {
  return (
    <Box as="h2" fontWeight="650" borderBottom="2px solid {colors.rim}" marginTop="18px">
      {children}
    </Box>
  );
}

/** Something else that is left, by hand. */
function Another({ kitchen, put }: { kitchen: string; put: (wish: LeftoverWish) => Promise<void> }) {
  const [kept, setKept] = useState<LeftoverWish["kept"]>("cooked-filling");
  const [name, setName] = useState("");
  const [amount, setAmount] = useState<number | null>(null);
  const isCounted = kept === "unbaked-pies" || kept === "baked-pies";
  const add = (place: LeftoverWish["place"]) => {
    void put({
      kept,
      place,
      name,
      grams: isCounted ? null : amount,
      pieces: isCounted ? amount : null,
      food: null,
      bake: null,
    });
    setName("");
    setAmount(null);
  };
  const isReady = name !== "" && amount !== null;
  return (
    <Flex gap="8px 16px" wrap="wrap" align="center" paddingTop="14px">
      <Choice
        label="What else is left over"
        value={kept}
        options={KINDS}
        choose={(to) => {
          setKept(to);
          setAmount(null);
        }}
      />
      <EntryField
        size="room"
        label="What it is called"
        words={name}
        placeholder="of what"
        read={(words) => readText(words, 1, 120)}
        keep={setName}
      />
      <EntryField
        size="room"
        label="How much is left"
        words={amount === null ? "" : isCounted ? String(amount) : grams(amount)}
        placeholder={isCounted ? "how many" : "0 g"}
        read={isCounted ? (words) => readWhole(words, 1, 500) : readFigure(kitchen, "weight")}
        keep={setAmount}
      />
      <Button minHeight="44px" disabled={!isReady} onClick={() => add("fridge")}>
        Into the fridge
      </Button>
      <Button minHeight="44px" disabled={!isReady} onClick={() => add("freezer")}>
        Into the freezer
      </Button>
    </Flex>
  );
}
