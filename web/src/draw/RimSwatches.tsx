import { recessPath } from "../ui/recess";
import { ink } from "../ui/theme";

const WORDS = ["raw", "pale", "light", "golden", "dark"] as const;
const TONES = [0, 3, 4, 6, 8];
const SLANTS = [0, 0, 1, 2, 3];
const WANTED = 3;
const HIGH = 96;

/** Five colours of a rim on a rule, the wanted one in the recess; one, two, three slant strokes tell them without any hue. */
export function RimSwatches({ width, title }: { width: number; title: string }) {
  const left = 84;
  const pitch = (width - left) / WORDS.length;
  const wide = pitch * 0.78;
  const at = (i: number) => left + i * pitch + (pitch - wide) / 2;
  return (
    <svg
      width={width}
      height={HIGH}
      viewBox={`0 0 ${width} ${HIGH}`}
      role="img"
      aria-label={`${title}: golden is wanted`}
    >
      <title>{title}</title>
      <text x="0" y="42" fontSize="20" fontWeight="680" fill={ink("ink")}>
        {title}
      </text>
      <path
        d={recessPath(width, 48, 12, at(WANTED) - 8, at(WANTED) + wide + 8)}
        fill="none"
        stroke={ink("rim")}
        strokeWidth="2"
      />
      {WORDS.map((word, i) => {
        const drop = i === WANTED ? 9 : 0;
        return (
          <g key={word} transform={`translate(0,${drop})`}>
            <rect
              x={at(i)}
              y="14"
              width={wide}
              height="30"
              fill={ink(`colour${TONES[i]}`)}
              stroke={ink("ink3")}
              strokeWidth="1"
            />
            <path
              d={slants(at(i), wide, SLANTS[i] ?? 0)}
              stroke={(TONES[i] ?? 0) > 4 ? "#FFFFFF" : ink("ink")}
              strokeWidth="1.6"
            />
            <text
              x={at(i) + wide / 2}
              y="78"
              fontSize="20"
              textAnchor="middle"
              fontWeight={i === WANTED ? 680 : 430}
              fill={ink(i === WANTED ? "ink" : "ink2")}
            >
              {word}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

function slants(x: number, wide: number, count: number): string {
  const strokes: string[] = [];
  for (const third of [0.25, 0.5, 0.75]) {
    for (let n = 0; n < count; n++) strokes.push(`M${x + wide * third + n * 5 - 6},34 l5,-11`);
  }
  return strokes.join(" ");
}
