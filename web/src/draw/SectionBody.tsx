import type { ReactNode } from "react";
import type { Section, SectionLayer } from "../api/client";
import { defaults } from "../api/generated/defaults";
import { ink } from "../ui/theme";
import { FoldSheet } from "./FoldSheet";
import { broughtUpInside } from "./foldPaths";
import { bandPath, type Frame, foldBend } from "./frame";
import { piecesOf } from "./textures";
import { toneInk } from "./tones";

type Props = {
  section: Section;
  frame: Frame;
  seal: boolean;
  detail: boolean;
  name: string;
  /** a fold is drawn with both its halves */
  whole?: boolean;
  /** a moment of the bake, drawn instead of what was poured */
  field?: ReactNode;
};

const TIN_PX = 5;
const DOCK_EVERY_MM = 26;

/** The pie itself: field, dashes, textures, crust, seal, custard line, tin; in that order, so that lines lie on top. */
export function SectionBody({ section, frame, seal, detail, name, whole = false, field }: Props) {
  const { x, y, insideMm } = frame;
  const { tin, custardLineMm } = section;
  const folded = section.form === "folded";
  const pastry = toneInk("pastry");
  return (
    <g>
      {folded && (
        <clipPath id={`${name}-fold`}>
          <path d={broughtUpInside(frame, section) ?? foldInside(frame, section)} />
        </clipPath>
      )}
      {field ?? (
        <>
          <Layers section={section} frame={frame} detail={detail} name={name} whole={whole} />
          {!folded && <path d={crustBase(frame, section)} fill={pastry.bed} />}
          {!folded && <path d={crustSide(frame, section)} fill={pastry.bed} />}
        </>
      )}
      {detail && tin.crustMm > 0 && !folded && <Lamina frame={frame} section={section} />}
      {!folded && (
        <path d={crustOutline(frame, section)} fill="none" stroke={ink("ink")} strokeWidth={detail ? 1.4 : 1} />
      )}
      {detail && seal && (
        <>
          <path
            d={`M${x(0)},${y(tin.crustMm) - 1.5} H${x(tin.linedFloorRadiusMm)}`}
            stroke={ink("ground")}
            strokeWidth="3"
          />
          <path
            d={`M${x(0)},${y(tin.crustMm) - 1.5} H${x(tin.linedFloorRadiusMm)}`}
            stroke={ink("heat")}
            strokeWidth="1"
            strokeDasharray="3 2"
          />
        </>
      )}
      {custardLineMm !== null && field === undefined && !folded && (
        <path
          d={`M${x(0)},${y(custardLineMm)} H${x(insideMm(custardLineMm)) - 7} q5,0 7,-4`}
          fill="none"
          stroke={ink("ink")}
          strokeWidth={detail ? 2 : 1.4}
        />
      )}
      {section.lid && folded && field === undefined && (
        <FoldSheet frame={frame} section={section} lid={section.lid} detail={detail} whole={whole} />
      )}
      {section.lid && !(folded && field === undefined) && (
        <LidOver frame={frame} section={section} lid={section.lid} detail={detail} isOutline={field !== undefined} />
      )}
      {section.form !== "folded" && <TinWall frame={frame} section={section} detail={detail} />}
    </g>
  );
}

/** What was poured, the custard first; of a fold that is drawn whole the other half mirrored. */
function Layers({ section, frame, detail, name, whole }: Omit<Props, "seal" | "field"> & { whole: boolean }) {
  const folded = section.form === "folded";
  const poured = [...section.layers].sort((a, b) => Number(a.kind !== "custard") - Number(b.kind !== "custard"));
  return (folded && whole ? [1, -1] : [1]).map((way) => (
    <g key={way} transform={way < 0 ? `translate(${2 * frame.x(0)},0) scale(-1,1)` : undefined}>
      <g clipPath={folded ? `url(#${name}-fold)` : undefined}>
        {poured.map((layer) => (
          <Band key={layer.id} layer={layer} section={section} frame={frame} detail={detail} />
        ))}
      </g>
    </g>
  ));
}

type LidProps = {
  section: Section;
  frame: Frame;
  lid: NonNullable<Section["lid"]>;
  detail: boolean;
  isOutline: boolean;
};
type BandProps = { layer: SectionLayer; section: Section; frame: Frame; detail: boolean };

/** Pieces of a small drawing against those of the bench. */
const SMALL = 0.5;

/** A layer thinner than this is drawn so high, px. */
const LEAST_PX = 3;

