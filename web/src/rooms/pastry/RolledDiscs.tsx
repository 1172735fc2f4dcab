import { Box } from "@chakra-ui/react";
import type { DoughUse } from "../../api/client";
import { grams, number } from "../../ui/numbers";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";

const GAP = 26;
const WORDS = 40;

/** What is rolled for a tin: each piece at one scale, with its size and its weight. */
export function RolledDiscs({ use }: { use: DoughUse }) {
  const [ref, width] = useWidth<HTMLDivElement>(460);
  const pieces = use.pieces.filter((one) => one.lengthMm > 0);
  const wide = pieces.reduce((sum, one) => sum + one.lengthMm, 0);
  const high = Math.max(...pieces.map((one) => one.widthMm), 1);
  const scale = Math.min((width - GAP * (pieces.length + 1)) / Math.max(1, wide), 300 / high, 0.8);
  let x = 0;
  return (
    <Box ref={ref} paddingTop="10px">
      <svg
        width="100%"
        height={high * scale + WORDS + 4}
        role="img"
        aria-label={use.pieces.map((one) => one.says).join("; ")}
        style={{ display: "block", overflow: "visible" }}
      >
        {pieces.map((one) => {
          const [w, h] = [one.lengthMm * scale, one.widthMm * scale];
          const from = x;
          x += w + GAP;
          return (
            <g key={one.name} transform={`translate(${from + 1} ${(high * scale - h) / 2 + 1})`}>
              <rect
                width={w}
                height={h}
                rx={one.isRound ? w / 2 : 3}
                fill={ink("food-pastry-bed")}
                stroke={ink("ink")}
                strokeWidth="1.6"
              />
              {h > 44 && (
                <text
                  x={w / 2}
                  y={h / 2}
                  textAnchor="middle"
                  dominantBaseline="central"
                  fontWeight="650"
                  fontSize="16"
                  fill={ink("ink")}
                >
                  {one.pieces * use.count > 1 ? `${one.pieces * use.count} ×` : ""}
                </text>
              )}
              <g fontSize="14" fill={ink("ink")} textAnchor="middle">
                <text x={w / 2} y={h + (high * scale - h) / 2 + 18}>
                  {number(one.lengthMm / 10, 1)}
                  {one.isRound ? "" : ` × ${number(one.widthMm / 10, 1)}`} cm,{" "}
                  {number(one.thicknessMm, 1).replace(/\.0$/, "")} mm
                </text>
                <text x={w / 2} y={h + (high * scale - h) / 2 + 35} fill={ink("ink2")}>
                  {grams(one.rolledGrams / one.pieces)}
                </text>
              </g>
            </g>
          );
        })}
      </svg>
      {use.strips !== "" && <Box fontSize="scale">{use.strips}.</Box>}
      {use.bakedTrimGrams > 0 && (
        <Box fontSize="scale">{grams(use.bakedTrimGrams)} are trimmed off after the blind bake.</Box>
      )}
    </Box>
  );
}
