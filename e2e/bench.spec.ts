import { expect, test } from "@playwright/test";
import { entry, expectAccessible, onTheBench, reading, signIn, soggy, type } from "./support";

test("a cook presses the leeks, applies a way out, saves, closes the browser and finds it again", async ({
  page,
  browser,
}) => {
  const { id, kitchen } = await onTheBench(page, "Quiche of the first story", soggy);
  await expect(page.getByTestId("base-verdict")).toHaveText("soggy");
  const band = page.locator('[data-layer="leeks"] > path').first();
  const before = await band.getAttribute("d");

  await page.getByLabel("Notes").fill("Pressed harder this time.");
  await type(page, "Leeks, weight now", "440 g");
  await expect(page.getByTestId("base-verdict")).toHaveText("soggy");
  await expect.poll(() => band.getAttribute("d")).not.toBe(before);
  await expect(entry(page, "Leeks, what it may weep")).toHaveValue("161 g");

  await page.getByRole("button", { name: /^Apply: Press .* from the leeks/ }).click();
  await expect(page.getByTestId("base-verdict")).toHaveText("soft");
  await expect(page.getByText(/^Applied: Press/)).toBeVisible();
  const stopAt = await entry(page, "Leeks, weight now").inputValue();

  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Revision 2/ })).toBeVisible();
  await page.close();

  const later = await browser.newContext();
  const again = await later.newPage();
  await signIn(again);
  await again.getByRole("link", { name: "Quiche of the first story" }).click();
  await expect(again).toHaveURL(new RegExp(`/k/${kitchen}/bench/${id}`));
  await expect(entry(again, "Leeks, weight now")).toHaveValue(stopAt);
  await expect(again.getByLabel("Notes")).toHaveValue("Pressed harder this time.");
  await expect(again.getByTestId("base-verdict")).toHaveText("soft");
  await later.close();
});

test("readings follow while a number is typed, and Escape takes it back", async ({ page }) => {
  await onTheBench(page, "Quiche of the preview");
  await entry(page, "Leeks, weight now").fill("280 g");
  await expect(page.getByTestId("custard-value")).toHaveText("87 g");
  await expect(page.getByRole("button", { name: /^Revision 1/ })).toBeVisible();
  await entry(page, "Leeks, weight now").press("Escape");
  await expect(page.getByTestId("custard-value")).toHaveText("90 g");
  await expect(entry(page, "Leeks, weight now")).toHaveValue("315 g");
  await entry(page, "Leeks, weight now").press("Shift+ArrowDown");
  await expect(entry(page, "Leeks, weight now")).toHaveValue("305 g");
});

test("everything can be undone and done again, by button and by key", async ({ page }) => {
  await onTheBench(page, "Quiche of the undo");
  await type(page, "Leeks, weight now", "300 g");
  await expect(page.locator("[data-row-total=leeks]")).toHaveText("300 g");
  await page.getByLabel("Seal", { exact: true }).selectOption("egg");
  await expect(page.getByTestId("base-verdict")).toHaveText("dry");
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByLabel("Seal", { exact: true })).toHaveValue("none");
  await page.locator("body").press("Control+z");
  await expect(entry(page, "Leeks, weight now")).toHaveValue("315 g");
  await expect(page.getByRole("button", { name: "Undo", exact: true })).toBeDisabled();
  await page.locator("body").press("Control+Shift+z");
  await page.getByRole("button", { name: "Redo", exact: true }).click();
  await expect(page.getByLabel("Seal", { exact: true })).toHaveValue("egg");
  await page.locator("body").press("Control+s");
  await expect(page.getByRole("button", { name: /^Revision 2/ })).toBeVisible();
});

test("a quantity takes any kitchen unit, keeps the cook's words and shows grams", async ({ page }) => {
  await onTheBench(page, "Quiche of the units");
  await type(page, "Whole milk", "3/4 cup");
  await expect(entry(page, "Whole milk")).toHaveValue("3/4 cup");
  await expect(page.locator("[data-row=custard]")).toContainText("193 g");
  await type(page, "Leeks, bought", "1 lb 2 oz");
  await expect(page.locator("[data-row=leeks]")).toContainText("510 g");
  await type(page, "Bake, oven temperature", "350 F");
  await expect(entry(page, "Bake, oven temperature")).toHaveValue("177 °C");
  await page.getByRole("button", { name: /24 cm straight tin/ }).click();
  await type(page, "Tin, inside width", "9 in");
  await page.getByRole("button", { name: "Done" }).click();
  await expect(page.getByRole("button", { name: /22.9 cm straight tin/ })).toBeVisible();
});

