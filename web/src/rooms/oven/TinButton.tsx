import { Box, chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";

const WALL = 20;
const CORNER = 9;
const GAP = 14;
const SHOULDER = 28;
const DOME = 6;

type Props = {
  /** filled: press me; hollow: something still rides on the rim */
  look: "filled" | "hollow";
  press: () => void;
  label: string;
  height: number;
  disabled?: boolean;
  children: ReactNode;
};

/** The glyph of the gate, grown: a tin whose loaf is the button, and every point of it is pressed. */
export function TinButton({ look, press, label, height, disabled = false, children }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(460);
  const floor = height - 10;
  const tin = `M0,10 H${WALL - CORNER} q${CORNER},0 ${CORNER},${CORNER} V${floor - CORNER} q0,${CORNER} ${CORNER},${CORNER} H${width - WALL - CORNER} q${CORNER},0 ${CORNER},${-CORNER} V${10 + CORNER} q0,${-CORNER} ${CORNER},${-CORNER} H${width}`;
  const [left, right, foot] = [WALL + GAP, width - WALL - GAP, floor - GAP];
  const loaf = `M${left + 6},${foot} q-6,0 -6,-6 V${SHOULDER + 26} q0,-30 46,-36 Q${width / 2},${DOME} ${right - 46},${SHOULDER - 10} q46,6 46,36 V${foot - 6} q0,6 -6,6 Z`;
  return (
    <Box ref={ref} position="relative" height={`${height}px`}>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        aria-hidden="true"
        style={{ position: "absolute", inset: 0 }}
      >
        <title>Tin</title>
        <rect x={WALL} y="12" width={Math.max(0, width - 2 * WALL)} height={floor - 12} fill={ink("well")} />
        <path d={loaf} fill={look === "filled" ? ink("rim") : ink("ground")} stroke={ink("rim")} strokeWidth="2.6" />
        <path d={tin} fill="none" stroke={ink("rim")} strokeWidth="3" />
      </svg>
      <chakra.button
        onClick={press}
        disabled={disabled}
        aria-label={label}
        position="absolute"
        inset={`12px ${WALL + GAP}px ${10 + GAP}px ${WALL + GAP}px`}
        background="transparent"
        border="0"
        cursor="pointer"
        color={look === "filled" ? "onRim" : "ink"}
        textAlign="left"
        borderRadius="6px"
        _active={{ transform: "translateY(1px)" }}
      >
        {children}
      </chakra.button>
    </Box>
  );
}
