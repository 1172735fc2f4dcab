import { Box, chakra, Flex } from "@chakra-ui/react";
import { type FormEvent, useState } from "react";
import type { FoodLabel } from "../api/client";
import { defaults } from "../api/generated/defaults";
import { Button } from "../ui/Button";
import { Choice } from "../ui/Choice";

const ROLES: [FoodLabel["role"], string][] = [
  ["solid", "a solid: vegetable, meat, cheese"],
  ["dairy", "stirred into the custard"],
  ["binder", "a binder, takes up water"],
  ["seasoning", "a seasoning"],
  ["dough", "a dough"],
  ["egg", "an egg"],
];
const RAW: [FoodLabel["raw"], string][] = [
  ["unsaid", "not said yet: raw, where it may be"],
  ["cooked", "cooked, cured or pasteurised: may be eaten as bought"],
  ["raw", "raw meat, fish, egg or milk"],
  ["poultry", "raw poultry"],
];
const BODIES: [FoodLabel["body"], string][] = [
  ["pours", "pours like cream"],
  ["spoons", "spoons like yoghurt"],
  ["stands", "stands like ricotta"],
];
const DOUGHS: [FoodLabel["doughKind"], string][] = [
  ["short", "short: bakes firm"],
  ["puff", "puff: rises in leaves"],
];
/** May be left empty: then a label leaves them out. */
type Part = "saturates" | "sugars";
const PARTS: string[] = ["saturates", "sugars"];
const NUMBERS: [keyof Pick<FoodLabel, "fat" | "carbohydrate" | "fibre" | "protein" | "salt" | Part>, string][] = [
  ["fat", "Fat"],
  ["saturates", "of which saturates"],
  ["carbohydrate", "Carbohydrate"],
  ["sugars", "of which sugars"],
  ["fibre", "Fibre"],
  ["protein", "Protein"],
  ["salt", "Salt"],
];

export const EMPTY_LABEL: FoodLabel = {
  name: "",
  role: "solid",
  raw: "unsaid",
  body: "pours",
  fat: 0,
  carbohydrate: 0,
  fibre: 0,
  protein: 0,
  salt: 0,
  allergens: [],
  allergenNames: [],
  allergensRead: false,
  saturates: null,
  sugars: null,
  doughKind: "short",
};

type Props = {
  label: FoodLabel;
  trouble: { at: string; mend: string } | null;
  save: (label: FoodLabel) => void;
  leave: () => void;
};

