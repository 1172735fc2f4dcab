import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { DoughWater, WaterLog } from "../../api/client";
import { readFigure } from "../../api/words";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { grams, number } from "../../ui/numbers";
import { loafPath, recessPath } from "../../ui/recess";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";

type Props = {
  kitchen: string;
  dough: string;
  water: DoughWater;
  flourGrams: number;
  mayWrite: boolean;
  log: (log: WaterLog) => Promise<boolean>;
  unlog: (id: string) => void;
};

const keyOf = (kitchen: string, dough: string) => `hojaldre.water.${kitchen}.${dough}`;
const keptGoes = (key: string): number[] => {
  try {
    const found = JSON.parse(localStorage.getItem(key) ?? "[]");
    return Array.isArray(found) ? found.filter((one) => typeof one === "number") : [];
  } catch {
    return [];
  }
};

/** How much water it took: the least first, then a spoon at a time, until it holds. */
export function WaterPart({ kitchen, dough, water, flourGrams, mayWrite, log, unlog }: Props) {
  const key = keyOf(kitchen, dough);
  const [goes, setGoes] = useState(() => keptGoes(key));
  const [offered, setOffered] = useState<number | null>(null);
  const put = (to: number[]) => {
    if (to.length) localStorage.setItem(key, JSON.stringify(to));
    else localStorage.removeItem(key);
    setGoes(to);
  };
  const used = goes.reduce((sum, one) => sum + one, 0);
  const jug = Math.max(offered ?? Math.round(water.mostGrams), used);
  const last = water.makings[0];
  const shown = goes.length > 0 ? used : null;
  const holds = async (all: number[]) => {
    const sum = all.reduce((whole, one) => whole + one, 0);
    const done = await log({
      flourGrams: Math.max(20, flourGrams),
      offeredGrams: Math.max(jug, sum),
      goes: all.map((one) => ({ grams: one })),
    });
    if (done) put([]);
  };
  const readMass = readFigure(kitchen, "weight");
  return (
    <Box as="section" aria-label="Water" borderTop="1.6px solid {colors.rim}" marginTop="12px" paddingTop="6px">
      <Flex as="h2" justify="space-between" fontWeight="650">
        {water.liquid}
        <span>
          {shown !== null ? `${grams(shown)} ` : ""}
          <Box as="span" fontWeight="430">
            {number(shown !== null ? (100 * shown) / flourGrams : water.usualPercent, 1)} %
          </Box>
        </span>
      </Flex>
      <Reach water={water} used={shown} />
      {mayWrite && (
        <>
          <Jug jug={jug} goes={goes} />
          <Flex justify="space-between" fontSize="scale" gap="8px">
            <span>
              offered <EntryField label="Water offered" words={grams(jug)} read={readMass} keep={setOffered} />
            </span>
            <span>
              used <b>{number(used)}</b>
            </span>
            <span>left {grams(jug - used)}</span>
          </Flex>
          {goes.length > 0 && (
            <Box fontSize="scale" role="status">
              {goes.map((one) => number(one)).join(", then ")}
            </Box>
          )}
          <Flex gap="10px" paddingTop="8px" wrap="wrap">
            {goes.length === 0 ? (
              <Button look="filled" minHeight="44px" flex="1" onClick={() => put([Math.round(water.leastGrams)])}>
                Pour {grams(Math.round(water.leastGrams))} first
              </Button>
            ) : (
              <>
                <Button minHeight="44px" flex="1" onClick={() => put([...goes, water.spoonGrams])}>
                  One spoon more
                </Button>
                <Button look="filled" minHeight="44px" flex="1" onClick={() => void holds(goes)}>
                  It holds
                </Button>
              </>
            )}
          </Flex>
          <Box fontSize="scale" paddingTop="4px">
            {goes.length > 0 ? (
              <Button look="plain" minHeight="28px" onClick={() => put(goes.slice(0, -1))}>
                Take back the last
              </Button>
            ) : (
              <>
                or it took{" "}
                <EntryField
                  label="Water it took"
                  words=""
                  placeholder="0 g"
                  read={readMass}
                  keep={(one) => void holds([one])}
                />
              </>
            )}
          </Box>
        </>
      )}
      <Box color="ink2" fontSize="scale" paddingTop="4px">
        {last ? (
          <>
            Last time {grams(last.usedGrams)} of {grams(last.offeredGrams)}, {number(last.usedPercent, 1)} %.{" "}
            {water.makings.length > 1 && `${water.makings.length} makings so far.`}
            {mayWrite && (
              <Button look="plain" minHeight="28px" onClick={() => unlog(last.id)}>
                Take it back
              </Button>
            )}
          </>
        ) : (
          "Not logged yet: the range is that of the recipe."
        )}
      </Box>
    </Box>
  );
}

