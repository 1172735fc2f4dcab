import { expect, test } from "@playwright/test";
import { expectAccessible, signIn, toRoom } from "./support";

test("the bake book finds, filters, and tells what went wrong with its price", async ({ page }) => {
  await signIn(page);
  await toRoom(page, "Bake book");
  const row = page.getByRole("article");
  await expect(row.first()).toBeVisible();
  // other tests bake trout too
  const wet = row.filter({ hasText: "Press the leeks to 300 g, not 348." });
  await page.getByLabel("Find").fill("trout soggy");
  await expect(row.filter({ hasText: /Pumpkin|Pasty/i })).toHaveCount(0);
  await expect(wet).toHaveCount(1);
  await page.getByLabel("Find").fill("nothing of the kind");
  await expect(page.getByText("No bake has all of these words.")).toBeVisible();
  await page.getByLabel("Find").fill("");
  await page.getByRole("button", { name: /went wrong/ }).click();
  await expect(row.first()).toBeVisible();
  await expectAccessible(page);

  await page.getByLabel("Find").fill("trout soggy");
  await wet.getByRole("link", { name: /Smoked trout/ }).click();
  const cause = page.getByRole("region", { name: "The filling kept too much water" });
  await expect(cause).toContainText("33 g over the target weight of leeks.");
  await cause.getByRole("button", { name: "Apply" }).click();
  await expect(page.getByLabel("Next time")).toHaveValue(/stop at the designed weight/);
  // a weight that is typed wrong says how to mend it
  await page.getByLabel("Custard, weighed").fill("a lot");
  await page.getByLabel("Custard, weighed").press("Enter");
  await expect(page.getByText("Write grams: 315.")).toBeVisible();
  await page.getByLabel("Custard, weighed").fill("671");
  await page.getByLabel("Custard, weighed").press("Enter");
  await page.reload();
  await expect(page.getByLabel("Custard, weighed")).toHaveValue("671 g");
  const csv = (text: string) => ({ name: "trace.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await page.getByLabel("Bring a trace from a file").setInputFiles(csv("weight\n5\n"));
  await expect(page.getByText(/No column of time was found/)).toBeVisible();
  await page.getByLabel("Bring a trace from a file").setInputFiles(csv("minute,celsius\n0.25,11\n0.75,12\n"));
  await expect(page.getByText("2 readings taken.")).toBeVisible();
});

test("two bakes stand side by side with what differs", async ({ page }) => {
  await signIn(page);
  await toRoom(page, "Bake book");
  await page.getByLabel("Find").fill("trout");
  await page.getByRole("button", { name: "Two side by side" }).click();
  await page.getByLabel("beside").nth(0).click();
  await page.getByLabel("beside").nth(1).click();
  await expect(page.getByRole("heading", { name: "Two side by side" })).toBeVisible();
  await expect(page.getByRole("img", { name: /out at minute/ })).toBeVisible();
  await expectAccessible(page);
});

test("what the kitchen has learned is refused, brought back, and judged bakes wait for their taps on a phone", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  await toRoom(page, "Bake book");
  const lesson = page.getByRole("region", { name: "Heat from below in the Old static oven" });
  await expect(lesson).toBeVisible({ timeout: 60_000 });
  await lesson.getByRole("button", { name: "Refuse" }).click();
  await expect(lesson).toBeHidden();
  await page.getByRole("button", { name: "Bring back" }).click();
  await expect(lesson.getByRole("button", { name: "Refuse" })).toBeVisible();
  await page.getByRole("link", { name: "Judge it" }).first().click();
  await page.getByRole("radio", { name: "dry" }).click();
  await expect(page.getByText("1 of 3")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("0 of 3")).toBeVisible();
  await expectAccessible(page);
});
