import type { PieDesign } from "../../api/client";

/** Work not yet saved, kept on this device: one draft a pie and tab, so that two tabs do not overwrite each other's. */
export type Draft = { design: PieDesign; basedOn: number; at: string };

const PREFIX = "hojaldre.draft";
const TAB = "hojaldre.tab";
const lockName = (tab: string) => `${TAB}.${tab}`;
const keyOf = (kitchen: string, pie: string, tab: string) => `${PREFIX}.${kitchen}.${pie}.${tab}`;

/** This tab's own name. It holds a lock as long as it lives; a duplicated tab finds it held and takes another name. */
async function claimTab(): Promise<string> {
  const wish = sessionStorage.getItem(TAB) ?? crypto.randomUUID();
  const held = await new Promise<boolean>((resolve) => {
    if (!navigator.locks) return resolve(true);
    void navigator.locks.request(lockName(wish), { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise(() => {});
    });
  });
  if (!held) {
    sessionStorage.setItem(TAB, crypto.randomUUID());
    return claimTab();
  }
  sessionStorage.setItem(TAB, wish);
  return wish;
}

let claimed: Promise<string> | undefined;
const thisTab = () => {
  claimed ??= claimTab();
  return claimed;
};

/** The draft of this tab, or the newest one left behind by a tab that is gone; that one becomes this tab's. */
export async function findDraft(kitchen: string, pie: string): Promise<Draft | null> {
  const tab = await thisTab();
  const own = readDraft(keyOf(kitchen, pie, tab));
  if (own) return own;
  const living = new Set(((await navigator.locks?.query())?.held ?? []).map((lock) => lock.name));
  const start = `${PREFIX}.${kitchen}.${pie}.`;
  const left = Object.keys(localStorage)
    .filter((key) => key.startsWith(start) && !living.has(lockName(key.slice(start.length))))
    .map((key) => ({ key, draft: readDraft(key) }))
    .sort((a, b) => (b.draft?.at ?? "").localeCompare(a.draft?.at ?? ""));
  const newest = left[0];
  if (!newest?.draft) return null;
  localStorage.removeItem(newest.key);
  await keepDraft(kitchen, pie, newest.draft);
  return newest.draft;
}

export async function keepDraft(kitchen: string, pie: string, draft: Draft): Promise<void> {
  localStorage.setItem(keyOf(kitchen, pie, await thisTab()), JSON.stringify(draft));
}

export async function dropDraft(kitchen: string, pie: string): Promise<void> {
  localStorage.removeItem(keyOf(kitchen, pie, await thisTab()));
}

function readDraft(key: string): Draft | null {
  try {
    const draft = JSON.parse(localStorage.getItem(key) ?? "null") as Draft | null;
    return draft && typeof draft.basedOn === "number" && Array.isArray(draft.design?.layers) ? broughtUp(draft) : null;
  } catch {
    return null;
  }
}

/** A draft that was kept before dough could be closed in more ways than one: its discs were half-moons, its vents cut before. */
function broughtUp(draft: Draft): Draft {
  const { design } = draft;
  if ((design as { version: number }).version !== 5) return draft;
  const lid = design.crust.lid && { ...design.crust.lid, ventedLate: false };
  const tin = design.tin as unknown as { shape: string; discs?: number; discDiameterMm?: number };
  const half = { shape: "folded", fold: "half-moon", pieces: tin.discs, lengthMm: tin.discDiameterMm, widthMm: null };
  return {
    ...draft,
    design: {
      ...design,
      version: 6,
      crust: { ...design.crust, lid },
      tin: tin.shape === "folded-discs" ? (half as PieDesign["tin"]) : design.tin,
    },
  };
}
