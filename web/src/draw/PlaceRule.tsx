import { loafPath } from "../ui/recess";
import { ink } from "../ui/theme";
import { useWidth } from "../ui/useWidth";

type Props = { pies: { letter: string; name: string; meanPlace: number }[]; best: number | null };

const RULE = 44;
const HIGH = 66;
const HALF = 15;

/** Pies of a trial on a rule of places, the first at the left; the best is filled. Pies of one place stand on each other. */
export function PlaceRule({ pies, best }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(420);
  const x = (place: number) => HALF + 6 + ((place - 1) / (pies.length - 1)) * (width - 2 * HALF - 12);
  const at = pies.map((pie) => x(pie.meanPlace));
  const lifted = at.map(
    (here, index) => at.slice(0, index).filter((other) => Math.abs(other - here) < 2 * HALF).length,
  );
  const lift = 24 * Math.max(...lifted);
  const floor = RULE + lift;
  return (
    <div ref={ref}>
      <svg
        width={width}
        height={HIGH + lift}
        viewBox={`0 0 ${width} ${HIGH + lift}`}
        role="img"
        aria-label={pies.map((pie) => `${pie.name}: mean place ${pie.meanPlace}`).join(", ")}
      >
        <title>Places</title>
        <path d={`M0,${floor} H${width}`} stroke={ink("rim")} strokeWidth="2" />
        {pies.map((pie, index) => (
          <g key={pie.letter}>
            <path d={`M${x(index + 1)},${floor} v6`} stroke={ink("rim")} strokeWidth="1.6" />
            <text x={x(index + 1)} y={floor + 21} fontSize="14" textAnchor="middle" fill={ink("ink2")}>
              {index === 0 ? "first" : index === pies.length - 1 ? "last" : index + 1}
            </text>
          </g>
        ))}
        {pies.map((pie, index) => {
          const [here, stands] = [at[index] ?? 0, floor - 24 * (lifted[index] ?? 0)];
          return (
            <g key={pie.letter}>
              <path
                d={loafPath(here - HALF, here + HALF, stands, 22)}
                fill={index === best ? ink("rim") : ink("ground")}
                stroke={ink("rim")}
                strokeWidth="1.8"
              />
              <text
                x={here}
                y={stands - 6}
                fontSize="16"
                fontWeight="650"
                textAnchor="middle"
                fill={index === best ? ink("on-rim") : ink("ink")}
              >
                {pie.letter}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
