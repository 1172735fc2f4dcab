import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { answer, api, type BakeWish, type PieDesign, problemOf } from "../api/client";
import { Button } from "../ui/Button";

/** Puts pies down for the oven and goes there; says why not. */
function useToOven() {
  const { kitchen = "" } = useParams();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [state, setState] = useState<{ busy: boolean; mend: string }>({ busy: false, mend: "" });
  const go = async (bakes: BakeWish[]) => {
    setState({ busy: true, mend: "" });
    try {
      const { ids } = await answer(
        api.POST("/kitchens/{kitchen}/bakes", { params: { path: { kitchen } }, body: { bakes } }),
      );
      await client.invalidateQueries({ queryKey: ["kitchen", kitchen, "at-oven"] });
      navigate(`/k/${kitchen}/oven${ids.length === 1 ? `?bake=${ids[0]}` : ""}`);
    } catch (thrown) {
      const problem = problemOf(thrown);
      setState({ busy: false, mend: problem.refusals[0]?.mend ?? problem.mend });
    }
  };
  return { ...state, go };
}

/** This pie, as it is on the bench. */
export function ToOven({ design, pie }: { design: PieDesign; pie: string }) {
  const { busy, mend, go } = useToOven();
  const wish = { id: null, pie, design, count: 1, oven: null, isFrozen: false, plannedAt: null, batch: null };
  return (
    <>
      <Button look="plain" disabled={busy} onClick={() => go([wish])}>
        To the oven
      </Button>
      {mend && <span role="alert">{mend}</span>}
    </>
  );
}

/** Several at once, such as a day's. */
export function AllToOven({ wishes }: { wishes: () => Promise<BakeWish[]> }) {
  const { busy, mend, go } = useToOven();
  return (
    <>
      <Button disabled={busy} onClick={async () => go(await wishes())}>
        At the oven
      </Button>
      {mend && <span role="alert">{mend}</span>}
    </>
  );
}
