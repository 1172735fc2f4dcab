import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Food } from "../api/client";
import { foodFinder } from "./findFood";

const PANTRY = "core/pantry";

/** Lines of a table: quoted fields may hold commas. */
function rows(file: string): string[][] {
  return readFileSync(`${PANTRY}/${file}`, "utf8")
    .trim()
    .split("\n")
    .slice(1)
    .map((line) => [...line.matchAll(/("([^"]*)"|[^,]*)(?:,|$)/g)].map((found) => found[2] ?? found[1] ?? ""));
}

const named = [...rows("names.csv"), ...rows("borrowed.csv").map((row) => [row[0] ?? "", row[13] ?? ""])];
const names = new Map(named.map(([food, all]) => [food, all?.split("; ") ?? []]));
const NO_FOODS = ["names.csv", "preparations.csv", "allergens.csv", "fat-and-sugar.csv"];
const foods = readdirSync(PANTRY)
  .filter((file) => file.endsWith(".csv") && !NO_FOODS.includes(file))
  .flatMap(rows)
  .map(([id = "", name = ""]) => ({ food: { id, name } as Food, names: names.get(id) ?? [] }));
const find = foodFinder(foods);
const first = (words: string) => find(words)[0]?.food.id;

const searches = readFileSync("web/src/food/searches.txt", "utf8")
  .trim()
  .split("\n")
  .map((line) => line.split(" = ") as [string, string]);

/** What cooks search for when they describe the eight kinds (common practice, no source). */
describe("finding a food", () => {
  it("knows 220 foods and is asked for 139", () => {
    expect(foods.length).toBeGreaterThanOrEqual(220);
    expect(searches.length).toBeGreaterThanOrEqual(139);
  });

  it("finds 97 of 100 first, and the others among the first five", () => {
    const missed = searches.filter(([words, ids]) => !ids.split("|").includes(first(words) ?? ""));
    expect(missed.map(([words]) => `${words}: ${first(words)}`).slice(Math.floor(searches.length * 0.03))).toEqual([]);
    for (const [words, ids] of missed) {
      const near = find(words)
        .slice(0, 5)
        .map((one) => one.food.id);
      expect(
        near.some((id) => ids.split("|").includes(id)),
        `${words}: ${near}`,
      ).toBe(true);
    }
  });

  it("has the exact word first, and offers what begins with a few letters", () => {
    expect(["butter", "salt", "oil", "egg", "cream"].map(first)).toEqual([
      "butter",
      "salt",
      "olive-oil",
      "egg",
      "whipping-cream",
    ]);
    expect(find("lee").map((one) => one.food.id)).toContain("leeks");
    expect(find("")).toHaveLength(foods.length);
    expect(find("xyzzy plugh")).toEqual([]);
  });
});
