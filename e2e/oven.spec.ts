import { expect, test } from "@playwright/test";
import { entry, expectAccessible, onTheBench, reading, signIn, soggy, type } from "./support";

test("a cook scrubs through the bake, sees each field, and asks a place what it is", async ({ page }) => {
  await onTheBench(page, "Quiche in the oven");
  await page.getByRole("button", { name: "water", exact: true }).click();
  const moment = page.getByLabel("Moment of the bake");
  await moment.fill("5");
  await expect(page.getByTestId("moment")).toHaveText("shell, weighted, minute 5 of 15");
  await expect(page.getByTestId("point")).toContainText("nothing in it yet");
  await moment.fill("51");
  await expect(page.getByTestId("moment")).toHaveText("in the oven, minute 30 of 46");
  await page.getByRole("button", { name: "set", exact: true }).click();
  await expect(page.getByTestId("point")).toContainText("liquid still");
  await expectAccessible(page);
  await moment.fill("87");
  await expect(page.getByTestId("moment")).toHaveText("resting, minute 20 of 20");
  await expect(page.getByTestId("point")).toContainText(/set/);
  await moment.press("Home");
  await expect(page.getByTestId("moment")).toContainText("shell, weighted, minute 0");
  await page.getByRole("button", { name: "Play" }).click();
  await expect(page.getByTestId("moment")).not.toContainText("minute 0");
  await page.getByRole("button", { name: "Stop" }).click();
  const drawing = page.locator("[data-cutaway] svg[data-stage]");
  await page.getByRole("button", { name: "heat", exact: true }).click();
  const box = await drawing.boundingBox();
  await drawing.hover({ position: { x: 60, y: (box?.height ?? 300) - 44 } });
  await expect(page.getByTestId("point")).toContainText("Here, crust");
});

test("a way out is compared with how it was, by its ghost, and undone", async ({ page }) => {
  await onTheBench(page, "Quiche compared", soggy);
  await page.getByRole("button", { name: "set", exact: true }).click();
  await page.getByLabel("Moment of the bake").fill("60");
  await page
    .getByRole("button", { name: /^Apply: Press .* from the leeks/ })
    .first()
    .click();
  await expect(page.getByText(/The dashed line is how it stood before/)).toBeVisible();
  await expect(page.locator("[data-ghost=centre]")).toHaveCount(1);
  await page.getByRole("button", { name: "Undo", exact: true }).first().click();
  await expect(page.getByText(/The dashed line is how it stood before/)).toHaveCount(0);
  await expect(page.getByTestId("base-verdict")).toHaveText("soggy");
});

test("where nothing alone dries the base, a pair does, is applied with one press and undone with one", async ({
  page,
}) => {
  await onTheBench(page, "Quiche of the pair", (design) => {
    design.crust.shell = [];
    design.crust.thicknessMm = 6;
    const raw = {
      preparation: "raw",
      after: { words: "450 g", grams: 450, leastGrams: null, mostGrams: null },
      saltGrams: 0,
      waterSaltGramsPerLitre: 0,
    };
    for (const layer of design.layers) if (layer.id === "leeks") layer.steps = [raw];
    design.bake.stages = design.bake.stages.map((stage) => ({ ...stage, ovenCelsius: 140, minutes: 60, rack: "high" }));
    design.bake.tinMaterial = "shiny-steel";
  });
  const base = reading(page, "Base");
  await expect(base).toContainText("like paste");
  await expect(base).toContainText("One change is not enough. Two together are:");
  await base
    .getByRole("button", { name: /^Apply: .*; .*hot steel or stone/i })
    .or(base.getByRole("button", { name: /^Apply: Stand it on a hot steel or stone; / }))
    .first()
    .click();
  await expect(page.getByTestId("base-verdict")).toHaveText(/^(soft|dry)$/);
  await page.getByRole("button", { name: "The oven: open" }).click();
  await expect(page.getByLabel("What it stands on")).toHaveValue("steel");
  await page.getByRole("button", { name: "Undo", exact: true }).first().click();
  await expect(base).toContainText("like paste");
  await expect(page.getByLabel("What it stands on")).toHaveValue("rack");
});

test("a raw-filled pasty shows unsafe until its time", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: /Chicken, tarragon/ }).click();
  await expect(page.getByTestId("safe-verdict")).toHaveText("safe");
  await type(page, "Bake, stage 2, minutes", "4 min");
  await expect(page.getByTestId("safe-verdict")).toHaveText("not yet");
  await expect(page.getByLabel("What to look for")).toContainText("only if it stayed in longer");
  await page.getByRole("button", { name: "heat", exact: true }).click();
  await expect(page.getByTestId("point")).toContainText(/not safe yet|cold still/);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByTestId("safe-verdict")).not.toHaveText("not yet");
});

test("par-bake or not is answered and done, and the card for the wall says the same", async ({ page }) => {
  const { id, kitchen } = await onTheBench(page, "Quiche on the wall");
  await page.getByRole("button", { name: "Par-bake or not?" }).click();
  await expect(page.getByText(/^(Yes|No): /)).toBeVisible();
  await expect(page.getByText(/Weights to the rim: 1,380 ml/)).toBeVisible();
  await page.getByRole("button", { name: "Use this: baked through" }).click();
  await expect(entry(page, "Blind bake, stage 2, minutes")).toHaveValue("14 min");
  await expect(page.getByTestId("base-verdict")).toHaveText("dry");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Revision 2/ })).toBeVisible();
  await page.getByRole("link", { name: "Card" }).click();
  await expect(page).toHaveURL(new RegExp(`/k/${kitchen}/card/${id}`));
  await expect(page.getByRole("heading", { name: "Quiche on the wall" })).toBeVisible();
  await expect(page.getByRole("region", { name: "Shell" })).toContainText("bare 14 min");
  await expectAccessible(page);
  const goesIn = page.getByRole("region", { name: "What goes in" });
  await expect(goesIn).toContainText("3 medium leeks (450 g)");
  await page.getByLabel("How many pies").fill("3");
  await page.keyboard.press("Enter");
  await expect(goesIn).toContainText("9 medium leeks (1,350 g)");
  await expect(page).toHaveURL(/pies=3/);
  await expect(page.getByRole("region", { name: "How it is made" })).toContainText(
    "Lay in, in this order: leeks and smoked trout.",
  );
  await page.getByRole("button", { name: "shell only" }).click();
  await expect(goesIn).toHaveCount(0);
  await expect(page.getByRole("region", { name: "Bake" })).toHaveCount(0);
  await page.getByRole("button", { name: "bake only" }).click();
  await expect(page.getByRole("region", { name: "Bake" })).toContainText("A probe in the coldest place");
  await page.goBack();
});
