import { memo, useId } from "react";
import type { Ledger, Section } from "../api/client";
import { number } from "../ui/numbers";
import { ink } from "../ui/theme";
import { FOLD_SEAM_MM, type Frame, frameOf } from "./frame";
import { SectionBody } from "./SectionBody";

type Props = {
  section: Section;
  ledger: Ledger;
  seal: boolean;
  width: number;
  title: string;
  empty: boolean;
};

const MARGINS = { left: 8, right: 74, top: 34, bottom: 40 };

export function cutawayFrame(section: Section, width: number): Frame {
  return frameOf(section, width, MARGINS, width < 420 ? 190 : 285);
}

/** The half section, drawn to scale, with its measures and with the paths the water will take. */
export const Cutaway = memo(function Cutaway({ section, ledger, seal, width, title, empty }: Props) {
  const name = useId().replaceAll(":", "");
  const frame = cutawayFrame(section, width);
  return (
    <svg
      width={width}
      height={frame.height}
      role="img"
      aria-label={inWords(section, ledger, title)}
      style={{ display: "block", overflow: "visible" }}
    >
      <SectionBody section={section} frame={frame} seal={seal} detail name={name} />
      {empty && <DashedLayers section={section} frame={frame} />}
      <WaterPaths section={section} ledger={ledger} frame={frame} />
      {section.form !== "folded" && <Headroom section={section} frame={frame} />}
      <Measured section={section} frame={frame} />
    </svg>
  );
});

/** The axis and the measures that every drawing of a section carries. */
export function Measured({ section, frame }: { section: Section; frame: Frame }) {
  return (
    <>
      <Axis frame={frame} section={section} />
      <Measures section={section} frame={frame} />
      <Ruler section={section} frame={frame} />
    </>
  );
}

function inWords(section: Section, ledger: Ledger, title: string): string {
  const { tin } = section;
  const line = section.custardLineMm === null ? "no custard" : `custard up to ${number(section.custardLineMm)} mm`;
  return (
    `Half section of ${title}: tin ${number(tin.rimRadiusMm * 2)} mm wide and ${number(tin.depthMm)} mm deep, crust ${number(tin.crustMm, 1)} mm, ` +
    `${section.layers.length} layers, ${line}, headroom ${number(section.headroomMm)} mm. ` +
    `${number(ledger.freeGrams)} g will weep, ${number(ledger.intoBaseGrams)} g of it into the base.`
  );
}

function Axis({ frame, section }: { frame: Frame; section: Section }) {
  const { x, y } = frame;
  return (
    <path
      d={`M${x(0)},${y(Math.max(section.tin.depthMm, section.fillTopMm)) - 14} V${y(0) + 20}`}
      stroke={ink("ink3")}
      strokeWidth="1"
      strokeDasharray="12 3 2 3"
    />
  );
}

/** Thin lines from each weeping layer down to the base, where its water gets there, and up into the custard, heavier where more goes. */
function WaterPaths({ section, ledger, frame }: { section: Section; ledger: Ledger; frame: Frame }) {
  const weeping = section.layers.flatMap((layer) => {
    const row = ledger.layers.find((one) => one.id === layer.id);
    return row && row.freeGrams >= 1 ? [{ layer, free: row.freeGrams, down: row.intoBaseGrams }] : [];
  });
  const folded = section.form === "folded";
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round">
      {weeping.map(({ layer, free, down: intoBase }, index) => {
        const x = frame.x(frame.insideMm(layer.bottomMm)) * ((folded ? 0.6 : 0.93) - index * 0.09);
        const from = frame.y((layer.bottomMm + layer.topMm) / 2);
        const base = frame.y(section.tin.crustMm * 0.45);
        const top = frame.y(Math.max(layer.topMm, section.custardLineMm ?? layer.topMm)) + 12;
        const down = `M${x},${from} V${base} m-4,-6 l4,6 l4,-6`;
        const up = `M${x - 12},${from} V${top} m-4,6 l4,-6 l4,6`;
        const weight = (grams: number) => Math.min(5, 0.8 + Math.sqrt(grams) * 0.45);
        return (
          <g key={layer.id}>
            {intoBase >= 0.05 && <Path d={down} weight={weight(intoBase)} />}
            <Path d={up} weight={weight(free - intoBase)} />
          </g>
        );
      })}
    </g>
  );
}

