/** Entries that are being read to be kept. Whoever saves waits for them, so that the last words typed are in what is saved. */
const reading = new Set<Promise<unknown>>();

export function track<T>(promise: Promise<T>): Promise<T> {
  reading.add(promise);
  const done = () => reading.delete(promise);
  promise.then(done, done);
  return promise;
}

export async function settled(): Promise<void> {
  await Promise.allSettled([...reading]);
}
