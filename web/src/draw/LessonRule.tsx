import type { Lesson } from "../api/client";
import { loafPath, recessPath } from "../ui/recess";
import { ink } from "../ui/theme";
import { useWidth } from "../ui/useWidth";

const HIGH = 66;
const RULE = 26;
const INKS: Record<string, string> = { heat: "heat", water: "water" };

/** The recess is what is in use; the loaf rides where the bakes say, or lies in the recess once it was accepted; each weighing is a tick. */
export function LessonRule({ lesson }: { lesson: Lesson }) {
  const [ref, width] = useWidth<HTMLDivElement>(320);
  const x = (value: number) =>
    6 + ((value - lesson.scaleFrom) / Math.max(1e-6, lesson.scaleTo - lesson.scaleFrom)) * (width - 12);
  const loaf = ink(INKS[lesson.substance] ?? "ink2");
  const accepted = lesson.state === "accepted";
  const [from, to] = accepted ? [x(lesson.low) - 4, x(lesson.high) + 4] : [x(lesson.inUse) - 9, x(lesson.inUse) + 9];
  const floor = accepted ? RULE + 11 : RULE;
  return (
    <div ref={ref}>
      <svg
        width={width}
        height={HIGH}
        viewBox={`0 0 ${width} ${HIGH}`}
        role="img"
        aria-label={`${lesson.value}, ${lesson.range}; in use ${Math.round(lesson.inUse * 10) / 10}`}
      >
        <title>{lesson.name}</title>
        <path d={`M${from},${RULE} V${RULE + 11} H${to} V${RULE} Z`} fill={ink("well")} />
        <path
          d={loafPath(x(lesson.low), Math.max(x(lesson.low) + 8, x(lesson.high)), floor, 15)}
          fill={loaf}
          style={{ transition: "transform 240ms ease-out" }}
        />
        <path
          d={recessPath(width, RULE, 11, Math.max(4, from), Math.min(width - 4, to))}
          fill="none"
          stroke={ink("rim")}
          strokeWidth="2"
        />
        <path d={`M${x(lesson.says)},${floor - 20} v18`} stroke={ink("ground")} strokeWidth="2.4" />
        <path d={`M${x(lesson.says)},${floor - 20} v6`} stroke={loaf} strokeWidth="2.4" />
        {lesson.ticks.map((tick, i) => (
          // weighings have no name but their order
          // biome-ignore lint/suspicious/noArrayIndexKey: the order is fixed
          <path key={i} d={`M${x(tick)},${RULE + 14} v9`} stroke={ink("ink")} strokeWidth="2.4" />
        ))}
        {!accepted && (
          <text
            x={Math.min(width - 40, Math.max(30, x(lesson.inUse)))}
            y={HIGH - 3}
            fontSize="14"
            textAnchor="middle"
            fill={ink("ink2")}
          >
            in use
          </text>
        )}
      </svg>
    </div>
  );
}
