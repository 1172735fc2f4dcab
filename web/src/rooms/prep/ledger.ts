/** The subtraction at the pan: what the scale reads, less pan, oil and salt, is the food. All in grams. */
export type Ledger = {
  raw: number;
  stop: number;
  tare: number;
  reads: number;
  now: number;
  toDriveOff: number;
  drivenOff: number;
  stopReads: number;
};

export function ledgerOf(raw: number, stop: number, tare: number, reads: number): Ledger {
  const now = reads - tare;
  return { raw, stop, tare, reads, now, toDriveOff: now - stop, drivenOff: raw - now, stopReads: tare + stop };
}

/** By the share of the water that is still to go. */
export function minutesMore({ raw, stop, toDriveOff }: Ledger, minutes: number): number {
  const all = raw - stop;
  return all <= 0 ? 0 : Math.max(0, Math.min(1, toDriveOff / all)) * minutes;
}

/** A scale that reads less than the empty pan, or far more than what was put in, has something else on it. */
export const isOther = ({ now, raw }: Ledger) => now < -5 || now > raw * 1.25 + 50;

/** Less than this that goes is not worth a pan on the scale, of what was put in. */
const KEPT = 0.98;

export const losesWater = (act: { beforeGrams: number; stopGrams: number | null }) =>
  act.stopGrams !== null && act.stopGrams < act.beforeGrams * KEPT;
