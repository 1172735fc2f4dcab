import MiniSearch from "minisearch";
import type { StoredFood } from "../api/client";
import { shortName } from "./shortName";

type Named = { id: number; food: number; name: string };

/** Small letters without accents; one spelling where kitchens have two. */
const plain = (words: string) =>
  words
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replaceAll("œ", "oe")
    .replace(/\b(yogh?o?urt)\b/g, "yogurt")
    .replace(/\bchill?(i|ie|y|e)s?\b/g, "chilli")
    .replace(/['’]/g, "")
    .trim();

const stem = (word: string) => (word.length > 3 && !word.endsWith("ss") ? word.replace(/(?:e?s)$/, "") : word);
const stemmed = (words: string) =>
  plain(words)
    .split(/[^\p{L}\p{N}%]+/u)
    .filter(Boolean)
    .map(stem)
    .join(" ");

/** Finds foods by all that cooks call them: the exact word first, then what begins with it, then what is like it, typing errors too. */
export function foodFinder<T extends Pick<StoredFood, "food" | "names">>(foods: T[]): (words: string) => T[] {
  const named: Named[] = [];
  foods.forEach((one, food) => {
    for (const name of new Set([one.food.name, shortName(one.food.name), ...one.names])) {
      named.push({ id: named.length, food, name });
    }
  });
  const index = new MiniSearch<Named>({
    fields: ["name"],
    tokenize: (text) => plain(text).split(/[^\p{L}\p{N}%]+/u),
    processTerm: (term) => stem(term) || null,
  });
  index.addAll(named);
  return (words) => {
    const wanted = stemmed(words);
    if (wanted === "") return foods;
    const options = { prefix: true, fuzzy: (term: string) => (term.length > 3 ? 0.25 : false) };
    const all = index.search(words, { ...options, combineWith: "AND" });
    const found = all.length > 0 ? all : index.search(words, options);
    const best = new Map<number, number>();
    for (const hit of found) {
      const one = named[hit.id as number];
      if (one)
        best.set(
          one.food,
          Math.max(best.get(one.food) ?? Number.NEGATIVE_INFINITY, nearness(one.name, wanted) + hit.score),
        );
    }
    return [...best].sort((a, b) => b[1] - a[1]).flatMap(([food]) => foods[food] ?? []);
  };
}

/** The name itself, then one that begins so, then the rest; the shorter name is the plainer food. */
function nearness(name: string, wanted: string): number {
  const known = stemmed(name);
  const length = known.length / 50;
  if (known === wanted) return 4000;
  if (known.startsWith(`${wanted} `)) return 300 - length;
  return (known.startsWith(wanted) ? 200 : 0) - length;
}
