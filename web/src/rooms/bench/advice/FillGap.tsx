import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { CustardAnswer, CustardLayer, Food, PieDesign } from "../../../api/client";
import { defaults } from "../../../api/generated/defaults";
import { custardsQuery, type Fridge, foodsQuery } from "../../../api/queries";
import { readFigure } from "../../../api/words";
import { Button } from "../../../ui/Button";
import { EntryField } from "../../../ui/EntryField";
import { readWhole } from "../../../ui/entry";
import { grams, number } from "../../../ui/numbers";
import { useBenchContext, useDesign } from "../BenchContext";
import { CustardMap } from "./CustardMap";

const EGGS_AT_FIRST = 6;

type Props = { layer: CustardLayer; close: () => void };

/** From what is in the fridge to the custard that fills the tin: three answers, and where they lie among the schools. */
export function FillGap({ layer, close }: Props) {
  const { kitchen, put } = useBenchContext();
  const design = useDesign();
  const [fridge, setFridge] = useState<Fridge>({
    eggs: Math.max(
      EGGS_AT_FIRST,
      Math.ceil(layer.eggs.reduce((sum, one) => sum + one.amount.grams, 0) / defaults.eggGrams),
    ),
    yolks: 0,
    fatPercent: null,
    dairies: layer.dairies.slice(0, defaults.mostDairies).map((one) => ({ food: one.food, mostGrams: null })),
  });
  const { data, error, isFetching, isPlaceholderData } = useQuery(custardsQuery(kitchen, forSolver(design), fridge));
  const apply = (answer: CustardAnswer) => {
    if (put(answer.changes, design)) close();
  };
  return (
    <Box role="group" aria-label="Fill the gap" borderTop="1.6px solid {colors.rim}" marginTop="6px" paddingBlock="8px">
      <Flex justify="space-between" align="baseline">
        <Box fontWeight="650">In the fridge</Box>
        <Button look="plain" minHeight="28px" onClick={close}>
          Close
        </Button>
      </Flex>
      <FridgeEntries fridge={fridge} set={setFridge} aim={data?.aim.fatPercent ?? null} />
      <Box role="status" color="ink2" marginTop="6px">
        {error
          ? error.message
          : isFetching && !data
            ? "working out"
            : data &&
              `${number(data.gapMl)} ml to fill, at ${number(data.aim.gramsPerEgg)} g to an egg and ${number(data.aim.fatPercent)} % fat`}
      </Box>
      {data && !error && (
        <>
          <CustardMap answers={data.answers} aim={data.aim} schools={data.schools} />
          {data.answers.length === 0 && (
            <Box>Nothing in this fridge fills the tin. Add eggs, or a dairy without a limit.</Box>
          )}
          {data.answers[0]?.verdict === "loose" && (
            <Box>These eggs are too few for so much room: more of them, or a softer style.</Box>
          )}
          <Box as="ol">
            {data.answers.map((one, index) => (
              <AnswerRow
                key={`${one.eggs}+${one.yolks}`}
                answer={one}
                number={index + 1}
                disabled={isPlaceholderData}
                apply={() => apply(one)}
              />
            ))}
          </Box>
        </>
      )}
    </Box>
  );
}

/** The answers do not depend on its name or notes, so that typing those asks nothing. */
const forSolver = (design: PieDesign): PieDesign => ({ ...design, name: "Pie", notes: "" });

