import type { PieKind } from "../../api/client";

/** What was pasted or written, kept on this device until it is a pie: nothing typed is lost. */
type Pasted = { text: string; kind: PieKind | null };

const keyOf = (kitchen: string) => `hojaldre.pasted.${kitchen}`;

export function findPasted(kitchen: string): Pasted {
  try {
    const found = JSON.parse(localStorage.getItem(keyOf(kitchen)) ?? "null") as Pasted | null;
    return found && typeof found.text === "string" ? found : { text: "", kind: null };
  } catch {
    return { text: "", kind: null };
  }
}

export const keepPasted = (kitchen: string, pasted: Pasted) =>
  localStorage.setItem(keyOf(kitchen), JSON.stringify(pasted));

export const dropPasted = (kitchen: string) => localStorage.removeItem(keyOf(kitchen));
