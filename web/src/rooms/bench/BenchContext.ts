import { createContext, useContext } from "react";
import type { PieDesign, Refusal, TypedEntry, WayOut } from "../../api/client";
import type { ReadResult } from "../../ui/entry";

export type Change = (design: PieDesign) => PieDesign;

/** What every part of the bench needs, and nothing that is new with every key: parts re-draw only when their own piece changes. */
type Value = {
  kitchen: string;
  /** whether this cook may store anything */
  mayWrite: boolean;
  refusals: Refusal[];
  /** change the design for good */
  change: (by: Change) => void;
  /** words typed into a place of the design; what was refused comes back as what to write instead */
  enter: (entry: TypedEntry) => Promise<ReadResult<null>>;
  /** another design that the server makes of this one; resolves to what to do where it refuses */
  ask: (make: (design: PieDesign) => Promise<PieDesign>) => Promise<string | null>;
  /** what was worked out for a design, put into that one and no other; null where it is another one by now */
  put: (changes: WayOut["changes"], of: PieDesign) => PieDesign | null;
  /** the design as it stands this moment */
  now: () => PieDesign;
  /** show what is typed before it is kept; null takes it back */
  preview: (entry: TypedEntry | null) => void;
};

export const BenchContext = createContext<Value | null>(null);

export function useBenchContext(): Value {
  const value = useContext(BenchContext);
  if (!value) throw new Error("A part of the bench was used outside of it.");
  return value;
}

/** What to write instead, where the design was refused at this place or below it. */
export function useMend(at: string): string | undefined {
  return useBenchContext().refusals.find((refusal) => refusal.at === at || refusal.at.startsWith(`${at}/`))?.mend;
}

/** Places of the design, as pointers, that nobody said yet. */
export const AssumedContext = createContext<ReadonlySet<string>>(new Set());

/** Whether what stands at this place, or all that it stands in, is assumed. */
export function useAssumed(at: string): boolean {
  const assumed = useContext(AssumedContext);
  return assumed.has(at) || assumed.has(at.slice(0, at.lastIndexOf("/")));
}

/** The design as it is shown, for the few parts that work something out of all of it. */
export const DesignContext = createContext<PieDesign | null>(null);

export function useDesign(): PieDesign {
  const design = useContext(DesignContext);
  if (!design) throw new Error("A part of the bench was used outside of it.");
  return design;
}
