import { useId } from "react";
import type { Section } from "../api/client";
import { frameOf } from "./frame";
import { SectionBody } from "./SectionBody";

const MARGINS = { left: 2, right: 10, top: 6, bottom: 5 };

/** A pie of a list: the same drawing, small, without words. */
export function SmallCutaway({
  section,
  width = 168,
  height = 56,
}: {
  section: Section;
  width?: number;
  height?: number;
}) {
  const name = useId().replaceAll(":", "");
  const frame = frameOf(section, width, MARGINS, height);
  return (
    <svg width={width} height={frame.height} aria-hidden="true" style={{ display: "block", overflow: "visible" }}>
      <title>Section</title>
      <SectionBody section={section} frame={frame} seal={false} detail={false} name={name} />
    </svg>
  );
}
