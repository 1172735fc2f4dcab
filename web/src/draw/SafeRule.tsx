import { ink } from "../ui/theme";

type Props = { nowCelsius: number; safeCelsius: number; width: number; bare: (celsius: number) => string };

const HEIGHT = 92;
const BASE = 40;
const DROP = 12;

/** The rule of the middle: it drops into its recess where it is safe; the loaf stands where it is now, an open ring where it has to get. */
export function SafeRule({ nowCelsius, safeCelsius, width, bare }: Props) {
  const from = Math.min(nowCelsius, safeCelsius) - 12;
  const to = Math.max(nowCelsius, safeCelsius) + 12;
  const x = (celsius: number) => ((celsius - from) / (to - from)) * width;
  const wall = x(safeCelsius);
  const now = x(nowCelsius);
  const words = `Now ${bare(nowCelsius)}, safe from ${bare(safeCelsius)}`;
  return (
    <svg viewBox={`0 0 ${width} ${HEIGHT}`} width="100%" role="img" aria-label={words}>
      <rect x={wall} y={BASE} width={width - wall} height={DROP} fill={ink("well")} />
      <path
        d={`M0 ${BASE} H${wall - 3} q3 0 3 3 V${BASE + DROP - 3} q0 3 3 3 H${width}`}
        fill="none"
        stroke={ink("rim")}
        strokeWidth="3"
      />
      <path d={`M${now - 24} ${BASE} v-10 q0 -14 14 -14 h20 q14 0 14 14 v10 z`} fill={ink("heat")} />
      {now < wall - 8 && (
        <>
          <path d={`M${now + 30} ${BASE - 12} H${wall + 14}`} stroke={ink("heat")} strokeWidth="2.5" />
          <circle cx={wall + 24} cy={BASE - 12} r="9" fill="none" stroke={ink("heat")} strokeWidth="3" />
        </>
      )}
      <text
        x={Math.max(0, Math.min(width - 90, now - 34))}
        y={HEIGHT - 14}
        fontSize="22"
        fontWeight="650"
        fill={ink("ink")}
      >
        now {bare(nowCelsius)}
      </text>
      <text x={Math.min(width, wall + 140)} y={HEIGHT - 14} fontSize="22" textAnchor="end" fill={ink("ink2")}>
        safe {bare(safeCelsius)}
      </text>
    </svg>
  );
}
