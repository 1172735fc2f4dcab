/** Numbers as they are shown: no more digits than mean something, a space before the unit. */
export function number(value: number, decimals = 0): string {
  return formatOf(decimals, decimals).format(value);
}

const formats = new Map<string, Intl.NumberFormat>();

/** Made once: making one takes far longer than using it. */
function formatOf(least: number, most: number): Intl.NumberFormat {
  const key = `${least}-${most}`;
  const known = formats.get(key);
  if (known) return known;
  const made = new Intl.NumberFormat("en-GB", { minimumFractionDigits: least, maximumFractionDigits: most });
  formats.set(key, made);
  return made;
}

/** Grams: whole from 10 up, at most one decimal below. */
export function grams(value: number): string {
  const digits = Math.abs(value) < 9.95 ? 1 : 0;
  return `${formatOf(0, digits).format(value)} g`;
}

export function range(low: number | null, high: number | null, decimals = 0): string {
  if (low === null || high === null) return "";
  const [from, to] = [number(low, decimals), number(high, decimals)];
  return from === to ? "" : `${from}–${to}`;
}

/** The clock time of today, the date with it for any other day. */
export function savedAt(iso: string, now = new Date()): string {
  const at = new Date(iso);
  const clock = at.toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
  return at.toDateString() === now.toDateString()
    ? clock
    : `${at.toLocaleDateString("en-GB", { day: "numeric", month: "short" })}, ${clock}`;
}

/** A day of the calendar, "28 Nov". */
export const day = (iso: string) =>
  new Date(`${iso}T12:00:00`).toLocaleDateString("en-GB", { day: "numeric", month: "short" });

/** The date here, as the calendar has it: 2026-11-28. */
export const today = (now = new Date()) =>
  new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
