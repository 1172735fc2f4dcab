import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link, useParams } from "react-router";
import { ApiProblem, type Pie, type PieDesign, type Reading, type WayOut } from "../../api/client";
import { pieQuery } from "../../api/queries";
import { useMayWrite } from "../../api/useMayWrite";
import { pointerOf } from "../../pie/assumed";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { AssumedContext, BenchContext, DesignContext } from "./BenchContext";
import { type Draft, findDraft } from "./draft";
import { CutawayPane } from "./forecast/CutawayPane";
import type { Before } from "./forecast/InTheOven";
import { Readings } from "./forecast/Readings";
import { Strip } from "./forecast/Strip";
import { Header } from "./Header";
import { type Panel, PanelTabs } from "./PanelTabs";
import { Connectors } from "./pie/Connectors";
import { Stack } from "./pie/Stack";
import { Troubles } from "./Troubles";
import { useBench } from "./useBench";
import { useKeys } from "./useKeys";

/** The room where one pie is designed. */
export default function BenchRoom() {
  const { kitchen = "", pie = "" } = useParams();
  const query = useQuery(pieQuery(kitchen, pie));
  const [draft, setDraft] = useState<Draft | null | undefined>(undefined);
  useEffect(() => {
    let here = true;
    setDraft(undefined);
    void findDraft(kitchen, pie).then((found) => here && setDraft(found));
    return () => {
      here = false;
    };
  }, [kitchen, pie]);
  if (query.error) {
    const mend = query.error instanceof ApiProblem ? query.error.problem.mend : query.error.message;
    return (
      <Box paddingTop="20px">
        <Notice title="This pie did not open." acts={<Button onClick={() => query.refetch()}>Try again</Button>}>
          {mend} <Link to={`/k/${kitchen}/pies`}>Your pies</Link>
        </Notice>
      </Box>
    );
  }
  if (!query.data || draft === undefined)
    return (
      <Box paddingTop="20px" role="status">
        Opening the pie
      </Box>
    );
  return <Opened key={query.data.id} kitchen={kitchen} pie={query.data} draft={draft} />;
}

function Opened({ kitchen, pie, draft }: { kitchen: string; pie: Pie; draft: Draft | null }) {
  const bench = useBench(kitchen, pie, draft);
  const mayWrite = useMayWrite(kitchen);
  const [applied, setApplied] = useState<{ act: string; design: unknown; before: Before } | null>(null);
  const [panel, setPanel] = useState<Panel>("cutaway");
  const area = useRef<HTMLDivElement>(null);
  useKeys({ save: mayWrite ? bench.save : () => {}, undo: bench.undo, redo: bench.redo });
  useEffect(() => {
    document.title = `${bench.present.name}, Hojaldre`;
  }, [bench.present.name]);

  const { change, enter, ask, preview, undo, now, put } = bench;
  const { refusals, of } = bench.forecast;
  const latest = useRef(bench.forecast.data.bake);
  latest.current = bench.forecast.data.bake;
  const apply = useCallback(
    (way: WayOut, of: PieDesign) => {
      const before = { design: of, report: latest.current };
      const design = put(way.changes, of);
      if (design) setApplied({ act: way.act, design, before });
    },
    [put],
  );
  const context = useMemo(
    () => ({ kitchen, mayWrite, refusals, change, enter, ask, put, now, preview }),
    [kitchen, mayWrite, refusals, change, enter, ask, put, now, preview],
  );
  const forecast = bench.forecast.data;
  const { assumed, layers } = bench.present;
  const ids = layers.map((layer) => layer.id).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: places turn on the ids of layers alone
  const places = useMemo(
    () => new Set(assumed.flatMap((one) => pointerOf(bench.present, one.place) ?? [])),
    [assumed, ids],
  );
  const troubles = forecast.readings.filter((reading) => reading.state === "outside").length;
  const show = useCallback((name: Reading["name"]) => {
    setPanel("readings");
    requestAnimationFrame(() => {
      const full = area.current?.querySelector<HTMLElement>(`[data-reading=${name}]`);
      full?.scrollIntoView({ block: "center" });
      full?.querySelector<HTMLElement>("button")?.focus({ preventScroll: true });
    });
  }, []);
  const shown = (name: Panel) => ({ base: panel === name ? "block" : "none", sm: "block" });
  return (
    <BenchContext value={context}>
      <AssumedContext value={places}>
        <Header bench={bench} pie={pie.id} mayWrite={mayWrite} />
        {pie.nextTime && (
          <Box paddingBottom="6px">
            <strong>From last time:</strong> {pie.nextTime}
          </Box>
        )}
        {!mayWrite && <Notice title="You are a guest here.">Look and try out what you like; only cooks save.</Notice>}
        <Strip readings={forecast.readings} open={show} />
        <Troubles bench={bench} pie={pie.id} signIn={`/sign-in?next=/k/${kitchen}/bench/${pie.id}`} />
        <Box
          ref={area}
          position="relative"
          display="grid"
          gridTemplateColumns={{
            base: "minmax(0,1fr)",
            sm: "260px minmax(0,1fr)",
            md: "288px minmax(0,1fr) 320px",
            lg: "288px minmax(0,1fr) 340px",
          }}
          columnGap={{ base: "20px", md: "26px", lg: "38px" }}
          rowGap="24px"
          paddingBottom={{ base: "90px", sm: "40px" }}
        >
          <Box display={shown("stack")}>
            <DesignContext value={bench.present}>
              <Stack forecast={forecast} design={bench.present} />
            </DesignContext>
          </Box>
          <Box display={shown("cutaway")} minWidth="0">
            <CutawayPane
              forecast={forecast}
              design={bench.present}
              of={of}
              before={applied && applied.design === bench.present ? applied.before : null}
            />
          </Box>
          <Box display={shown("readings")} gridColumn={{ base: "1", sm: "1 / -1", md: "3" }}>
            <Readings
              forecast={forecast}
              design={bench.forecast.of}
              stale={bench.forecast.stale}
              slow={bench.forecast.slow}
              rough={bench.forecast.rough}
              applied={applied && applied.design === bench.present ? applied.act : null}
              apply={apply}
              undo={undo}
            />
          </Box>
          <Connectors bench={area} section={forecast.section} />
        </Box>
        <PanelTabs panel={panel} choose={setPanel} troubles={troubles} />
      </AssumedContext>
    </BenchContext>
  );
}
