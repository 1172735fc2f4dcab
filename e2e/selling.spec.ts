import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { entry, expectAccessible, onTheBench, signIn, type } from "./support";

test("a portion costs what goes in, and sells for the margin that is wanted", async ({ page }) => {
  await onTheBench(page, "Trout, sold");
  await page.getByRole("button", { name: "For several" }).click();
  const price = page.getByRole("region", { name: "Selling price" });
  await type(page, "Other cost of a portion", "a little");
  await expect(price).toContainText("Write a number from 0 to 10000");
  await type(page, "Other cost of a portion", "0.50");
  await type(page, "Margin wanted", "60");
  // what is left of the price is the margin: cost / (1 - 0.6)
  const cost = Number(
    /([\d.]+) a portion/.exec((await page.getByRole("region", { name: "All that goes in" }).textContent()) ?? "")?.[1],
  );
  const sold = price.getByText(/^Sell a portion for/);
  await expect(sold).toBeVisible();
  await expect
    .poll(async () => Number(/for ([\d.]+\d)/.exec((await sold.textContent()) ?? "")?.[1]))
    .toBeCloseTo((cost + 0.5) / 0.4, 1);
  await type(page, "Margin wanted", "");
  await expect(sold).toHaveCount(0);
});

test("a label says what is in it, until when, and is printed and put into a file", async ({ page }) => {
  await onTheBench(page, "Trout, labelled");
  await page.getByRole("button", { name: "For several" }).click();
  await page.getByRole("link", { name: "Labels" }).click();
  const label = page.getByRole("article", { name: "Label of Trout, labelled" });
  await expect(label).toContainText("Ingredients: Leeks, Egg (egg)");
  await expect(label.getByText("fish", { exact: true })).toHaveCSS("font-weight", "700");
  const day = (from: number) => new Date(Date.now() + from * 86_400_000);
  const iso = (from: number) => day(from).toLocaleDateString("sv-SE");
  const said = (from: number) =>
    day(from).toLocaleDateString("en-GB", { weekday: "short", day: "numeric", month: "short", year: "numeric" });
  await page.getByLabel("Baked or made on").fill(iso(0));
  await expect(label).toContainText(`Use by ${said(3)}`);
  await page.getByLabel("Baked or made on").fill(iso(-5));
  await expect(page.getByRole("alert")).toContainText("Its use-by is past.");
  await expect(page.getByRole("button", { name: "Print" })).toBeDisabled();
  await page.getByLabel("Baked or made on").fill(iso(0));
  await page.getByRole("button", { name: "frozen", exact: true }).click();
  await expect(label).toContainText("-18 °C");
  await expectAccessible(page);

  // a custard is not frozen raw
  await page.getByRole("button", { name: "frozen, unbaked" }).click();
  await expect(page.getByRole("alert")).toBeVisible();
  await expect(page.getByRole("button", { name: "Print" })).toBeDisabled();
  await page.getByRole("button", { name: "chilled" }).click();
  await page.getByLabel("Baked or made on").fill("");
  await expect(page.getByText("Choose a date")).toBeVisible();
  await page.getByLabel("Baked or made on").fill(iso(0));

  await type(page, "How many labels", "9");
  const saved = page.waitForEvent("download");
  await page.getByRole("button", { name: "As a PDF" }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toBe("Trout, labelled, labels.pdf");
  expect(
    readFileSync(await file.path())
      .subarray(0, 5)
      .toString(),
  ).toBe("%PDF-");

  await page.emulateMedia({ media: "print" });
  await expect(page.getByText(`Use by ${said(3)}`, { exact: true }).filter({ visible: true })).toHaveCount(9);
  await expect(page.getByRole("button", { name: "Print" })).toBeHidden();
});

test("everything goes out as one file; it comes in only where nothing is, and a broken one not at all", async ({
  page,
}) => {
  await signIn(page);
  await page.getByRole("button", { name: "The Lock House" }).click();
  await page.getByRole("menuitem", { name: /^Kitchen$/ }).click();
  const saved = page.waitForEvent("download");
  await page.getByRole("link", { name: "Take everything out" }).click();
  const file = await saved;
  const zip = readFileSync(await file.path());
  expect(zip.subarray(0, 2).toString()).toBe("PK");
  const bring = (buffer: Buffer) =>
    page.getByLabel("Bring such a file in").setInputFiles({ name: "kitchen.zip", mimeType: "application/zip", buffer });
  const said = page.getByRole("region", { name: "Everything out and in" }).getByRole("status");
  await bring(Buffer.from("nothing of the kind"));
  await expect(said).toContainText("no archive that can be opened");
  await bring(zip);
  await expect(said).toContainText(/empty/);
  await expectAccessible(page);
});

test("a guest sees the price but sets none", async ({ page }) => {
  const { kitchen, id } = await onTheBench(page, "Trout, looked at");
  await signIn(page, "cleo");
  await page.goto(`/k/${kitchen}/bench/${id}`);
  await page.getByRole("button", { name: "For several" }).click();
  await expect(page.getByRole("region", { name: "Selling price" })).toBeVisible();
  await expect(entry(page, "Margin wanted")).toHaveCount(0);
});
