import { Box } from "@chakra-ui/react";
import type { CustardAnswers } from "../../../api/client";
import { number } from "../../../ui/numbers";
import { ink } from "../../../ui/theme";
import { useWidth } from "../../../ui/useWidth";

const HEIGHT = 116;
const LEFT = 30;
const FOOT = 34;
const TOP = 16;
/** g to an egg, % fat */
const FIRM = [30, 150] as const;
const RICH = [0, 40] as const;

/** Firmness against richness: the schools along the foot, the aim as a cross, the answers by their number. */
export function CustardMap({ answers, aim, schools }: Pick<CustardAnswers, "answers" | "aim" | "schools">) {
  const [ref, width] = useWidth<HTMLDivElement>(264);
  const x = (grams: number) => LEFT + ((clamp(grams, FIRM) - FIRM[0]) / (FIRM[1] - FIRM[0])) * (width - LEFT - 8);
  const y = (fat: number) => TOP + (1 - (clamp(fat, RICH) - RICH[0]) / (RICH[1] - RICH[0])) * (HEIGHT - TOP - FOOT);
  const told = answers
    .map((one, i) => `${i + 1}: ${number(one.gramsPerEgg)} g to an egg, ${number(one.fatPercent)} % fat`)
    .join("; ");
  return (
    <Box ref={ref} role="img" aria-label={`Firmness against richness. ${told}`} marginTop="6px">
      <svg width={width} height={HEIGHT} aria-hidden="true" style={{ display: "block" }}>
        <title>Firmness against richness</title>
        <path
          d={`M${LEFT},${TOP - 6} V${HEIGHT - FOOT} H${width - 4}`}
          fill="none"
          stroke={ink("rim")}
          strokeWidth="1.4"
        />
        {[0, 20, 40].map((fat) => (
          <text key={fat} x={LEFT - 5} y={y(fat) + 4} textAnchor="end" fontSize="14" fill={ink("ink2")}>
            {fat}
          </text>
        ))}
        <text x={LEFT + 5} y={TOP - 3} fontSize="14" fill={ink("ink2")}>
          % fat
        </text>
        {schools.map(({ style: name, gramsPerEgg: grams }, index) => (
          <g key={name}>
            <path d={`M${x(grams)},${HEIGHT - FOOT} v4`} stroke={ink("rim")} strokeWidth="1.4" />
            <text
              x={x(grams)}
              y={HEIGHT - FOOT + (index % 2 === 0 ? 17 : 31)}
              textAnchor="middle"
              fontSize="14"
              fill={ink("ink2")}
            >
              {name}
            </text>
          </g>
        ))}
        <path
          d={`M${x(aim.gramsPerEgg) - 5},${y(aim.fatPercent)} h10 m-5,-5 v10`}
          stroke={ink("ink3")}
          strokeWidth="1.4"
        />
        {answers.map((one, index) => (
          <g key={`${one.eggs}+${one.yolks}`}>
            <circle
              cx={x(one.gramsPerEgg)}
              cy={y(one.fatPercent)}
              r="4"
              fill={index === 0 ? ink("rim") : ink("ground")}
              stroke={ink("rim")}
              strokeWidth="1.6"
            />
            <text
              x={x(one.gramsPerEgg)}
              y={y(one.fatPercent) - 7}
              textAnchor="middle"
              fontSize="14"
              fontWeight="650"
              fill={ink("ink")}
            >
              {index + 1}
            </text>
          </g>
        ))}
      </svg>
    </Box>
  );
}

const clamp = (value: number, [from, to]: readonly [number, number]) => Math.max(from, Math.min(to, value));
