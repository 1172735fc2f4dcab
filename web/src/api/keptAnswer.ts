import { ApiProblem } from "./client";

const keyOf = (name: string) => `hojaldre.answer.${name}`;

/** What the server said; without a line what it said last, kept on this device, and marked so. */
export async function orKept<T extends object>(name: string, ask: () => Promise<T>): Promise<T & { isKept?: true }> {
  try {
    const said = await ask();
    localStorage.setItem(keyOf(name), JSON.stringify(said));
    return said;
  } catch (thrown) {
    const kept = localStorage.getItem(keyOf(name));
    if (!(thrown instanceof ApiProblem) || !thrown.isOffline || kept === null) throw thrown;
    return { ...(JSON.parse(kept) as T), isKept: true };
  }
}

/** Nothing that was said to somebody stays on the device when they leave. */
export function forgetAnswers() {
  for (const key of Object.keys(localStorage)) {
    if (key.startsWith(keyOf(""))) localStorage.removeItem(key);
  }
}