test("wrong words stay as typed, say what to write, and change nothing", async ({ page }) => {
  await onTheBench(page, "Quiche of the slips");
  await type(page, "Leeks, weight now", "315");
  await expect(page.getByText(/^315 what\? Add g/)).toBeVisible();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("315");
  await type(page, "Leeks, weight now", "3 bunches");
  await expect(page.getByText(/"bunches" is not a unit known for leeks/)).toBeVisible();
  await page.getByRole("button", { name: "Leeks, weight now: what can be said" }).click();
  await expect(page.locator("[data-row=leeks]")).toContainText('"400 g squeezed"');
  await entry(page, "Leeks, weight now").press("Escape");
  await expect(page.getByTestId("custard-value")).toHaveText("90 g");

  await type(page, "Leeks, weight now", "2 kg");
  await expect(page.locator("[data-row=leeks]")).toContainText("It cannot weigh more after this step than before it");
  await expect(entry(page, "Leeks, weight now")).toHaveValue("2 kg");
  await expect(page.getByRole("button", { name: "Undo", exact: true })).toBeDisabled();
  await entry(page, "Leeks, weight now").press("Escape");
  await expect(entry(page, "Leeks, weight now")).toHaveValue("315 g");

  // what is chosen can make a design that is none: it is said, kept here, and undone
  await page.getByLabel("Style of the custard").selectOption("firm");
  await page.getByRole("button", { name: "Leeks: what to do" }).click();
  await page.getByRole("menuitem", { name: "One more step" }).click();
  await type(page, "Leeks, weight now", "300 g");
  await page.getByRole("button", { name: "Leeks: leave out step 1" }).click();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("300 g");
});

test("a late answer is never shown for a newer design", async ({ page }) => {
  await onTheBench(page, "Quiche of the slow line");
  let first = true;
  await page.route("**/edits", async (route) => {
    if (first) {
      first = false;
      await new Promise((resolve) => setTimeout(resolve, 1500));
    }
    await route.continue().catch(() => {});
  });
  await type(page, "Leeks, weight now", "440 g");
  await page.waitForTimeout(200);
  await type(page, "Leeks, weight now", "280 g");
  await expect(page.getByTestId("custard-value")).toHaveText("87 g");
  await page.waitForTimeout(1800);
  await expect(page.getByTestId("custard-value")).toHaveText("87 g");
});

test("an unsafe bake is never called done: too few minutes are told until they are enough", async ({ page }) => {
  await onTheBench(page, "Quiche in a hurry");
  await type(page, "Bake, minutes", "30 min");
  await expect(page.getByTestId("safe-verdict")).toHaveText("not yet");
  await expect(reading(page, "Safe")).toContainText("too early");
  await reading(page, "Safe")
    .getByRole("button", { name: /^Apply: Bake .* longer/ })
    .click();
  await expect(page.getByTestId("safe-verdict")).not.toHaveText("not yet");
  await expect(page.getByText(/Local food rules and licensed advice come first/)).toBeVisible();
});

test("layers are moved, left out and brought back", async ({ page }) => {
  await onTheBench(page, "Quiche of the order");
  const rows = page.locator("[data-row]");
  await expect(rows.nth(2)).toHaveAttribute("data-row", "leeks");
  await page.getByRole("button", { name: "Leeks: what to do" }).press("Alt+ArrowUp");
  await expect(rows.nth(1)).toHaveAttribute("data-row", "leeks");
  await page.getByRole("button", { name: "Smoked trout, flaked: what to do" }).click();
  await page.getByRole("menuitem", { name: "Leave it out" }).click();
  await expect(page.locator('[data-row="smoked-trout"]')).toHaveCount(0);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.locator('[data-row="smoked-trout"]')).toBeVisible();
});

test("the filling follows the cook into another tin and to more portions, and comes back with undo", async ({
  page,
}) => {
  await onTheBench(page, "Quiche on the move");
  await page.getByRole("button", { name: /24 cm straight tin/ }).click();
  await page.getByLabel("Shape of the tin").selectOption("rectangular");
  await type(page, "Tin, inside length at the floor", "35 cm");
  await type(page, "Tin, inside width at the floor", "11 cm");
  await expect(page.getByTestId("fill-verdict")).toHaveText("over the rim");
  await expect(page.getByRole("heading", { name: /across the short side/ })).toBeVisible();
  await page.getByRole("button", { name: "Scale the filling to this tin" }).click();
  await expect(page.getByTestId("fill-verdict")).toHaveText("fits");
  await page.getByRole("button", { name: "Done" }).click();
  await expect(page.getByRole("button", { name: "35 × 11 cm tin, 3.5 cm deep" })).toBeVisible();
  await type(page, "Portions", "16");
  await page.getByRole("button", { name: "Scale the filling from 8 to 16" }).click();
  await expect(page.getByTestId("fill-verdict")).toHaveText("over the rim");
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByTestId("fill-verdict")).toHaveText("fits");
  await page.getByRole("button", { name: /35 × 11 cm/ }).click();
  await page.getByLabel("Shape of the tin").selectOption("measured-dish");
  await type(page, "Dish, water to the rim", "2 l");
  await expect(page.getByRole("heading", { name: /of a round dish that holds as much/ })).toBeVisible();
});

