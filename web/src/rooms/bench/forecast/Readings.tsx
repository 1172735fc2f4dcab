import { Box, Flex } from "@chakra-ui/react";
import { memo } from "react";
import { Questions } from "../../../advice/Questions";
import type { Forecast, PieDesign, Reading, WayOut } from "../../../api/client";
import { useQuestions } from "../../../api/useQuestions";
import { ReadingRow } from "../../../forecast/ReadingRow";
import { applied as answered } from "../../../pie/assumed";
import { Ways } from "../advice/Ways";
import { useBenchContext } from "../BenchContext";
import { ReadingCurve } from "./ReadingCurve";
import { SaltSources } from "./SaltSources";

type Props = {
  forecast: Forecast;
  /** the design that the forecast is of */
  design: PieDesign;
  stale: boolean;
  slow: boolean;
  /** a first answer, the fine one is on its way */
  rough: boolean;
  applied: string | null;
  apply: (way: WayOut, of: PieDesign) => void;
  undo: () => void;
};

/** What it will do: the readings, and under each in trouble the ways out. */
export function Readings({ forecast, design, stale, slow, rough, applied, apply, undo }: Props) {
  return (
    <Box as="section" aria-label="What it will do" aria-busy={stale}>
      <Flex
        as="h2"
        fontWeight="650"
        justify="space-between"
        paddingBottom="7px"
        borderBottom="1.6px solid {colors.rim}"
        marginBottom="-1px"
      >
        What it will do
        <Box as="span" color="ink2" fontWeight="430" role="status">
          {rough ? "roughly, working out" : slow ? "working out" : "range, 8 in 10 bakes"}
        </Box>
      </Flex>
      {applied && (
        <Flex align="baseline" gap="8px" paddingTop="6px" role="status">
          <Box flex="1">Applied: {applied}.</Box>
          <Box
            as="button"
            onClick={undo}
            color="rim"
            fontWeight="650"
            background="transparent"
            border="0"
            cursor="pointer"
            minHeight="30px"
          >
            Undo
          </Box>
        </Flex>
      )}
      <ReadingList forecast={forecast} design={design} apply={apply} />
    </Box>
  );
}

const MOST_ASSUMED = 8;

/** What nobody said yet, most telling first: "Yes" keeps it, another answer changes it. */
function Assumed({ design }: { design: PieDesign }) {
  const { kitchen, change } = useBenchContext();
  const count = design.assumed.length;
  return (
    <Box marginTop="18px">
      <Questions
        asking={useQuestions(kitchen, design)}
        most={MOST_ASSUMED}
        title={() => `${count} ${count === 1 ? "thing" : "things"} assumed`}
        say={(question, changes) => change((now) => answered(now, design, question.place, changes))}
      />
    </Box>
  );
}

/** What stands behind a reading. */
function More({ reading, forecast }: { reading: Reading; forecast: Forecast }) {
  if (reading.name === "salt") return <SaltSources salt={forecast.salt} />;
  return forecast.bake && <ReadingCurve name={reading.name} report={forecast.bake} />;
}

/** Drawn anew only when there is a new forecast, not with every key. */
const ReadingList = memo(function ReadingList({
  forecast,
  design,
  apply,
}: Pick<Props, "forecast" | "design" | "apply">) {
  const worst = forecast.readings.find((reading) => reading.state === "outside");
  return (
    <>
      {forecast.readings.map((reading) => (
        <ReadingRow key={reading.name} reading={reading} more={<More reading={reading} forecast={forecast} />}>
          {reading.state === "outside" && (
            <Ways reading={reading} design={design} first={reading === worst} apply={apply} />
          )}
        </ReadingRow>
      ))}
      {design.assumed.length > 0 && <Assumed design={design} />}
      <Box as="footer" borderTop="1.4px solid {colors.hair}" paddingTop="8px" color="ink2">
        {forecast.cautions.map((caution) => (
          <Box as="p" key={caution} color="ink" marginBottom="4px">
            {caution}
          </Box>
        ))}
        <Box as="h3" fontWeight="650" marginTop="8px">
          Taken for granted
        </Box>
        {forecast.assumptions.map((assumption) => (
          <Box as="p" key={assumption}>
            {assumption}
          </Box>
        ))}
      </Box>
    </>
  );
});
