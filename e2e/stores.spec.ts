import { expect, test } from "@playwright/test";
import { expectAccessible, onTheBench, signIn, type } from "./support";

test("a cook writes down a food from its packet, prices it, takes it out and puts it back", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: "Stores" }).click();
  await expect(page.getByRole("heading", { name: "Stores" })).toBeVisible();
  await page.getByRole("button", { name: "+ A food of our own" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Canal chorizo");
  await page.getByLabel("Fat, g").fill("lots");
  await page.getByRole("button", { name: "Save it to the stores" }).click();
  await expect(page.getByText("Fat: grams in 100 g, 0 to 100.")).toBeVisible();
  await page.getByLabel("Fat, g").fill("90");
  await page.getByLabel("Protein, g").fill("24");
  await page.getByLabel("Salt, g").fill("3.4");
  await page.getByRole("button", { name: "Save it to the stores" }).click();
  await expect(page.getByText(/come to .* g in 100 g/).first()).toBeVisible();
  await page.getByLabel("Fat, g").fill("33");
  await page.getByLabel("milk", { exact: true }).check();
  await page.getByRole("button", { name: "Save it to the stores" }).click();
  await expect(page.getByText("Canal chorizo is in the stores.")).toBeVisible();

  await page.getByLabel("Find a food").fill("canal");
  const row = page.locator("[data-food=own-canal-chorizo]");
  await expect(row).toContainText("33 % fat, 3.4 % salt; milk");
  await type(page, "Canal chorizo, price a kilogram", "12.5");
  await expect(page.getByLabel("Canal chorizo, price a kilogram")).toHaveValue("12.50 a kg");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Remove Canal chorizo" }).click();
  await expect(row).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(row).toBeVisible();

  await onTheBench(page, "Quiche with the own food");
  await page.getByLabel("What goes in?").fill("80 g can");
  await page.getByRole("button", { name: "Canal chorizo", exact: true }).click();
  await expect(page.locator('[data-row="own-canal-chorizo"]')).toContainText("80 g");
});

test("tins and ovens are measured once and used on the bench", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: "Stores" }).click();
  await page.getByRole("button", { name: "+ A tin" }).click();
  const tin = page.locator("[data-tin]").filter({ has: page.locator('input[value="New tin"]') });
  await tin.getByLabel("Name of the tin").fill("Nine-inch ring");
  await page.keyboard.press("Enter");
  await page.getByLabel("Nine-inch ring: Tin, inside width").fill("9 in");
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("Nine-inch ring: Tin, inside width")).toHaveValue("22.9 cm");

  await onTheBench(page, "Quiche in a tin of the shelf");
  await page.getByRole("button", { name: /24 cm straight tin/ }).click();
  await page.getByLabel("A tin of yours").selectOption({ label: "Nine-inch ring" });
  await expect(page.getByLabel("Tin, inside width")).toHaveValue("22.9 cm");
  await page.getByRole("button", { name: "The oven: open" }).click();
  await page.getByLabel("Which oven").selectOption({ label: "Galley fan oven" });
  await expect(page.getByText("set its dial to 187 °C")).toHaveCount(1);
  await type(page, "Bake, oven temperature", "160 °C fan");
  await expect(page.getByLabel("Bake, oven mode")).toHaveValue("fan");
  await expect(page.getByText("set its dial to 172 °C")).toBeVisible();
});

test("a chain of steps, a weight to stop at, a lid, a scattered layer and a bill for six", async ({ page }) => {
  await onTheBench(page, "Quiche of the whole balance");
  await page.getByRole("button", { name: "Leeks: what to do" }).click();
  await page.getByRole("menuitem", { name: "One more step" }).click();
  await type(page, "Leeks, step 2", "pressed again");
  await type(page, "Leeks, what it may weep", "10 g");
  await expect(page.getByLabel("Leeks, weight now")).toHaveValue("289 g");
  await expect(page.getByTestId("base-verdict")).toHaveText("dry");
  await type(page, "Leeks, weight now", "600 g");
  await expect(page.getByText(/cannot weigh more after this step than before it/).first()).toBeVisible();
  await page.getByRole("button", { name: "Undo", exact: true }).click();

  await page.getByLabel("What goes in?").fill("12 g semolina");
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-row=semolina]")).toContainText("can hold 24 g");

  await page.getByLabel("What covers it").selectOption("lattice");
  await expect(page.getByLabel("Glaze of the lid")).toHaveValue("egg");
  await type(page, "Egg, without shell", "4 large + 1 yolk");
  await expect(page.getByLabel("Egg yolk", { exact: true })).toHaveValue("1 large");
  await page.getByRole("button", { name: "For several" }).click();
  await type(page, "How many tins", "6");
  await expect(page.getByRole("region", { name: "All that goes in" })).toContainText("24 large");
  await expectAccessible(page);
});

test("a guest looks into the stores and changes nothing", async ({ page }) => {
  await signIn(page, "cleo");
  await page.getByRole("link", { name: "Stores" }).click();
  await expect(page.getByText("only cooks write into the stores")).toBeVisible();
  await expect(page.getByText("runs 12 °C cold")).toBeVisible();
  await expect(page.getByRole("button", { name: /^Remove / })).toHaveCount(0);
});
