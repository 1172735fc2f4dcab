import { Box, chakra, Flex } from "@chakra-ui/react";
import type { BakeAtOven, LiveBake, SeenAnswer } from "../../api/client";
import { CuePicture, SmallCue } from "../../draw/CuePicture";
import { RimSwatches } from "../../draw/RimSwatches";
import { ShellLooks } from "../../draw/ShellLooks";
import { useWidth } from "../../ui/useWidth";
import { Foot } from "./Due";
import { type ActState, actAt, type LegState } from "./log";
import { clockOf, clockSize, countdown } from "./said";

type Props = {
  bake: BakeAtOven;
  live: LiveBake | null;
  state: LegState;
  due: ActState;
  now: number;
  seen: (answer: SeenAnswer, pictureMm: number | null) => void;
  later: (minutes: number) => void;
  mayWrite: boolean;
};

const MINUTE_MS = 60_000;
/** What less and more than the picture look like, of its width. */
const LESS = 0.4;
const MORE = 1.55;

/** A look is due: a picture to compare with, and what follows of less, like and more. */
export function Look({ bake, live, state, due, now, seen, later, mayWrite }: Props) {
  const minute = state.inAt === null ? 0 : (now - state.inAt) / MINUTE_MS;
  const trembles = due.act.cue === "tremble" || due.act.cue === "pick";
  const pictureMm = trembles ? pictureOf(bake, due, minute) : null;
  const out = state.acts.find((one) => one.act.id === "out");
  const outAt = out ? actAt(state, out) : null;
  const at = actAt(state, due) ?? now;
  const shown = Math.max(0, due.act.name === "out" || outAt === null ? now - at : outAt - now);
  return (
    <Box paddingTop="12px">
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,0.86fr) minmax(0,1fr)" }}
        gap="14px 40px"
      >
        <Box minWidth="0">
          <Box fontSize={{ base: "24px", sm: "30px" }} color="ink2">
            Look now, minute {Math.round(minute)}
          </Box>
          <Box fontSize={clockSize(shown, 180)} fontWeight="700" letterSpacing="-4px" lineHeight="1" role="timer">
            {countdown(shown)}
          </Box>
          <Box fontSize={{ base: "26px", sm: "36px" }} fontWeight="650" lineHeight="1.15">
            {due.act.name === "look" && outAt !== null ? `then out, at ${clockOf(outAt)}` : due.act.title}
          </Box>
          <Box fontSize={{ base: "20px", sm: "24px" }} color="ink2" paddingTop="8px">
            {due.act.says}{" "}
            {live &&
              state.leg.name === "bake" &&
              state.inAt !== null &&
              `Likely ${clockOf(state.inAt + live.lowMinute * MINUTE_MS)}–${clockOf(state.inAt + live.highMinute * MINUTE_MS)}. `}
            Compare, door open 5 s.
          </Box>
          {state.leg.name === "bake" && live && (bake.asksProbe || live.trace.length > 0) && (
            <Box fontSize={{ base: "20px", sm: "22px" }}>{live.safety.says}</Box>
          )}
        </Box>
        <Picture bake={bake} due={due} pictureMm={pictureMm} />
      </Box>
      <Answers
        due={due}
        bake={bake}
        pictureMm={pictureMm}
        press={(answer) => seen(answer, pictureMm)}
        mayWrite={mayWrite}
      />
      <Foot state={state} due={due} now={now} later={later} mayWrite={mayWrite} />
    </Box>
  );
}

/** A look compares with how it should be now; at its end with how it is when it may come out. */
const pictureOf = (bake: BakeAtOven, due: ActState, minute: number) =>
  due.act.name === "out" ? bake.readyTrembleMm : trembleAt(bake, minute);

const trembleAt = (bake: BakeAtOven, minute: number) =>
  bake.trembleMm[Math.max(0, Math.min(bake.trembleMm.length - 1, Math.round(minute)))] ?? 0;

const wideOf = (bake: BakeAtOven) => 2 * Math.max(bake.section.tin.rimRadiusMm, bake.section.tin.floorRadiusMm);

function Picture({ bake, due, pictureMm }: { bake: BakeAtOven; due: ActState; pictureMm: number | null }) {
  const [ref, width] = useWidth<HTMLDivElement>(480);
  return (
    <Box ref={ref} minWidth="0">
      {pictureMm !== null && <CuePicture wideMm={wideOf(bake)} trembleMm={pictureMm} width={Math.min(560, width)} />}
      {due.act.cue === "shell" && <ShellLooks width={Math.min(560, width)} />}
      {due.act.cue !== "shell" && (
        <RimSwatches width={Math.min(560, width)} title={pictureMm === null ? "Colour" : "Rim"} />
      )}
    </Box>
  );
}

type AnswersProps = {
  due: ActState;
  bake: BakeAtOven;
  pictureMm: number | null;
  press: (answer: SeenAnswer) => void;
  mayWrite: boolean;
};

/** From early to late; the forecast's own answer is filled. */
function Answers({ due, bake, pictureMm, press, mayWrite }: AnswersProps) {
  const own = due.act.cue === "shell" ? "matt" : "like";
  return (
    <Flex gap={{ base: "10px", sm: "20px" }} paddingTop="22px" wrap={{ base: "wrap", sm: "nowrap" }}>
      {due.act.answers.map((answer) => {
        const filled = answer.code === own;
        const share = answer.code === "less" ? LESS : answer.code === "more" ? MORE : 1;
        return (
          <chakra.button
            key={answer.code}
            flex={{ base: "1 1 100%", sm: "1" }}
            minHeight="104px"
            display="flex"
            alignItems="center"
            gap="14px"
            paddingInline="14px"
            textAlign="left"
            borderRadius="6px"
            border="1.8px solid {colors.rim}"
            background={filled ? "rim" : "transparent"}
            color={filled ? "onRim" : "rim"}
            cursor="pointer"
            disabled={!mayWrite}
            _active={{ transform: "translateY(1px)" }}
            onClick={() => press(answer)}
          >
            {pictureMm !== null && (
              <SmallCue
                wideMm={wideOf(bake)}
                trembleMm={Math.max(14, pictureMm * share)}
                width={112}
                onFilled={filled}
              />
            )}
            <Box>
              <Box fontSize={{ base: "24px", sm: "26px" }} fontWeight="680" lineHeight="1.15">
                {answer.title}
              </Box>
              <Box fontSize={{ base: "20px", sm: "22px" }} lineHeight="1.2">
                {answer.says}
              </Box>
            </Box>
          </chakra.button>
        );
      })}
    </Flex>
  );
}
