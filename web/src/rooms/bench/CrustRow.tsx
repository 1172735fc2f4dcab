import { Box, Flex } from "@chakra-ui/react";
import { memo } from "react";
import type { PieDesign } from "../../api/client";
import { number } from "../../ui/numbers";
import { useBenchContext } from "./BenchContext";
import { Choice } from "./Choice";
import { NumberEntry } from "./NumberEntry";
import { setAt } from "./pointer";
import { Row } from "./Row";

type Crust = PieDesign["crust"];

const SHELLS: [Crust["shellBake"], string][] = [
  ["raw", "filled raw"],
  ["par-baked", "par-baked, base matt and dry"],
  ["fully-baked", "fully baked, base with some brown"],
];
const SEALS: [Crust["seal"], string][] = [
  ["none", "no seal"],
  ["egg", "sealed with egg"],
];

/** The crust below everything: how thick, how far baked before filling, what seals it. */
export const CrustRow = memo(function CrustRow({ crust, crustGrams }: { crust: Crust; crustGrams: number }) {
  const { change } = useBenchContext();
  const thick = `${number(crust.thicknessMm, Number.isInteger(crust.thicknessMm) ? 0 : 1)} mm`;
  return (
    <Row id="crust" name={crust.dough.name} total={crustGrams}>
      <Box>
        <Box as="span" color="ink2">
          rolled{" "}
        </Box>
        <NumberEntry label="Crust, rolled thickness" at="/crust/thicknessMm" kind="length" words={thick} />
      </Box>
      <Flex direction="column" align="flex-start" gap="2px">
        <Choice
          label="How far the shell is baked"
          value={crust.shellBake}
          options={SHELLS}
          choose={(to) => change((design) => setAt(design, "/crust/shellBake", to))}
        />
        <Choice
          label="Seal"
          value={crust.seal}
          options={SEALS}
          choose={(to) => change((design) => setAt(design, "/crust/seal", to))}
        />
      </Flex>
    </Row>
  );
});
