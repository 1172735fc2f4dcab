import { type ChildProcess, spawn } from "node:child_process";
import { expect, type Page, test } from "@playwright/test";
import { entry, expectAccessible, reading, signIn, type } from "./support";

const SCALE = process.env.HOJALDRE_SCALE ?? "http://127.0.0.1:8710";

/** A batch of its own for a test: so many of the pies that are named so. */
async function aBatch(page: Page, name: string, pies: Record<string, number>) {
  await signIn(page);
  const session = await (await page.request.get("/api/session")).json();
  const kitchen = session.kitchens[0].id as string;
  const list = (await (await page.request.get(`/api/kitchens/${kitchen}/pies`)).json()).pies as {
    id: string;
    name: string;
  }[];
  const lines = Object.entries(pies).map(([pie, count]) => ({
    pie: list.find((one) => one.name === pie)?.id,
    count,
    lining: { rim: "flush", doubleFloor: false, stripMm: 20, decorationGrams: 0, patchGrams: 0 },
    fold: { eachGrams: null, thicknessMm: null, lengthMm: null, settled: null },
  }));
  const made = await page.request.post(`/api/kitchens/${kitchen}/batches`, {
    data: { basedOn: 0, batch: { name, lines, doughs: [], kitchenCelsius: 21, panGrams: 600 } },
    headers: { "X-CSRF-TOKEN": session.csrfToken },
  });
  expect(made.status()).toBe(200);
  return { kitchen, id: (await made.json()).id as string };
}

const TROUT = "Smoked trout and leek quiche";
const HAND_PIES = "Beetroot and walnut hand pies";
const PASTIES = "Chicken, tarragon and leek pasties";

test("pies and counts are entered once and become a batch", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: "Batches" }).click();
  await expect(page.getByRole("link", { name: "Saturday" }).first()).toBeVisible();
  await page.getByRole("button", { name: "New batch" }).click();
  await expect(page.getByText("Nothing yet. Put the first pie in.")).toBeVisible();
  await type(page, "Name of the batch", "Sunday");
  await page.getByRole("button", { name: `Put ${TROUT} in` }).click();
  await page.getByRole("button", { name: `Put ${PASTIES} in` }).click();
  await expect(entry(page, `How many of ${PASTIES}`)).toHaveValue("6");
  await type(page, `How many of ${TROUT}`, "a few");
  await expect(page.getByText("Write a whole number from 1 to 500.")).toBeVisible();
  await type(page, `How many of ${TROUT}`, "3");
  await expect(page.getByText("24 portions")).toBeVisible();
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(entry(page, `How many of ${TROUT}`)).toHaveValue("1");
  await page.getByRole("button", { name: "Redo" }).click();
  await expect(entry(page, `How many of ${TROUT}`)).toHaveValue("3");
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await expectAccessible(page);
  await page.reload();
  await expect(entry(page, `How many of ${TROUT}`)).toHaveValue("3");
  await page.getByRole("link", { name: "Batches" }).click();
  await page.getByRole("button", { name: "Put Sunday away" }).click();
  await expect(page.getByRole("link", { name: "Sunday" })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: "Sunday" })).toBeVisible();
});

