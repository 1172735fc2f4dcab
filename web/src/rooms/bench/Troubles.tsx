import { useState } from "react";
import { useNavigate } from "react-router";
import { ApiProblem, answer, api, type Revision } from "../../api/client";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { savedAt } from "../../ui/numbers";
import { useBenchContext } from "./BenchContext";
import type { BenchState } from "./useBench";

/** What stands between the cook and a saved pie: a clash, a save that failed, a design the core will not take. */
export function Troubles({ bench, pie, signIn }: { bench: BenchState; pie: string; signIn: string }) {
  const navigate = useNavigate();
  const { saveState, clash, forecast } = bench;
  const failed = typeof saveState === "object" ? saveState.failed : null;
  const placed = forecast.refusals.map((refusal) => refusal.mend).slice(0, 3);
  return (
    <>
      {clash && <Clash bench={bench} pie={pie} theirs={clash} />}
      {failed && (
        <Notice
          title="Kept on this device, not saved yet."
          acts={
            failed.code === "not-signed-in" ? (
              <Button look="filled" onClick={() => navigate(signIn)}>
                Sign in
              </Button>
            ) : (
              <Button look="filled" onClick={bench.save}>
                Try again
              </Button>
            )
          }
        >
          {failed.refusals.length ? failed.refusals.map((one) => one.mend).join(" ") : failed.mend}
        </Notice>
      )}
      {!failed && forecast.problem && (
        <Notice title={placed.length ? "Fix this first." : "Readings paused."}>
          {placed.length ? `${placed.join(" ")} The readings are from before that.` : forecast.problem.mend}
        </Notice>
      )}
    </>
  );
}

function Clash({ bench, pie, theirs }: { bench: BenchState; pie: string; theirs: Revision }) {
  const { kitchen } = useBenchContext();
  const design = bench.present;
  const navigate = useNavigate();
  const [trouble, setTrouble] = useState("");
  const attempt = async (act: () => Promise<void>) => {
    try {
      setTrouble("");
      await act();
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setTrouble(thrown.problem.mend);
    }
  };
  const look = () =>
    attempt(async () =>
      bench.takeTheirs(await answer(api.GET("/kitchens/{kitchen}/pies/{pie}", { params: { path: { kitchen, pie } } }))),
    );
  const copy = () =>
    attempt(async () => {
      const copied = await answer(
        api.POST("/kitchens/{kitchen}/pies", {
          params: { path: { kitchen } },
          body: { ...design, name: `${design.name.slice(0, 112)}, mine` },
        }),
      );
      navigate(`/k/${kitchen}/bench/${copied.id}`);
    });
  return (
    <Notice
      title={`${theirs.savedBy} saved revision ${theirs.number} meanwhile (${savedAt(theirs.savedAt)}).`}
      acts={
        <>
          <Button look="filled" onClick={look}>
            Open the other version
          </Button>
          <Button onClick={() => bench.saveOnto(theirs.number)}>Replace it with mine</Button>
          <Button onClick={copy}>Keep both</Button>
        </>
      }
    >
      Yours is kept here. If you open the other version, Undo brings yours back. {trouble}
    </Notice>
  );
}
