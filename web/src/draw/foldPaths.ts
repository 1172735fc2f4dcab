import type { Section } from "../api/client";
import { CREST_MM, FOLD_SEAM_MM, type Frame } from "./frame";

/** Half of a vent, mm. */
const VENT_MM = 1.6;

/** How far a parcel stays open in its middle, from the axis, mm. */
const OPEN_MM = 4;

export const topMm = (section: Section) => Math.max(section.fillTopMm, section.tin.crustMm) + section.tin.crustMm;

/** The middle of the dough along the whole sheet, and what lies between two sheets where they were wetted or egged. */
export function foldPaths(
  frame: Frame,
  section: Section,
  vented: boolean,
  whole: boolean,
): { sheets: string; seam: string } {
  switch (section.fold) {
    case "top-crimp":
      return crimpedOnTop(frame, section, whole);
    case "parcel":
      return parcel(frame, section, whole);
    case "patty":
      return patty(frame, section, vented, whole);
    default:
      return bentOver(frame, section, vented, whole);
  }
}

const pointer =
  ({ x, y }: Frame) =>
  (mm: number, high: number) =>
    `${x(mm).toFixed(1)},${y(high).toFixed(1)}`;

/** One sheet bent over: flat below, round above, both rolled over together at the seam. Its fold is drawn where the whole is. */
function bentOver(frame: Frame, section: Section, vented: boolean, whole: boolean) {
  const at = pointer(frame);
  const { x, y } = frame;
  const crust = section.tin.crustMm;
  const out = section.tin.linedFloorRadiusMm;
  const top = topMm(section) - crust / 2;
  const rise = top - 1.5 * crust;
  const vent = vented ? VENT_MM : 0;
  // both sheets together, rolled up and back over themselves
  const roll = (from: number, size: number) =>
    `C${at(out + FOLD_SEAM_MM * 0.9, from)} ${at(out + FOLD_SEAM_MM, from + crust * size)} ${at(out + FOLD_SEAM_MM * 0.55, from + crust * (size + 0.5))}`;
  const upper = `M${at(vent, top)} C${at(out * 0.6, top)} ${at(out * 0.9, 1.5 * crust + rise * 0.35)} ${at(out + 1, 1.5 * crust)} L${at(out + FOLD_SEAM_MM * 0.35, 1.5 * crust)} ${roll(1.5 * crust, 1)}`;
  const lower = `L${at(out + FOLD_SEAM_MM * 0.35, crust / 2)} ${roll(crust / 2, 2.2)}`;
  const fold = `M${at(-vent, top)} C${at(-out * 0.6, top)} ${at(-out * 0.94, 1.5 * crust + rise * 0.5)} ${at(-out - crust * 0.2, crust + rise * 0.3)} C${at(-out - crust, crust)} ${at(-out - crust * 0.4, crust / 2)} ${at(-out + crust * 1.5, crust / 2)}`;
  return {
    sheets: whole ? `${fold} ${lower} ${upper}` : `M${at(0, crust / 2)} ${lower} ${upper}`,
    seam: `M${x(out - 1)},${y(crust)} H${x(out + FOLD_SEAM_MM * 0.5)}`,
  };
}

/** From the middle of the floor out, up the side and back over to where the sheet ends on top. */
function half(frame: Frame, section: Section, side: 1 | -1, end: string): string {
  const at = pointer(frame);
  const crust = section.tin.crustMm;
  const out = section.tin.linedFloorRadiusMm;
  const top = topMm(section) - crust / 2;
  const to = (mm: number, high: number) => at(side * mm, high);
  return `M${to(0, crust / 2)} L${to(out - crust, crust / 2)} C${to(out + crust * 0.6, crust / 2)} ${to(out + crust * 0.6, crust + (top - crust) * 0.35)} ${to(out * 0.94, crust + (top - crust) * 0.55)} C${to(out * 0.8, crust + (top - crust) * 0.9)} ${to(out * 0.5, top)} ${end}`;
}

/** The room inside dough that is brought up on both sides; null of a shape that is bent over or laid on. */
export function broughtUpInside(frame: Frame, section: Section): string | null {
  if (section.fold !== "top-crimp" && section.fold !== "parcel") return null;
  const at = pointer(frame);
  const crust = section.tin.crustMm;
  const out = section.tin.linedFloorRadiusMm;
  const top = topMm(section) - crust;
  const up = (share: number) => crust + (top - crust) * share;
  return `M${at(0, crust)} L${at(out - crust, crust)} C${at(out + crust * 0.1, crust)} ${at(out + crust * 0.1, up(0.35))} ${at(out * 0.94 - crust * 0.5, up(0.56))} C${at(out * 0.8 - crust * 0.4, up(0.92))} ${at(out * 0.5, top)} ${at(0, top)} Z`;
}

/** A disc brought up on both sides: both sheets rise together and lean, there is no fold. */
function crimpedOnTop(frame: Frame, section: Section, whole: boolean) {
  const at = pointer(frame);
  const crust = section.tin.crustMm;
  const top = topMm(section) - crust / 2;
  const lean = (from: number, high: number) =>
    `${at(from, top)} C${at(from, top + CREST_MM * 0.5)} ${at(from + crust, top + high)} ${at(from + crust * 1.8, top + high * 0.85)}`;
  const right = half(frame, section, 1, lean(crust * 0.55, CREST_MM));
  const left = half(frame, section, -1, lean(-crust * 0.55, CREST_MM + crust * 0.9));
  return {
    sheets: whole ? `${left} ${right}` : right,
    seam: `M${at(0, top - crust / 2)} C${at(0, top + CREST_MM * 0.4)} ${at(crust * 0.5, top + CREST_MM)} ${at(crust * 1.2, top + CREST_MM)}`,
  };
}

/** A square with its points brought to the middle: pinched up, and open between them. */
function parcel(frame: Frame, section: Section, whole: boolean) {
  const at = pointer(frame);
  const crust = section.tin.crustMm;
  const top = topMm(section) - crust / 2;
  const pinched = (side: 1 | -1) => `${at(side * (OPEN_MM + crust), top)} L${at(side * OPEN_MM, top + crust)}`;
  const right = half(frame, section, 1, pinched(1));
  return {
    sheets: whole ? `${half(frame, section, -1, pinched(-1))} ${right}` : right,
    seam: "",
  };
}

/** Two sheets, one on the other, their edges pressed flat together. */
function patty(frame: Frame, section: Section, vented: boolean, whole: boolean) {
  const at = pointer(frame);
  const { x, y } = frame;
  const crust = section.tin.crustMm;
  const out = section.tin.linedFloorRadiusMm;
  const edge = out + FOLD_SEAM_MM * 0.8;
  const top = topMm(section) - crust / 2;
  const rise = top - 1.5 * crust;
  const vent = vented ? VENT_MM : 0;
  const upper = (side: 1 | -1) =>
    `M${at(side * vent, top)} C${at(side * out * 0.6, top)} ${at(side * out * 0.9, 1.5 * crust + rise * 0.35)} ${at(side * (out + 1), 1.5 * crust)} L${at(side * edge, 1.4 * crust)}`;
  const seam = (side: 1 | -1) => `M${x(side * (out - 1))},${y(crust)} L${x(side * edge)},${y(crust)}`;
  return {
    sheets: whole
      ? `M${at(-edge, crust / 2)} L${at(edge, crust / 2)} ${upper(-1)} ${upper(1)}`
      : `M${at(0, crust / 2)} L${at(edge, crust / 2)} ${upper(1)}`,
    seam: whole ? `${seam(-1)} ${seam(1)}` : seam(1),
  };
}
