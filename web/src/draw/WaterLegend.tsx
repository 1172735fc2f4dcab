import { memo } from "react";
import { ink } from "../ui/theme";

const WORDS: [number, string][] = [
  [0, "crisp"],
  [2, "dry"],
  [3, "soft"],
  [4, "soggy"],
  [5, "filling"],
];

/** The water scale in nine steps, with its words and its second cue. */
export const WaterLegend = memo(function WaterLegend({ width }: { width: number }) {
  const step = Math.min(46, (width - 30) / 9);
  return (
    <svg
      width={step * 9 + 30}
      height="36"
      role="img"
      aria-label="Water scale of a crust: crisp, dry, soft, soggy; then the filling."
      style={{ display: "block" }}
    >
      {WORDS.filter(([, word]) => step >= 40 || word !== "soggy").map(([index, word]) => (
        <text key={word} x={index * step} y="13" fontSize="14" fill={ink("ink2")}>
          {word}
        </text>
      ))}
      {Array.from({ length: 9 }, (_, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the class is the index
        <g key={index}>
          <rect
            x={index * step}
            y="20"
            width={step}
            height="13"
            fill={ink(`water${index}`)}
            stroke={ink("ink3")}
            strokeWidth="1"
          />
          {index > 1 && (
            <path
              d={`M${index * step + 5},26.5 h${step * 0.2} m${Math.max(2, step * 0.5 - index * 3)},0 h${step * 0.2}`}
              stroke={ink(index >= 5 ? "ground" : "ink")}
              strokeWidth="1"
            />
          )}
        </g>
      ))}
    </svg>
  );
});
