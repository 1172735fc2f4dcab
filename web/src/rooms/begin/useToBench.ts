import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ApiProblem, answer, api, type PieDesign } from "../../api/client";
import { dropPasted } from "./pasted";

/** Puts a pie down in the kitchen with all that is still assumed, and opens it on the bench. */
export function useToBench(kitchen: string) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState("");
  const go = async (design: PieDesign) => {
    setBusy(true);
    setTrouble("");
    try {
      const pie = await answer(api.POST("/kitchens/{kitchen}/pies", { params: { path: { kitchen } }, body: design }));
      void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "pies"] });
      dropPasted(kitchen);
      navigate(`/k/${kitchen}/bench/${pie.id}`);
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setTrouble(thrown.message);
      setBusy(false);
    }
  };
  return { go, trouble, busy };
}
