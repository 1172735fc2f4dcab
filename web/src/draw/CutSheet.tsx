import { useId } from "react";
import type { Cutter, Sheet } from "../api/client";
import { ink } from "../ui/theme";
import { seeded } from "./random";

type Props = {
  sheet: Sheet;
  cutter: Cutter;
  /** px, or mm on paper, that one mm of dough takes */
  scale: number;
  /** number of its first piece */
  from: number;
  /** on paper: no colour, lengths in mm */
  paper?: boolean;
};

const FLECK_EVERY_MM = 15;
const FLECK_MM = 5.5;
const CLEAR_MM = 4;

/** A rolled sheet seen from above, true to scale: pieces numbered in the order of cutting, what falls away paler. */
export function CutSheet({ sheet, cutter, scale, from, paper }: Props) {
  const clip = useId();
  const [width, height] = [sheet.widthMm, sheet.lengthMm];
  const unit = paper ? "mm" : "";
  const line = 1 / (paper ? 3 : scale);
  return (
    <svg
      role="img"
      aria-label={`Sheet of ${Math.round(width / 10)} by ${Math.round(height / 10)} cm with ${sheet.placements.length} pieces, ${sheet.laid}`}
      width={`${width * scale}${unit}`}
      height={`${height * scale}${unit}`}
      viewBox={`0 0 ${width} ${height}`}
      style={{ display: "block", overflow: "visible" }}
    >
      <defs>
        <clipPath id={clip}>
          <rect width={width} height={height} rx={5 * line} />
        </clipPath>
      </defs>
      <rect width={width} height={height} rx={5 * line} fill={paper ? "none" : ink("doughpale")} />
      {!paper && (
        <path d={sheet.placements.map((one) => placed(cutter, one)).join(" ")} fill={ink("food-pastry-bed")} />
      )}
      {!paper && (
        <path
          d={flecks(sheet, cutter)}
          stroke={ink("food-pastry-line")}
          strokeWidth={line}
          opacity={0.4}
          clipPath={`url(#${clip})`}
        />
      )}
      {sheet.placements.map((one, at) => (
        <g
          key={`${one.xMm} ${one.yMm} ${one.quarters}`}
          transform={`translate(${one.xMm} ${one.yMm}) rotate(${one.quarters * 90})`}
        >
          <path d={outline(cutter)} fill="none" stroke={paper ? "#000" : ink("ink")} strokeWidth={1.6 * line} />
          <text
            transform={`rotate(${-one.quarters * 90})`}
            {...middle(cutter, one.quarters)}
            fontSize={Math.min(16 * line, cutter.widthMm * 0.4)}
            fontWeight="650"
            textAnchor="middle"
            dominantBaseline="central"
            fill={paper ? "#000" : ink("ink")}
          >
            {from + at}
          </text>
        </g>
      ))}
      <rect
        width={width}
        height={height}
        rx={5 * line}
        fill="none"
        stroke={paper ? "#000" : ink("ink")}
        strokeWidth={1.8 * line}
      />
    </svg>
  );
}

/** One piece around its own middle; a half-moon lies on its straight side. */
function outline({ shape, lengthMm, widthMm }: Cutter): string {
  const r = lengthMm / 2;
  if (shape === "disc") return `M${-r},0 A${r},${r} 0 1 1 ${r},0 A${r},${r} 0 1 1 ${-r},0 Z`;
  if (shape === "half-moon") return `M${-r},0 A${r},${r} 0 0 1 ${r},0 Z`;
  return `M${-r},${-widthMm / 2} H${r} V${widthMm / 2} H${-r} Z`;
}

/** The same where it lies, for all pieces in one path. */
function placed(cutter: Cutter, at: Sheet["placements"][number]): string {
  const r = cutter.lengthMm / 2;
  const sin = Math.round(Math.sin((at.quarters * Math.PI) / 2));
  const cos = Math.round(Math.cos((at.quarters * Math.PI) / 2));
  const turn = (x: number, y: number) => `${at.xMm + x * cos - y * sin},${at.yMm + x * sin + y * cos}`;
  if (cutter.shape === "disc")
    return `M${turn(-r, 0)} A${r},${r} 0 1 1 ${turn(r, 0)} A${r},${r} 0 1 1 ${turn(-r, 0)} Z`;
  if (cutter.shape === "half-moon") return `M${turn(-r, 0)} A${r},${r} 0 0 1 ${turn(r, 0)} Z`;
  const h = cutter.widthMm / 2;
  return `M${turn(-r, -h)} L${turn(r, -h)} L${turn(r, h)} L${turn(-r, h)} Z`;
}

/** Where its number stands, upright. */
function middle({ shape, lengthMm }: Cutter, quarters: number) {
  if (shape !== "half-moon") return { x: 0, y: 0 };
  const off = lengthMm * 0.21;
  return [
    { x: 0, y: -off },
    { x: off, y: 0 },
    { x: 0, y: off },
    { x: -off, y: 0 },
  ][quarters];
}

/** Butter in short strokes, none near a cut. */
function flecks(sheet: Sheet, cutter: Cutter): string {
  const random = seeded(`${sheet.widthMm} ${sheet.lengthMm} ${sheet.placements.length}`);
  const reach = cutter.shape === "disc" ? cutter.lengthMm / 2 : 0;
  let path = "";
  for (let y = FLECK_EVERY_MM / 2; y < sheet.lengthMm; y += FLECK_EVERY_MM * 0.6) {
    for (let x = FLECK_EVERY_MM / 2; x < sheet.widthMm; x += FLECK_EVERY_MM) {
      const px = x + (random() - 0.5) * FLECK_EVERY_MM;
      const py = y + (random() - 0.5) * 6;
      const length = FLECK_MM * (0.6 + random() * 0.8);
      const lean = (random() - 0.5) * 2;
      if (px < CLEAR_MM || px + length > sheet.widthMm - CLEAR_MM) continue;
      const isNearACut = sheet.placements.some((one) =>
        [px, px + length].some(
          (at) => reach > 0 && Math.abs(Math.hypot(at - one.xMm, py - one.yMm) - reach) < CLEAR_MM,
        ),
      );
      if (!isNearACut) path += `M${px.toFixed(1)},${py.toFixed(1)} l${length.toFixed(1)},${lean.toFixed(1)} `;
    }
  }
  return path;
}
