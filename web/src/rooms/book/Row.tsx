import { Box, Flex } from "@chakra-ui/react";
import { Link } from "react-router";
import type { BakeRow } from "../../api/client";
import { SmallCutaway } from "../../draw/SmallCutaway";
import { ink } from "../../ui/theme";
import { MinutesReading } from "./MinutesReading";
import { dayOf, TAPS } from "./words";

type Props = { kitchen: string; bake: BakeRow; chosen: boolean | null; choose: () => void };

/** One bake of the book: the pie in section, minutes as a reading, four words, what to think of next time. */
export function Row({ kitchen, bake, chosen, choose }: Props) {
  const judged = bake.underside ?? bake.slice ?? bake.colour ?? bake.salt;
  const isWrong = bake.wrong.length > 0 || bake.faults.length > 0;
  return (
    <Box
      as="article"
      aria-label={bake.name}
      borderTop={isWrong ? "3px solid {colors.rim}" : "1px solid {colors.hair}"}
      paddingBlock="8px"
      display="grid"
      gridTemplateColumns={{ base: "84px minmax(0,1fr)", md: "104px minmax(0,1fr) 140px 300px" }}
      gap="4px 14px"
      alignItems="start"
    >
      <Box gridRow={{ base: "span 2", md: "span 2" }} alignSelf="end" width={{ base: "84px", md: "104px" }}>
        <SmallCutaway section={bake.section} pxPerMm={0.72} />
      </Box>
      <Box minWidth="0">
        <Box fontWeight="650">
          <Link to={`/k/${kitchen}/book/${bake.id}`}>{bake.name}</Link>
        </Box>
        <Box color="ink2">
          {bake.outAt !== null && dayOf(bake.outAt)}
          {bake.oven && `, ${bake.oven}`}
          {bake.count > 1 && `, ${bake.count} of them`}
        </Box>
      </Box>
      <Box gridColumn={{ base: "2", md: "auto" }}>
        <MinutesReading
          designed={bake.designedMinutes}
          low={bake.lowMinutes}
          high={bake.highMinutes}
          done={bake.doneMinutes}
        />
        <Box fontSize="scale" color="ink2" whiteSpace="nowrap">
          {bake.designedMinutes} designed,{" "}
          {bake.doneMinutes === null ? "not out" : `${Math.round(bake.doneMinutes)} done`}
        </Box>
      </Box>
      <Box gridColumn={{ base: "1 / -1", md: "auto" }} gridRow={{ md: "auto" }}>
        {judged ? <Words bake={bake} /> : <Unjudged kitchen={kitchen} bake={bake} />}
      </Box>
      <Flex gridColumn={{ base: "1 / -1", md: "2 / -1" }} gap="14px" align="baseline">
        <Box flex="1" minWidth="0">
          {judged ? (
            <>
              <strong>Next time</strong>{" "}
              <Box as="span" color="ink2">
                {bake.nextTime || (isWrong ? "Nothing written yet." : "As it was.")}
              </Box>
            </>
          ) : (
            <Box as="span" color="ink2">
              Not judged yet. Four taps, while it is on the rack.
            </Box>
          )}
          {bake.faults.length > 0 && <Box color="ink2">{bake.faults.join(", ")}</Box>}
        </Box>
        {chosen !== null && (
          <label style={{ whiteSpace: "nowrap", minHeight: 24 }}>
            <input type="checkbox" checked={chosen} onChange={choose} /> beside
          </label>
        )}
      </Flex>
    </Box>
  );
}

function Words({ bake }: { bake: BakeRow }) {
  return (
    <Box display="grid" gridTemplateColumns="repeat(4, minmax(0,1fr))" gap="4px">
      {TAPS.map((tap) => {
        const word = bake[tap.key];
        return (
          <Box key={tap.key}>
            {word ? <Word word={word} wrong={bake.wrong.includes(tap.key)} /> : <span aria-hidden="true">·</span>}
          </Box>
        );
      })}
    </Box>
  );
}

/** A word of trouble is a chip in ink. */
export function Word({ word, wrong }: { word: string; wrong: boolean }) {
  return (
    <Box
      as="span"
      background={wrong ? "ink" : undefined}
      color={wrong ? "ground" : "ink"}
      fontWeight={wrong ? "650" : "430"}
      borderRadius="3px"
      paddingInline={wrong ? "7px" : "0"}
      paddingBlock={wrong ? "2px" : "0"}
    >
      {word}
    </Box>
  );
}

function Unjudged({ kitchen, bake }: { kitchen: string; bake: BakeRow }) {
  return (
    <Flex gap="14px" align="center">
      <svg width="120" height="22" viewBox="0 0 120 22" aria-hidden="true">
        <title>Not judged</title>
        {[0, 1, 2, 3].map((i) => (
          <path
            key={i}
            d={`M${i * 30 + 2},4 h5 v10 h14 v-10 h5`}
            fill="none"
            stroke={ink("rim")}
            strokeWidth="1.6"
            strokeDasharray="3 3"
          />
        ))}
      </svg>
      <Link
        to={`/k/${kitchen}/book/${bake.id}/judge`}
        style={{
          background: ink("rim"),
          color: ink("on-rim"),
          borderRadius: 5,
          padding: "9px 16px",
          fontWeight: 650,
          textDecoration: "none",
        }}
      >
        Judge it
      </Link>
    </Flex>
  );
}
