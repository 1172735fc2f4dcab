import { Box } from "@chakra-ui/react";
import { type RefObject, useEffect, useState } from "react";
import type { Section } from "../../../api/client";
import { cutawayFrame } from "../../../draw/Cutaway";
import { ink } from "../../../ui/theme";

type Line = { id: string; from: number; top: number; bottom: number };
type Props = { bench: RefObject<HTMLDivElement | null>; section: Section };

const BRACKET = 3;

/** From each row of the stack a line to a bracket at the axis that spans its layer: the stack is the key to the drawing. */
export function Connectors({ bench, section }: Props) {
  const [lines, setLines] = useState<{ left: number; right: number; height: number; lines: Line[] } | null>(null);
  useEffect(() => {
    const element = bench.current;
    if (!element) return;
    const measure = () => setLines(measured(element, section));
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    for (const row of element.querySelectorAll("[data-row]")) observer.observe(row);
    return () => observer.disconnect();
  }, [bench, section]);
  if (!lines) return null;
  const { left, right, height } = lines;
  const width = right - left;
  return (
    <Box
      as="svg"
      aria-hidden
      position="absolute"
      top="0"
      left={`${left}px`}
      width={`${width}px`}
      height={`${height}px`}
      pointerEvents="none"
      display={{ base: "none", md: "block" }}
      overflow="visible"
    >
      {lines.lines.map(({ id, from, top, bottom }, index) => {
        const middle = (top + bottom) / 2;
        const turn = width * (0.25 + index * 0.06);
        return (
          <g key={id} stroke={ink("rim")} fill="none">
            <path d={`M0,${from} H${turn} L${width - 10},${middle} H${width - 4}`} strokeWidth="1.2" />
            <path d={`M${width - 2},${top} V${bottom}`} strokeWidth={BRACKET} />
          </g>
        );
      })}
    </Box>
  );
}

function measured(bench: HTMLDivElement, section: Section) {
  const drawing = bench.querySelector("[data-cutaway]");
  const stack = bench.querySelector("[data-row]");
  if (!drawing || !stack) return null;
  const origin = bench.getBoundingClientRect();
  const area = drawing.getBoundingClientRect();
  const column = stack.getBoundingClientRect();
  if (area.left < column.right) return null;
  const frame = cutawayFrame(section, Math.round(area.width));
  const y = (mm: number) => area.top - origin.top + frame.y(mm);
  const spans = [
    ...section.layers.map(({ id, bottomMm, topMm }) => ({ id, bottomMm, topMm })),
    { id: "crust", bottomMm: 0, topMm: section.tin.crustMm },
  ];
  const lines = spans.flatMap(({ id, bottomMm, topMm }) => {
    const row = bench.querySelector(`[data-row="${CSS.escape(id)}"]`);
    return row && topMm - bottomMm > 0.05
      ? [{ id, from: row.getBoundingClientRect().top - origin.top + 20, top: y(topMm) + 1, bottom: y(bottomMm) - 1 }]
      : [];
  });
  return {
    left: column.right - origin.left + 2,
    right: area.left - origin.left + frame.x(0) - 3,
    height: origin.height,
    lines: lines.sort((a, b) => a.from - b.from),
  };
}
