import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { pastryQuery } from "../../api/batchQueries";
import type { DoughPlan } from "../../api/client";
import { doughChanged } from "../../batch/batch";
import { type InBatch, OpenBatch } from "../../batch/OpenBatch";
import { KeptHead } from "../../kept/KeptHead";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { number } from "../../ui/numbers";
import { RecessChoice } from "../../ui/RecessChoice";
import { Said } from "../../ui/Said";
import { EvenPart } from "./EvenPart";
import { FormulaPart } from "./FormulaPart";
import { HowMuchPart } from "./HowMuchPart";
import { RestsPart } from "./RestsPart";
import { SheetPart } from "./SheetPart";
import { usePastryActs } from "./usePastryActs";
import { WaterPart } from "./WaterPart";

/** Dough for a batch: the formula, the cutting sheet, whether it ends even, the rests. */
export default function PastryPage() {
  return <OpenBatch room="Pastry">{(open) => <PastryRoom {...open} />}</OpenBatch>;
}

function PastryRoom({ kitchen, stored, batch, mayWrite }: InBatch) {
  const [search, setSearch] = useSearchParams();
  const { data, error, refetch } = useQuery(pastryQuery(kitchen, batch.present));
  const acts = usePastryActs(kitchen, stored.id);
  const plan = data?.find((one) => one.dough === search.get("dough")) ?? data?.[0];
  const pieces = batch.present.lines.reduce((sum, line) => sum + line.count, 0);
  const put = (name: string, value: string) =>
    setSearch(
      (now) => {
        now.set(name, value);
        return now;
      },
      { replace: true },
    );
  return (
    <Box paddingBottom="60px">
      <KeptHead
        kept={batch}
        mayWrite={mayWrite}
        title={`Pastry for ${batch.present.name}`}
        says={
          data
            ? `${data.reduce((sum, one) => sum + one.uses.length, 0)} pies, ${pieces} pieces, ${data.length} ${data.length === 1 ? "dough" : "doughs"}`
            : ""
        }
        acts={<Link to={`/k/${kitchen}/batches/${stored.id}`}>Pies and counts</Link>}
      />
      {acts.trouble && <Notice title="That was not written down. Nothing was changed.">{acts.trouble.mend}</Notice>}
      {error && (
        <Notice title="The pastry was not reckoned." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
      {!error && !data && <Box role="status">Reckoning the dough</Box>}
      {data?.length === 0 && (
        <Box>
          There is no pie in this batch yet. <Link to={`/k/${kitchen}/batches/${stored.id}`}>Put the first one in</Link>
          .
        </Box>
      )}
      {data && data.length > 1 && (
        <Box overflowX="auto" overflowY="hidden">
          <RecessChoice
            label="Which dough"
            value={plan?.dough ?? ""}
            options={data.map(
              (one) =>
                [
                  one.dough,
                  `${one.name}, ${one.uses.length === 1 ? "pie" : "pies"} ${one.uses.map((use) => use.number).join(" ")}`,
                ] as const,
            )}
            choose={(dough) => put("dough", dough)}
            high={40}
          />
        </Box>
      )}
      <Said said={acts.said} />
      {plan && (
        <OneDough
          key={plan.dough}
          plan={plan}
          kitchen={kitchen}
          stored={stored}
          batch={batch}
          mayWrite={mayWrite}
          acts={acts}
          pie={search.get("pie")}
          show={(pie) => put("pie", pie)}
        />
      )}
    </Box>
  );
}

type OneProps = InBatch & {
  plan: DoughPlan;
  acts: ReturnType<typeof usePastryActs>;
  pie: string | null;
  show: (pie: string) => void;
};

/** One dough at a time: formula, sheet, how much. */
function OneDough({ plan, kitchen, stored, batch, mayWrite, acts, pie, show }: OneProps) {
  const shown = plan.uses.find((one) => one.pie === pie) ?? plan.uses.find((one) => one.cutting) ?? plan.uses[0];
  const choose = (by: Parameters<typeof doughChanged>[2]) => batch.change((now) => doughChanged(now, plan.dough, by));
  return (
    <>
      <Box
        display="grid"
        gridTemplateColumns={{
          base: "minmax(0,1fr)",
          md: "290px minmax(0,1fr)",
          lg: "290px minmax(0,1.1fr) minmax(0,1fr)",
        }}
        gap="24px 36px"
        paddingTop="12px"
      >
        <Box>
          <FormulaPart
            kitchen={kitchen}
            plan={plan}
            mayWrite={mayWrite}
            put={(formula) => void acts.putFormula(plan, formula)}
            choose={choose}
          />
          <InPies plan={plan} mayWrite={mayWrite} acts={acts} />
          {plan.water && (
            <WaterPart
              kitchen={kitchen}
              dough={plan.dough}
              water={plan.water}
              flourGrams={plan.flourGrams ?? 0}
              mayWrite={mayWrite}
              log={(log) => acts.logWater(plan.dough, log)}
              unlog={(id) => void acts.unlogWater(plan.dough, id)}
            />
          )}
        </Box>
        {shown && (
          <SheetPart
            kitchen={kitchen}
            plan={plan}
            shown={shown}
            show={show}
            change={batch.change}
            choose={choose}
            printAt={`/k/${kitchen}/pastry/${stored.id}/sheet?dough=${plan.dough}&pie=${shown.pie}`}
          />
        )}
        <Box gridColumn={{ md: "1 / -1", lg: "auto" }}>
          <HowMuchPart kitchen={kitchen} plan={plan} batch={batch.present} change={batch.change} />
          {plan.uses.map(
            (use) =>
              use.even && (
                <EvenPart
                  key={use.pie}
                  kitchen={kitchen}
                  use={use}
                  even={use.even}
                  change={batch.change}
                  choose={choose}
                  madeGrams={plan.madeGrams}
                />
              ),
          )}
        </Box>
      </Box>
      <RestsPart plan={plan} kitchenCelsius={`${number(batch.present.kitchenCelsius)} °C`} choose={choose} />
    </>
  );
}

/** Pies keep the dough they were saved with, until they are told. */
function InPies({ plan, mayWrite, acts }: Pick<OneProps, "plan" | "mayWrite" | "acts">) {
  if (!plan.formula || !mayWrite) return null;
  return (
    <Flex gap="4px 10px" wrap="wrap" align="baseline">
      {!plan.isInPies && (
        <Box role="status">
          The pies were saved with another {plan.name.toLowerCase()}.{" "}
          <Button minHeight="36px" onClick={() => void acts.intoPies(plan)}>
            Bake them with this one
          </Button>
        </Box>
      )}
      {plan.isOwn && (
        <Button look="plain" minHeight="30px" paddingInline="0" onClick={() => void acts.usualAgain(plan)}>
          Back to the usual formula
        </Button>
      )}
    </Flex>
  );
}
