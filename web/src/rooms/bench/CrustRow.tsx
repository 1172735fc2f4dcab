import { Box, Flex } from "@chakra-ui/react";
import type { PieDesign } from "../../api/client";
import { EntryField } from "../../ui/EntryField";
import { number } from "../../ui/numbers";
import { readWords, useBenchContext } from "./BenchContext";
import { Choice } from "./Choice";
import { Part } from "./Part";
import { setAt } from "./pointer";
import { Row } from "./Row";

const SHELLS: [PieDesign["crust"]["shellBake"], string][] = [
  ["raw", "filled raw"],
  ["par-baked", "par-baked, base matt and dry"],
  ["fully-baked", "fully baked, base with some brown"],
];
const SEALS: [PieDesign["crust"]["seal"], string][] = [
  ["none", "no seal"],
  ["egg", "sealed with egg"],
];

/** The crust below everything: how thick, how far baked before filling, what seals it. */
export function CrustRow({ crustGrams }: { crustGrams: number }) {
  const { kitchen, design, refusals, set, preview } = useBenchContext();
  const { crust } = design;
  const custard = design.layers.some((layer) => layer.kind === "custard");
  return (
    <>
      {!custard && design.seasonings.length > 0 && (
        <Row id="seasonings" name="Seasoning" total={design.seasonings.reduce((sum, one) => sum + one.amount.grams, 0)}>
          <Part kind="seasonings" at="/seasonings" list={design.seasonings} />
        </Row>
      )}
      <Row id="crust" name={crust.dough.name} total={crustGrams}>
        <Box>
          <Box as="span" color="ink2">
            rolled{" "}
          </Box>
          <EntryField
            label="Crust, rolled thickness"
            words={`${number(crust.thicknessMm, Number.isInteger(crust.thicknessMm) ? 0 : 1)} mm`}
            read={(words) => readWords(kitchen, "length", words)}
            keep={(read) => set(setAt(design, "/crust/thicknessMm", read.value))}
            preview={(read) => preview(read && setAt(design, "/crust/thicknessMm", read.value))}
            mend={refusals.find((refusal) => refusal.at === "/crust/thicknessMm")?.mend}
          />
        </Box>
        <Flex direction="column" align="flex-start" gap="2px">
          <Choice
            label="How far the shell is baked"
            value={crust.shellBake}
            options={SHELLS}
            choose={(to) => set(setAt(design, "/crust/shellBake", to))}
          />
          <Choice
            label="Seal"
            value={crust.seal}
            options={SEALS}
            choose={(to) => set(setAt(design, "/crust/seal", to))}
          />
        </Flex>
      </Row>
    </>
  );
}
