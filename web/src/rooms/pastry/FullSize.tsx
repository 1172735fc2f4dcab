import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useRef } from "react";
import { Link, useSearchParams } from "react-router";
import { pastryQuery } from "../../api/batchQueries";
import { type InBatch, OpenBatch } from "../../batch/OpenBatch";
import { CutSheet } from "../../draw/CutSheet";
import { Button } from "../../ui/Button";
import { number } from "../../ui/numbers";

/** A cutting sheet as large as it is, to be laid under the dough: printed, or kept as a drawing. */
export default function FullSizePage() {
  return <OpenBatch room="Cutting sheet">{(open) => <FullSize {...open} />}</OpenBatch>;
}

function FullSize({ kitchen, stored, batch }: InBatch) {
  const [search] = useSearchParams();
  const { data } = useQuery(pastryQuery(kitchen, batch.present));
  const box = useRef<HTMLDivElement>(null);
  const use = data?.find((one) => one.dough === search.get("dough"))?.uses.find((one) => one.pie === search.get("pie"));
  const cutting = use?.cutting;
  const save = () => {
    const drawing = box.current?.querySelector("svg");
    if (!drawing || !use) return;
    const copy = drawing.cloneNode(true) as SVGElement;
    copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
    const link = document.createElement("a");
    link.href = URL.createObjectURL(new Blob([copy.outerHTML], { type: "image/svg+xml" }));
    link.download = `${use.name}, cutting sheet.svg`;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  const back = `/k/${kitchen}/pastry/${stored.id}?${search}`;
  if (data && !cutting) {
    return (
      <Box paddingTop="20px">
        This pie has nothing to cut out. <Link to={back}>Back to the pastry</Link>
      </Box>
    );
  }
  return (
    <Box paddingBottom="40px">
      <Flex className="not-printed" gap="14px" align="center" justify="space-between" wrap="wrap" paddingBlock="14px">
        <Box>One to one. Print it without scaling, and lay a ruler on the bar of 10 cm.</Box>
        <Flex gap="8px" align="center">
          <Link to={back}>Back to the pastry</Link>
          <Button onClick={save}>Keep as a drawing</Button>
          <Button look="filled" onClick={() => window.print()}>
            Print
          </Button>
        </Flex>
      </Flex>
      {cutting && use && (
        <>
          <Box as="h1" fontWeight="650">
            {use.name}, {number(cutting.cutter.lengthMm / 10, 1)} cm, rolled {number(cutting.thicknessMm, 1)} mm
          </Box>
          <svg width="102mm" height="6mm" viewBox="0 0 102 6" aria-label="10 cm">
            <title>10 cm</title>
            <path d="M1,1 v4 M101,1 v4 M1,3 H101" stroke="currentColor" strokeWidth="0.4" fill="none" />
          </svg>
          <Box ref={box} overflowX="auto" background="#fff" padding="1mm">
            <CutSheet sheet={cutting.first} cutter={cutting.cutter} scale={1} from={1} paper />
          </Box>
        </>
      )}
    </Box>
  );
}
