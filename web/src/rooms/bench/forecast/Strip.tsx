import { Box, chakra, Flex } from "@chakra-ui/react";
import { memo, useRef } from "react";
import type { Reading } from "../../../api/client";
import { readingGeometry, readingSentence, SUBSTANCE } from "../../../forecast/readingGeometry";
import { number } from "../../../ui/numbers";
import { loafPath, recessPath } from "../../../ui/recess";
import { ink } from "../../../ui/theme";
import { useWidth } from "../../../ui/useWidth";

const RULE = 13;
const DEPTH = 8;

type Props = { readings: Reading[]; open: (name: Reading["name"]) => void };

/** All readings that apply, in words and needles: they stay in sight while anything is edited. One pressed is shown in full. */
export const Strip = memo(function Strip({ readings, open }: Props) {
  // where the needles stood before this answer
  const before = useRef<{ now: Reading[]; was: Reading[] }>({ now: readings, was: readings });
  if (before.current.now !== readings) before.current = { now: readings, was: before.current.now };
  if (readings.length === 0) return null;
  const troubleFirst = [...readings].sort((a, b) => Number(b.state === "outside") - Number(a.state === "outside"));
  return (
    <Box
      as="section"
      aria-label="Readings in short"
      position="sticky"
      top="0"
      zIndex={8}
      background="ground"
      paddingBlock="6px 2px"
      borderBottom="1px solid {colors.hair}"
      marginBottom="14px"
      className="not-printed"
    >
      <Box
        as="ul"
        display="grid"
        gridTemplateColumns={{
          base: `repeat(${readings.length}, minmax(104px, 1fr))`,
          sm: `repeat(${Math.ceil(readings.length / 2)}, minmax(0, 1fr))`,
          md: `repeat(${readings.length}, minmax(0, 1fr))`,
        }}
        columnGap={{ base: "12px", md: "22px" }}
        overflowX={{ base: "auto", sm: "visible" }}
      >
        {readings.map((reading) => (
          <Box
            as="li"
            key={reading.name}
            order={{ base: troubleFirst.indexOf(reading), sm: 0 }}
            minWidth="0"
            data-strip={reading.name}
          >
            <Short
              reading={reading}
              was={before.current.was.find((one) => one.name === reading.name)}
              open={() => open(reading.name)}
            />
          </Box>
        ))}
      </Box>
    </Box>
  );
});

function Short({ reading, was, open }: { reading: Reading; was: Reading | undefined; open: () => void }) {
  const trouble = reading.state === "outside";
  return (
    <chakra.button
      type="button"
      onClick={open}
      aria-label={`${readingSentence(reading)} Show it in full`}
      display="block"
      width="100%"
      textAlign="left"
      background="transparent"
      border="0"
      padding="0"
      cursor="pointer"
    >
      <Flex align="baseline" gap="6px" whiteSpace="nowrap" overflow="hidden">
        {/* a value that does not fit beside its word wraps out of sight: half a number would be misread */}
        <Flex
          flex={{ base: "0 0 auto", lg: "1 1 0" }}
          minWidth="0"
          wrap="wrap"
          columnGap="6px"
          height="1.5em"
          overflow="hidden"
        >
          <Box as="span" fontWeight="680">
            {reading.title}
          </Box>
          {reading.value !== null && !reading.words.length && !trouble && (
            <Box as="span" color="ink2" display={{ base: "none", lg: "inline" }}>
              {number(reading.value, reading.decimals)} {reading.shortUnit}
            </Box>
          )}
        </Flex>
        <Box
          as="span"
          marginLeft="auto"
          flexShrink={{ base: 1, lg: 0 }}
          overflow="hidden"
          textOverflow="ellipsis"
          {...(trouble
            ? { background: "ink", color: "ground", fontWeight: "650", borderRadius: "3px", paddingInline: "6px" }
            : {})}
        >
          {reading.verdict}
        </Box>
      </Flex>
      <Needle reading={reading} was={was} />
    </chakra.button>
  );
}

function Needle({ reading, was }: { reading: Reading; was: Reading | undefined }) {
  const [ref, width] = useWidth<HTMLDivElement>(150);
  const { from, to, loaf, needle, x } = readingGeometry(reading, width);
  const outside = needle !== null && ((from !== null && needle < from - 0.5) || (to !== null && needle > to + 0.5));
  const floor = outside ? RULE - 1 : RULE + DEPTH - 1;
  const stood = was?.value !== null && was?.value !== undefined && was.value !== reading.value ? x(was.value) : null;
  const unknown = reading.state === "unknown" || needle === null;
  return (
    <Box ref={ref}>
      <svg width={width} height={RULE + DEPTH + 4} aria-hidden="true" style={{ display: "block", overflow: "visible" }}>
        <path
          d={recessPath(width, RULE, DEPTH, from, to)}
          fill="none"
          stroke={ink("rim")}
          strokeWidth="1.6"
          strokeDasharray={unknown ? "4 3" : undefined}
        />
        {!unknown && loaf && (
          <>
            <path
              d={loafPath(loaf.from, loaf.to, floor, 8)}
              fill={ink(SUBSTANCE[reading.name])}
              style={{ transition: "d 240ms ease-out" }}
            />
            <path d={`M${needle},${floor} V${floor - 12}`} stroke={ink("ink")} strokeWidth="1.6" />
          </>
        )}
        {stood !== null && !unknown && (
          <circle cx={stood} cy={RULE} r="3" fill={ink("ground")} stroke={ink("ink2")} strokeWidth="1.4" />
        )}
      </svg>
    </Box>
  );
}
