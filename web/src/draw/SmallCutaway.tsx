import { useId } from "react";
import type { Section } from "../api/client";
import { foldReachMm } from "./FoldSheet";
import { frameOf } from "./frame";
import { SectionBody } from "./SectionBody";

const MARGINS = { left: 2, right: 10, top: 6, bottom: 5 };

type Props = {
  section: Section;
  width?: number;
  height?: number;
  /** at a scale of its own, so that several can be compared; else as large as fits */
  pxPerMm?: number;
};

/** A pie of a list: the same drawing, small, without words; what is folded is drawn whole. */
export function SmallCutaway({ section, width = 168, height = 56, pxPerMm }: Props) {
  const name = useId().replaceAll(":", "");
  const folded = section.form === "folded";
  const { tin } = section;
  const reach = folded ? foldReachMm(section) : Math.max(tin.rimRadiusMm, tin.floorRadiusMm);
  const scaled = pxPerMm && {
    width: Math.ceil((folded ? 2 : 1) * reach * pxPerMm) + MARGINS.left + MARGINS.right,
    // no stretch: as tall as it is
    height: Math.max(tin.depthMm, section.fillTopMm + (section.lid?.thicknessMm ?? 0)) * pxPerMm,
  };
  const room = scaled || { width, height };
  const frame = frameOf(
    section,
    room.width,
    folded ? { ...MARGINS, left: room.width / 2 - 4, right: MARGINS.right + 4 } : MARGINS,
    room.height,
  );
  return (
    <svg
      width={room.width}
      height={frame.height}
      viewBox={`0 0 ${room.width} ${frame.height}`}
      aria-hidden="true"
      style={{ display: "block", overflow: "visible", maxWidth: "100%" }}
    >
      <title>Section</title>
      <SectionBody section={section} frame={frame} seal={false} detail={false} name={name} whole={folded} />
    </svg>
  );
}
