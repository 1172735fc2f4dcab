import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import type { PieDesign, Question } from "./client";
import { questionsQuery } from "./queries";

/** Each asking bakes the pie some twenty times over, so it waits for the hand to rest. */
const WAIT_MS = 900;

export type Asking = {
  questions: Question[];
  /** not yet known at all */
  pending: boolean;
  /** of a design before this one */
  old: boolean;
};

/** What a design assumes, asked when it has stood still for a moment; what was settled meanwhile is left out at once. */
export function useQuestions(kitchen: string, design: PieDesign): Asking {
  const [settled, settle] = useState(design);
  useEffect(() => {
    const timer = setTimeout(() => settle(design), WAIT_MS);
    return () => clearTimeout(timer);
  }, [design]);
  const query = useQuery(questionsQuery(kitchen, settled));
  const still = (query.data ?? []).filter((one) => design.assumed.some(({ place }) => place === one.place));
  return {
    questions: still.filter((one) => one.moves !== ""),
    pending: query.isPending,
    old: query.isPlaceholderData || settled !== design,
  };
}
