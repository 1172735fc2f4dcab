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

/** The keys of the bench. A field being typed in keeps its own undo. */
export function useKeys(acts: Acts) {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const act = actOf(event);
      const typing = event.target instanceof HTMLElement && event.target.dataset.typing === "true";
      if (!act || (typing && act !== "save")) return;
      event.preventDefault();
      // leaving the field keeps what is in it; saving waits for that
      if (typing) (event.target as HTMLElement).blur();
      acts[act]();
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, [acts]);
}
