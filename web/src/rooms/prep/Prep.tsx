import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { prepQuery } from "../../api/batchQueries";
import type { Prep, PrepAct } from "../../api/client";
import { type InBatch, OpenBatch } from "../../batch/OpenBatch";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { RecessChoice } from "../../ui/RecessChoice";
import { useWidth } from "../../ui/useWidth";
import { ActList } from "./ActList";
import { ActView } from "./ActView";
import { LeftOver } from "./LeftOver";
import { Out, Shop, WeighOut } from "./Lists";
import { type Marks, useMarks } from "./useMarks";
import { Waits } from "./Waits";

const SHOWN = [
  ["order", "Prep, in order"],
  ["weigh", "Weigh out"],
  ["shop", "Shop"],
  ["left", "Left over"],
] as const;
const TRAY = [
  ["list", "List"],
  ["act", "Act"],
  ["waits", "Waits"],
] as const;
const WIDE = 860;
type Tray = (typeof TRAY)[number][0];

/** What is done before the oven, act by act, at the pan and at the scale. */
export default function PrepPage() {
  return <OpenBatch room="Prep">{(open) => <PrepRoom {...open} />}</OpenBatch>;
}

function PrepRoom({ kitchen, stored, batch, mayWrite }: InBatch) {
  const [search, setSearch] = useSearchParams();
  const { data, error, refetch } = useQuery(prepQuery(kitchen, batch.present));
  const marks = useMarks(kitchen, stored.id);
  const shown = SHOWN.find(([name]) => name === search.get("show"))?.[0] ?? "order";
  // all at once: two changes of an address in one go would forget the first
  const put = (to: Record<string, string>) =>
    setSearch(
      (now) => {
        for (const [name, value] of Object.entries(to)) now.set(name, value);
        return now;
      },
      { replace: true },
    );
  return (
    <Box fontSize="20px" paddingBottom="60px">
      <Flex className="not-printed" align="baseline" gap="4px 20px" wrap="wrap" paddingTop="10px">
        <Box as="h1" fontSize={{ base: "22px", sm: "26px" }} fontWeight="680">
          Prep for {batch.present.name}
        </Box>
        <Link to={`/k/${kitchen}/batches/${stored.id}`}>Pies and counts</Link>
        <Box marginLeft="auto" role="status" color="ink2">
          {marks.isWaiting ? "Not sent yet; kept on this device" : marks.isLost && "No connection"}
        </Box>
      </Flex>
      <Box overflowX="auto" overflowY="hidden">
        <RecessChoice label="Which list" value={shown} options={SHOWN} choose={(show) => put({ show })} high={44} />
      </Box>
      {!mayWrite && <Notice title="You are a guest here.">Look and try out; nothing is stored.</Notice>}
      {marks.refused && <Notice title="That mark was not taken.">{marks.refused}</Notice>}
      {error && (
        <Notice title="The lists were not worked out." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
      {!error && !data && <Box role="status">Working out the lists</Box>}
      {data?.acts.length === 0 && (
        <Box paddingTop="10px">
          There is nothing to prepare yet. <Link to={`/k/${kitchen}/batches/${stored.id}`}>Put a pie in</Link>.
        </Box>
      )}
      {data && data.acts.length > 0 && shown === "order" && (
        <InOrder
          kitchen={kitchen}
          batch={stored.id}
          prep={data}
          marks={marks}
          mayWrite={mayWrite}
          chosen={search.get("act")}
          choose={(act, tray) => {
            put({ act, ...(tray && { tray }) });
            window.scrollTo(0, 0);
          }}
          tray={TRAY.find(([name]) => name === search.get("tray"))?.[0] ?? "act"}
          show={(tray) => put({ tray })}
        />
      )}
      {data && shown === "weigh" && <WeighOut kitchen={kitchen} batch={stored.id} prep={data} />}
      {data && shown === "left" && <LeftOver kitchen={kitchen} prep={data} mayWrite={mayWrite} />}
      {data && shown === "shop" && (
        <Shop kitchen={kitchen} batch={stored.id} prep={data} marks={marks} mayWrite={mayWrite} />
      )}
    </Box>
  );
}

type OrderProps = {
  kitchen: string;
  batch: string;
  prep: Prep;
  marks: Marks;
  mayWrite: boolean;
  chosen: string | null;
  choose: (act: string, tray?: Tray) => void;
  tray: Tray;
  show: (to: Tray) => void;
};

/** List beside act where there is room; on a phone one of three, chosen in the tray below. */
function InOrder({ kitchen, batch, prep, marks, mayWrite, chosen, choose, tray, show }: OrderProps) {
  const [ref, width] = useWidth<HTMLDivElement>(1000);
  const phone = width < WIDE;
  const ahead = (from?: PrepAct) => {
    const at = from ? prep.acts.indexOf(from) : -1;
    const open = (one: PrepAct) => !marks.of(one.id).isDone && one !== from;
    return prep.acts.slice(at + 1).find(open) ?? prep.acts.find(open);
  };
  const open = prep.acts.find((one) => one.id === chosen) ?? ahead();
  const pies = new Map(prep.weighing.map((one) => [one.number, `${one.name} ×${one.count}`]));
  const list = (
    <ActList acts={prep.acts} open={open} marks={marks} choose={(id) => choose(id, phone ? "act" : undefined)} />
  );
  const act = open ? (
    <ActView
      kitchen={kitchen}
      act={open}
      marks={marks}
      pies={pies}
      phone={phone}
      mayWrite={mayWrite}
      next={() => choose(ahead(open)?.id ?? open.id)}
    />
  ) : (
    <Box>All is prepared.</Box>
  );
  const waits = <Waits acts={prep.acts} marks={marks} />;
  const next = ahead(open);
  if (phone) {
    return (
      <Box ref={ref} paddingBottom="70px">
        {tray === "list" && list}
        {tray === "act" && (
          <>
            {act}
            {waits}
            {next && next !== open && <Box paddingTop="8px">Then: {next.title}</Box>}
          </>
        )}
        {tray === "waits" &&
          (waits.props.acts.some((one: PrepAct) => one.waitMinutes > 0 && marks.of(one.id).isDone) ? (
            waits
          ) : (
            <Box paddingTop="12px">Nothing waits.</Box>
          ))}
        <Box
          className="not-printed"
          position="fixed"
          left="0"
          right="0"
          bottom="0"
          background="ground"
          paddingInline="16px"
          zIndex={5}
        >
          <RecessChoice label="What is shown" value={tray} options={TRAY} choose={show} high={48} spread />
        </Box>
      </Box>
    );
  }
  return (
    <Box ref={ref} display="grid" gridTemplateColumns="minmax(300px,360px) minmax(0,1fr)" gap="0 32px" paddingTop="6px">
      <Box borderRight="2.4px solid {colors.rim}" paddingBottom="30px">
        {list}
        <Out kitchen={kitchen} batch={batch} list="prep" />
      </Box>
      <Box position="sticky" top="8px" alignSelf="start">
        {act}
        {waits}
      </Box>
    </Box>
  );
}
