import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { entry, expectAccessible, signIn, type } from "./support";

const RECIPE = `Leek and trout quiche, the lock way
Serves 8

Ingredients
375g pack ready-rolled shortcrust
3 leeks, sliced
200g smoked trout, flaked
a handful of grated cheddar
3 large eggs and a yolk
300ml double cream
a spoon of Gran's green jar
salt and pepper

Method
Line a 23cm tart tin with the pastry. Blind bake for 15 minutes at 190C, take the beans out and give it 5 minutes more.
Sweat the leeks until soft. Scatter leeks, trout and cheese, pour over the eggs and cream.
Bake for 35 minutes at 170C until just set.`;

test("a pasted recipe is a forecast in a dozen presses, and what is not understood waits in view", async ({ page }) => {
  await signIn(page);
  let presses = 0;
  const press = async (name: string | RegExp) => {
    presses++;
    await page.getByRole("button", { name }).first().click();
  };
  await press("New pie");
  presses++;
  await page.getByRole("textbox", { name: "Paste a recipe" }).fill(RECIPE);
  await press("Read it");
  await expect(page.getByTestId("line-count")).toHaveText("15 lines: 14 read, 1 waits");
  const waits = page.locator("[data-kind=waiting]");
  await expect(waits).toContainText("waits");
  await expect(page.getByRole("textbox", { name: "Line: a spoon of Gran's green jar" })).toBeVisible();
  presses++;
  await waits.getByRole("button", { name: "only words" }).click();
  await expect(page.getByTestId("line-count")).toHaveText("15 lines: 15 read");
  // five questions, each answered with one press
  const questions = page.getByRole("region", { name: "Questions" });
  await expect(questions.getByRole("heading")).toHaveText("Five questions, most telling first");
  for (let n = 0; n < 5; n++) {
    const first = questions.getByRole("group").first();
    const asked = (await first.getAttribute("aria-label")) ?? "";
    await expect(first.getByRole("button", { name: /^Yes/ })).toBeEnabled();
    presses++;
    await first.getByRole("button", { name: /^Yes/ }).click();
    await expect(questions.getByRole("group", { name: asked, exact: true })).toHaveCount(0);
  }
  await expectAccessible(page);
  await press("To the bench");
  await expect(entry(page, "Name of the pie")).toHaveValue("Leek and trout quiche, the lock way");
  await expect(page.getByTestId("custard-verdict")).toBeVisible();
  await expect(page.locator("[data-strip=set]")).toBeVisible();
  expect(presses).toBeLessThanOrEqual(12);
});

test("a line is mended in place, and an answer moves the readings", async ({ page }) => {
  await signIn(page);
  await page.getByRole("button", { name: "New pie", exact: true }).click();
  await page.getByRole("textbox", { name: "Paste a recipe" }).fill(RECIPE);
  await page.getByRole("button", { name: "Read it" }).click();
  const line = page.getByRole("textbox", { name: "Line: 300ml double cream" });
  await line.fill("600 ml double cream");
  await line.press("Enter");
  await expect(page.getByRole("textbox", { name: "Line: 600 ml double cream" })).toBeVisible();
  await expect(page.getByTestId("custard-verdict")).toHaveText("does not hold");
  await expect(page.getByRole("region", { name: "As written it would go wrong" })).toContainText(
    "Custard does not hold",
  );
  await page.reload();
  await expect(page.getByRole("textbox", { name: "Line: 600 ml double cream" })).toBeVisible();
});

