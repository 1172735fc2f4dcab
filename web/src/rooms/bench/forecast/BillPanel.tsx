import { Box, chakra, Flex } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { PieDesign } from "../../../api/client";
import { defaults } from "../../../api/generated/defaults";
import { billQuery } from "../../../api/queries";
import { useMayWrite } from "../../../api/useMayWrite";
import { newLine } from "../../../batch/batch";
import { useBatchActs } from "../../../batch/useBatchActs";
import { Button } from "../../../ui/Button";
import { EntryField } from "../../../ui/EntryField";
import { readWhole } from "../../../ui/entry";
import { grams, number } from "../../../ui/numbers";
import { ink } from "../../../ui/theme";
import { useBenchContext } from "../BenchContext";
import { Price } from "./Price";

/** Everything that goes into so many tins of this pie, as bought, and what it costs. */
export function BillPanel({ design, pie, close }: { design: PieDesign; pie: string; close: () => void }) {
  const { kitchen } = useBenchContext();
  const mayWrite = useMayWrite(kitchen);
  const [tins, setTins] = useState(1);
  const { data, error } = useQuery({ ...billQuery(kitchen, design, tins), placeholderData: keepPreviousData });
  return (
    <Box as="section" aria-label="All that goes in" borderTop="1.6px solid {colors.rim}" paddingBlock="8px 16px">
      <Flex justify="space-between" align="baseline" wrap="wrap" gap="4px 16px">
        <Box fontWeight="650">
          All that goes into{" "}
          <EntryField
            label="How many tins"
            words={String(tins)}
            strong
            read={(words) => readWhole(words, 1, defaults.mostTins)}
            keep={setTins}
          />{" "}
          {tins === 1 ? "of it" : "of them"}, as bought
        </Box>
        <Flex gap="8px" align="center">
          <Link to={`/k/${kitchen}/labels/pie/${pie}`} style={{ color: ink("rim"), fontWeight: 650 }}>
            Labels
          </Link>
          {mayWrite && <MakeABatch kitchen={kitchen} name={design.name} pie={pie} pieces={tins * piecesOf(design)} />}
          <Button look="plain" minHeight="30px" onClick={close}>
            Close
          </Button>
        </Flex>
      </Flex>
      {error && <Box role="status">{error.message}</Box>}
      {data && (
        <chakra.table
          width="100%"
          maxWidth="560px"
          css={{ "& td": { paddingBlock: "3px" }, "& td + td": { textAlign: "right" } }}
        >
          <tbody>
            {data.lines.map((line) => (
              <chakra.tr key={line.food} borderBottom="1px solid {colors.hair}">
                <td>{line.name}</td>
                <td>{line.words.startsWith(grams(line.grams)) ? "" : line.words}</td>
                <td>{grams(line.grams)}</td>
                <chakra.td color="ink2">{line.cost === null ? "–" : number(line.cost, 2)}</chakra.td>
              </chakra.tr>
            ))}
          </tbody>
        </chakra.table>
      )}
      {data && (
        <Box color="ink2" marginTop="6px">
          {data.cost === null
            ? "No prices yet: write them into the stores, and this says what it costs."
            : `${number(data.cost, 2)} in all, ${number(data.costOfAPortion ?? 0, 2)} a portion${data.unpriced > 0 ? `; ${data.unpriced} without a price` : ""}.`}{" "}
          Dough as it is rolled, with its trimmings.
        </Box>
      )}
      {data && <Price kitchen={kitchen} bill={data} mayWrite={mayWrite} />}
    </Box>
  );
}

/** Folded pies are counted one by one. */
const piecesOf = (design: PieDesign) => (design.tin.shape === "folded" ? design.tin.pieces : 1);

/** So many of this pie as a batch: its dough, its cutting sheet, its preparing. */
function MakeABatch({ kitchen, name, pie, pieces }: { kitchen: string; name: string; pie: string; pieces: number }) {
  const { trouble, begin } = useBatchActs(kitchen);
  return (
    <>
      {trouble && <Box role="status">{trouble.mend}</Box>}
      <Button minHeight="30px" onClick={() => void begin(name, [newLine(pie, pieces)])}>
        Make it a batch
      </Button>
    </>
  );
}
