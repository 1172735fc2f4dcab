import { useState } from "react";
import { answer, api, type PieDesign, type Prepare, type Scale } from "../../../api/client";
import { useBenchContext } from "../BenchContext";

/** Asks the server for another design made from this one, as one step to undo. */
function useDesignAct() {
  const { ask } = useBenchContext();
  const [trouble, setTrouble] = useState("");
  const act = async (make: (design: PieDesign) => Promise<PieDesign>): Promise<boolean> => {
    const mend = await ask(make);
    setTrouble(mend ?? "");
    return mend === null;
  };
  return { act, trouble };
}

/** More or less of the same. */
export function useScaling() {
  const { kitchen } = useBenchContext();
  const { act, trouble } = useDesignAct();
  const scale = (wish: Partial<Scale> & Pick<Scale, "to">) =>
    act((design) =>
      answer(
        api.POST("/kitchens/{kitchen}/scale", {
          params: { path: { kitchen } },
          body: { factor: null, were: null, was: null, ...wish, design },
        }),
      ),
    );
  return { scale, trouble };
}

/** One more step for a solid, or the weight to stop at. */
export function usePreparing(layer: string) {
  const { kitchen } = useBenchContext();
  const { act, trouble } = useDesignAct();
  const prepare = (wish: Partial<Prepare> & Pick<Prepare, "to">) =>
    act((design) =>
      answer(
        api.POST("/kitchens/{kitchen}/preparations", {
          params: { path: { kitchen } },
          body: { preparation: null, weepGrams: null, ...wish, layer, design },
        }),
      ),
    );
  return { prepare, trouble };
}
