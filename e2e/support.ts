import { readFileSync } from "node:fs";
import { AxeBuilder } from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";

export const TROUT_FILE = "database/data/demo/smoked-trout-and-leek-quiche.json";

/** Signed in as Ada by way of the form, once for all tests that do not ask about the door (playwright.config.ts). */
export const ADA = "var/e2e/ada.json";

export async function signIn(page: Page, who: "ada" | "ben" | "cleo" = "ada") {
  // another cook than the one the tests begin with
  if (who !== "ada") {
    // an answer that is still on its way would bring the cookie back
    await page.goto("about:blank");
    await page.context().clearCookies();
  }
  await page.goto("/");
  if (who === "ada" && (await (await page.request.get("/api/session")).json()).user) {
    await expect(page.getByRole("heading", { name: "Pies", exact: true })).toBeVisible();
    return;
  }
  await page.getByLabel("E-mail").fill(`${who}@lockhouse.example`);
  await page.getByLabel("Password").fill("golden crust");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("heading", { name: "Pies", exact: true })).toBeVisible();
}

/** A trout quiche of its own for a test, on the bench. */
export async function onTheBench(page: Page, name: string, change: (design: Trout) => void = () => {}) {
  if (!(await (await page.request.get("/api/session")).json()).user) await signIn(page);
  const session = await (await page.request.get("/api/session")).json();
  const design = JSON.parse(readFileSync(TROUT_FILE, "utf8")) as Trout;
  design.name = name;
  change(design);
  const made = await page.request.post(`/api/kitchens/${session.kitchens[0].id}/pies`, {
    data: design,
    headers: { "X-CSRF-TOKEN": session.csrfToken },
  });
  expect(made.status()).toBe(201);
  const { id } = await made.json();
  await page.goto(`/k/${session.kitchens[0].id}/bench/${id}`);
  await expect(entry(page, "Name of the pie")).toHaveValue(name);
  return { id: id as string, kitchen: session.kitchens[0].id as string };
}

/** Its leeks hardly pressed, on a raw crust: the base goes soggy. */
export function soggy(design: Trout) {
  design.crust.shell = [];
  const hardly = {
    preparation: "sweated",
    after: { words: "420 g", grams: 420, leastGrams: null, mostGrams: null },
    saltGrams: 0,
    waterSaltGramsPerLitre: 0,
  };
  for (const layer of design.layers) if (layer.id === "leeks") layer.steps = [hardly];
}

type Trout = {
  name: string;
  crust: { shell: unknown[]; thicknessMm: number };
  bake: { stages: { minutes: number; ovenCelsius: number; rack: string }[]; tinMaterial: string };
  layers: { id: string; kind: string; eggs?: unknown[]; steps?: unknown; fromCelsius?: number }[];
};

export const entry = (page: Page, label: string) => page.getByLabel(label, { exact: true });

export async function type(page: Page, label: string, words: string, key = "Enter") {
  await entry(page, label).fill(words);
  await entry(page, label).press(key);
}

/** Into another room: by its name in the row of rooms, or on a phone by way of the mark. */
export async function toRoom(page: Page, name: string) {
  const mark = page.getByRole("button", { name: "Rooms" });
  if (await mark.isVisible()) {
    await mark.click();
    await page.getByRole("menuitem", { name, exact: true }).click();
  } else {
    await page.getByRole("link", { name, exact: true }).click();
  }
  // the room before stays until the new one is there, and may have a field of the same name
  await expect(page.getByRole("link", { name, exact: true })).toHaveAttribute("aria-current", "page");
}

export const reading = (page: Page, name: string) => page.getByRole("region", { name, exact: true });

export async function expectAccessible(page: Page) {
  // what the strip covers while the page is scrolled is reached by scrolling
  await page.evaluate(() => window.scrollTo(0, 0));
  const found = await new AxeBuilder({ page })
    .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"])
    .analyze();
  expect(found.violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html).join(" ")}`)).toEqual([]);
}

/** Everything of the gate that nobody looked at yet. */
export async function tickAll(page: Page) {
  for (;;) {
    const open = page.getByRole("checkbox", { checked: false });
    const left = await open.count();
    if (left === 0) return;
    await open.first().click();
    await expect(open).toHaveCount(left - 1);
  }
}
