import { ink } from "../ui/theme";
import { toneInk } from "./tones";

const HIGH = 250;

/** An empty shell as it looks when it is done: edge medium gold, base matt, dry and pale. */
export function ShellLooks({ width }: { width: number }) {
  const pastry = toneInk("pastry");
  const [cx, cy] = [width / 2, 104];
  const r = width / 2 - 10;
  const flat = 0.4;
  return (
    <svg
      width={width}
      height={HIGH}
      viewBox={`0 0 ${width} ${HIGH}`}
      role="img"
      aria-label="Edge medium gold, base matt, dry and pale."
    >
      <title>Shell</title>
      <path
        d={`M${cx - r},${cy} l14,70 a${r - 14},${(r - 14) * flat} 0 0 0 ${2 * (r - 14)},0 l14,-70`}
        fill={ink("tinfill")}
        stroke={ink("rim")}
        strokeWidth="2"
      />
      <ellipse cx={cx} cy={cy} rx={r} ry={r * flat} fill={ink("colour4")} stroke={ink("rim")} strokeWidth="2" />
      <ellipse
        cx={cx}
        cy={cy + 4}
        rx={r - 18}
        ry={(r - 18) * flat}
        fill={ink("colour2")}
        stroke={pastry.line}
        strokeWidth="1.4"
      />
      <ellipse
        cx={cx}
        cy={cy + 22}
        rx={r - 46}
        ry={(r - 46) * flat * 0.86}
        fill={pastry.bed}
        stroke={pastry.line}
        strokeWidth="1.2"
      />
      <path d={pricks(cx, cy + 22, r - 60, flat * 0.86)} stroke={pastry.line} strokeWidth="2.4" strokeLinecap="round" />
      <text x={cx} y={HIGH - 14} fontSize="20" fontWeight="680" textAnchor="middle" fill={ink("ink")}>
        edge medium gold, base matt and pale
      </text>
    </svg>
  );
}

/** The holes of a fork, over the base. */
function pricks(cx: number, cy: number, r: number, flat: number): string {
  const every = 34;
  const holes: string[] = [];
  for (let x = -r; x <= r; x += every) {
    for (let y = -r; y <= r; y += every) {
      if (Math.hypot(x, y) < r) holes.push(`M${cx + x},${cy + y * flat} h0.1 m7,0 h0.1 m7,0 h0.1`);
    }
  }
  return holes.join(" ");
}
