/** Numbers from 0 to 1 that are the same for the same words, so that a picture does not jump when a figure changes. */
export function seeded(words: string): () => number {
  let state = 2166136261;
  for (let i = 0; i < words.length; i++) state = Math.imul(state ^ words.charCodeAt(i), 16777619);
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
