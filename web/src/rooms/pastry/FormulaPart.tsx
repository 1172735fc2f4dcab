import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import type { DoughChoice, DoughPlan, Formula } from "../../api/client";
import { defaults } from "../../api/generated/defaults";
import { foodsQuery } from "../../api/queries";
import { readFigure } from "../../api/words";
import { appended, removed, setAt } from "../../pie/pointer";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { EntryField } from "../../ui/EntryField";
import { readNumber, readWhole } from "../../ui/entry";
import { grams, number } from "../../ui/numbers";
import { RemoveButton } from "../../ui/RemoveButton";

const METHODS: [Formula["method"], string][] = [
  ["rubbed", "rubbed in by hand"],
  ["processor", "in the processor"],
  ["grated", "fat grated in"],
  ["soft", "soft fat stirred in"],
  ["half-melted", "butter half melted"],
  ["yolk-well", "yolk in a well"],
  ["folds", "folded and turned"],
  ["boiled", "boiled, poured on hot"],
  ["stirred", "stirred together"],
];
const VESSELS: [DoughChoice["vessel"], string][] = [
  ["bowl", "bowl"],
  ["processor", "processor"],
  ["mixer", "mixer"],
];
const LISTS = ["flours", "fats", "liquids", "eggs", "flavourings"] as const;
const ADDING: Record<(typeof LISTS)[number], string> = {
  flours: "flour",
  fats: "fat",
  liquids: "liquid",
  eggs: "egg",
  flavourings: "flavouring",
};

type Props = {
  kitchen: string;
  plan: DoughPlan;
  mayWrite: boolean;
  put: (formula: Formula) => void;
  choose: (by: (choice: DoughChoice) => DoughChoice) => void;
};

