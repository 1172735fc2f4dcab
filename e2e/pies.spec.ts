import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { entry, onTheBench, signIn, TROUT_FILE, type } from "./support";

test("a broken file is refused with every mend, and nothing is lost", async ({ page }) => {
  await signIn(page);
  await expect(page.getByRole("link", { name: "Smoked trout and leek quiche" })).toBeVisible();
  const before = await page.getByRole("listitem").count();
  const broken = readFileSync(TROUT_FILE, "utf8")
    .replace('"thicknessMm": 3', '"thicknessMm": "thin"')
    .replace('"portions": 8', '"portions": 0');
  await page
    .getByTestId("pie-file")
    .setInputFiles({ name: "broken.pie.json", mimeType: "application/json", buffer: Buffer.from(broken) });
  await expect(page.getByText('"broken.pie.json" could not be read. Nothing was changed.')).toBeVisible();
  await expect(page.getByText("/crust/thicknessMm")).toBeVisible();
  await expect(page.getByText(/must be a number from 1 to 15 mm/)).toBeVisible();
  await expect(page.getByText("/portions", { exact: true })).toBeVisible();
  await page
    .getByTestId("pie-file")
    .setInputFiles({ name: "cut.json", mimeType: "application/json", buffer: Buffer.from(broken.slice(0, 400)) });
  await expect(page.getByText(/The file is not whole/)).toBeVisible();
  await page.getByRole("button", { name: "OK", exact: true }).click();
  await expect(page.getByRole("listitem")).toHaveCount(before);
});

test("a file that went out comes in again, bit for bit", async ({ page }) => {
  await signIn(page);
  const bytes = readFileSync(TROUT_FILE, "utf8").replace("Smoked trout and leek quiche", "Quiche from a file");
  await page
    .getByTestId("pie-file")
    .setInputFiles({ name: "quiche.pie.json", mimeType: "application/json", buffer: Buffer.from(bytes) });
  await expect(page.getByText('"Quiche from a file" is in your pies.')).toBeVisible();
  await page.getByRole("button", { name: "Quiche from a file: what to do" }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("menuitem", { name: "Export as a pie file" }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe("quiche-from-a-file.pie.json");
  expect(readFileSync(await file.path(), "utf8")).toBe(bytes);
});

test("a new pie is built up from the empty tin", async ({ page }) => {
  await signIn(page);
  await page.getByRole("button", { name: "New pie", exact: true }).click();
  await expect(page.getByText("Pour the first layer: what lies on the pastry?")).toBeVisible();
  await expect(page.getByTestId("base-verdict")).toHaveText("nothing in it yet");
  await type(page, "Name of the pie", "Onion tart of the day");
  await page.getByRole("button", { name: "+ Add a layer" }).click();
  await page.getByLabel("Which food is laid on top?").fill("oni");
  await page.getByLabel("Which food is laid on top?").press("Enter");
  await page.getByLabel("Onions: how much?").fill("4");
  await page.getByLabel("Onions: how much?").press("Enter");
  await expect(page.getByText(/^4 what\?/)).toBeVisible();
  await page.getByLabel("Onions: how much?").fill("4 medium");
  await page.getByLabel("Onions: how much?").press("Enter");
  await expect(page.locator("[data-row=onions]")).toContainText("600 g");
  await type(page, "Onions, what was done", "softened until collapsed");
  await expect(entry(page, "Onions, weight now")).toHaveValue("330 g");
  await page.getByRole("button", { name: "+ Pour a custard" }).click();
  await expect(page.getByTestId("set-verdict")).toHaveText("no egg");
  await page.getByRole("button", { name: "+ egg" }).click();
  await page.getByRole("button", { name: "Egg, without shell", exact: true }).click();
  await page.getByLabel("Egg, without shell: how much?").fill("4 large");
  await page.getByRole("button", { name: "Add", exact: true }).click();
  await page.getByRole("button", { name: "+ dairy" }).click();
  await page.getByRole("button", { name: "Single cream", exact: true }).click();
  await page.getByLabel("Single cream: how much?").fill("350 ml");
  await page.getByRole("button", { name: "Add", exact: true }).click();
  await expect(page.getByTestId("custard-verdict")).toHaveText("holds");
  await page.getByRole("button", { name: /^Apply: Add .* of salt/ }).click();
  await expect(page.getByTestId("salt-verdict")).toHaveText("enough");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Revision 2/ })).toBeVisible();
  await page.getByRole("link", { name: "Pies" }).click();
  await expect(page.getByRole("link", { name: "Onion tart of the day" })).toBeVisible();
  await page.goBack();
  await expect(entry(page, "Name of the pie")).toHaveValue("Onion tart of the day");
});

test("a pie is duplicated, put away, and brought back with one press", async ({ page }) => {
  await onTheBench(page, "Quiche to put away");
  await page.getByRole("link", { name: "Pies" }).click();
  await page.getByRole("button", { name: "Quiche to put away: what to do" }).click();
  await page.getByRole("menuitem", { name: "Duplicate" }).click();
  await expect(page.getByRole("link", { name: "Quiche to put away, copy" })).toBeVisible();
  await page.getByRole("button", { name: "Quiche to put away: what to do" }).click();
  await page.getByRole("menuitem", { name: "Put away" }).click();
  await expect(page.getByRole("link", { name: "Quiche to put away", exact: true })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByRole("link", { name: "Quiche to put away", exact: true })).toBeVisible();
});
