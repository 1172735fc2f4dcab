import { useState } from "react";
import { ApiProblem, answer, api, type Scale } from "../../api/client";
import { useBenchContext } from "./BenchContext";

/** Asks the core for more or less of the same, and puts it on the bench as one step to undo. */
export function useScaling() {
  const { kitchen, change, now } = useBenchContext();
  const [trouble, setTrouble] = useState("");
  const scale = async (wish: Omit<Scale, "design">): Promise<boolean> => {
    setTrouble("");
    try {
      const scaled = await answer(
        api.POST("/kitchens/{kitchen}/scale", { params: { path: { kitchen } }, body: { ...wish, design: now() } }),
      );
      change(() => scaled);
      return true;
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setTrouble(thrown.problem.mend);
      return false;
    }
  };
  return { scale, trouble };
}
