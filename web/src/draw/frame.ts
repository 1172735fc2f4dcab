import type { Section } from "../api/client";
import { defaults } from "../api/generated/defaults";

/** Where mm of a section come to lie in px of a drawing: the axis at the left, the floor below. */
export type Frame = {
  width: number;
  height: number;
  /** how much taller than wide it is drawn, 1 to 2 */
  stretch: number;
  pxPerMm: number;
  x: (radiusMm: number) => number;
  y: (heightMm: number) => number;
  /** inside of the side crust at a height */
  insideMm: (heightMm: number) => number;
  /** inside of the tin at a height */
  wallMm: (heightMm: number) => number;
};

type Margins = { left: number; right: number; top: number; bottom: number };

const MOST_HEIGHT = 300;

/** How far the seam of a fold runs out, mm. */
export const FOLD_SEAM_MM = 9;

/** How high a crimp on top stands above the dough, mm. */
export const CREST_MM = 7;

export function frameOf(section: Section, width: number, margins: Margins, mostHeight = MOST_HEIGHT): Frame {
  const { tin } = section;
  // the seam of a fold runs out beyond its pocket
  const widestMm =
    Math.max(tin.rimRadiusMm, tin.floorRadiusMm) + (section.form === "folded" ? FOLD_SEAM_MM + tin.crustMm : 0);
  const crest = section.fold === "top-crimp" ? CREST_MM + tin.crustMm : 0;
  const tallestMm = Math.max(tin.depthMm, section.fillTopMm + (section.lid?.thicknessMm ?? 0) + crest);
  // a very deep pie is made narrower rather than higher than the room there is
  const pxPerMm = Math.max(0.05, Math.min((width - margins.left - margins.right) / widestMm, mostHeight / tallestMm));
  const stretch = Math.max(1, Math.min(2, mostHeight / (tallestMm * pxPerMm)));
  const height = margins.top + tallestMm * pxPerMm * stretch + margins.bottom;
  const slope = (rim: number, floor: number) => (rim - floor) / tin.depthMm;
  return {
    width,
    height,
    stretch,
    pxPerMm,
    x: (radiusMm) => margins.left + radiusMm * pxPerMm,
    y: (heightMm) => height - margins.bottom - heightMm * pxPerMm * stretch,
    insideMm: (heightMm) =>
      tin.linedFloorRadiusMm +
      (slope(tin.linedRimRadiusMm, tin.linedFloorRadiusMm) * (heightMm - tin.crustMm) * tin.depthMm) /
        Math.max(1, tin.depthMm - tin.crustMm),
    wallMm: (heightMm) => tin.floorRadiusMm + slope(tin.rimRadiusMm, tin.floorRadiusMm) * heightMm,
  };
}

/** How high a fold still is at a place, against its middle: it comes down to its seam. */
export const foldBend = (xMm: number, outMm: number) => Math.max(0.04, 1 - (Math.min(xMm, outMm) / outMm) ** 2.2);

/** The outline of what lies between two heights inside the crust. */
export function bandPath(frame: Frame, bottomMm: number, topMm: number): string {
  const { x, y, insideMm } = frame;
  return `M${x(0)},${y(bottomMm)} H${x(insideMm(bottomMm))} L${x(insideMm(topMm))},${y(topMm)} H${x(0)} Z`;
}

/** Water in all that is not fat, %, from water to solids. */
const percentOfRatio = (ratio: number) => (100 * ratio) / (1 + ratio);

/** Class of a water content, 0 to 8, as the field scale has it. */
const { crispToRatio, dryToRatio, softToRatio } = defaults;
const [CRISP, DRY, SOFT] = [crispToRatio, dryToRatio, softToRatio].map(percentOfRatio) as [number, number, number];
export const WATER_BREAKS = [CRISP / 2, CRISP, DRY, SOFT, 45, 65, 71, 80];
