import { expect, test } from "@playwright/test";
import { entry, expectAccessible, onTheBench, reading, soggy, type } from "./support";

test("a good quiche has nothing in trouble, and its scales are told in words", async ({ page }) => {
  await onTheBench(page, "Quiche that is good");
  for (const name of ["custard", "set", "base", "colour", "salt", "fill", "safe"])
    await expect(page.getByTestId(`${name}-verdict`)).not.toHaveText(
      /not set|tough|soggy|burnt|not yet|does not hold|over/,
    );
  await expect(page.getByTestId("base-value")).toHaveCount(0);
  await reading(page, "Base").getByRole("button", { name: "Why: Base" }).click();
  await expect(reading(page, "Base")).toContainText("A slice lifted by its point");
});

test("the colour that is wanted decides whether a top is too pale, and the way out is applied", async ({ page }) => {
  await onTheBench(page, "Quiche of the colour");
  await type(page, "Bake, oven temperature", "145 °C");
  await expect(page.getByTestId("colour-verdict")).toHaveText("pale");
  const colour = reading(page, "Colour");
  await expect(colour.getByRole("button", { name: /^Apply: / }).first()).toBeVisible();
  await page.getByLabel("How brown it is wanted").selectOption("pale");
  await expect(colour.getByRole("button", { name: /^Apply: / })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(colour.getByRole("button", { name: /^Apply: / }).first()).toBeVisible();
});

test("what if is asked of one thing, shows every reading, and a step is taken and undone", async ({ page }) => {
  await onTheBench(page, "Quiche of what if");
  await page.getByRole("button", { name: "Try one thing by steps" }).click();
  const whatIf = page.getByRole("region", { name: "What if" });
  await expect(whatIf.getByRole("img")).toHaveAttribute("aria-label", /Set: not set .* from 135 °C/);
  await whatIf.getByRole("button", { name: "minutes" }).click();
  await expect(whatIf.getByRole("button", { name: "Take 30 min" })).toBeEnabled();
  await expectAccessible(page);
  await whatIf.getByRole("button", { name: "Take 30 min" }).click();
  await expect(page.getByTestId("set-verdict")).toHaveText("not set");
  await expect(entry(page, "Bake, minutes")).toHaveValue("30 min");
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(entry(page, "Bake, minutes")).toHaveValue("46 min");
  await expect(page.getByTestId("set-verdict")).not.toHaveText("not set");
});

test("an oven is matched to what came out, forecast with, kept with the pie, and forgotten", async ({ page }) => {
  await onTheBench(page, "Quiche of my oven");
  await page.getByRole("button", { name: "I baked it: say how it came out" }).click();
  const match = page.getByRole("region", { name: "Match my oven" });
  await match.getByRole("button", { name: "Find my oven" }).click();
  await expect(match).toContainText("Say at least one thing");
  await match.getByLabel("How the custard came out").selectOption("runny");
  await match.getByLabel("How the top came out").selectOption("pale");
  await match.getByRole("button", { name: "Find my oven" }).click();
  await expect(match).toContainText(/Your oven behaves like 1[56]\d °C/);
  await match.getByRole("button", { name: "Forecast with it" }).click();
  await expect(page.getByTestId("set-verdict")).toHaveText("not set");
  await expect(match).toContainText("reckoned with your kitchen");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Revision 2/ })).toBeVisible();
  await page.reload();
  await expect(page.getByTestId("set-verdict")).toHaveText("not set");
  await match.getByRole("button", { name: "Forget it" }).click();
  await expect(page.getByTestId("set-verdict")).not.toHaveText("not set");
});

test("a pie from the freezer is not called safe at the time of a fresh one", async ({ page }) => {
  await onTheBench(page, "Quiche from the freezer", (design) => {
    soggy(design);
    for (const layer of design.layers) layer.fromCelsius = -18;
  });
  await expect(page.getByTestId("safe-verdict")).toHaveText("not yet");
  await expect(reading(page, "Safe").getByRole("button", { name: /^Apply: Bake .* longer/ })).toBeVisible();
});
