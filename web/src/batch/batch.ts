import type { Batch, BatchLine, DoughChoice } from "../api/client";
import { defaults } from "../api/generated/defaults";

/** So many of one pie, as cooks commonly line it. */
export const newLine = (pie: string, count: number): BatchLine => ({ ...defaults.batchLine, pie, count });

export const newBatch = (name: string, lines: BatchLine[]): Batch => ({
  name,
  lines,
  doughs: [],
  kitchenCelsius: defaults.kitchenCelsius,
  panGrams: defaults.panGrams,
});

/** Dough that an earlier batch left over goes into this one: so much less is made; a weight below nothing takes it out again. */
export const doughFromBefore = (batch: Batch, dough: string, grams: number): Batch =>
  doughChanged(batch, dough, (choice) => ({
    ...choice,
    fromBeforeGrams: Math.max(0, Math.round((choice.fromBeforeGrams + grams) * 10) / 10),
  }));

/** One line of a batch changed. */
export const lineChanged = (batch: Batch, pie: string, by: (line: BatchLine) => BatchLine): Batch => ({
  ...batch,
  lines: batch.lines.map((line) => (line.pie === pie ? by(line) : line)),
});

/** What is chosen for one dough changed; one that had nothing chosen gets what is usual first. */
export const doughChanged = (batch: Batch, dough: string, by: (choice: DoughChoice) => DoughChoice): Batch => {
  const now = batch.doughs.find((one) => one.dough === dough);
  const changed = by(now ?? { ...defaults.doughChoice, dough });
  return {
    ...batch,
    doughs: now ? batch.doughs.map((one) => (one.dough === dough ? changed : one)) : [...batch.doughs, changed],
  };
};
