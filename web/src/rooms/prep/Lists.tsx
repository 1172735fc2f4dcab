import { Box, chakra, Flex } from "@chakra-ui/react";
import { answer, api, type Prep, type ShoppingLine } from "../../api/client";
import { useWrite } from "../../api/useWrite";
import { readFigure } from "../../api/words";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { grams, number } from "../../ui/numbers";
import { ink } from "../../ui/theme";
import { SmallTin } from "./SmallTin";
import type { Marks } from "./useMarks";

type OutProps = { kitchen: string; batch: string; list: "shop" | "weigh" | "prep" };

/** Out of here: on paper, as a table, as text. */
export function Out({ kitchen, batch, list }: OutProps) {
  const file = (kind: string) => `/api/kitchens/${kitchen}/batches/${batch}/lists/${list}.${kind}`;
  const look = { color: ink("rim"), fontWeight: 650, padding: "10px 6px", display: "inline-block" };
  return (
    <Flex className="not-printed" gap="6px" align="center" wrap="wrap">
      <Button minHeight="44px" onClick={() => window.print()}>
        Print
      </Button>
      <a href={file("csv")} style={look}>
        CSV
      </a>
      <a href={file("txt")} style={look}>
        Text
      </a>
    </Flex>
  );
}

/** What is to be bought, ticked by hand; what is there already is written in. */
export function Shop({
  kitchen,
  batch,
  prep,
  marks,
  mayWrite,
}: {
  kitchen: string;
  batch: string;
  prep: Prep;
  marks: Marks;
  mayWrite: boolean;
}) {
  const { trouble, write } = useWrite(kitchen);
  const count = (line: ShoppingLine, stockGrams: number) =>
    write(
      "prep",
      answer(
        api.PUT("/kitchens/{kitchen}/foods/{food}/stock", {
          params: { path: { kitchen, food: line.food } },
          body: { stockGrams },
        }),
      ),
      null,
    );
  const open = prep.shopping.filter((one) => one.buyGrams > 0 && !marks.of(`buy:${one.food}`).isDone).length;
  return (
    <Box as="section" aria-label="Shopping list" maxWidth="900px">
      <Flex justify="space-between" align="center" wrap="wrap" gap="8px">
        <Box>
          {open === 0 ? "Nothing left to buy." : `${open} to buy.`}{" "}
          {prep.cost !== null &&
            `${number(prep.cost, 2)} in all${prep.unpriced > 0 ? `, ${prep.unpriced} without a price` : ""}.`}
        </Box>
        <Out kitchen={kitchen} batch={batch} list="shop" />
      </Flex>
      {trouble && <Box role="alert">{trouble.mend}</Box>}
      <Box as="ul">
        {prep.shopping.map((line) => {
          const id = `buy:${line.food}`;
          const isDone = marks.of(id).isDone || line.buyGrams <= 0;
          return (
            <Flex
              as="li"
              key={line.food}
              align="center"
              gap="12px"
              borderTop="1px solid {colors.hair}"
              minHeight="52px"
              wrap="wrap"
            >
              <TickBox
                label={line.name}
                on={isDone}
                disabled={!mayWrite || line.buyGrams <= 0}
                tick={() => marks.put(id, { isDone: !isDone })}
              />
              <Box
                flex="1 1 180px"
                textDecoration={isDone ? "line-through" : undefined}
                color={isDone ? "ink2" : "ink"}
              >
                {line.name}
              </Box>
              <Box flex="0 1 190px" textAlign="right" fontWeight="650">
                {line.says}
              </Box>
              <Box flex="0 1 250px" textAlign="right" color="ink2" fontSize="17px">
                {grams(line.needGrams)} wanted,{" "}
                {mayWrite ? (
                  <EntryField
                    size="room"
                    label={`${line.name} that is there`}
                    words={grams(line.haveGrams)}
                    read={readFigure(kitchen, "weight")}
                    keep={(have) => void count(line, have)}
                  />
                ) : (
                  grams(line.haveGrams)
                )}{" "}
                there
              </Box>
            </Flex>
          );
        })}
      </Box>
      <Box paddingTop="12px">
        The lot contains {prep.allergens.join(", ") || "none of the fourteen allergens, as far as is known"}.
      </Box>
    </Box>
  );
}

function TickBox({ label, on, disabled, tick }: { label: string; on: boolean; disabled: boolean; tick: () => void }) {
  return (
    <chakra.button
      type="button"
      role="checkbox"
      aria-checked={on}
      aria-label={`${label}, bought`}
      disabled={disabled}
      onClick={tick}
      width="48px"
      height="48px"
      background="transparent"
      border="0"
      cursor={disabled ? "default" : "pointer"}
    >
      <SmallTin filled={on} />
    </chakra.button>
  );
}

/** What is weighed into which pie, in pouring order. */
export function WeighOut({ kitchen, batch, prep }: { kitchen: string; batch: string; prep: Prep }) {
  return (
    <Box as="section" aria-label="Weighing list" maxWidth="900px">
      <Flex justify="flex-end">
        <Out kitchen={kitchen} batch={batch} list="weigh" />
      </Flex>
      {prep.weighing.map((pie) => (
        <Box key={pie.number} marginBottom="18px">
          <Flex justify="space-between" fontWeight="650" borderBottom="2px solid {colors.rim}">
            <span>
              {pie.number} {pie.name}, {pie.count}
            </span>
            <span>
              each{" "}
              <Box as="span" fontWeight="430" color="ink2" display="inline-block" width="100px" textAlign="right">
                in all
              </Box>
            </span>
          </Flex>
          {pie.lines.map((line, at) => (
            <Flex
              // biome-ignore lint/suspicious/noArrayIndexKey: a food may be weighed twice, and its place does not move
              key={`${line.name} ${at}`}
              justify="space-between"
              borderBottom="1px solid {colors.hair}"
              minHeight="40px"
              align="center"
            >
              <span>{line.name}</span>
              <span>
                <b>{grams(line.eachGrams)}</b>
                <Box as="span" color="ink2" display="inline-block" width="100px" textAlign="right">
                  {grams(line.allGrams)}
                </Box>
              </span>
            </Flex>
          ))}
        </Box>
      ))}
    </Box>
  );
}
