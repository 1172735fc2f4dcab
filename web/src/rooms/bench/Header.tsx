import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { Link } from "react-router";
import { ToOven } from "../../oven/ToOven";
import { setAt } from "../../pie/pointer";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readText, readWhole } from "../../ui/entry";
import { ink } from "../../ui/theme";
import { useScaling } from "./advice/useDesignAct";
import { useBenchContext, useMend } from "./BenchContext";
import { BillPanel } from "./forecast/BillPanel";
import { pieFileAddress, RevisionMenu } from "./RevisionMenu";
import { TinEntry } from "./tin/TinEntry";
import type { BenchState } from "./useBench";

type Props = { bench: BenchState; pie: string; mayWrite: boolean };

/** A name with more letters is set smaller, and tin above portions, so that all stands in one row. */
const LONG_NAME = 24;

/** Name, tin, portions; undo, and whether it is saved. */
export function Header({ bench, pie, mayWrite }: Props) {
  const { kitchen, change } = useBenchContext();
  const design = bench.present;
  const [listing, setListing] = useState(false);
  const isLong = design.name.length > LONG_NAME;
  return (
    <>
      <Flex gap="6px 14px" align="baseline" wrap={{ base: "wrap", lg: "nowrap" }} paddingBlock="12px 8px">
        <Box as="h1" minWidth="0" maxWidth="100%" flexShrink={1}>
          <EntryField
            label="Name of the pie"
            size={isLong ? "long-page" : "page"}
            words={design.name}
            read={(words) => readText(words, 1, 120)}
            keep={(name) => change((now) => ({ ...now, name }))}
            mend={useMend("/name")}
          />
        </Box>
        <Flex
          gap={{ base: "6px 14px", lg: isLong ? "0" : "14px", xl: "14px" }}
          align="baseline"
          wrap={{ base: "wrap", lg: "nowrap" }}
          direction={{ base: "row", lg: isLong ? "column" : "row", xl: "row" }}
          flexShrink={{ base: 1, lg: 0 }}
        >
          <TinEntry label={bench.forecast.data.tinLabel} tin={design.tin} />
          <Portions portions={design.portions} words={bench.forecast.data.weights.portions} />
        </Flex>
        <Flex
          marginLeft="auto"
          gap="2px"
          align="center"
          wrap={{ base: "wrap", lg: "nowrap" }}
          flexShrink={{ base: 1, lg: 0 }}
        >
          <Link to={`/k/${kitchen}/card/${pie}`} style={{ color: ink("rim"), fontWeight: 650, padding: "8px 6px" }}>
            Card
          </Link>
          <Link to={`/k/${kitchen}/ready/${pie}`} style={{ color: ink("rim"), fontWeight: 650, padding: "8px 6px" }}>
            Ready at
          </Link>
          {mayWrite && <ToOven design={design} pie={pie} />}
          <Button look="plain" aria-expanded={listing} onClick={() => setListing(!listing)}>
            For several
          </Button>
          <Button look="plain" onClick={bench.undo} disabled={!bench.canUndo} aria-keyshortcuts="Control+Z">
            Undo
          </Button>
          <Button look="plain" onClick={bench.redo} disabled={!bench.canRedo} aria-keyshortcuts="Control+Shift+Z">
            Redo
          </Button>
          <RevisionMenu bench={bench} pie={pie} file={pieFileAddress(kitchen, pie)} />
          {mayWrite && (
            <Button
              look={bench.saveState === "saved" ? "outline" : "filled"}
              onClick={bench.save}
              disabled={bench.saveState === "saving"}
              aria-keyshortcuts="Control+S"
            >
              Save
            </Button>
          )}
        </Flex>
      </Flex>
      {listing && <BillPanel design={design} pie={pie} close={() => setListing(false)} />}
    </>
  );
}

/** How many of what weight; a new number can bring the amounts along. */
function Portions({ portions, words }: { portions: number; words: string }) {
  const { change } = useBenchContext();
  const { scale, trouble } = useScaling();
  const [was, setWas] = useState(portions);
  const keep = (to: number) => {
    setWas(portions);
    change((now) => setAt(now, "/portions", to));
  };
  const follow = async () => {
    if (await scale({ to: "portions", were: was })) setWas(portions);
  };
  return (
    <Box whiteSpace={{ lg: "nowrap" }}>
      <EntryField label="Portions" words={String(portions)} read={(typed) => readWhole(typed, 1, 500)} keep={keep} />
      <Box as="span"> {words}</Box>
      {was !== portions && (
        <Button look="plain" minHeight="28px" marginLeft="6px" onClick={follow}>
          Scale the filling from {was} to {portions}
        </Button>
      )}
      {trouble && <Box role="status">{trouble}</Box>}
    </Box>
  );
}
