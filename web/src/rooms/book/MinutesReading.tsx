import { recessPath } from "../../ui/recess";
import { ink } from "../../ui/theme";

type Props = { designed: number; low: number; high: number; done: number | null };

const [WIDE, HIGH] = [136, 26];

/** Minutes as a reading: the recess is what was foretold, the needle what was done. */
export function MinutesReading({ designed, low, high, done }: Props) {
  const from = Math.min(low, done ?? low) - 6;
  const to = Math.max(high, done ?? high) + 6;
  const x = (minute: number) => ((minute - from) / (to - from)) * WIDE;
  const outside = done !== null && (done < low - 0.5 || done > high + 0.5);
  return (
    <svg
      width={WIDE}
      height={HIGH}
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      role="img"
      aria-label={`${designed} minutes designed, between ${Math.round(low)} and ${Math.round(high)} foretold, ${done === null ? "not done" : `${Math.round(done)} done`}`}
    >
      <title>Minutes</title>
      <path d={`M${x(low)},12 h${x(high) - x(low)} v8 h${x(low) - x(high)} Z`} fill={ink("well")} />
      <path d={recessPath(WIDE, 12, 8, x(low), x(high))} fill="none" stroke={ink("rim")} strokeWidth="2" />
      {done !== null && (
        <path d={`M${x(done)},${outside ? 0 : 4} v${outside ? 12 : 15}`} stroke={ink("ink")} strokeWidth="4" />
      )}
    </svg>
  );
}