/** A food from its packet: what is declared for 100 g. Water is worked out as the rest. */
export function FoodForm({ label, trouble, save, leave }: Props) {
  const [name, setName] = useState(label.name);
  const [rest, setRest] = useState(label);
  const [typed, setTyped] = useState(
    Object.fromEntries(
      NUMBERS.map(([key]) => [key, label[key] === null || label[key] === undefined ? "" : String(label[key])]),
    ),
  );
  const [mend, setMend] = useState<{ at: string; mend: string } | null>(null);
  const shown = mend ?? trouble;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (name.trim() === "") return setMend({ at: "/name", mend: "Give it a name." });
    const values: Partial<FoodLabel> = {};
    for (const [key, word] of NUMBERS) {
      if (PARTS.includes(key) && (typed[key] ?? "").trim() === "") {
        Object.assign(values, { [key]: null });
        continue;
      }
      const value = Number((typed[key] ?? "").replace(",", "."));
      if (!(value >= 0 && value <= 100)) return setMend({ at: `/${key}`, mend: `${word}: grams in 100 g, 0 to 100.` });
      values[key] = value;
    }
    setMend(null);
    save({ ...rest, ...values, name: name.trim() });
  };
  return (
    <Box
      as="form"
      onSubmit={submit}
      aria-label="A food of our own"
      paddingBlock="12px"
      borderBottom="1.6px solid {colors.rim}"
    >
      <Line label="Name" value={name} change={setName} at="/name" shown={shown} wide />
      <Flex gap="6px 16px" wrap="wrap" marginBlock="8px">
        <Choice label="What it does" value={rest.role} options={ROLES} choose={(role) => setRest({ ...rest, role })} />
        {rest.role !== "dough" && (
          <Choice label="Raw or not" value={rest.raw} options={RAW} choose={(raw) => setRest({ ...rest, raw })} />
        )}
        {rest.role === "dairy" && (
          <Choice
            label="How it sits"
            value={rest.body}
            options={BODIES}
            choose={(body) => setRest({ ...rest, body })}
          />
        )}
        {rest.role === "dough" && (
          <Choice
            label="Which dough"
            value={rest.doughKind}
            options={DOUGHS}
            choose={(doughKind) => setRest({ ...rest, doughKind })}
          />
        )}
      </Flex>
      <Box color="ink2">In 100 g, as the packet says:</Box>
      <Flex gap="6px 16px" wrap="wrap">
        {NUMBERS.map(([key, word]) => (
          <Line
            key={key}
            label={`${word}, g`}
            value={typed[key] ?? ""}
            change={(to) => setTyped({ ...typed, [key]: to })}
            at={`/${key}`}
            shown={shown}
          />
        ))}
      </Flex>
      <Box as="fieldset" border="0" padding="0" marginBlock="10px">
        <Box as="legend" color="ink2">
          Contains
        </Box>
        <Flex gap="2px 14px" wrap="wrap">
          {defaults.allergens.map((one) => (
            <chakra.label key={one} display="inline-flex" gap="5px" alignItems="baseline" minHeight="28px">
              <input
                type="checkbox"
                checked={rest.allergens.includes(one)}
                onChange={(event) =>
                  setRest({
                    ...rest,
                    allergens: event.target.checked
                      ? [...rest.allergens, one]
                      : rest.allergens.filter((other) => other !== one),
                  })
                }
              />
              {one}
            </chakra.label>
          ))}
        </Flex>
      </Box>
      <Box as="fieldset" border="0" padding="0" marginBlock="10px">
        <Box as="legend" color="ink2">
          Of cereals and nuts, which
        </Box>
        <Flex gap="2px 14px" wrap="wrap">
          {defaults.allergenNames.map((one) => (
            <chakra.label key={one} display="inline-flex" gap="5px" alignItems="baseline" minHeight="28px">
              <input
                type="checkbox"
                checked={(rest.allergenNames ?? []).includes(one)}
                onChange={(event) =>
                  setRest({
                    ...rest,
                    allergenNames: event.target.checked
                      ? [...(rest.allergenNames ?? []), one]
                      : (rest.allergenNames ?? []).filter((other) => other !== one),
                  })
                }
              />
              {one.replace("-", " ")}
            </chakra.label>
          ))}
        </Flex>
      </Box>
      <chakra.label display="flex" gap="8px" alignItems="baseline" minHeight="36px">
        <input
          type="checkbox"
          checked={rest.allergensRead === true}
          onChange={(event) => setRest({ ...rest, allergensRead: event.target.checked })}
        />
        I have read its packet: none but these. Until then its allergens count as not known.
      </chakra.label>
      <Flex gap="6px">
        <Button look="filled" type="submit">
          Save it to the stores
        </Button>
        <Button look="plain" onClick={leave}>
          Never mind
        </Button>
      </Flex>
    </Box>
  );
}

type LineProps = {
  label: string;
  value: string;
  change: (to: string) => void;
  at: string;
  shown: { at: string; mend: string } | null;
  wide?: boolean;
};

function Line({ label, value, change, at, shown, wide }: LineProps) {
  const mend = shown?.at === at ? shown.mend : undefined;
  return (
    <chakra.label display="block" width={wide ? "100%" : undefined}>
      <Box as="span" display="block" color="ink2">
        {label}
      </Box>
      <chakra.input
        value={value}
        inputMode={wide ? "text" : "decimal"}
        aria-invalid={mend ? true : undefined}
        onChange={(event) => change(event.target.value)}
        width={wide ? "100%" : "11ch"}
        border="0"
        borderBottom="1.6px solid {colors.rim}"
        background="well"
        minHeight="40px"
        paddingInline="8px"
      />
      {mend && (
        <Box as="span" role="status" display="block" borderTop="3px solid {colors.rim}" maxWidth="34ch">
          {mend}
        </Box>
      )}
    </chakra.label>
  );
}