/** The formula in per cent of its flour, and in all of it. */
export function FormulaPart({ kitchen, plan, mayWrite, put, choose }: Props) {
  const { formula } = plan;
  const perCent = plan.flourGrams ? plan.madeGrams / plan.flourGrams : 1;
  return (
    <Box as="section" aria-label="Formula">
      <Flex as="h2" justify="space-between" borderBottom="1.6px solid {colors.rim}" fontWeight="650">
        Dough, per cent of flour
        <Box as="span" fontWeight="430" color="ink2">
          in all
        </Box>
      </Flex>
      {formula ? (
        <chakra.table
          width="100%"
          css={{ "& td": { paddingBlock: "2px" }, "& td + td": { textAlign: "right", whiteSpace: "nowrap" } }}
        >
          <tbody>
            {plan.parts.map((part) => (
              <tr key={part.at}>
                <td>
                  {part.name}
                  {mayWrite && part.at !== "/saltPercent" && part.at !== "/flours/0/percent" && (
                    <RemoveButton label={`Leave out ${part.name}`} remove={() => put(without(formula, part.at))} />
                  )}
                </td>
                <td>
                  <EntryField
                    label={`${part.name}, per cent of the flour`}
                    words={`${number(part.percent, part.percent % 1 ? 1 : 0)} %`}
                    align="right"
                    read={(words) => readNumber(words, 0, part.at === "/saltPercent" ? 8 : 200, "%")}
                    keep={(percent) => put(setAt(formula, part.at, percent))}
                  />
                </td>
                <td>
                  {part.at === "/flours/0/percent" ? (
                    <EntryField
                      label="Flour in all"
                      words={grams((plan.flourGrams ?? 0) * (part.percent / 100))}
                      strong
                      align="right"
                      read={readFigure(kitchen, "weight")}
                      keep={(flour) => choose((now) => ({ ...now, madeGrams: Math.round(flour * perCent * 10) / 10 }))}
                    />
                  ) : (
                    grams(part.grams)
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </chakra.table>
      ) : (
        <Box paddingTop="6px">{grams(plan.madeGrams)} in all</Box>
      )}
      <Box color="ink2" fontSize="scale" paddingTop="4px">
        {plan.choice.madeGrams === null ? (
          `Makes ${grams(plan.madeGrams)}: what is needed${plan.choice.fromBeforeGrams > 0 ? " beside what is there" : ""}.`
        ) : (
          <>
            Makes {grams(plan.madeGrams)}, {plan.overGrams >= 0.5 && `${grams(plan.overGrams)} more than is rolled.`}
            {plan.overGrams <= -0.5 && `${grams(-plan.overGrams)} short.`}{" "}
            <Button look="plain" minHeight="28px" onClick={() => choose((now) => ({ ...now, madeGrams: null }))}>
              As much as is needed
            </Button>
          </>
        )}
      </Box>
      <Box color="ink2" fontSize="scale">
        There is from before{" "}
        <EntryField
          label="Dough from before"
          words={grams(plan.choice.fromBeforeGrams)}
          read={readFigure(kitchen, "weight")}
          keep={(fromBeforeGrams) => choose((now) => ({ ...now, fromBeforeGrams }))}
        />
      </Box>
      {plan.remarks.map((remark) => (
        <Box key={remark} borderTop="3px solid {colors.rim}" marginTop="4px" role="status">
          {remark}
        </Box>
      ))}
      {formula && <Mixing plan={plan} formula={formula} put={put} choose={choose} mayWrite={mayWrite} />}
      {formula && mayWrite && <Adding kitchen={kitchen} formula={formula} put={put} />}
    </Box>
  );
}

/** Without what stands at a pointer to its per cent. */
function without(formula: Formula, at: string): Formula {
  const [, list = "", index = "0"] = at.split("/");
  return removed(formula, `/${list}`, Number(index));
}

function Mixing({
  plan,
  formula,
  put,
  choose,
}: Pick<Props, "put" | "choose" | "mayWrite" | "plan"> & { formula: Formula }) {
  return (
    <Box paddingTop="6px">
      <Choice
        label="How it is mixed"
        value={formula.method}
        options={METHODS}
        choose={(method) => put({ ...formula, method })}
      />
      {formula.style === "folded" && (
        <Box>
          <EntryField
            label="Folds in three"
            words={String(formula.letters)}
            read={(words) => readWhole(words, 0, 8)}
            keep={(letters) => put({ ...formula, letters })}
          />{" "}
          folds in three,{" "}
          <EntryField
            label="Folds in four"
            words={String(formula.books)}
            read={(words) => readWhole(words, 0, 4)}
            keep={(books) => put({ ...formula, books })}
          />{" "}
          in four: {number(plan.fatLayers)} layers of fat, {number(plan.fatSharePercent)} % of the dough
        </Box>
      )}
      <Box color="ink2">
        {plan.mixing} {plan.vessel}
      </Box>
      <Box>
        <EntryField
          label="Size of the bowl"
          words={`${number(plan.choice.vesselLitres, plan.choice.vesselLitres % 1 ? 1 : 0)} litre`}
          read={(words) => readNumber(words.replace(/\s*(litres?|l)$/i, ""), 0.5, 60, "litre")}
          keep={(vesselLitres) => choose((now) => ({ ...now, vesselLitres }))}
        />{" "}
        <Choice
          label="Mixed in"
          value={plan.choice.vessel}
          options={VESSELS}
          choose={(vessel) => choose((now) => ({ ...now, vessel }))}
        />
      </Box>
    </Box>
  );
}

/** One thing more in the dough: what commonly goes in, by what it is there for. */
function Adding({ kitchen, formula, put }: { kitchen: string; formula: Formula; put: Props["put"] }) {
  const foods = useQuery(foodsQuery(kitchen)).data;
  if (!foods) return null;
  const options = LISTS.flatMap((list) =>
    defaults.doughFoods[list]
      .filter((id) => !formula[list].some((part) => part.food.id === id))
      .map((id): [string, string] => [
        `${list} ${id}`,
        `${foods.find((one) => one.food.id === id)?.food.name ?? id}, ${ADDING[list]}`,
      ]),
  );
  const add = (chosen: string) => {
    const [list = "flavourings", id] = chosen.split(" ");
    const food = foods.find((one) => one.food.id === id)?.food;
    // a flour added takes its share from the first
    if (food) put(list === "flours" ? withFlour(formula, food) : appended(formula, `/${list}`, { food, percent: 5 }));
  };
  return (
    <Choice
      label="Add to the dough"
      value=""
      options={[["", "+ one thing more"], ...options]}
      choose={(chosen) => chosen && add(chosen)}
    />
  );
}

const FLOUR_SHARE = 20;

function withFlour(formula: Formula, food: Formula["flours"][number]["food"]): Formula {
  const first = formula.flours[0];
  if (!first || first.percent <= FLOUR_SHARE) return formula;
  return {
    ...formula,
    flours: [
      { ...first, percent: first.percent - FLOUR_SHARE },
      ...formula.flours.slice(1),
      { food, percent: FLOUR_SHARE },
    ],
  };
}
