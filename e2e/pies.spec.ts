import { readFileSync } from "node:fs";
import { expect, type Locator, test } from "@playwright/test";
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

test("a quiche is built by hand from its kind, in few acts, and nothing is kept before", async ({ page }) => {
  await signIn(page);
  await expect(page.locator("main li").first()).toBeVisible();
  const pies = await page.locator("main li").count();
  let acts = 0;
  const press = async (button: Locator) => {
    acts++;
    await button.click();
  };
  await press(page.getByRole("button", { name: "New pie", exact: true }));
  await press(page.getByRole("region", { name: "Eight kinds, cut through" }).getByRole("button", { name: /^Quiche/ }));
  // a line is two acts: to write it, and Enter
  for (const line of [
    "4 onions, softened until collapsed",
    "4 large eggs",
    "350 ml single cream",
    "1/2 tsp salt",
    "100 g gruyère",
  ]) {
    acts += 2;
    await page.getByLabel(/One thing a line|One line more/).fill(line);
    await page.keyboard.press("Enter");
    await expect(page.getByRole("textbox", { name: `Line: ${line}` })).toBeVisible();
  }
  await expect(page.getByTestId("custard-verdict")).toHaveText("holds");
  await page.getByRole("link", { name: "Pies" }).click();
  await expect(page.locator("main li")).toHaveCount(pies);
  await page.goBack();
  await expect(page.getByRole("textbox", { name: "Line: 4 large eggs" })).toBeVisible();
  await press(page.getByRole("button", { name: "To the bench" }));
  acts += 2;
  await type(page, "Name of the pie", "Onion tart of the day");
  await expect(page.locator("[data-row=onions]")).toContainText("330 g");
  await press(page.getByRole("button", { name: "Save", exact: true }));
  expect(acts).toBeLessThanOrEqual(20);
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
