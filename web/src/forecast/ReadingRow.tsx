import { Box, chakra, Flex } from "@chakra-ui/react";
import { type ReactNode, useState } from "react";
import type { Reading } from "../api/client";
import { number, range } from "../ui/numbers";
import { loafPath, recessPath } from "../ui/recess";
import { ink } from "../ui/theme";
import { useWidth } from "../ui/useWidth";
import { type Geometry, readingGeometry, readingSentence, SUBSTANCE } from "./readingGeometry";

const RULE = 17;
const DEPTH = 13;
type Props = { reading: Reading; children?: ReactNode /** what opens with the reason */; more?: ReactNode };

/** One reading: name, value, range, word; below, the rule with its recess and the loaf; the reason on demand. */
export function ReadingRow({ reading, children, more }: Props) {
  const [open, setOpen] = useState(false);
  const trouble = reading.state === "outside";
  const alwaysOpen = trouble || reading.state === "unknown";
  return (
    <Box
      as="section"
      aria-label={reading.title}
      data-reading={reading.name}
      borderTop={trouble ? "3px solid {colors.rim}" : "1.4px solid {colors.hair}"}
      paddingBlock="7px 6px"
    >
      <Flex align="baseline" gap="2px 10px" wrap="wrap">
        <Box as="h3" fontSize="name" fontWeight="680" minWidth="64px" flex="none">
          {reading.title}
        </Box>
        {reading.value !== null && !reading.words.length && (
          <Box as="span" fontSize="reading" fontWeight="650" whiteSpace="nowrap" data-testid={`${reading.name}-value`}>
            {number(reading.value, reading.decimals)} {reading.shortUnit}
          </Box>
        )}
        <Box as="span" color="ink2" whiteSpace="nowrap">
          {reading.words.length ? reading.between : range(reading.low, reading.high, reading.decimals)}
        </Box>
        <Box
          as="span"
          data-testid={`${reading.name}-verdict`}
          marginLeft="auto"
          whiteSpace="nowrap"
          {...(trouble
            ? { background: "ink", color: "ground", fontWeight: "650", borderRadius: "3px", padding: "1px 9px" }
            : {})}
        >
          {reading.verdict}
        </Box>
        {(!alwaysOpen || (trouble && more)) && (
          <chakra.button
            type="button"
            lineHeight="24px"
            background="transparent"
            border="0"
            padding="0"
            color="rim"
            cursor="pointer"
            aria-expanded={open}
            aria-label={`Why: ${reading.title}`}
            onClick={() => setOpen(!open)}
          >
            {open ? "Less" : "Why"}
          </chakra.button>
        )}
      </Flex>
      {reading.unit !== reading.shortUnit && reading.value !== null && !reading.words.length && (
        <Box color="ink2">{reading.unit.replace(`${reading.shortUnit} `, "")}</Box>
      )}
      <Rule reading={reading} />
      {(open || alwaysOpen) && (
        <Box as="p" color="ink2" marginTop="2px">
          {reading.reason}
        </Box>
      )}
      {open && more}
      {children}
    </Box>
  );
}

/** What is like paste has no place between crisp and soggy. */
const isOnScale = ({ words, between, verdict }: Reading) =>
  !words.length || between !== "" || words.some(({ word }) => word === verdict);

function Rule({ reading }: { reading: Reading }) {
  const [ref, width] = useWidth<HTMLDivElement>(340);
  const geometry = readingGeometry(reading, width);
  const unknown = reading.state === "unknown";
  return (
    <Box ref={ref} role="img" aria-label={readingSentence(reading)}>
      <svg
        width={width}
        height={RULE + DEPTH + 19}
        aria-hidden="true"
        style={{ display: "block", overflow: "visible" }}
      >
        <path d={recessFill(geometry, width)} fill={ink("well")} />
        <path
          d={recessPath(width, RULE, DEPTH, geometry.from, geometry.to)}
          fill="none"
          stroke={ink("rim")}
          strokeWidth="2"
          strokeDasharray={unknown ? "5 4" : undefined}
        />
        {!unknown && isOnScale(reading) && <Loaf reading={reading} geometry={geometry} />}
        {geometry.wished && (
          <path
            d={`M${geometry.wished.from},${RULE + DEPTH - 5} V${RULE + DEPTH + 3} H${geometry.wished.to} V${RULE + DEPTH - 5}`}
            fill="none"
            stroke={ink("ink2")}
            strokeWidth="1.4"
          />
        )}
        {geometry.limits.map((limit) => (
          <text
            key={limit.text}
            x={limit.x}
            y={RULE + DEPTH + 16}
            textAnchor={limit.anchor}
            fontSize="14"
            fill={ink("ink2")}
          >
            {limit.text}
          </text>
        ))}
      </svg>
    </Box>
  );
}

function recessFill({ from, to }: Geometry, width: number) {
  const [a, b] = [from ?? 0, to ?? width];
  return `M${a},${RULE} H${b} V${RULE + DEPTH} H${a} Z`;
}

function Loaf({ reading, geometry }: { reading: Reading; geometry: Geometry }) {
  const { loaf, needle, from, to } = geometry;
  const fill = ink(SUBSTANCE[reading.name]);
  if (!loaf || needle === null) return null;
  const onRule = needleIsOutside(geometry);
  const floor = onRule ? RULE - 1 : RULE + DEPTH - 1;
  const left = onRule ? loaf.from : Math.max(loaf.from, from ?? 0);
  const right = onRule ? loaf.to : Math.min(loaf.to, to ?? Number.POSITIVE_INFINITY);
  const moving = { transition: "d 240ms ease-out" };
  return (
    <>
      {!onRule && loaf.from < left - 1 && <Spill from={loaf.from} to={left} />}
      {!onRule && loaf.to > right + 1 && <Spill from={right} to={loaf.to} />}
      <path d={loafPath(left, right, floor, 14)} fill={fill} style={moving} />
      <path d={`M${needle},${floor} V${floor - 14}`} stroke={ink("ground")} strokeWidth="2" style={moving} />
      <path d={`M${needle},${floor - 14} V${floor - 20}`} stroke={fill} strokeWidth="2" style={moving} />
    </>
  );
}

/** The part of the range that lies beyond a wall: hollow. */
function Spill({ from, to }: { from: number; to: number }) {
  return (
    <path d={loafPath(from, Math.max(to, from + 4), RULE - 1, 9)} fill="none" stroke={ink("ink2")} strokeWidth="1.4" />
  );
}

function needleIsOutside({ needle, from, to }: Geometry) {
  return needle !== null && ((from !== null && needle < from - 0.5) || (to !== null && needle > to + 0.5));
}
