import { Box, Flex } from "@chakra-ui/react";
import type { Batch, DoughAndFilling, DoughChoice, DoughUse, WayToEven } from "../../api/client";
import { readFigure } from "../../api/words";
import { lineChanged } from "../../batch/batch";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { grams, number } from "../../ui/numbers";
import { loafPath, recessPath } from "../../ui/recess";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";

type Props = {
  kitchen: string;
  use: DoughUse;
  even: DoughAndFilling;
  change: (by: (batch: Batch) => Batch) => void;
  choose: (by: (choice: DoughChoice) => DoughChoice) => void;
  madeGrams: number;
};

/** Whether discs and filling come out even; if not, ways to end even. */
export function EvenPart({ kitchen, use, even, change, choose, madeGrams }: Props) {
  const isEven = even.verdict === "even";
  const fold = (to: Partial<Batch["lines"][number]["fold"]>) =>
    change((now) => lineChanged(now, use.pie, (line) => ({ ...line, fold: { ...line.fold, ...to } })));
  const apply = (way: WayToEven) => {
    if (way.name === "more-dough")
      choose((now) => ({ ...now, madeGrams: Math.ceil(madeGrams + way.doughGrams - (use.cutting?.grams ?? 0)) }));
    fold({
      settled: way.name,
      ...(way.name === "weight" ? { eachGrams: way.gramsEach } : {}),
      ...(way.name === "thickness" ? { thicknessMm: way.thicknessMm } : {}),
      ...(way.name === "size" ? { lengthMm: way.lengthMm } : {}),
    });
  };
  return (
    <Box
      as="section"
      aria-label={`Dough and filling of ${use.name}`}
      borderTop="2.4px solid {colors.rim}"
      marginTop="12px"
      paddingTop="6px"
    >
      <Flex as="h2" align="baseline" gap="8px" fontWeight="650" wrap="wrap">
        <span>Filling</span>
        <Box as="span" fontSize="reading">
          {number(Math.floor(even.fills + 0.5))}
        </Box>
        <Box as="span" fontWeight="430">
          pies,{" "}
          <EntryField
            label="Filling in each"
            words={grams(even.eachGrams)}
            read={readFigure(kitchen, "weight")}
            keep={(eachGrams) => fold({ eachGrams, settled: null })}
          />{" "}
          each, {even.spoons}
        </Box>
        <Box
          as="span"
          marginLeft="auto"
          background={isEven ? undefined : "ink"}
          color={isEven ? "ink" : "ground"}
          paddingInline="8px"
          borderRadius="2px"
        >
          {even.says}
        </Box>
      </Flex>
      <EvenScale even={even} />
      {(even.eachGrams < even.leastGrams - 0.05 || even.eachGrams > even.mostGrams + 0.05) && (
        <Box role="status" borderTop="3px solid {colors.rim}">
          {even.eachGrams < even.leastGrams
            ? `Hollow: a disc of this size wants ${grams(even.leastGrams)} at the least.`
            : `It will not close: ${grams(even.mostGrams)} at the most.`}
        </Box>
      )}
      {even.settled !== "" && (
        <Flex role="status" align="baseline" gap="8px">
          {even.settled}
          <Button
            look="plain"
            minHeight="30px"
            onClick={() => fold({ settled: null, eachGrams: null, thicknessMm: null, lengthMm: null })}
          >
            As designed
          </Button>
        </Flex>
      )}
      <Box as="ul">
        {even.ways.map((way, at) => (
          <Flex as="li" key={way.name} gap="12px" align="center" borderTop="1px solid {colors.hair}" paddingBlock="6px">
            <Box flex="1">
              <Box fontWeight="650">{way.does}</Box>
              <Box color="ink2">{way.price}</Box>
            </Box>
            <Button
              look={at === 0 && !isEven ? "filled" : "outline"}
              minHeight="44px"
              aria-label={`Apply: ${way.does}`}
              onClick={() => apply(way)}
            >
              Apply
            </Button>
          </Flex>
        ))}
      </Box>
    </Box>
  );
}

const HIGH = 66;
const RULE = 30;

/** The scale counts pieces: the recess is the discs, the loaf the filling, the tick what is wanted. */
function EvenScale({ even }: { even: DoughAndFilling }) {
  const [ref, width] = useWidth<HTMLDivElement>(400);
  const counts = [even.wanted, even.discs, even.fills];
  const low = Math.max(0, Math.min(...counts) - 3);
  const high = Math.max(...counts) + 3;
  const at = (pieces: number) => ((pieces - low) / (high - low)) * width;
  const half = Math.max(6, at(low + 0.5));
  const label = (x: number) => Math.max(34, Math.min(width - 44, x));
  return (
    <Box ref={ref}>
      <svg
        width={width}
        height={HIGH}
        role="img"
        aria-label={`${even.discs} discs, filling for ${number(even.fills, 1)}, ${even.wanted} wanted`}
        style={{ display: "block", overflow: "visible" }}
      >
        <path
          d={recessPath(width, RULE, 12, at(even.discs) - half, at(even.discs) + half)}
          fill={ink("well")}
          stroke={ink("rim")}
          strokeWidth="2"
        />
        <path
          d={loafPath(
            at(even.fills) - half * 1.2,
            at(even.fills) + half * 1.2,
            even.verdict === "even" ? RULE + 10 : RULE,
            13,
          )}
          fill={ink("ink2")}
        />
        <path d={`M${at(even.wanted)},${RULE} v9`} stroke={ink("rim")} strokeWidth="2" />
        <g fontSize="14" fill={ink("ink2")} textAnchor="middle">
          <text x={label(at(even.discs))} y={RULE + 29}>
            discs {even.discs}
          </text>
          <text x={label(at(even.fills))} y={10}>
            filling {grams(even.fillingGrams)}
          </text>
          {Math.abs(at(even.wanted) - at(even.discs)) > 90 && (
            <text x={label(at(even.wanted))} y={RULE + 29}>
              wanted {even.wanted}
            </text>
          )}
        </g>
      </svg>
    </Box>
  );
}