test("nothing pasted is said, a kind begins with one press, and the page is accessible on a phone", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  await page.getByRole("button", { name: "New pie", exact: true }).click();
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByText("Nothing is pasted yet.")).toBeVisible();
  await expectAccessible(page);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page
    .getByRole("region", { name: "Eight kinds, cut through" })
    .getByRole("button", { name: /^Pasty/ })
    .click();
  await page.getByLabel("One thing a line, as you would say it").fill("400 g beef skirt");
  await page.keyboard.press("Enter");
  await expect(page.getByTestId("safe-verdict")).toBeVisible();
  await expectAccessible(page);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test("on the bench one line takes what a cook says; what is assumed is in italics and settled with one press", async ({
  page,
}) => {
  await signIn(page);
  await page.getByRole("button", { name: "New pie", exact: true }).click();
  await page
    .getByRole("region", { name: "Eight kinds, cut through" })
    .getByRole("button", { name: /^Pasty/ })
    .click();
  await page.getByLabel("One thing a line, as you would say it").fill("400 g beef skirt");
  await page.keyboard.press("Enter");
  await expect(page.getByTestId("safe-verdict")).toBeVisible();
  await page.getByRole("button", { name: "To the bench" }).click();
  await page.getByLabel("What goes in?").fill("2 large potatos");
  await page.getByLabel("What goes in?").press("Enter");
  await expect(page.locator("[data-row=potatoes]")).toContainText("560 g");
  await page.getByLabel("What goes in?").fill("1 tsp salt");
  await page.getByLabel("What goes in?").press("Enter");
  await expect(page.locator("[data-row=seasonings]")).toContainText("6 g");
  await page.getByLabel("What goes in?").fill("200 g flumpets");
  await page.getByLabel("What goes in?").press("Enter");
  await expect(page.getByText(/Nothing here goes in a layer: "200 g flumpets"/)).toBeVisible();
  await expect(page.getByLabel("What goes in?")).toHaveValue("200 g flumpets");
  await page.getByRole("button", { name: "like another food" }).click();
  await page.getByLabel("It is like").fill("carrots");
  await page.getByRole("button", { name: "Carrots", exact: true }).click();
  await expect(page.locator("[data-row=own-flumpets]")).toContainText("200 g");
  await page.getByLabel("What goes in?").fill("potatoes and flumpets: 700 g now");
  await page.getByLabel("What goes in?").press("Enter");
  await expect(page.getByLabel("Weight now of potatoes and flumpets")).toHaveValue("700 g");
  await page.getByRole("button", { name: "The oven: open" }).click();
  const mode = page.getByLabel("Bake, oven mode");
  await expect(mode).toHaveCSS("font-style", "italic");
  await mode.selectOption("fan");
  await expect(mode).toHaveCSS("font-style", "normal");
  await page.getByLabel("Dough", { exact: true }).selectOption("lard-shortcrust");
  await page.getByLabel("Glaze", { exact: true }).selectOption("milk");
  await expect(page.getByLabel("Glaze", { exact: true })).toHaveCSS("font-style", "normal");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await page.getByRole("button", { name: /^Revision 2/ }).click();
  const written = page.waitForEvent("download");
  await page.getByRole("menuitem", { name: "Write it out for a friend" }).click();
  expect(readFileSync(await (await written).path(), "utf8")).toContain("Cut a slit, so that steam gets out.");
  await type(page, "Potatoes, bought", "half a kilo");
  await expect(page.locator("[data-row=potatoes]")).toContainText("500 g");
});

test("what is on hand is ticked, and the pie that is pressed is on the bench with its grams", async ({ page }) => {
  await signIn(page);
  await page.getByRole("button", { name: "New pie", exact: true }).click();
  const hand = page.getByRole("region", { name: "What is on hand" });
  await hand.getByRole("button", { name: "Egg", exact: true }).click();
  await expect(hand.getByText(/Nothing there fills a pie yet/)).toBeVisible();
  for (const name of ["Double cream", "Leeks", "Gruyère", "Shortcrust"]) {
    await hand.getByRole("button", { name, exact: true }).click();
    await expect(hand.getByRole("button", { name, exact: true })).toHaveAttribute("aria-pressed", "true");
  }
  await hand.getByLabel("Something else that is there").fill("smoked salm");
  await hand.getByRole("list", { name: "Foods by that name" }).getByRole("button").first().click();
  await expect(hand.getByRole("button", { name: /^Quiche: leeks/ })).toBeVisible();
  await expect(hand.getByText(/24 cm straight tin.*g leeks/)).toBeVisible();
  await expectAccessible(page);
  // it is still ticked when one comes back
  await page.reload();
  await expect(hand.getByRole("button", { name: "Leeks", exact: true })).toHaveAttribute("aria-pressed", "true");
  await hand.getByRole("button", { name: /^Quiche: leeks/ }).click();
  await expect(entry(page, "Name of the pie")).toHaveValue(/^Quiche: leeks/);
  await expect(page.getByTestId("custard-verdict")).toHaveText("holds");
  await expect(page.getByTestId("safe-verdict")).toHaveText("safe");
});

test("a line that waits is told to be like another food, and the recipe is read anew", async ({ page }) => {
  await signIn(page);
  await page.getByRole("button", { name: "New pie", exact: true }).click();
  await page
    .getByRole("textbox", { name: "Paste a recipe" })
    .fill("Tart\n\nIngredients\n300 g marsh wibbles\n4 eggs\n300 ml double cream");
  await page.getByRole("button", { name: "Read it" }).click();
  const waits = page.locator("[data-kind=waiting]");
  await waits.getByRole("button", { name: "like another food" }).click();
  await page.getByLabel("It is like").fill("spinach");
  await page
    .getByRole("list", { name: "Foods it may be like" })
    .getByRole("button", { name: "Spinach", exact: true })
    .click();
  await expect(waits).toHaveCount(0);
  await expect(page.getByTestId("line-count")).toHaveText(/5 lines: 5 read/);
});
