import type { Section } from "../api/client";
import { ink } from "../ui/theme";
import { FOLD_SEAM_MM, type Frame } from "./frame";
import { toneInk } from "./tones";

type Props = { frame: Frame; section: Section; lid: NonNullable<Section["lid"]>; detail: boolean; whole: boolean };

/** Half of a vent, mm. */
const VENT_MM = 1.6;

/** More of the top open than this is drawn as a vent. */
const VENT_SHARE = 0.001;

/** One sheet bent over: flat below, round above, both rolled over together at the seam. Its fold is drawn where the whole is. */
export function FoldSheet({ frame, section, lid, detail, whole }: Props) {
  const { x, y } = frame;
  const crust = section.tin.crustMm;
  const pastry = toneInk("pastry");
  const thick = Math.max(2, crust * frame.pxPerMm * Math.sqrt(frame.stretch));
  const sheets = sheetPaths(frame, section, lid.openShare >= VENT_SHARE, whole);
  const lining = detail ? 1.4 : 1;
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={sheets} stroke={ink("ink")} strokeWidth={thick + 2 * lining} />
      <path d={sheets} stroke={pastry.bed} strokeWidth={thick} />
      {detail && <path d={sheets} stroke={ink("ink")} strokeWidth="1" strokeDasharray="9 6" opacity="0.3" />}
      <path d={seamPath(frame, section)} stroke={ink("ground")} strokeWidth={detail ? 3 : 1.6} />
      {detail && <path d={seamPath(frame, section)} stroke={ink("heat")} strokeWidth="1" strokeDasharray="3 2" />}
      {detail && lid.openShare >= VENT_SHARE && (
        <path
          d={`M${x(0)},${y(topMm(section)) - 4} v-22 m-5,6 l5,-6 l5,6`}
          stroke={ink("water")}
          strokeWidth="2.2"
          strokeLinecap="round"
        />
      )}
    </g>
  );
}

/** What a fold is wide at its widest, from the axis, mm. */
export const foldReachMm = (section: Section) => section.tin.rimRadiusMm + FOLD_SEAM_MM + section.tin.crustMm;

const topMm = (section: Section) => Math.max(section.fillTopMm, section.tin.crustMm) + section.tin.crustMm;

/** The middle of the dough, along the whole sheet: in two pieces where a vent is cut. */
function sheetPaths({ x, y }: Frame, section: Section, vented: boolean, whole: boolean): string {
  const crust = section.tin.crustMm;
  const out = section.tin.linedFloorRadiusMm;
  const top = topMm(section) - crust / 2;
  const rise = top - 1.5 * crust;
  const vent = vented ? VENT_MM : 0;
  const at = (mm: number, high: number) => `${x(mm).toFixed(1)},${y(high).toFixed(1)}`;
  // both sheets together, rolled up and back over themselves
  const roll = (from: number, size: number) =>
    `C${at(out + FOLD_SEAM_MM * 0.9, from)} ${at(out + FOLD_SEAM_MM, from + crust * size)} ${at(out + FOLD_SEAM_MM * 0.55, from + crust * (size + 0.5))}`;
  const upper = `M${at(vent, top)} C${at(out * 0.6, top)} ${at(out * 0.9, 1.5 * crust + rise * 0.35)} ${at(out + 1, 1.5 * crust)} L${at(out + FOLD_SEAM_MM * 0.35, 1.5 * crust)} ${roll(1.5 * crust, 1)}`;
  const lower = `L${at(out + FOLD_SEAM_MM * 0.35, crust / 2)} ${roll(crust / 2, 2.2)}`;
  const fold = `M${at(-vent, top)} C${at(-out * 0.6, top)} ${at(-out * 0.94, 1.5 * crust + rise * 0.5)} ${at(-out - crust * 0.2, crust + rise * 0.3)} C${at(-out - crust, crust)} ${at(-out - crust * 0.4, crust / 2)} ${at(-out + crust * 1.5, crust / 2)}`;
  return whole ? `${fold} ${lower} ${upper}` : `M${at(0, crust / 2)} ${lower} ${upper}`;
}

/** Between the two sheets, where they were wetted or egged. */
function seamPath({ x, y }: Frame, section: Section): string {
  const crust = section.tin.crustMm;
  const out = section.tin.linedFloorRadiusMm;
  return `M${x(out - 1)},${y(crust)} H${x(out + FOLD_SEAM_MM * 0.5)}`;
}
