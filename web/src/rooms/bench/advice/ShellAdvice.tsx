import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { ShellStage } from "../../../api/client";
import { shellQuery } from "../../../api/queries";
import { setAt } from "../../../pie/pointer";
import { Button } from "../../../ui/Button";
import { number } from "../../../ui/numbers";
import { useBenchContext } from "../BenchContext";

/** "Par-bake or not?", answered by baking the pie each way. */
export function ShellAdvice() {
  const { kitchen, now, change } = useBenchContext();
  // the question is about the design as it was when it was asked
  const [asked, setAsked] = useState<ReturnType<typeof now> | null>(null);
  const query = useQuery({ ...shellQuery(kitchen, asked ?? now()), enabled: asked !== null });
  if (!asked)
    return (
      <Button look="plain" minHeight="28px" marginLeft="-6px" onClick={() => setAsked(now())}>
        Par-bake or not?
      </Button>
    );
  const advice = query.isPlaceholderData ? undefined : query.data;
  const take = (stages: { how: ShellStage["how"]; minutes: number; ovenCelsius: number }[]) => {
    const shell: ShellStage[] = stages.map(({ how, minutes, ovenCelsius }) => ({
      how,
      ovenCelsius,
      mode: "static",
      minutes,
      rack: "middle",
    }));
    change((design) => setAt(design, "/crust/shell", shell));
    setAsked(null);
  };
  return (
    <Box as="section" aria-label="Par-bake or not" borderLeft="3px solid {colors.rim}" paddingLeft="10px">
      {query.error && <Box role="status">{query.error.message}</Box>}
      {!query.error && advice === undefined && <Box role="status">Trying it raw, par-baked and baked through</Box>}
      {advice === null && <Box>There is no shell to bake blind, or nothing in it yet.</Box>}
      {advice && (
        <>
          <Box fontWeight="650">{advice.choiceName}</Box>
          <Box color="ink2">{advice.why}</Box>
          {advice.options.map((option) => (
            <Box key={option.name} marginTop="4px">
              <Flex align="baseline" gap="8px">
                <Box flex="1">
                  <b>{option.title}</b>
                  {option.minutes > 0 && `, ${number(option.minutes)} min more`}: base {option.verdict}
                </Box>
                <Button
                  look="plain"
                  minHeight="28px"
                  onClick={() => take(option.stages)}
                  aria-label={`Use this: ${option.title}`}
                >
                  Use this
                </Button>
              </Flex>
              {option.stages.map((stage) => (
                <Box key={stage.how} color="ink2">
                  {stage.how} {number(stage.minutes)} min at {stage.oven}. {stage.look}
                </Box>
              ))}
            </Box>
          ))}
          <Box marginTop="4px">{advice.without}</Box>
          <Box color="ink2" marginTop="4px">
            Weights to the rim: {number(advice.roomMl)} ml, which is{" "}
            {advice.weights.map((one) => `${number(one.grams)} g of ${one.name}`).join(", or ")}. They and the shell are
            hot: lift them out by the paper, with both hands.
          </Box>
        </>
      )}
      <Button look="plain" minHeight="28px" marginLeft="-6px" onClick={() => setAsked(null)}>
        Never mind
      </Button>
    </Box>
  );
}
