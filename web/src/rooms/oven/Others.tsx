import { Box, chakra, Flex } from "@chakra-ui/react";
import type { BakeAtOven } from "../../api/client";
import { SmallCutaway } from "../../draw/SmallCutaway";
import { recessPath } from "../../ui/recess";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";
import { type ActState, actAt, type LegState } from "./log";
import { clockOf, countdown } from "./said";

export type Watched = { bake: BakeAtOven; state: LegState; next: ActState | null };

/** The other pies at the oven: each in section, and the time to its next act. */
export function Others({ others, now, choose }: { others: Watched[]; now: number; choose: (id: string) => void }) {
  return (
    <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", md: "repeat(2, minmax(0,1fr))" }} gap="18px 40px">
      {others.map((one) => (
        <Other key={one.bake.id} {...one} now={now} press={() => choose(one.bake.id)} />
      ))}
    </Box>
  );
}

function Other({ bake, state, next, now, press }: Watched & { now: number; press: () => void }) {
  const at = next ? actAt(state, next) : null;
  return (
    <chakra.button
      onClick={press}
      display="flex"
      gap="24px"
      textAlign="left"
      background="none"
      border="0"
      cursor="pointer"
      minHeight="120px"
      width="100%"
    >
      <Box flexShrink={0} width="120px" alignSelf="center">
        <SmallCutaway section={bake.section} width={110} height={90} />
      </Box>
      <Box flex="1" minWidth="0">
        <Flex justify="space-between" gap="12px" fontSize="22px">
          <Box fontWeight="680" truncate>
            {bake.name}
          </Box>
          <Box color="ink2" whiteSpace="nowrap" display={{ base: "none", sm: "block" }}>
            {bake.oven}
          </Box>
        </Flex>
        {at !== null && next ? (
          <>
            <Flex align="baseline" gap="12px">
              <Box fontSize={{ base: "40px", sm: "50px" }} fontWeight="700" lineHeight="1.05">
                {at > now ? countdown(at - now) : "now"}
              </Box>
              <Box fontSize="22px" color="ink2" truncate>
                {at > now ? `to ${next.act.title.toLowerCase()}, ${clockOf(at)}` : next.act.title}
              </Box>
            </Flex>
            <Way state={state} now={now} />
          </>
        ) : (
          <Box fontSize="22px" color="ink2">
            {state.inAt === null
              ? `${bake.plannedAt === null ? "Goes in when its gate is done" : `Goes in at ${clockOf(bake.plannedAt)}`}, ${state.ticked.size} of ${state.leg.gate.length} looked at`
              : "All done: judge it."}
          </Box>
        )}
      </Box>
    </chakra.button>
  );
}

/** From in to out: the window from the first look to out is the recess, now a post. */
function Way({ state, now }: { state: LegState; now: number }) {
  const [ref, width] = useWidth<HTMLDivElement>(340);
  const minute = (id: string) => {
    const found = state.acts.find((one) => one.act.id === id);
    return found?.doneMinute ?? found?.minute ?? null;
  };
  const [look, out] = [minute("look") ?? minute("shell-look"), minute("out")];
  if (state.inAt === null || out === null || state.outAt !== null) return <div ref={ref} />;
  const until = Math.max(out, (now - state.inAt) / 60_000);
  const x = (at: number) => 4 + (at / until) * (width - 8);
  return (
    <Box ref={ref} width="100%">
      <svg width={width} height="52" viewBox={`0 0 ${width} 52`} aria-hidden="true" style={{ overflow: "visible" }}>
        <title>From in to out</title>
        <path
          d={recessPath(width, 16, 9, x(Math.min(look ?? out, out - 1)), x(out))}
          fill="none"
          stroke={ink("rim")}
          strokeWidth="2"
        />
        <path d={`M${x((now - state.inAt) / 60_000)},4 v22`} stroke={ink("ink")} strokeWidth="3" />
        <text x="0" y="48" fontSize="20" fill={ink("ink2")}>
          in {clockOf(state.inAt)}
        </text>
        <text x={width} y="48" fontSize="20" textAnchor="end" fill={ink("ink2")}>
          out {clockOf(state.inAt + out * 60_000)}
        </text>
      </svg>
    </Box>
  );
}
