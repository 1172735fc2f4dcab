import { Box, Flex } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import type { PrepAct } from "../../api/client";
import { number } from "../../ui/numbers";
import { ink } from "../../ui/theme";
import type { Marks } from "./useMarks";

const TICK_MS = 10_000;
const MINUTE_MS = 60_000;
const LONGEST = 60;

/** What waits meanwhile: rests and cooling, begun when their act was done; lines as long as the minutes left. */
export function Waits({ acts, marks }: { acts: PrepAct[]; marks: Marks }) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  const waits = acts
    .map((act) => ({ act, mark: marks.of(act.id) }))
    .filter(({ act, mark }) => act.waitMinutes > 0 && mark.isDone && mark.markedAt)
    .map(({ act, mark }) => ({ act, ready: new Date(mark.markedAt ?? 0).getTime() + act.waitMinutes * MINUTE_MS }))
    .sort((a, b) => a.ready - b.ready);
  if (waits.length === 0) return null;
  return (
    <Box as="section" aria-label="Waits meanwhile" borderTop="2px solid {colors.rim}" marginTop="18px" paddingTop="8px">
      <Flex justify="space-between">
        <Box as="h3" fontWeight="650">
          Waits meanwhile
        </Box>
        <Box color="ink2">ready at</Box>
      </Flex>
      {waits.map(({ act, ready }) => {
        const left = Math.max(0, Math.ceil((ready - now) / MINUTE_MS));
        return (
          <Flex key={act.id} gap="12px" align="center" minHeight="36px">
            <Box flex="1 1 180px">{act.title}</Box>
            <Flex flex="1 1 160px" align="center" gap="8px">
              <svg width={`${Math.min(1, left / LONGEST) * 70}%`} height="12" aria-hidden>
                {[1, 4, 7, 10].map((y) => (
                  <line key={y} x1="0" x2="100%" y1={y} y2={y} stroke={ink("rim")} strokeWidth="1" />
                ))}
              </svg>
              <b>{left > 0 ? `${number(left)} min` : "ready"}</b>
            </Flex>
            <Box width="64px" textAlign="right">
              {new Date(ready).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" })}
            </Box>
          </Flex>
        );
      })}
    </Box>
  );
}
