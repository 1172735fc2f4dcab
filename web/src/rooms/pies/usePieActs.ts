import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ApiProblem, answer, api, type PieDesign, type PieSummary, type Problem } from "../../api/client";

type Said = { words: string; undo?: () => void };

/** What can be done with pies from their list; what goes wrong is kept to be shown. */
export function usePieActs(kitchen: string) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [problem, setProblem] = useState<Problem | null>(null);
  const [file, setFile] = useState<string | null>(null);
  const [said, setSaid] = useState<Said | null>(null);

  const attempt = async (act: () => Promise<void>) => {
    setProblem(null);
    setSaid(null);
    try {
      await act();
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setProblem(thrown.problem);
    }
  };
  const renew = () => client.invalidateQueries({ queryKey: ["kitchen", kitchen, "pies"] });
  const path = { kitchen };

  /** Nothing is kept until something is in it. */
  const begin = () => navigate(`/k/${kitchen}/begin`);

  /** The file goes to the core as it is: the core alone says whether it is a pie. */
  const bringIn = (chosen: File) =>
    attempt(async () => {
      setFile(chosen.name);
      const bytes = await chosen.text();
      const pie = await answer(
        api.POST("/kitchens/{kitchen}/pies", {
          params: { path },
          body: bytes as unknown as PieDesign,
          bodySerializer: (body) => body as unknown as string,
          headers: { "Content-Type": "application/json" },
        }),
      );
      await renew();
      setSaid({ words: `"${pie.design.name}" is in your pies.` });
    });

  const putAway = (pie: PieSummary, archived: boolean): Promise<void> =>
    attempt(async () => {
      setFile(null);
      await answer(
        api.PUT("/kitchens/{kitchen}/pies/{pie}/archived", {
          params: { path: { kitchen, pie: pie.id } },
          body: { archived },
        }),
      );
      await renew();
      setSaid({
        words: archived ? `"${pie.name}" is put away.` : `"${pie.name}" is back.`,
        undo: () => void putAway(pie, !archived),
      });
    });

  const duplicate = (pie: PieSummary) =>
    attempt(async () => {
      setFile(null);
      const copy = await answer(
        api.POST("/kitchens/{kitchen}/pies/{pie}/duplicate", { params: { path: { kitchen, pie: pie.id } } }),
      );
      await renew();
      setSaid({ words: `"${copy.design.name}" is put down.` });
    });

  const exportFile = (pie: PieSummary) => window.location.assign(`/api/kitchens/${kitchen}/pies/${pie.id}/file`);

  return { begin, bringIn, putAway, duplicate, exportFile, problem, file, said, dismiss: () => setProblem(null) };
}
