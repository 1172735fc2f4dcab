import { ink } from "../ui/theme";

type One = {
  id: string;
  name: string;
  out: number;
  points: { minute: number; celsius: number }[];
  isMeasured: boolean;
};
type Props = { pair: One[]; width: number; celsius: (value: number) => string };

const HIGH = 260;
const MARGIN = { left: 4, right: 44, top: 12, bottom: 30 };

/** Two traces over each other: the first drawn, the second dashed; words at their ends. */
export function TwoTraces({ pair, width, celsius }: Props) {
  const until = Math.max(...pair.map((one) => one.out)) + 8;
  const high = 95;
  const x = (minute: number) => MARGIN.left + (minute / until) * (width - MARGIN.left - MARGIN.right);
  const y = (value: number) => MARGIN.top + ((high - value) / high) * (HIGH - MARGIN.top - MARGIN.bottom);
  return (
    <svg
      width={width}
      height={HIGH}
      viewBox={`0 0 ${width} ${HIGH}`}
      role="img"
      aria-label={pair.map((one) => `${one.name}: out at minute ${Math.round(one.out)}`).join("; ")}
    >
      <title>Two traces</title>
      {[20, 40, 60, 80].map((one) => (
        <g key={one}>
          <path d={`M${MARGIN.left},${y(one)} H${width - MARGIN.right}`} stroke={ink("hair2")} />
          <text x={width - MARGIN.right + 6} y={y(one) + 5} fontSize="14" fill={ink("ink2")}>
            {celsius(one)}
          </text>
        </g>
      ))}
      <path d={`M${MARGIN.left},${y(0)} H${width - MARGIN.right}`} stroke={ink("rim")} strokeWidth="1.6" />
      {pair.map((one, at) => {
        const points = one.points.filter((point) => point.minute <= one.out);
        const end = points.at(-1);
        return (
          <g key={one.id}>
            <path
              d={points
                .map((point, i) => `${i ? "L" : "M"}${x(point.minute)},${y(Math.max(0, point.celsius))}`)
                .join(" ")}
              fill="none"
              stroke={ink("ink")}
              strokeWidth={at === 0 ? 3.4 : 2.4}
              strokeDasharray={at === 0 ? undefined : "8 6"}
            />
            {end && (
              <text
                x={Math.min(width - MARGIN.right - 4, x(end.minute))}
                y={y(end.celsius) - 10 + at * 34}
                fontSize="14"
                fontWeight="650"
                textAnchor="end"
                fill={ink("ink")}
              >
                {at === 0 ? "first" : "second"}
                {one.isMeasured ? "" : ", as forecast"}, out {Math.round(one.out)}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
