import { Box } from "@chakra-ui/react";
import type { BakeReport, ReadingName } from "../../../api/client";
import { defaults } from "../../../api/generated/defaults";
import { number } from "../../../ui/numbers";
import { ink } from "../../../ui/theme";
import { useWidth } from "../../../ui/useWidth";

type Shown = { values: number[]; limit: number; limitWords: string; most: number; colour: string; says: string };

const HEIGHT = 96;
const LEFT = 30;
const FOOT = 20;

/** What a reading of the bake goes by: its curve, the threshold, and what is not in it. */
function shownOf(name: ReadingName, report: BakeReport): Shown | null {
  const { curves, setsAtCelsius, safeCelsius } = report;
  if (name === "set" && setsAtCelsius !== null)
    return {
      values: curves.centre,
      limit: setsAtCelsius,
      limitWords: `sets at ${number(setsAtCelsius)} °C`,
      most: 100,
      colour: "heat",
      says: "The line is the middle of it. It is taken out before the middle has this heat, because it goes on rising on the rack. Not in it: a loose filling that carries heat about.",
    };
  if (name === "safe")
    return {
      values: curves.centre,
      limit: safeCelsius,
      limitWords: `safe at ${number(safeCelsius)} °C`,
      most: 100,
      colour: "heat",
      says: "The line is the middle, not always the coldest point. A probe decides, not this curve; local food rules and licensed advice come first.",
    };
  if (name === "base" && curves.baseRatio.length > 0)
    return {
      values: curves.baseRatio,
      limit: defaults.softToRatio,
      limitWords: "soggy above",
      most: 0.6,
      colour: "water",
      says: "How wet the base is while it bakes; the reading counts 20 min later. Not in it: cracks, holes, and custard that runs under the crust.",
    };
  return null;
}

export function ReadingCurve({ name, report }: { name: ReadingName; report: BakeReport }) {
  const [ref, width] = useWidth<HTMLDivElement>(320);
  const shown = shownOf(name, report);
  if (!shown) return null;
  const { minutes } = report.curves;
  const until = minutes.at(-1) ?? 1;
  const x = (at: number) => LEFT + (at / until) * (width - LEFT - 8);
  const y = (value: number) => 8 + (1 - Math.min(1, value / shown.most)) * (HEIGHT - 8 - FOOT);
  return (
    <Box ref={ref} marginTop="4px">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`Curve of ${name} to ${number(until)} min, ${shown.limitWords}.`}
        style={{ display: "block" }}
      >
        <path d={`M${LEFT},${y(0)} H${width - 8}`} stroke={ink("hair")} />
        <path
          d={`M${LEFT},${y(shown.limit)} H${width - 8}`}
          stroke={ink("rim")}
          strokeWidth="1.4"
          strokeDasharray="5 4"
        />
        <path
          d={`M${minutes.map((at, i) => `${x(at).toFixed(1)},${y(shown.values[i] ?? 0).toFixed(1)}`).join("L")}`}
          fill="none"
          stroke={ink(shown.colour)}
          strokeWidth="2.2"
        />
        <g fontSize="14" fill={ink("ink2")}>
          <text x={LEFT + 4} y={y(shown.limit) - 4}>
            {shown.limitWords}
          </text>
          <text x={LEFT} y={HEIGHT - 4} textAnchor="middle">
            0
          </text>
          <text x={width - 8} y={HEIGHT - 4} textAnchor="end">
            {number(until)} min
          </text>
        </g>
      </svg>
      <Box as="p" color="ink2">
        {shown.says}
      </Box>
    </Box>
  );
}
