/** Times and spans as they are told at the oven. */
export const clockOf = (at: number) => new Date(at).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });

/** A countdown, "5:20"; hours stand before it. */
export function countdown(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (value: number) => String(value).padStart(2, "0");
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}

export const minutesBetween = (from: number, to: number) => Math.round((to - from) / 60_000);

/** The name in a word or three, for a tab. */
export const shortName = (name: string) => name.split(/,| and | with /)[0] ?? name;

/** The clock as large as it can be: smaller where it has more digits. */
export function clockSize(ms: number, px: number) {
  const share = [1, 1, 1, 1, 1, 0.8][countdown(ms).length] ?? 0.6;
  return {
    base: `${Math.round(120 * share)}px`,
    sm: `${Math.round(px * share * 0.9)}px`,
    lg: `${Math.round(px * share)}px`,
  };
}
