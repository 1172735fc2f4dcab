import { useState } from "react";
import { ApiProblem, answer, api, type PieDesign, type Prepare, type Scale } from "../../api/client";
import { useBenchContext } from "./BenchContext";

type Call = Parameters<typeof answer<PieDesign>>[0];

/** Asks the core for another design made from this one, and puts it on the bench as one step to undo. */
function useDesignAct() {
  const { change } = useBenchContext();
  const [trouble, setTrouble] = useState("");
  const act = async (call: Call): Promise<boolean> => {
    setTrouble("");
    try {
      const made = await answer(call);
      change(() => made);
      return true;
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setTrouble(thrown.problem.mend);
      return false;
    }
  };
  return { act, trouble };
}

/** More or less of the same. */
export function useScaling() {
  const { kitchen, now } = useBenchContext();
  const { act, trouble } = useDesignAct();
  const scale = (wish: Omit<Scale, "design">) =>
    act(api.POST("/kitchens/{kitchen}/scale", { params: { path: { kitchen } }, body: { ...wish, design: now() } }));
  return { scale, trouble };
}

/** One more step for a solid, or the weight to stop at. */
export function usePreparing(layer: string) {
  const { kitchen, now } = useBenchContext();
  const { act, trouble } = useDesignAct();
  const prepare = (wish: Omit<Prepare, "design" | "layer">) =>
    act(
      api.POST("/kitchens/{kitchen}/preparations", {
        params: { path: { kitchen } },
        body: { ...wish, layer, design: now() },
      }),
    );
  return { prepare, trouble };
}
