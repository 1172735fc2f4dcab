import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { causesQuery } from "../../api/bookQueries";
import type { Cause, Finding } from "../../api/client";
import { Button } from "../../ui/Button";
import { loafPath } from "../../ui/recess";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";

type Props = {
  kitchen: string;
  bake: string;
  judged: string;
  apply: (words: string) => void;
  nextTime: string;
  mayWrite: boolean;
  /** why its middle is in doubt; null where it is not */
  doubt: string | null;
};

const tenths = (share: number) => `${Math.max(1, Math.round(10 * share))} in 10`;

/** Why it went wrong: troubles that have one cause together, each set with its own causes. */
export function Causes({ kitchen, bake, judged, apply, nextTime, mayWrite, doubt }: Props) {
  const { data, error } = useQuery(causesQuery(kitchen, bake, judged));
  if (error) return <Box role="alert">{error.message}</Box>;
  if (!data) return <Box role="status">Baking it again to find out why</Box>;
  if (data.findings.length === 0 && doubt) return <Box fontWeight="650">{doubt}</Box>;
  if (data.findings.length === 0) return <Box color="ink2">Nothing went wrong, by what was judged.</Box>;
  return data.findings.map((finding, at) => (
    <Box key={finding.troubles.join()} paddingTop={at === 0 ? "0" : "22px"}>
      <Why finding={finding} isFirst={at === 0} apply={mayWrite ? apply : null} nextTime={nextTime} />
    </Box>
  ));
}

type WhyProps = { finding: Finding; isFirst: boolean; apply: ((words: string) => void) | null; nextTime: string };

/** Three loaves on one rule, then each with what speaks for it and against it, and the change. */
function Why({ finding, isFirst, apply, nextTime }: WhyProps) {
  const { troubles, causes, ruledOut, none } = finding;
  return (
    <>
      <Flex justify="space-between" gap="12px" align="baseline">
        <Box as="h2" fontSize="name" fontWeight="680">
          Why: {troubles.join(", ")}
        </Box>
        {causes.length > 0 && (
          <Box color="ink2" whiteSpace="nowrap">
            how likely
          </Box>
        )}
      </Flex>
      {causes.length > 0 && <Loaves causes={causes} />}
      {causes.map((cause, at) => (
        <One
          key={cause.cause}
          cause={cause}
          at={at}
          isFilled={isFirst && at === 0}
          apply={apply}
          isApplied={nextTime === cause.nextTime}
        />
      ))}
      {ruledOut.length > 0 && (
        <Box borderTop="1.4px solid {colors.rim}" paddingTop="8px">
          <strong>Ruled out</strong>
          {ruledOut.map((one) => (
            <Box key={one}>{one}</Box>
          ))}
        </Box>
      )}
      <Box color="ink2" paddingTop="4px">
        {causes.length === 0
          ? "No cause is known for it in such a pie."
          : `None of these: ${none < 0.05 ? "hardly" : tenths(none)}.`}
      </Box>
    </>
  );
}

/** Width is likelihood; the room left at the end is none of these. */
function Loaves({ causes }: { causes: Cause[] }) {
  const [ref, width] = useWidth<HTMLDivElement>(340);
  let from = 4;
  return (
    <div ref={ref}>
      <svg width={width} height="34" viewBox={`0 0 ${width} 34`} aria-hidden="true">
        <title>How likely</title>
        {causes.map((cause, at) => {
          const wide = Math.max(16, cause.likely * (width - 8) - 4);
          const x = from;
          from += wide + 5;
          return (
            <g key={cause.cause}>
              <path
                d={loafPath(x, x + wide, 30, 24)}
                fill={at === 0 ? ink("ink") : ink("ground")}
                stroke={ink("ink")}
                strokeWidth="1.6"
              />
              <text
                x={x + wide / 2}
                y="24"
                fontSize="14"
                fontWeight="680"
                textAnchor="middle"
                fill={at === 0 ? ink("ground") : ink("ink")}
              >
                {at + 1}
              </text>
            </g>
          );
        })}
        <path d={`M0,31 H${width}`} stroke={ink("rim")} strokeWidth="2" />
      </svg>
    </div>
  );
}

function One({
  cause,
  at,
  isFilled,
  apply,
  isApplied,
}: {
  cause: Cause;
  at: number;
  isFilled: boolean;
  apply: ((words: string) => void) | null;
  isApplied: boolean;
}) {
  return (
    <Box as="section" aria-label={cause.name} borderBottom="1.4px solid {colors.rim}" paddingBlock="8px">
      <Flex justify="space-between" gap="12px" fontWeight="680">
        <Box>
          {at + 1} {cause.name}
        </Box>
        <Box whiteSpace="nowrap">{tenths(cause.likely)}</Box>
      </Flex>
      <Box display="grid" gridTemplateColumns="66px minmax(0,1fr)" gap="0 8px">
        <Box color="ink2">for</Box>
        <Box>{cause.for.join(" ")}</Box>
        <Box color="ink2">against</Box>
        <Box>{cause.against.join(" ")}</Box>
        <Box color="ink2">check</Box>
        <Box>{cause.check}</Box>
      </Box>
      <Flex justify="space-between" gap="12px" align="center" paddingTop="4px">
        <Box>
          <Box fontWeight="650">{cause.nextTime}</Box>
          <Box color="ink2">{cause.then.length ? `Baked so: ${cause.then.join(" ")}` : "Not simulated."}</Box>
        </Box>
        {apply && (
          <Button look={isFilled ? "filled" : "outline"} disabled={isApplied} onClick={() => apply(cause.nextTime)}>
            {isApplied ? "Stands" : "Apply"}
          </Button>
        )}
      </Flex>
    </Box>
  );
}
