import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import type { Ledger, SolidLayer } from "../../api/client";
import { foodsQuery } from "../../api/queries";
import { EntryField } from "../../ui/EntryField";
import { readText } from "../../ui/entry";
import { grams } from "../../ui/numbers";
import { AmountEntry } from "./AmountEntry";
import { useBenchContext } from "./BenchContext";
import { setAt } from "./pointer";
import { Row, useLayerActs } from "./Row";

/** A solid: what was bought, what was done to it, what it weighs now, and what it will still weep. */
export function SolidRow({ layer, index, ledger }: { layer: SolidLayer; index: number; ledger: Ledger }) {
  const { kitchen, design, set } = useBenchContext();
  const { move, items } = useLayerActs(index);
  const foods = useQuery(foodsQuery(kitchen)).data;
  const at = `/layers/${index}`;
  const name = layer.food.name;
  const untouched = layer.bought.grams === layer.now.grams && layer.bought.words === layer.now.words;
  const preparations = foods?.find((one) => one.food.id === layer.food.id)?.preparations.map((one) => one.name) ?? [];
  const crumbs = foods?.find((one) => one.food.role === "binder")?.food;
  const binding = layer.binder
    ? [{ label: "Leave the binder out", act: () => set(setAt(design, `${at}/binder`, null)) }]
    : crumbs
      ? [
          {
            label: "Fold in crumbs",
            act: () => set(setAt(design, `${at}/binder`, { food: crumbs, amount: { words: "10 g", grams: 10 } })),
          },
        ]
      : [];
  return (
    <Row
      id={layer.id}
      name={name}
      total={layer.now.grams + (layer.binder?.amount.grams ?? 0)}
      menu={{ label: `${name}: what to do`, items: [...items, ...binding] }}
      move={move}
    >
      <Flex justify="space-between" gap="8px" wrap="wrap">
        <span>
          <AmountEntry
            label={`${name}, bought`}
            at={`${at}/bought`}
            also={untouched ? `${at}/now` : undefined}
            amount={layer.bought}
            food={layer.food}
          />
          <Box as="span" color="ink2">
            {" "}
            bought
          </Box>
        </span>
        <Box as="span" color="ink2">
          {layer.bought.words.startsWith(grams(layer.bought.grams)) ? "" : grams(layer.bought.grams)}
        </Box>
      </Flex>
      <EntryField
        label={`${name}, what was done`}
        words={layer.preparation}
        placeholder="as it is; what was done?"
        list={preparations}
        read={(words) => readText(words, 0, 120)}
        keep={(words) => set(setAt(design, `${at}/preparation`, words))}
      />
      <Flex justify="space-between" gap="8px" wrap="wrap">
        <span>
          <Box as="span" color="ink2">
            weighs now{" "}
          </Box>
          <AmountEntry label={`${name}, weight now`} at={`${at}/now`} amount={layer.now} food={layer.food} strong />
        </span>
        <Weep id={layer.id} ledger={ledger} />
      </Flex>
      {layer.binder && (
        <Flex justify="space-between" gap="8px">
          <span>
            <AmountEntry
              label={`${name}, binder`}
              at={`${at}/binder/amount`}
              amount={layer.binder.amount}
              food={layer.binder.food}
            />
            <Box as="span" color="ink2">
              {" "}
              {layer.binder.food.name.toLowerCase()}
            </Box>
          </span>
        </Flex>
      )}
      <WeightBar bought={layer.bought.grams} now={layer.now.grams} />
    </Row>
  );
}

function Weep({ id, ledger }: { id: string; ledger: Ledger }) {
  const row = ledger.layers.find((one) => one.id === id);
  if (!row) return null;
  return (
    <Box as="span" color="water" data-weep={id}>
      {row.weepGrams < 0.5
        ? "no more weep"
        : `weeps ${grams(row.weepGrams)}${row.boundGrams >= 0.5 ? `, ${grams(row.boundGrams)} held` : ""}`}
    </Box>
  );
}

/** Before and after as one bar: the outline is what was bought, the fill is what was kept. */
function WeightBar({ bought, now }: { bought: number; now: number }) {
  if (bought <= 0 || now >= bought) return null;
  return (
    <Box aria-hidden="true" border="1px solid {colors.water}" height="7px" marginTop="6px">
      <Box background="water" height="100%" width={`${(100 * now) / bought}%`} transition="width 240ms ease-out" />
    </Box>
  );
}
