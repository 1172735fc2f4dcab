import { expect, test } from "@playwright/test";
import { entry, onTheBench, signIn, type } from "./support";

test("unsaved work survives a reload, and a tab that was closed", async ({ page, context }) => {
  const { id, kitchen } = await onTheBench(page, "Quiche of the reload");
  await type(page, "Leeks, weight now", "290 g");
  await expect(page.getByRole("button", { name: "Kept here, not saved" })).toBeVisible();
  await page.reload();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("290 g");
  await expect(page.getByRole("button", { name: "Kept here, not saved" })).toBeVisible();
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("315 g");
  await page.getByRole("button", { name: "Redo", exact: true }).click();

  await page.close();
  const other = await context.newPage();
  await other.goto(`/k/${kitchen}/bench/${id}`);
  await expect(entry(other, "Leeks, weight now")).toHaveValue("290 g");
});

test("what was typed last is in what is saved, however quickly Save is pressed and however slow the line", async ({
  page,
}) => {
  await onTheBench(page, "Quiche in haste");
  await page.route("**/edits", async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 700));
    await route.continue().catch(() => {});
  });
  await entry(page, "Leeks, weight now").fill("290 g");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Revision 2/ })).toBeVisible();
  await entry(page, "Leeks, weight now").fill("300 g");
  await entry(page, "Leeks, weight now").press("Control+s");
  await expect(page.getByRole("button", { name: /^Revision 3/ })).toBeVisible();
  await page.reload();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("300 g");
});

test("a clash between two tabs is shown, overwrites nothing, and leaves three ways on", async ({ page, context }) => {
  const { id, kitchen } = await onTheBench(page, "Quiche of two cooks");
  const address = `/k/${kitchen}/bench/${id}`;
  const other = await context.newPage();
  await other.goto(address);
  await type(other, "Leeks, weight now", "300 g");
  await other.getByRole("button", { name: "Save", exact: true }).click();
  await expect(other.getByRole("button", { name: /^Revision 2/ })).toBeVisible();

  await type(page, "Leeks, weight now", "280 g");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(/Ada Quill saved revision 2 meanwhile/)).toBeVisible();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("280 g");

  await page.reload();
  await expect(page.getByText(/Ada Quill saved revision 2 meanwhile/)).toBeVisible();
  await page.getByRole("button", { name: "Open the other version" }).click();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("300 g");
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("280 g");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Revision 3/ })).toBeVisible();

  await type(other, "Leeks, weight now", "310 g");
  await other.getByRole("button", { name: "Save", exact: true }).click();
  await other.getByRole("button", { name: "Keep both" }).click();
  await expect(entry(other, "Name of the pie")).toHaveValue("Quiche of two cooks, mine");
  await expect(entry(other, "Leeks, weight now")).toHaveValue("310 g");
});

test("an older revision can be looked at, taken up, and undone", async ({ page }) => {
  await onTheBench(page, "Quiche of the revisions");
  await type(page, "Leeks, weight now", "280 g");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await page.getByRole("button", { name: /^Revision 2/ }).click();
  await page.getByRole("menuitem", { name: /^Revision 1,/ }).click();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("315 g");
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("280 g");
});

test("when the line is down the work is kept, and saved when it is back", async ({ page, context }) => {
  await onTheBench(page, "Quiche off the line");
  await type(page, "Leeks, weight now", "290 g");
  await context.setOffline(true);
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("Kept on this device, not saved yet.")).toBeVisible();
  await context.setOffline(false);
  await page.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("button", { name: /^Revision 2/ })).toBeVisible();
});

test("signed out meanwhile, a cook signs in again and goes on where the work was", async ({ page }) => {
  await onTheBench(page, "Quiche of the sign-in");
  await type(page, "Leeks, weight now", "290 g");
  await expect(page.getByTestId("custard-value")).toHaveText("87 g");
  await page.waitForLoadState("networkidle");
  await page.context().clearCookies();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("Kept on this device, not saved yet.")).toBeVisible();
  await page.getByRole("main").getByRole("button", { name: "Sign in" }).click();
  await page.getByLabel("E-mail").fill("ada@lockhouse.example");
  await page.getByLabel("Password").fill("golden crust");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(entry(page, "Leeks, weight now")).toHaveValue("290 g");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Revision 2/ })).toBeVisible();
});

test("a guest tries out and cannot save", async ({ page, browser }) => {
  const { id, kitchen } = await onTheBench(page, "Quiche for guests");
  const context = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const guest = await context.newPage();
  await signIn(guest, "cleo");
  await expect(guest.getByRole("button", { name: "New pie", exact: true })).toHaveCount(0);
  await guest.goto(`/k/${kitchen}/bench/${id}`);
  await expect(guest.getByText("You are a guest here.")).toBeVisible();
  await type(guest, "Leeks, weight now", "280 g");
  await expect(guest.getByTestId("custard-value")).toHaveText("87 g");
  await expect(guest.getByRole("button", { name: "Save", exact: true })).toHaveCount(0);
  await context.close();
});