const LOAF = 12;
const RULE = 26;

/** A recess from least to most; the loaf is what this flour usually takes, the needle what it took. */
function Reach({ water, used }: { water: DoughWater; used: number | null }) {
  const [ref, width] = useWidth<HTMLDivElement>(280);
  const low = water.leastGrams - (water.mostGrams - water.leastGrams) * 0.25;
  const high = water.mostGrams + (water.mostGrams - water.leastGrams) * 0.25;
  const at = (grams: number) => Math.max(2, Math.min(width - 2, ((grams - low) / Math.max(1e-6, high - low)) * width));
  return (
    <Box ref={ref}>
      <svg
        width={width}
        height={RULE + 26}
        role="img"
        aria-label={`Usually ${Math.round(water.usualGrams)} g, from ${Math.round(water.leastGrams)} to ${Math.round(water.mostGrams)} g`}
        style={{ display: "block" }}
      >
        <path
          d={recessPath(width, RULE - 8, 10, at(water.leastGrams), at(water.mostGrams))}
          fill={ink("well")}
          stroke={ink("rim")}
          strokeWidth="2"
        />
        <path d={loafPath(at(water.likelyFromGrams), at(water.likelyToGrams), RULE + 1, LOAF)} fill={ink("water")} />
        <line
          x1={at(water.usualGrams)}
          x2={at(water.usualGrams)}
          y1={RULE + 1 - LOAF}
          y2={RULE + 1}
          stroke={ink("ground")}
          strokeWidth="2"
        />
        {used !== null && (
          <path
            d={`M${at(used) - 5},2 h10 l-5,6 Z M${at(used)},6 V${RULE + 1}`}
            fill={ink("ink")}
            stroke={ink("ink")}
            strokeWidth="2"
          />
        )}
        <g fontSize="14" fill={ink("ink2")}>
          <text x={at(water.leastGrams)} y={RULE + 19} textAnchor="middle">
            least {number(water.leastGrams)}
          </text>
          <text x={at(water.mostGrams)} y={RULE + 19} textAnchor="middle">
            most {number(water.mostGrams)}
          </text>
        </g>
      </svg>
      <Box fontSize="scale" textAlign="center" color="ink2">
        usual {number(water.usualGrams)}
      </Box>
    </Box>
  );
}

/** The jug as one bar: filled is used, cut at each addition; hollow is left. */
function Jug({ jug, goes }: { jug: number; goes: number[] }) {
  let sum = 0;
  return (
    <svg
      width="100%"
      height="18"
      viewBox={`0 0 ${Math.max(1, jug)} 18`}
      preserveAspectRatio="none"
      aria-hidden
      style={{ display: "block" }}
    >
      <rect
        width={jug}
        height="18"
        fill="none"
        stroke={ink("water")}
        strokeWidth="3"
        vectorEffect="non-scaling-stroke"
      />
      {goes.map((one, at) => {
        const from = sum;
        sum += one;
        return (
          <g key={from}>
            <rect x={from} width={one} height="18" fill={ink("water")} />
            {at > 0 && (
              <line
                x1={from}
                x2={from}
                y2="18"
                stroke={ink("ground")}
                strokeWidth="2"
                vectorEffect="non-scaling-stroke"
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}