function Band({ layer, section, frame, detail }: BandProps) {
  const { bottom, top } = spanOf(layer, section);
  if (top - bottom < 0.05) return null;
  const tone = toneInk(layer.tint);
  const low = frame.y(bottom);
  // a thin layer of herbs is still to be seen
  const high = Math.min(frame.y(top), low - LEAST_PX);
  const path =
    low - frame.y(top) < LEAST_PX
      ? `M${frame.x(0)},${low} H${frame.x(frame.insideMm(bottom))} V${high} H${frame.x(0)} Z`
      : bandPath(frame, bottom, top);
  return (
    <g data-layer={layer.id} data-tint={layer.tint}>
      <path d={path} fill={tone.bed} />
      {layer.kind !== "custard" && <Solids layer={layer} frame={frame} detail={detail} />}
    </g>
  );
}

/** Custard runs between the solids: it fills from the crust up to its line, the solids lie in it. */
function spanOf(layer: SectionLayer, section: Section) {
  return layer.kind === "custard"
    ? { bottom: section.tin.crustMm, top: section.custardLineMm ?? layer.topMm }
    : { bottom: layer.bottomMm, top: layer.topMm };
}

type SolidsProps = { layer: SectionLayer; frame: Frame; detail: boolean };

function Solids({ layer, frame, detail }: SolidsProps) {
  const tone = toneInk(layer.tint);
  const scale = detail ? 1 : SMALL;
  const scaled: Frame = { ...frame, x: (mm) => frame.x(mm) / scale, y: (mm) => frame.y(mm) / scale };
  const pieces = piecesOf(layer, scaled);
  const strands = layer.texture === "strands";
  return (
    <g transform={detail ? undefined : `scale(${scale})`}>
      <path d={pieces.outlines} fill={tone.piece} stroke={tone.line} strokeWidth="1.2" />
      <path d={pieces.lines} fill="none" stroke={tone.line} strokeWidth={strands ? 2.2 : 1.3} strokeLinecap="round" />
      {layer.hasBinder && <path d={piecesOf(layer, scaled, "crumbs").outlines} fill={tone.line} />}
    </g>
  );
}

function crustBase({ x, y }: Frame, { tin }: Section) {
  return `M${x(0)},${y(0)} H${x(tin.floorRadiusMm)} L${x(tin.linedFloorRadiusMm)},${y(tin.crustMm)} H${x(0)} Z`;
}

function crustSide({ x, y }: Frame, { tin }: Section) {
  return `M${x(tin.floorRadiusMm)},${y(0)} L${x(tin.rimRadiusMm)},${y(tin.depthMm)} H${x(tin.linedRimRadiusMm)} L${x(tin.linedFloorRadiusMm)},${y(tin.crustMm)} Z`;
}

function crustOutline({ x, y }: Frame, { tin }: Section) {
  return `M${x(0)},${y(tin.crustMm)} H${x(tin.linedFloorRadiusMm)} L${x(tin.linedRimRadiusMm)},${y(tin.depthMm)} H${x(tin.rimRadiusMm)}`;
}

/** Short broken strokes along the sheet, and the pricks of docking from below. */
function Lamina({ frame, section }: { frame: Frame; section: Section }) {
  const { x, y } = frame;
  const { tin } = section;
  const rows = Math.max(1, Math.floor(tin.crustMm / 0.9));
  const base = Array.from({ length: rows }, (_, i) => {
    const height = (tin.crustMm * (i + 0.5)) / rows;
    return `M${x(0)},${y(height)} H${x(tin.floorRadiusMm - height)}`;
  });
  const side = Array.from({ length: rows }, (_, i) => {
    const inset = (tin.crustMm * (i + 0.5)) / rows;
    return `M${x(tin.floorRadiusMm - inset)},${y(inset)} L${x(tin.rimRadiusMm - inset)},${y(tin.depthMm - 0.4)}`;
  });
  const pricks: string[] = [];
  for (let r = DOCK_EVERY_MM / 2; r < tin.linedFloorRadiusMm; r += DOCK_EVERY_MM) {
    pricks.push(`M${x(r) - 3},${y(0)} l3,-8 l3,8`);
  }
  return (
    <>
      <path
        d={[...base, ...side].join(" ")}
        stroke={ink("ink")}
        strokeWidth="1"
        strokeDasharray="9 6"
        opacity="0.3"
        fill="none"
      />
      <path d={pricks.join(" ")} fill={ink("ground")} stroke={ink("ink")} strokeWidth="1" />
    </>
  );
}

/** The room inside a fold: flat below, curved above. */
function foldInside({ x, y, insideMm }: Frame, section: Section) {
  const low = section.tin.crustMm;
  const high = Math.max(section.fillTopMm, low);
  const out = insideMm(low);
  return `M${x(0)},${y(low)} H${x(out)} C${x(out * 0.9)},${y(low + (high - low) * 0.45)} ${x(out * 0.6)},${y(high)} ${x(0)},${y(high)} Z`;
}

const STRIP_MM = 22;
const FOLD_STEPS = 24;

