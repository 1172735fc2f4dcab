import { number } from "../ui/numbers";
import { ink } from "../ui/theme";
import type { Field } from "./fields";

/** Nine classes with their words, and with their limits where a cook can measure them. */
export function FieldLegend({ field, width }: { field: Field; width: number }) {
  const step = Math.min(46, (width - 30) / 9);
  const shown = field.unit ? field.breaks : [];
  return (
    <svg
      width={step * 9 + 34}
      height={shown.length ? 54 : 36}
      role="img"
      aria-label={`Scale of ${field.title}: ${field.words.map(([from, word]) => `${word}${shown.length && from > 0 ? ` from ${number(field.breaks[from - 1] ?? 0)} ${field.unit}` : ""}`).join(", ")}.`}
      style={{ display: "block" }}
    >
      {field.words.map(([index, word]) => (
        <text key={word} x={index * step} y="13" fontSize="14" fill={ink("ink2")}>
          {word}
        </text>
      ))}
      {Array.from({ length: 9 }, (_, index) => (
        <rect
          // biome-ignore lint/suspicious/noArrayIndexKey: the class is the index
          key={index}
          x={index * step}
          y="20"
          width={step}
          height="13"
          fill={ink(`${field.name}${index}`)}
          stroke={ink("ink3")}
          strokeWidth="1"
        />
      ))}
      {shown.map((limit, index) => (
        <text key={limit} x={(index + 1) * step} y="49" textAnchor="middle" fontSize="14" fill={ink("ink2")}>
          {number(limit)}
          {index === 7 && field.unit ? ` ${field.unit}` : ""}
        </text>
      ))}
    </svg>
  );
}
