import { expect, test } from "@playwright/test";
import { entry, expectAccessible, onTheBench, signIn, soggy, toRoom, type } from "./support";

// whoever stands at the door is not signed in
test.use({ storageState: { cookies: [], origins: [] } });

test("a wrong password is said at its field, and an address of another room leads back there after signing in", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByLabel("E-mail").fill("ben@lockhouse.example");
  await page.getByLabel("Password").fill("pale crust");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByText(/do not fit together/)).toBeVisible();
  await page.getByLabel("Password").fill("golden crust");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("heading", { name: "Pies", exact: true })).toBeVisible();
  await page.getByRole("button", { name: "The Lock House" }).click();
  await page.getByRole("menuitem", { name: /^Sign out/ }).click();
  await expect(page.getByLabel("E-mail")).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel("E-mail")).toBeVisible();
});

test("a write without its token is turned away", async ({ page }) => {
  await signIn(page);
  const session = await (await page.request.get("/api/session")).json();
  const bare = await page.request.put(`/api/kitchens/${session.kitchens[0].id}/pies/${crypto.randomUUID()}/archived`, {
    data: { archived: true },
  });
  expect(bare.status()).toBe(419);
  expect(await bare.json()).toMatchObject({ code: "stale-token" });
  expect(bare.headers()["content-type"]).toContain("application/problem+json");
});

test("the page keeps to its own script, style and data", async ({ page }) => {
  const violations: string[] = [];
  page.on("console", (message) => message.type() === "error" && violations.push(message.text()));
  await onTheBench(page, "Quiche of the policy");
  await page.getByRole("button", { name: /^Revision 1/ }).click();
  await page.keyboard.press("Escape");
  const answer = await page.request.get("/");
  expect(answer.headers()["content-security-policy"]).toContain("default-src 'none'");
  expect(violations).toEqual([]);
});

for (const scheme of ["light", "dark"] as const) {
  for (const width of [1280, 390]) {
    test(`door, pies and bench are accessible, ${scheme}, ${width} px`, async ({ page }) => {
      await page.emulateMedia({ colorScheme: scheme });
      await page.setViewportSize({ width, height: 844 });
      await page.goto("/sign-in");
      await expect(page.getByLabel("E-mail")).toBeVisible();
      await expectAccessible(page);
      await onTheBench(page, `Quiche ${scheme} ${width}`);
      const panels = width === 390 ? ["Stack", "Cutaway", "Readings"] : [""];
      for (const panel of panels) {
        if (panel) await page.getByRole("button", { name: new RegExp(`^${panel}`) }).click();
        await expectAccessible(page);
        const wide = await page.evaluate(() => document.documentElement.scrollWidth);
        expect(wide).toBeLessThanOrEqual(width);
      }
      await toRoom(page, "Pies");
      await expect(page.getByRole("link", { name: "Smoked trout and leek quiche" })).toBeVisible();
      await expectAccessible(page);
    });
  }
}

test("the bench can be worked without a mouse", async ({ page }) => {
  await onTheBench(page, "Quiche by keyboard");
  const leeks = entry(page, "Leeks, weight now");
  for (let i = 0; i < 60 && !(await leeks.evaluate((node) => node === document.activeElement)); i++)
    await page.keyboard.press("Tab");
  await expect(leeks).toBeFocused();
  await page.keyboard.type("280 g");
  await page.keyboard.press("Enter");
  await expect(page.getByTestId("custard-value")).toHaveText("87 g");
  await page.keyboard.press("Control+s");
  await expect(page.getByRole("button", { name: /^Revision 2/ })).toBeVisible();
});

test("on a phone the three parts are one press apart", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await onTheBench(page, "Quiche on the phone", soggy);
  await page.getByRole("button", { name: /^Readings, \d to mend/ }).click();
  await page.getByRole("button", { name: /^Apply: Press .* from the leeks/ }).click();
  await expect(page.getByTestId("base-verdict")).toHaveText("soft");
  await page.getByRole("button", { name: "Stack" }).click();
  await type(page, "Leeks, weight now", "300 g");
  await expect(page.getByRole("button", { name: "Readings", exact: true })).toBeVisible();
});