/** The upper sheet of a fold over a field: bent as the field is. */
function foldedLid({ x, y }: Frame, { tin, fillTopMm }: Section, topMm: number): string {
  const out = tin.rimRadiusMm;
  const low = tin.crustMm;
  const edge = (highMm: number, toMm: number) =>
    Array.from({ length: FOLD_STEPS + 1 }, (_, step) => {
      const at = (toMm * step) / FOLD_STEPS;
      return `${x(at).toFixed(1)},${y(low + (highMm - low) * foldBend(at, out)).toFixed(1)}`;
    });
  const under = edge(Math.max(fillTopMm, low), tin.linedFloorRadiusMm).reverse();
  return `M${edge(topMm, out).join(" L")} L${x(out)},${y(low)} L${under.join(" L")} Z`;
}

/** Strips of a lattice, cut across. */
function strips({ x, y }: Frame, lid: NonNullable<Section["lid"]>, side: number, bottom: number): string {
  const every = STRIP_MM / (1 - lid.openShare);
  const bars: string[] = [];
  for (let at = every - STRIP_MM / 2 - every / 2; at < side; at += every) {
    const [from, to] = [Math.max(0, at), Math.min(side, at + STRIP_MM)];
    if (to > from) bars.push(`M${x(from)},${y(bottom)} V${y(bottom + lid.thicknessMm)} H${x(to)} V${y(bottom)} Z`);
  }
  return bars.join(" ");
}

/** A lid over a field lies as flat as the field has it. */
function flatLid({ x, y }: Frame, lid: NonNullable<Section["lid"]>, side: number, bottom: number): string {
  return `M${x(Math.min(3, side * 0.03))},${y(bottom)} V${y(bottom + lid.thicknessMm)} H${x(side)} V${y(bottom)} Z`;
}

/** Half of a vent at the axis, headroom under the lid of a dish, and how far it hooks over the rim, mm. */
const VENT_MM = 2;
const HEADROOM_MM = 6;
const HOOK_MM = 9;

/** A lid from its vent to the rim, where it is sealed to the crust; over a dish it hooks down outside. */
function lidPath({ x, y }: Frame, { tin, fillTopMm, form }: Section, lid: NonNullable<Section["lid"]>): string {
  const overDish = form === "pot-pie";
  const low = overDish ? Math.max(fillTopMm, tin.depthMm) + HEADROOM_MM : Math.max(fillTopMm, tin.crustMm);
  const high = low + lid.thicknessMm;
  const [rim, out] = [tin.depthMm, tin.rimRadiusMm + (overDish ? 2 : 0)];
  const from = lid.openShare > 0 ? VENT_MM : 0;
  const over = overDish
    ? `L${x(out + lid.thicknessMm)},${y(rim)} V${y(rim - HOOK_MM)} H${x(out)} V${y(rim)}`
    : `V${y(rim)}`;
  return `M${x(from)},${y(low)} V${y(high)} C${x(out * 0.6)},${y(high)} ${x(out * 0.85)},${y(rim + lid.thicknessMm * 1.2)} ${x(out)},${y(rim + lid.thicknessMm)} ${over} C${x(out * 0.85)},${y(rim + lid.thicknessMm * 0.2)} ${x(out * 0.6)},${y(low)} ${x(from)},${y(low)} Z`;
}

/** The lid on the filling: whole with its vent at the axis, or strips of a lattice; a fold curves down to its crimp. */
function LidOver({ frame, section, lid, detail, isOutline }: LidProps) {
  const bottom = Math.max(section.fillTopMm, section.tin.crustMm);
  const side = section.form === "pot-pie" ? section.tin.rimRadiusMm : frame.insideMm(bottom);
  const whole = isOutline ? flatLid(frame, lid, side, bottom) : lidPath(frame, section, lid);
  const open = lid.openShare >= defaults.latticeFromShare ? strips(frame, lid, side, bottom) : whole;
  const curve = section.form === "folded" ? foldedLid(frame, section, bottom + lid.thicknessMm) : open;
  return (
    <path
      data-lid
      d={curve}
      fill={isOutline ? "none" : toneInk("pastry").bed}
      stroke={ink("ink")}
      strokeWidth={detail ? 1.4 : 1}
    />
  );
}

function TinWall({ frame, section, detail }: { frame: Frame; section: Section; detail: boolean }) {
  const { x, y } = frame;
  const { tin } = section;
  const px = detail ? TIN_PX : 2.5;
  const floor = y(0) + px;
  return (
    <g fill={ink("tinfill")} stroke={ink("rim")} strokeWidth={detail ? 1.4 : 1}>
      <path
        d={`M${x(0)},${y(0)} H${x(tin.floorRadiusMm)} L${x(tin.rimRadiusMm)},${y(tin.depthMm)} h${px} L${x(tin.floorRadiusMm) + px},${floor} H${x(0)} Z`}
      />
      <circle cx={x(tin.rimRadiusMm) + px / 2 + 1} cy={y(tin.depthMm)} r={detail ? 5.5 : 3} />
    </g>
  );
}
