let choosing: Promise<unknown> = Promise.resolve();

/** Choices of units are stored one after another, each on what the one before left. */
export function inTurn<T>(choose: () => Promise<T>): Promise<T> {
  const done = choosing.then(choose);
  choosing = done.catch(() => {});
  return done;
}

/** Whoever reads words waits for this: a cup must not be read as the one it was before. */
export const unitsChosen = () => choosing;
