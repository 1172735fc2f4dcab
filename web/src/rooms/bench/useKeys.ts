import { useEffect } from "react";

type Acts = { save: () => void; undo: () => void; redo: () => void };

/** Which act a key stands for: Control (or Command) with S saves, Z undoes, Shift and Z or Y redoes. */
export function actOf(event: Pick<KeyboardEvent, "ctrlKey" | "metaKey" | "shiftKey" | "key">): keyof Acts | null {
  if (!event.ctrlKey && !event.metaKey) return null;
  switch (event.key.toLowerCase()) {
    case "s":
      return "save";
    case "z":
      return event.shiftKey ? "redo" : "undo";
    case "y":
      return "redo";
    default:
      return null;
  }
}

/** Time for an entry that was still open to be read and kept before the pie is saved. */
const KEEP_MS = 250;

/** The keys of the bench. A field being typed in keeps its own undo. */
export function useKeys(acts: Acts) {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const act = actOf(event);
      const typing = event.target instanceof HTMLElement && event.target.dataset.typing === "true";
      if (!act || (typing && act !== "save")) return;
      event.preventDefault();
      if (typing) (event.target as HTMLElement).blur();
      setTimeout(acts[act], typing ? KEEP_MS : 0);
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, [acts]);
}