test("what one cook changes meanwhile is not overwritten by another", async ({ page, browser }) => {
  const { kitchen, id } = await aBatch(page, "For two cooks", { [TROUT]: 1 });
  await page.goto(`/k/${kitchen}/batches/${id}`);
  await expect(entry(page, `How many of ${TROUT}`)).toHaveValue("1");
  const other = await (await browser.newContext({ storageState: await page.context().storageState() })).newPage();
  await other.goto(`/k/${kitchen}/batches/${id}`);
  await type(other, `How many of ${TROUT}`, "5");
  await expect(other.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await type(page, `How many of ${TROUT}`, "9");
  await expect(page.getByText("It was changed meanwhile. Your change is not saved.")).toBeVisible();
  await page.getByRole("button", { name: "As it is now" }).click();
  await expect(entry(page, `How many of ${TROUT}`)).toHaveValue("5");
  // what was typed here is not lost
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(entry(page, `How many of ${TROUT}`)).toHaveValue("9");
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
});

test("dough is reckoned by its formula, its water logged by the spoon, its rest skipped at a price", async ({
  page,
}) => {
  const { kitchen, id } = await aBatch(page, "For the pastry", { [TROUT]: 2, [HAND_PIES]: 12 });
  await page.goto(`/k/${kitchen}/pastry/${id}`);
  const formula = page.getByRole("region", { name: "Formula" });
  await expect(formula).toContainText("Butter, unsalted");
  await expectAccessible(page);
  await type(page, "Butter, unsalted, per cent of the flour", "lots");
  await expect(formula.getByText("Write a number from 0 to 200 %.")).toBeVisible();
  await type(page, "Butter, unsalted, per cent of the flour", "95");
  await expect(formula.getByText("so rich that it breaks")).toBeVisible();
  await expect(page.getByText("The pies were saved with another shortcrust.")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(entry(page, "Butter, unsalted, per cent of the flour")).toHaveValue("50 %");
  await expect(formula.getByText("so rich that it breaks")).toHaveCount(0);

  const water = page.getByRole("region", { name: "Water", exact: true });
  await water.getByRole("button", { name: /^Pour .* first$/ }).click();
  await water.getByRole("button", { name: "One spoon more" }).click();
  await water.getByRole("button", { name: "One spoon more" }).click();
  await page.reload();
  // what was poured is not forgotten by a reload
  await expect(water.getByText(/, then 15, then 15$/)).toBeVisible();
  await water.getByRole("button", { name: "It holds" }).click();
  await expect(water.getByText(/^Last time/)).toBeVisible();
  await water.getByRole("button", { name: "Take it back" }).click();
  await expect(water.getByText("Not logged yet: the range is that of the recipe.")).toBeVisible();

  const rests = page.getByRole("region", { name: "Rests" });
  await expect(rests).toContainText("lower");
  await rests.getByRole("button", { name: "Skip it: fridge", exact: true }).click();
  await expect(rests.getByRole("button", { name: "Rest after all: fridge" })).toBeVisible();
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await page.reload();
  await expect(rests.getByRole("button", { name: "Rest after all: fridge" })).toBeVisible();
});

test("discs are cut from the dough that is there, and dough and filling are made to end even", async ({ page }) => {
  const { kitchen, id } = await aBatch(page, "For the sheet", { [PASTIES]: 12 });
  await page.goto(`/k/${kitchen}/pastry/${id}`);
  await expect(page.getByRole("img", { name: /^Sheet of / }).first()).toBeVisible();
  const match = page.getByRole("region", { name: /^Dough and filling/ });
  await expect(match).toContainText("even");
  // half the flour: half the discs
  await type(page, "Flour in all", "450 g");
  await expect(match).toContainText("over");
  await match.getByRole("button", { name: /^Apply: .* more dough$/ }).click();
  await expect(match).toContainText("even");
  await expect(match).toContainText("More dough is made.");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(match).toContainText("over");
  await match.getByRole("button", { name: /^Apply: Fill .*, freeze the rest$/ }).click();
  await expect(match).toContainText("The rest of the filling is frozen.");

  await page.getByRole("link", { name: "Print at full size" }).click();
  await expect(page.getByText("One to one. Print it without scaling")).toBeVisible();
  const wide = await page.getByRole("img", { name: /^Sheet of / }).getAttribute("width");
  expect(wide).toMatch(/^\d+(\.\d+)?mm$/);
  const saved = page.waitForEvent("download");
  await page.getByRole("button", { name: "Keep as a drawing" }).click();
  expect((await saved).suggestedFilename()).toMatch(/\.svg$/);
});

async function scaleOn(): Promise<ChildProcess> {
  const port = new URL(SCALE).port;
  const scale = spawn("./hojaldre", ["stand-in", "scale", "--port", port], { stdio: "ignore" });
  await expect(async () => expect((await fetch(`${SCALE}/reading`)).ok).toBe(true)).toPass();
  return scale;
}

const panOn = (pan: object) => fetch(`${SCALE}/pan`, { method: "POST", body: JSON.stringify(pan) });

test("a weighing session: the pan on the scale, the scale lost and found, a reload in the middle", async ({ page }) => {
  const { kitchen, id } = await aBatch(page, "For the pan", { [TROUT]: 2 });
  const scale = await scaleOn();
  let again: ChildProcess | undefined;
  try {
    // long enough that the weight hardly moves while the test looks
    await panOn({ tareGrams: 497, rawGrams: 450, floorGrams: 449, minutes: 60 });
    await page.goto(`/k/${kitchen}/prep/${id}`);
    await page.getByRole("button", { name: /leeks: sweated and pressed/ }).click();
    const pan = page.getByTestId("pan-reads");
    await expect(pan).toContainText("947");
    await type(page, "Weight of the pan with oil and salt", "497 g");
    await expect(page.getByText("Stop when the pan reads 812 g")).toBeVisible();
    await expect(page.getByText("135 g to drive off")).toBeVisible();
    await expectAccessible(page);

    scale.kill();
    await expect(page.getByText("No scale answers.")).toBeVisible();
    // the list is not held up
    await page.getByRole("button", { name: "By eye" }).click();
    await expect(page.getByText("By eye: down to two thirds of the heap.")).toBeVisible();
    await page.getByRole("button", { name: "From the scale" }).click();
    await page.reload();
    await expect(page.getByText("Stop when the pan reads 812 g")).toBeVisible();
    again = await scaleOn();
    await panOn({ tareGrams: 497, rawGrams: 315, floorGrams: 315, minutes: 60 });
    await expect(pan).toContainText("812");
    await expect(page.getByRole("status").filter({ hasText: /^Stop$/ })).toBeVisible();
    await page.getByRole("button", { name: "At 812, next pan" }).click();
    await expect(page.getByText("pan 2 of 2")).toBeVisible();
    await page.getByRole("button", { name: "At 812", exact: true }).click();
    await expect(page.getByRole("button", { name: "Done, 1 of" })).toBeVisible();
    await page.getByRole("button", { name: /leeks: sweated and pressed/ }).click();
    // the weighing is evidence: 315 of 450 g
    const here = page.getByText(/^Here 70 % were left/);
    await expect(here).toBeVisible();
    const told = (await here.textContent()) ?? "";
    await page.getByRole("button", { name: "Not done yet" }).click();
    await expect(page.getByText(told, { exact: true })).toHaveCount(0);
  } finally {
    scale.kill();
    again?.kill();
  }
});

test("two phones on one list see each other's marks, and one without a connection loses none", async ({
  page,
  browser,
}) => {
  const { kitchen, id } = await aBatch(page, "For two phones", { [TROUT]: 2 });
  const phone = { viewport: { width: 390, height: 844 }, storageState: await page.context().storageState() };
  const one = await (await browser.newContext(phone)).newPage();
  const two = await (await browser.newContext(phone)).newPage();
  for (const each of [one, two]) {
    await each.goto(`/k/${kitchen}/prep/${id}?show=shop`);
    await expect(each.getByRole("checkbox", { name: "Leeks, bought" })).toBeVisible();
    expect(await each.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }
  await one.getByRole("checkbox", { name: "Leeks, bought" }).click();
  await expect(two.getByRole("checkbox", { name: "Leeks, bought" })).toBeChecked();
  await two.context().setOffline(true);
  await two.getByRole("checkbox", { name: "Single cream, bought" }).click();
  await expect(two.getByText("Not sent yet; kept on this device")).toBeVisible();
  await expect(two.getByRole("checkbox", { name: "Single cream, bought" })).toBeChecked();
  await two.context().setOffline(false);
  await expect(one.getByRole("checkbox", { name: "Single cream, bought" })).toBeChecked();
  await expect(two.getByText("Not sent yet; kept on this device")).toHaveCount(0);
  // what is there already is not bought
  await one.getByLabel("Leeks that is there", { exact: true }).fill("2 kg");
  await one.getByLabel("Leeks that is there", { exact: true }).press("Enter");
  await expect(one.getByText("enough is there").first()).toBeVisible();
  await one.getByLabel("Leeks that is there", { exact: true }).fill("0 g");
  await one.getByLabel("Leeks that is there", { exact: true }).press("Enter");
  await expect(one.getByText("enough is there")).toHaveCount(0);
  const csv = await one.request.get(`/api/kitchens/${kitchen}/batches/${id}/lists/shop.csv`);
  expect(await csv.text()).toContain("Leeks");
});

test("what is left over is put away with its use-by and offered to the next batch", async ({ page }) => {
  const { kitchen, id } = await aBatch(page, "For what is left", { [TROUT]: 2 });
  await page.goto(`/k/${kitchen}/prep/${id}?show=left`);
  await page.getByRole("button", { name: /^Shortcrust, trimmings, .*: into the freezer$/ }).click();
  const row = page
    .getByRole("listitem")
    .filter({ hasText: "use by" })
    .filter({ hasText: "Shortcrust, trimmings" })
    .first();
  await expect(row).toContainText("freezer since");
  await expectAccessible(page);
  await page.goto(`/k/${kitchen}/batches/${id}`);
  const before = page.getByRole("region", { name: "Left over from before" });
  await before
    .getByRole("button", { name: /^Use Shortcrust, trimmings, .* in this batch$/ })
    .first()
    .click();
  await expect(before.getByText(/: used\. So much less is made\./)).toBeVisible();
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await page.goto(`/k/${kitchen}/pastry/${id}`);
  await expect(entry(page, "Dough from before")).toHaveValue(/\d+ g/);
  await expect(page.getByText(/what is needed beside what is there/)).toBeVisible();
  await type(page, "Dough from before", "0 g");
  await expect(page.getByText(/what is needed\./)).toBeVisible();
  await page.goto(`/k/${kitchen}/prep/${id}?show=left`);
  await page.getByRole("button", { name: /^Shortcrust, trimmings, .*: into the fridge$/ }).click();
  await page.goto(`/k/${kitchen}/batches/${id}`);
  await before
    .getByRole("button", { name: /^Use Shortcrust, trimmings, .* in this batch$/ })
    .first()
    .click();
  await expect(before.getByText(/: used\./)).toBeVisible();
  await before.getByRole("button", { name: "Undo" }).click();
  await expect(before.getByRole("button", { name: /^Use Shortcrust/ }).first()).toBeVisible();
});

test("Prep and Pastry have targets for floury thumbs at 390 and 1024 px, and fit", async ({ page }) => {
  const { kitchen, id } = await aBatch(page, "For thumbs", { [TROUT]: 2, [PASTIES]: 6 });
  for (const width of [390, 1024]) {
    await page.setViewportSize({ width, height: 844 });
    await page.goto(`/k/${kitchen}/prep/${id}`);
    await expect(page.getByRole("button", { name: /^Done/ }).first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    const small = await page
      .locator("main button:visible")
      .evaluateAll((all) =>
        all
          .map((one) => ({ words: one.textContent, high: one.getBoundingClientRect().height }))
          .filter(({ high }) => high < 44),
      );
    expect(small).toEqual([]);
    await expectAccessible(page);
    await page.goto(`/k/${kitchen}/pastry/${id}`);
    await expect(page.getByRole("region", { name: "Rests" })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    await expectAccessible(page);
  }
});

test("a pie on the bench becomes a batch by one press", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: PASTIES }).first().click();
  await page.getByRole("button", { name: "For several" }).click();
  await type(page, "How many tins", "2");
  await page.getByRole("button", { name: "Make it a batch" }).click();
  await expect(entry(page, `How many of ${PASTIES}`)).toHaveValue("12");
  await page.goBack();
  await expect(entry(page, "Name of the pie")).toHaveValue(PASTIES);
});

test("a pasty is closed in other ways, drawn, baked and cut so", async ({ page }) => {
  const { kitchen, id } = await aBatch(page, "For the shapes", { [PASTIES]: 6 });
  const toThePasties = async () => {
    await page.goto(`/k/${kitchen}/pies`);
    await page.getByRole("link", { name: PASTIES }).first().click();
  };
  await toThePasties();
  await page.getByRole("button", { name: "6 folded discs of 18 cm" }).click();
  await entry(page, "How it is closed").selectOption("parcel");
  await expect(reading(page, "Safe")).toContainText("min");
  await expect(entry(page, "Dough, how wide before it is closed")).toHaveValue("18 cm");
  await entry(page, "How it is closed").selectOption("rectangle");
  await type(page, "Dough, how wide across the fold", "16 cm");
  await page.getByRole("button", { name: "Done", exact: true }).click();
  await expect(page.getByRole("button", { name: "6 folded rectangles of 18 × 16 cm" })).toBeVisible();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Revision 2/ })).toBeVisible();
  await page.goto(`/k/${kitchen}/pastry/${id}`);
  await expect(page.getByRole("img", { name: /^Sheet of / }).first()).toBeVisible();
  await expect(page.getByRole("region", { name: "How much, for which" })).toContainText(/\d pieces of/);
  // as it was, for whoever comes after
  await toThePasties();
  await page.getByRole("button", { name: "6 folded rectangles of 18 × 16 cm" }).click();
  await entry(page, "How it is closed").selectOption("half-moon");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Revision 3/ })).toBeVisible();
});
