import { Box, Flex } from "@chakra-ui/react";
import { Link } from "react-router";
import type { Batch, DoughPlan, DoughUse, LiningChoice } from "../../api/client";
import { readFigure } from "../../api/words";
import { lineChanged } from "../../batch/batch";
import { Choice } from "../../ui/Choice";
import { EntryField } from "../../ui/EntryField";
import { Folded } from "../../ui/Folded";
import { grams, number } from "../../ui/numbers";

const RIMS: [LiningChoice["rim"], string][] = [
  ["flush", "rolled off flush"],
  ["folded-in", "folded in"],
  ["trimmed-after", "10 mm over, trimmed after"],
];

type Props = { kitchen: string; plan: DoughPlan; batch: Batch; change: (by: (batch: Batch) => Batch) => void };

/** How much of the dough goes into which pie, and what comes back. */
export function HowMuchPart({ kitchen, plan, batch, change }: Props) {
  return (
    <Box as="section" aria-label="How much, for which">
      <Cells as="h2" left="How much, for which" middle="rolled" right="back" head />
      {plan.uses.map((use) => (
        <Box key={use.pie} borderBottom="1px solid {colors.hair}" paddingBlock="5px" data-use={use.pie}>
          <Cells
            strong
            left={
              <Flex>
                <Box color="rim" flex="0 0 20px">
                  {use.number}
                </Box>
                <Box>
                  <Link to={`/k/${kitchen}/bench/${use.pie}`} style={{ color: "inherit", textDecoration: "none" }}>
                    {use.name}
                  </Link>{" "}
                  ×{use.count}
                </Box>
              </Flex>
            }
            middle={grams(use.rolledGrams)}
            right={number(use.backGrams)}
          />
          <Box color="ink2" paddingLeft="20px">
            {use.cutting
              ? `the sheet: ${use.cutting.pieces} ${use.cutting.cutter.shape === "disc" ? "discs" : "pieces"} of ${grams(use.cutting.pieceGrams)}`
              : use.pieces.map((one) => one.says).join("; ")}
            {share(use)}
          </Box>
          {!use.isFolded && (
            <Box paddingLeft="20px">
              <Lining kitchen={kitchen} use={use} batch={batch} change={change} />
            </Box>
          )}
        </Box>
      ))}
      <Cells
        left={
          <Box as="span" paddingLeft="20px">
            On bowl and pin {number(plan.lostGrams)}
          </Box>
        }
        middle={<b>{grams(plan.neededGrams)}</b>}
        right={grams(plan.backGrams)}
      />
      {plan.left.length > 0 && (
        <Box borderTop="1.6px solid {colors.rim}" marginTop="8px" paddingTop="4px">
          <Flex justify="space-between" fontWeight="650">
            <span>Trimmings and scraps</span>
            <span>{grams(plan.backGrams)}</span>
          </Flex>
          {plan.left.map((one) => (
            <Flex key={one.says} justify="space-between" color="ink2">
              <span>{one.says}</span>
              <span>{grams(one.grams)}</span>
            </Flex>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** "Two thirds and a third", then exactly. */
function share(use: DoughUse): string {
  const base = use.pieces.find((one) => one.name === "base");
  const lid = use.pieces.find((one) => one.name === "lid");
  if (!base || !lid) return "";
  const part = Math.round((100 * base.rolledGrams) / (base.rolledGrams + lid.rolledGrams));
  return `; ${part} and ${100 - part} in a hundred`;
}

function Cells({
  left,
  middle,
  right,
  strong,
  head,
  as,
}: {
  left: React.ReactNode;
  middle: React.ReactNode;
  right: React.ReactNode;
  strong?: boolean;
  head?: boolean;
  as?: "h2";
}) {
  return (
    <Flex
      as={as}
      gap="8px"
      fontWeight={head || strong ? "650" : "430"}
      borderBottom={head ? "1.6px solid {colors.rim}" : undefined}
    >
      <Box flex="1">{left}</Box>
      <Box width="84px" textAlign="right" fontWeight={head ? "430" : undefined} color={head ? "ink2" : undefined}>
        {middle}
      </Box>
      <Box width="60px" textAlign="right" color="ink2" fontWeight="430">
        {right}
      </Box>
    </Flex>
  );
}

function Lining({
  kitchen,
  use,
  batch,
  change,
}: {
  kitchen: string;
  use: DoughUse;
  batch: Batch;
  change: Props["change"];
}) {
  const lining = batch.lines.find((one) => one.pie === use.pie)?.lining;
  if (!lining) return null;
  const put = (to: Partial<LiningChoice>) =>
    change((now) => lineChanged(now, use.pie, (line) => ({ ...line, lining: { ...line.lining, ...to } })));
  const words = [
    RIMS.find(([rim]) => rim === lining.rim)?.[1] ?? "",
    ...(lining.doubleFloor ? ["floor twice"] : []),
    ...(lining.decorationGrams > 0 ? [`${grams(lining.decorationGrams)} of leaves`] : []),
    ...(lining.patchGrams > 0 ? [`${grams(lining.patchGrams)} for patches`] : []),
  ];
  return (
    <Folded label={`How ${use.name} is lined`} words={words.map((one) => ({ words: one, assumed: false }))}>
      <Flex gap="4px 16px" wrap="wrap" paddingTop="4px">
        <Choice label="Rim" value={lining.rim} options={RIMS} choose={(rim) => put({ rim })} />
        <Choice
          label="Floor"
          value={lining.doubleFloor ? "twice" : "once"}
          options={[
            ["once", "floor once"],
            ["twice", "floor twice"],
          ]}
          choose={(floor) => put({ doubleFloor: floor === "twice" })}
        />
        {use.strips !== "" && (
          <span>
            strips of{" "}
            <EntryField
              label="Width of a strip"
              words={`${number(lining.stripMm)} mm`}
              read={readFigure(kitchen, "length")}
              keep={(stripMm) => put({ stripMm })}
            />
          </span>
        )}
        <span>
          leaves{" "}
          <EntryField
            label="Dough for leaves"
            words={grams(lining.decorationGrams)}
            read={readFigure(kitchen, "weight")}
            keep={(decorationGrams) => put({ decorationGrams })}
          />
        </span>
        <span>
          patches{" "}
          <EntryField
            label="Dough for patches"
            words={grams(lining.patchGrams)}
            read={readFigure(kitchen, "weight")}
            keep={(patchGrams) => put({ patchGrams })}
          />
        </span>
      </Flex>
    </Folded>
  );
}
