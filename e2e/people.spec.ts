import { expect, type Page, test } from "@playwright/test";
import { expectAccessible, signIn } from "./support";

// people come in and go here: nobody is signed in before
test.use({ storageState: { cookies: [], origins: [] } });

const room = async (page: Page, name: RegExp) => {
  await page.getByRole("button", { name: "The Lock House" }).click();
  await page.getByRole("menuitem", { name }).click();
};

test("an owner invites a cook, who comes in by the link, saves, is made a guest and removed; all of it is written down", async ({
  page,
  browser,
}) => {
  await signIn(page);
  await room(page, /^Kitchen$/);
  await page.getByLabel("Whom do you invite?").fill("Dov, Saturdays");
  await page.getByRole("button", { name: "Make a link" }).click();
  const link = await page.getByLabel("The link").inputValue();
  await expect(page.getByText("as a cook, until")).toBeVisible();

  const dov = await (await browser.newContext()).newPage();
  await dov.goto(link);
  await expect(dov.getByRole("heading", { name: /Ada Quill invites you to The Lock House as a cook/ })).toBeVisible();
  await expectAccessible(dov);
  await dov.getByLabel("Your name").fill("Dov");
  await dov.getByLabel("E-mail").fill("dov@lockhouse.example");
  await dov.getByLabel(/^A password/).fill("short");
  await dov.getByRole("button", { name: "Come in" }).click();
  await expect(dov.getByText(/10/)).toBeVisible();
  await dov.getByLabel(/^A password/).fill("long enough for a door");
  await dov.getByRole("button", { name: "Come in" }).click();
  await expect(dov.getByRole("heading", { name: "Pies", exact: true })).toBeVisible();
  await expect(dov.getByRole("button", { name: "New pie", exact: true })).toBeVisible();

  // the link is used up
  const eve = await (await browser.newContext()).newPage();
  await eve.goto(link);
  await expect(eve.getByText("This link opens nothing.")).toBeVisible();

  await page.reload();
  await expect(page.getByText("Dov came in as a cook, invited by Ada Quill.")).toBeVisible();
  await page.getByLabel("What Dov may do").selectOption("guest");
  await expect(page.getByText("Ada Quill made Dov a guest.")).toBeVisible();
  await dov.reload();
  await expect(dov.getByRole("button", { name: "New pie", exact: true })).toHaveCount(0);

  await page.getByRole("button", { name: "Remove Dov" }).click();
  await page.getByRole("button", { name: "Keep it as it is" }).click();
  await expect(page.getByRole("button", { name: "Remove Dov" })).toBeVisible();
  await page.getByRole("button", { name: "Remove Dov" }).click();
  await page.getByRole("button", { name: "Remove", exact: true }).click();
  await expect(page.getByText("Ada Quill removed Dov.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Remove Dov" })).toHaveCount(0);
  await expectAccessible(page);
  await dov.reload();
  await expect(dov.getByText("There is nothing at this address.")).toBeVisible();
});

test("a guest sees who is here and changes nothing; the only owner does not leave", async ({ page }) => {
  await signIn(page, "cleo");
  await room(page, /^Kitchen$/);
  await expect(page.getByText("ada@lockhouse.example")).toBeVisible();
  await expect(page.getByLabel("Whom do you invite?")).toHaveCount(0);
  await expect(page.getByRole("button", { name: /^Remove/ })).toHaveCount(0);
  await page.context().clearCookies();
  await page.goto("/");
  await signIn(page);
  await room(page, /^Kitchen$/);
  await page.getByRole("button", { name: "Leave", exact: true }).click();
  await page.getByRole("button", { name: "Leave", exact: true }).first().click();
  await expect(page.getByText(/A kitchen needs an owner/)).toBeVisible();
});

test("a cook changes the password, and the tablet left in the kitchen is signed out", async ({ page, browser }) => {
  await signIn(page, "ben");
  const tablet = await (await browser.newContext()).newPage();
  await signIn(tablet, "ben");
  await room(page, /^You, /);
  await expectAccessible(page);
  await page.getByLabel("Password you have now").fill("pale crust");
  await page.getByLabel(/^New password/).fill("another golden crust");
  await page.getByRole("button", { name: "Change the password" }).click();
  await expect(page.getByText("That is not the password you have now.")).toBeVisible();
  await page.getByLabel("Password you have now").fill("golden crust");
  await page.getByRole("button", { name: "Change the password" }).click();
  await expect(page.getByText("The password is changed. Other devices are signed out.")).toBeVisible();
  await tablet.reload();
  await expect(tablet.getByLabel("E-mail")).toBeVisible();
  // as it was, for whoever comes after
  await page.getByLabel("Password you have now").fill("another golden crust");
  await page.getByLabel(/^New password/).fill("golden crust");
  await page.getByRole("button", { name: "Change the password" }).click();
  await expect(page.getByText("The password is changed.")).toBeVisible();
});

test("You and Kitchen fit a phone", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  for (const [name, heading] of [
    [/^You, /, "You"],
    [/^Kitchen$/, "Members"],
  ] as const) {
    await room(page, name);
    await expect(page.getByRole("heading", { name: heading, exact: true })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await expectAccessible(page);
  }
});
