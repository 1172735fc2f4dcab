import { ink } from "../ui/theme";
import type { ShelfRow } from "./dayLanes";
import { clock, type DayScale, LEFT } from "./dayScale";

const PARALLEL = [-3.5, -1.2, 1.2, 3.5];

/** One shelf: what must be waited, what is slack, and when it is served. */
export function Shelf({ row, y, scale }: { row: ShelfRow; y: number; scale: DayScale }) {
  const due = scale.x(row.dueMinute);
  return (
    <g>
      <text x={0} y={y + 5} fontSize="16" fontWeight="700" fill={ink("rim")}>
        {row.number}
      </text>
      <text x={22} y={y + 5} fontSize="16" fill={ink("ink")} fontWeight={row.isTight ? 650 : 430}>
        {row.short}
        <title>{row.name}</title>
      </text>
      <line x1={LEFT - 8} x2={scale.width} y1={y} y2={y} stroke={ink("hair")} strokeWidth="0.8" />
      {row.dots.map((minute) => (
        <circle key={minute} cx={scale.x(minute)} cy={y} r="2.6" fill={row.isTight ? ink("ink") : ink("rim")} />
      ))}
      {row.waits.map((wait) => (
        <g key={`w${wait.from}`} stroke={ink(wait.isTight ? "ink" : "rim")} strokeWidth="1.1">
          {PARALLEL.map((dy) => (
            <line key={dy} x1={scale.x(wait.from)} x2={scale.x(wait.to)} y1={y + dy} y2={y + dy} />
          ))}
        </g>
      ))}
      {row.slacks.map((slack) => (
        <Sag
          key={`s${slack.from}`}
          from={scale.x(slack.from)}
          to={scale.x(slack.to)}
          minutes={slack.to - slack.from}
          y={y}
        />
      ))}
      <g transform={`translate(${due},${y})`}>
        <line x1="0" x2="0" y1="-9" y2="9" stroke={ink("ink")} strokeWidth="2.4" />
        <path d="M2,7 V-3 q0,-5 6,-5 q10,0 10,9 V7 Z" fill={ink("ink")} />
      </g>
      {row.lateMinutes > 0 ? (
        <Chip
          x={scale.x(Math.max(row.readyMinute, row.dueMinute)) + 26}
          y={y}
          words={`${clock(row.readyMinute)}, ${row.lateMinutes} late`}
          width={scale.width}
        />
      ) : (
        <Held x={due + 26} y={y} words={clock(row.dueMinute)} width={scale.width} />
      )}
    </g>
  );
}

/** Words beside the loaf; at the right edge they stand on its other side. */
function Held({ x, y, words, width }: { x: number; y: number; words: string; width: number }) {
  const turns = x + 46 > width;
  return (
    <text
      x={turns ? x - 32 : x}
      y={y + 5}
      fontSize="16"
      fontWeight="650"
      fill={ink("ink")}
      textAnchor={turns ? "end" : "start"}
    >
      {words}
    </text>
  );
}

function Chip({ x, y, words, width }: { x: number; y: number; words: string; width: number }) {
  const long = words.length * 8.2 + 14;
  const left = Math.min(x, width - long);
  return (
    <g>
      <rect x={left} y={y - 12} width={long} height="24" rx="3" fill={ink("ink")} />
      <text x={left + 7} y={y + 5} fontSize="16" fontWeight="650" fill={ink("ground")}>
        {words}
      </text>
    </g>
  );
}

const DEEPEST = 13;

function Sag({ from, to, minutes, y }: { from: number; to: number; minutes: number; y: number }) {
  const deep = Math.min(DEEPEST, 3 + minutes / 5);
  return (
    <g>
      <path
        d={`M${from},${y} Q${(from + to) / 2},${y + 2 * deep} ${to},${y}`}
        fill="none"
        stroke={ink("rim")}
        strokeWidth="1.2"
      />
      {to - from > 34 && (
        <text x={(from + to) / 2} y={y - 3} fontSize="14" fill={ink("ink2")} textAnchor="middle">
          {minutes > 59 ? `${Math.floor(minutes / 60)} h ${minutes % 60 || ""}`.trim() : `${minutes} min`}
        </text>
      )}
    </g>
  );
}
