import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { BakeAtOven, Hot } from "../../api/client";
import { useDegrees } from "../../api/useDegrees";
import { SafeRule } from "../../draw/SafeRule";
import { SmallCutaway } from "../../draw/SmallCutaway";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readNumber } from "../../ui/entry";
import type { LegState } from "./log";
import { clockOf } from "./said";

type Props = {
  bake: BakeAtOven;
  state: LegState;
  hot: Hot;
  now: number;
  backIn: (minutes: number) => void;
  measured: (celsius: number) => void;
  undo: () => void;
  goOn: () => void;
  mayWrite: boolean;
};

const MINUTE_MS = 60_000;
const RULE = 560;

/** It is out and not hot enough, or nobody knows: back in for so long, or measured. It takes the whole screen until it is answered. */
export function NotHot({ bake, state, hot, now, backIn, measured, undo, goOn, mayWrite }: Props) {
  const { say, bare, unit } = useDegrees();
  const [measures, setMeasures] = useState(false);
  const minutes = hot.backInMinutes;
  const outMinute =
    state.outAt === null || state.inAt === null ? 0 : Math.round((state.outAt - state.inAt) / MINUTE_MS);
  return (
    <Box role="alert" aria-label={`${bake.name}: not hot enough`}>
      <Flex
        background="ink"
        color="ground"
        paddingInline="26px"
        paddingBlock="14px"
        marginTop="14px"
        justify="space-between"
        align="center"
        wrap="wrap"
        gap="4px 30px"
      >
        <Box fontSize={{ base: "40px", sm: "76px" }} fontWeight="700" lineHeight="1.05" letterSpacing="-1px">
          {hot.isSurelyNot ? "Not hot enough" : "Not surely hot"}
        </Box>
        <Box fontSize={{ base: "22px", sm: "32px" }} fontWeight="650" lineHeight="1.25" textAlign={{ sm: "right" }}>
          {say(hot.middleCelsius)} in the middle
          <br />
          safe from {bare(hot.safeCelsius)}
        </Box>
      </Flex>
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,1fr) minmax(0,1fr)" }}
        gap="16px 50px"
        paddingBlock="18px"
      >
        <Box>
          {minutes === null ? (
            <Box fontSize={{ base: "34px", sm: "48px" }} fontWeight="700">
              Measure its middle
            </Box>
          ) : (
            <>
              <Box fontSize="28px" color="ink2">
                Back in for
              </Box>
              <Flex align="baseline" gap="12px" fontWeight="700" lineHeight="0.95">
                <Box fontSize={{ base: "110px", sm: "170px" }} letterSpacing="-4px">
                  {Math.round(minutes)}
                </Box>
                <Box fontSize={{ base: "44px", sm: "66px" }}>min</Box>
              </Flex>
              <Box fontSize="26px" fontWeight="650">
                out again at {clockOf(now + minutes * MINUTE_MS)}
              </Box>
            </>
          )}
          {hot.says.map((one) => (
            <Box key={one} fontSize="22px" paddingTop="6px">
              {one}
            </Box>
          ))}
        </Box>
        <Box>
          <Flex justify="space-between" fontSize="22px" wrap="wrap" gap="0 16px">
            <Box fontWeight="680">Its middle, as it came out</Box>
            <Box color="ink2">
              minute {outMinute}, {hot.isMeasured ? "measured" : "by the forecast"}
            </Box>
          </Flex>
          <Box paddingBlock="10px">
            <SmallCutaway section={bake.section} width={RULE} height={170} />
          </Box>
          <SafeRule nowCelsius={hot.middleCelsius} safeCelsius={hot.safeCelsius} width={RULE} bare={bare} />
        </Box>
      </Box>
      {mayWrite && (
        <Flex gap="14px" wrap="wrap" borderTop="1.6px solid {colors.rim}" paddingTop="16px" align="stretch">
          {minutes !== null && (
            <Button look="filled" flex="2 1 240px" minHeight="96px" fontSize="32px" onClick={() => backIn(minutes)}>
              Back in
            </Button>
          )}
          {measures ? (
            <Box flex="2 1 240px" fontSize="22px">
              <EntryField
                label={`Its middle, half way down, ${unit}`}
                words=""
                read={(words) => readNumber(words, unit === "°C" ? 0 : 32, unit === "°C" ? 120 : 248, unit)}
                keep={(value) => measured(unit === "°C" ? value : (value - 32) / 1.8)}
              />
              <Box color="ink2">In the thickest part, half way down; wait until it stands still.</Box>
            </Box>
          ) : (
            <Button flex="2 1 200px" minHeight="96px" fontSize="28px" onClick={() => setMeasures(true)}>
              Measure it
            </Button>
          )}
          <Button flex="1 1 140px" minHeight="96px" fontSize="24px" onClick={undo}>
            Undo: it is still in
          </Button>
          <Button look="plain" flex="1 1 140px" minHeight="56px" fontSize="20px" onClick={goOn}>
            It is not eaten
          </Button>
        </Flex>
      )}
    </Box>
  );
}