function Path({ d, weight }: { d: string; weight: number }) {
  return (
    <>
      <path d={d} stroke={ink("ground")} strokeWidth={weight + 2.6} />
      <path d={d} stroke={ink("water")} strokeWidth={weight} />
    </>
  );
}

function Headroom({ section, frame }: { section: Section; frame: Frame }) {
  const room = section.headroomMm;
  const text = room >= 0 ? `headroom ${number(room)} mm` : `${number(-room)} mm over the rim`;
  return (
    <text
      x={frame.x(section.tin.linedRimRadiusMm / 2)}
      y={frame.y(Math.max(section.fillTopMm, section.tin.crustMm) + (section.lid?.thicknessMm ?? 0)) - 9}
      textAnchor="middle"
      fontSize="14"
      fill={ink("ink2")}
      stroke={ink("ground")}
      strokeWidth="3"
      paintOrder="stroke"
    >
      {text}
    </text>
  );
}

/** Depths in mm at the right: headroom, filling, crust. */
function Measures({ section, frame }: { section: Section; frame: Frame }) {
  const { tin } = section;
  const seamMm = section.form === "folded" ? FOLD_SEAM_MM + tin.crustMm : 0;
  const x = frame.x(tin.rimRadiusMm + seamMm) + 24;
  const levels = [0, tin.crustMm, section.fillTopMm, tin.depthMm].sort((a, b) => a - b);
  return (
    <g stroke={ink("ink2")} strokeWidth="1" fill={ink("ink2")} fontSize="14">
      <path
        d={`M${x},${frame.y(0)} V${frame.y(levels[3] ?? 0)} ${levels.map((mm) => `M${x - 4},${frame.y(mm)} h8`).join(" ")}`}
        fill="none"
      />
      <text x={x + 10} y={frame.y(levels[3] ?? 0) - 8} stroke="none">
        mm
      </text>
      {levels.slice(1).map((upper, index) => {
        const lower = levels[index] ?? 0;
        const tall = (upper - lower) * frame.pxPerMm * frame.stretch;
        return tall < 13 ? null : (
          <text key={`${lower}-${upper}`} x={x + 10} y={frame.y((upper + lower) / 2) + 5} stroke="none">
            {number(upper - lower, lower === 0 && !Number.isInteger(upper) ? 1 : 0)}
          </text>
        );
      })}
    </g>
  );
}

function Ruler({ section, frame }: { section: Section; frame: Frame }) {
  const y = frame.y(0) + 14;
  const radius = Math.floor(section.tin.rimRadiusMm / 10);
  const marks = Array.from({ length: radius + 1 }, (_, cm) => cm);
  const every = radius > 7 ? 2 : 1;
  return (
    <g stroke={ink("ink2")} strokeWidth="1" fill={ink("ink2")} fontSize="14">
      <path d={marks.map((cm) => `M${frame.x(cm * 10)},${y} v${cm % every === 0 ? 6 : 3}`).join(" ")} fill="none" />
      {marks
        .filter((cm) => cm > 0 && cm % every === 0)
        .map((cm, index, shown) => (
          <text key={cm} x={frame.x(cm * 10)} y={y + 20} textAnchor="middle" stroke="none">
            {index === shown.length - 1 ? `${cm} cm` : cm}
          </text>
        ))}
    </g>
  );
}

/** What an empty tin waits for. */
function DashedLayers({ section, frame }: { section: Section; frame: Frame }) {
  const { tin } = section;
  return (
    <g fill="none" stroke={ink("ink3")} strokeWidth="1.2" strokeDasharray="6 5">
      {[0.35, 0.6, 0.85].map((share) => {
        const mm = tin.crustMm + (tin.depthMm - tin.crustMm) * share;
        return <path key={share} d={`M${frame.x(0)},${frame.y(mm)} H${frame.x(frame.insideMm(mm))}`} />;
      })}
    </g>
  );
}
