import { Box, Flex } from "@chakra-ui/react";
import type { Reading, WayOut } from "../api/client";
import { readingGeometry } from "../forecast/readingGeometry";
import { Button } from "../ui/Button";
import { ink } from "../ui/theme";
import { useWidth } from "../ui/useWidth";
import { effects } from "./effects";

type Props = {
  way: WayOut;
  reading: Reading;
  first: boolean;
  /** found for the design before this one */
  disabled?: boolean;
  apply: () => void;
};

/** A way out under its reading, on the same scale: ring at now, arrow to the result, a tick at the limit it clears. */
export function WayOutRow({ way, reading, first, disabled, apply }: Props) {
  return (
    <Box paddingTop="6px" data-way-out={way.id}>
      <Arrow way={way} reading={reading} />
      <Flex gap="12px" align="center">
        <Box flex="1">
          <Box fontWeight="650" lineHeight="1.25">
            {way.act}
          </Box>
          <Box color="ink2">{effects(way, reading.name)}</Box>
        </Box>
        <Button
          look={first ? "filled" : "outline"}
          onClick={apply}
          disabled={disabled}
          aria-label={`Apply: ${way.act}`}
        >
          Apply
        </Button>
      </Flex>
    </Box>
  );
}

function Arrow({ way, reading }: { way: WayOut; reading: Reading }) {
  const [ref, width] = useWidth<HTMLDivElement>(340);
  const { x, from, to } = readingGeometry(reading, width);
  const result = way.effects.find((effect) => effect.name === reading.name)?.to ?? null;
  if (result === null || reading.value === null) return <Box ref={ref} />;
  const [now, then] = [x(reading.value), x(result)];
  const back = then < now ? 1 : -1;
  const wall = reading.value > (reading.limits.upper ?? Number.POSITIVE_INFINITY) ? to : from;
  return (
    <Box ref={ref} aria-hidden="true">
      <svg width={width} height="14" style={{ display: "block" }}>
        <title>{way.act}</title>
        {way.low !== null && way.high !== null && (
          <path d={`M${x(way.low)},7 H${x(way.high)}`} stroke={ink("water")} strokeWidth="1" opacity="0.7" />
        )}
        <path d={`M${then},7 H${now}`} stroke={ink("water")} strokeWidth="2" />
        <path d={`M${then},7 l${back * 7},-4 v8 z`} fill={ink("water")} />
        <circle cx={now} cy="7" r="3.6" fill={ink("ground")} stroke={ink("water")} strokeWidth="1.6" />
        {wall !== null && <path d={`M${wall},0 V14`} stroke={ink("rim")} strokeWidth="2" />}
      </svg>
    </Box>
  );
}