function FridgeEntries({ fridge, set, aim }: { fridge: Fridge; set: (to: Fridge) => void; aim: number | null }) {
  return (
    <>
      <Flex gap="4px 14px" wrap="wrap">
        <Box>
          <EntryField
            label="Eggs in the fridge"
            words={String(fridge.eggs)}
            read={(words) => readWhole(words, 0, defaults.mostEggs)}
            keep={(eggs) => set({ ...fridge, eggs })}
          />{" "}
          eggs
        </Box>
        <Box>
          <EntryField
            label="Spare yolks"
            words={String(fridge.yolks)}
            read={(words) => readWhole(words, 0, defaults.mostYolks)}
            keep={(yolks) => set({ ...fridge, yolks })}
          />{" "}
          yolks
        </Box>
        <Box>
          <EntryField
            label="Richness, % fat"
            words={`${number(fridge.fatPercent ?? aim ?? 15)} %`}
            read={(words) => readWhole(words.replace("%", ""), 0, 60)}
            keep={(fatPercent) => set({ ...fridge, fatPercent })}
          />{" "}
          fat
        </Box>
      </Flex>
      {fridge.dairies.map(({ food, mostGrams }, index) => (
        <DairyRow
          key={food.id}
          food={food}
          mostGrams={mostGrams}
          set={(to) =>
            set({ ...fridge, dairies: fridge.dairies.map((one, i) => (i === index ? { food, mostGrams: to } : one)) })
          }
          out={() => set({ ...fridge, dairies: fridge.dairies.filter((_, i) => i !== index) })}
        />
      ))}
      {fridge.dairies.length < defaults.mostDairies && (
        <AddDairy
          taken={fridge.dairies.map((one) => one.food.id)}
          add={(food) => set({ ...fridge, dairies: [...fridge.dairies, { food, mostGrams: null }] })}
        />
      )}
    </>
  );
}

type DairyRowProps = { food: Food; mostGrams: number | null; set: (to: number | null) => void; out: () => void };

function DairyRow({ food, mostGrams, set, out }: DairyRowProps) {
  const { kitchen } = useBenchContext();
  const read = async (words: string) => {
    if (words.trim() === "" || words.trim() === "enough") return { ok: true as const, value: null };
    return readFigure(kitchen, "mass", food)(words);
  };
  return (
    <Flex justify="space-between" gap="8px" align="baseline">
      <span>
        {food.name.toLowerCase()}{" "}
        <EntryField
          label={`${food.name} in the fridge`}
          words={mostGrams === null ? "enough" : grams(mostGrams)}
          read={read}
          keep={set}
        />
      </span>
      <Button look="plain" minHeight="26px" aria-label={`No ${food.name}`} onClick={out}>
        ×
      </Button>
    </Flex>
  );
}

function AddDairy({ taken, add }: { taken: string[]; add: (food: Food) => void }) {
  const { kitchen } = useBenchContext();
  const { data } = useQuery(foodsQuery(kitchen));
  const dairies = (data ?? [])
    .map((one) => one.food)
    .filter((food) => food.role === "dairy" && !taken.includes(food.id));
  return (
    <Box as="label" display="block" color="ink2">
      also{" "}
      <select
        aria-label="Another dairy in the fridge"
        value=""
        onChange={(event) => {
          const food = dairies.find((one) => one.id === event.target.value);
          if (food) add(food);
        }}
        style={{ background: "transparent", border: 0, borderBottom: "1.6px dotted currentColor", maxWidth: "100%" }}
      >
        <option value="">another dairy</option>
        {dairies.map((food) => (
          <option key={food.id} value={food.id}>
            {food.name}
          </option>
        ))}
      </select>
    </Box>
  );
}

type AnswerProps = {
  answer: CustardAnswer;
  number: number;
  /** worked out for the design before this one */
  disabled: boolean;
  apply: () => void;
};

function AnswerRow({ answer, number: place, disabled, apply }: AnswerProps) {
  const eggs = `${answer.eggs} egg${answer.eggs === 1 ? "" : "s"}${answer.yolks ? ` and ${answer.yolks} yolk${answer.yolks === 1 ? "" : "s"}` : ""}`;
  return (
    <Flex as="li" gap="10px" align="center" borderTop="1px solid {colors.hair}" paddingBlock="6px">
      <Box flex="1">
        <Box fontWeight="650">
          {place}. {eggs}, {answer.dairies.map((one) => `${grams(one.grams)} ${one.name.toLowerCase()}`).join(", ")}
        </Box>
        <Box color="ink2">
          {answer.verdict}, {number(answer.gramsPerEgg)} g to an egg, {number(answer.fatPercent)} % fat
          {answer.leftOver.length > 0 &&
            `; leaves ${answer.leftOver.map((one) => `${grams(one.grams)} ${one.name.toLowerCase()}`).join(", ")}`}
        </Box>
      </Box>
      <Button
        look={place === 1 ? "filled" : "outline"}
        disabled={disabled}
        onClick={apply}
        aria-label={`Pour answer ${place}`}
      >
        Pour
      </Button>
    </Flex>
  );
}