test("a cook's own cup and oven scale are remembered", async ({ page }) => {
  await onTheBench(page, "Quiche in Fahrenheit");
  // words typed right after a choice must be read in the new unit, however late that is stored
  await page.route("**/session/units", async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 700));
    await route.continue().catch(() => {});
  });
  const choose = async (which: string, words: string) => {
    await page.getByRole("button", { name: "The Lock House" }).click();
    await page.getByRole("menuitem", { name: /^You, / }).click();
    await page.getByRole("group", { name: which }).getByRole("button", { name: words, exact: true }).click();
    await page.getByRole("link", { name: "Bench" }).click();
  };
  await choose("Oven", "°F");
  await expect(entry(page, "Bake, oven temperature")).toHaveValue("347 °F");
  await choose("Cups and spoons", "US");
  await type(page, "Whole milk", "1 cup");
  await expect(page.locator("[data-row=custard]")).toContainText("244 g");
  await page.reload();
  await expect(entry(page, "Bake, oven temperature")).toHaveValue("347 °F");
  await type(page, "Bake, oven temperature", "gas 4");
  await expect(entry(page, "Bake, oven temperature")).toHaveValue("356 °F");
  await choose("Oven", "°C");
  await expect(entry(page, "Bake, oven temperature")).toHaveValue("180 °C");
  await Promise.all([page.waitForResponse("**/session/units"), choose("Cups and spoons", "Metric")]);
});

test("the gap is filled from what is in the fridge, and the answer that is poured fits and holds", async ({ page }) => {
  await onTheBench(page, "Quiche from the fridge");
  await type(page, "Leeks, weight now", "280 g");
  await page.getByRole("button", { name: "Fill the gap" }).click();
  const fridge = page.getByRole("group", { name: "Fill the gap" });
  await expect(fridge.getByText(/ml to fill, at 93 g to an egg/)).toBeVisible();
  await fridge.getByLabel("Another dairy in the fridge").selectOption("double-cream");
  await type(page, "Richness, % fat", "20 %");
  await type(page, "Eggs in the fridge", "4");
  await type(page, "Spare yolks", "3");
  await type(page, "Whole milk in the fridge", "plenty");
  await expect(fridge.getByText(/How much\? Write it like/)).toBeVisible();
  await type(page, "Whole milk in the fridge", "300 ml");
  await expect(fridge.getByText(/leaves/).first()).toBeVisible();
  await expectAccessible(page);
  await fridge.getByRole("button", { name: "Pour answer 1" }).click();
  await expect(fridge).toBeHidden();
  await expect(page.getByTestId("fill-verdict")).toHaveText("fits");
  await expect(page.getByTestId("custard-verdict")).toHaveText("holds");
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(entry(page, "Egg, without shell")).toHaveValue("5 large");
});

test("leeks are swapped for another vegetable and cream for another dairy, and both come back", async ({ page }) => {
  await onTheBench(page, "Quiche of the swap");
  await page.getByRole("button", { name: "Leeks: what to do" }).click();
  await page.getByRole("menuitem", { name: "Swap it for another food" }).click();
  const swap = page.getByRole("group", { name: "Swap Leeks" });
  await expect(swap.getByRole("button", { name: /^Swap Leeks for/ })).toHaveCount(6);
  await expectAccessible(page);
  const first = swap.getByRole("button", { name: /^Swap Leeks for/ }).first();
  const name = ((await first.getAttribute("aria-label")) ?? "").replace("Swap Leeks for ", "");
  await first.click();
  await expect(page.getByRole("button", { name: `${name}: what to do` })).toBeVisible();
  await expect(page.locator("[data-row-total=leeks]")).toHaveText("315 g");
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByRole("button", { name: "Leeks: what to do" })).toBeVisible();
  await page.getByRole("button", { name: "Swap Single cream" }).click();
  await page.getByRole("button", { name: "Swap single cream for Soured cream" }).click();
  await expect(entry(page, "Soured cream")).toHaveValue("242 g");
});
