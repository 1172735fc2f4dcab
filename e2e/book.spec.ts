import { expect, test } from "@playwright/test";
import { expectAccessible, onTheBench, signIn, toRoom, type } from "./support";

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
  await expect(page.getByLabel("Next time")).toHaveValue(/stop at 3\d\d g/);
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

test("a bake gets a photo, made small, and pieces in the freezer with their date; both are taken out again", async ({
  page,
}) => {
  await signIn(page);
  await toRoom(page, "Bake book");
  await page.getByLabel("Find").fill("pumpkin");
  await page
    .getByRole("article")
    .last()
    .getByRole("link", { name: /Pumpkin/ })
    .click();
  const photos = page.getByRole("region", { name: "Photos" });
  await photos
    .getByLabel("Put in a photo")
    .setInputFiles({ name: "photo.jpg", mimeType: "image/jpeg", buffer: Buffer.from("no picture") });
  await expect(photos.getByRole("status")).toContainText("no picture that can be read");
  await photos.getByLabel("Put in a photo").setInputFiles("docs/screenshots/bench.png");
  const photo = photos.getByRole("img", { name: /put in by Ada Quill/ });
  await expect(photo).toHaveJSProperty("complete", true);
  await expect.poll(() => photo.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBe(1280);
  await page.reload();
  await photos.getByRole("button", { name: "Photo 1: take it out" }).click();
  await photos.getByRole("button", { name: "Take it out for good" }).click();
  await expect(photo).toHaveCount(0);

  const kept = page.getByRole("region", { name: "Put away" });
  await kept.getByLabel("Pieces to put away").fill("3");
  await kept.getByLabel("Pieces to put away").press("Enter");
  // baked weeks ago, so it cannot be frozen any more
  await kept.getByRole("button", { name: "Freezer" }).click();
  await expect(kept.getByRole("alert")).toContainText(/days/);
  await expectAccessible(page);
});

test("what is baked today goes into the freezer with its date, stands in the stores, and is used and brought back", async ({
  page,
}) => {
  const { kitchen, id: pie } = await onTheBench(page, "Trout, put away");
  const { csrfToken } = await (await page.request.get("/api/session")).json();
  const post = async (path: string, data: object) => {
    const said = await page.request.post(`/api/kitchens/${kitchen}${path}`, {
      data,
      headers: { "X-CSRF-TOKEN": csrfToken },
    });
    expect(said.ok()).toBe(true);
    return said.json();
  };
  const wish = { id: null, pie, design: null, count: 1, oven: null, isFrozen: false, plannedAt: null, batch: null };
  const { ids } = await post("/bakes", { bakes: [wish] });
  const press = (kind: string, what: string, minutesAgo: number) => ({
    id: crypto.randomUUID(),
    kind,
    leg: "bake",
    what,
    answer: "",
    value: null,
    at: Date.now() - minutesAgo * 60_000,
  });
  await post(`/bakes/${ids[0]}/events`, { events: [press("in", "", 9), press("done", "out", -37)] });
  await page.goto(`/k/${kitchen}/book/${ids[0]}`);
  await expect(page.getByText(/By the forecast it was hot when it came out/)).toBeVisible();
  const kept = page.getByRole("region", { name: "Put away" });
  await type(page, "Pieces to put away", "a few");
  await expect(kept).toContainText("Write a whole number from 1 to 500.");
  await type(page, "Pieces to put away", "3");
  await kept.getByRole("button", { name: "Freezer" }).click();
  await expect(kept.getByRole("listitem")).toContainText(/Trout, put away.*freezer.*use by/);
  await toRoom(page, "Stores");
  const there = page.getByRole("region", { name: "In the fridge and freezer" });
  await there.getByRole("button", { name: /Trout, put away.*: used/ }).click();
  await expect(there.getByRole("listitem").filter({ hasText: "Trout, put away" })).toHaveCount(0);
  await there.getByRole("button", { name: "Undo" }).click();
  await expect(there.getByRole("listitem").filter({ hasText: "Trout, put away" })).toHaveCount(1);
  await expectAccessible(page);

  // cut, its middle was raw: now there is no label for it
  await page.goto(`/k/${kitchen}/book/${ids[0]}`);
  await page.getByRole("button", { name: "raw middle" }).click();
  await expect(page.getByText(/Its middle was judged raw. Heat it through/).first()).toBeVisible();
  await page.getByRole("link", { name: "Labels" }).click();
  await expect(page.getByRole("alert")).toContainText("There are no labels for this bake.");
  await expect(page.getByRole("button", { name: "As a PDF" })).toBeDisabled();
});

test("figures of the book say how good the forecasts were and what fails most", async ({ page }) => {
  await signIn(page);
  await toRoom(page, "Bake book");
  await page.getByRole("link", { name: "Figures, and what fails most" }).click();
  await expect(page.getByRole("img", { name: /of \d+ bakes came out within the minutes/ })).toBeVisible();
  const told = page.getByRole("region", { name: "Did it warn of the right things?" });
  await expect(told).toContainText(/Underside|underside/);
  await expect(told).toContainText(/not warned of|nothing was missed/);
  await expect(page.getByRole("region", { name: "What fails most?" }).getByRole("listitem").first()).toContainText(
    /With|with|another pie/,
  );
  await expectAccessible(page);
});

test("a trial of one change is tasted blind and says whether it may be chance", async ({ page }) => {
  await signIn(page);
  await toRoom(page, "Bake book");
  await page.getByRole("link", { name: "Trials" }).click();
  await page.getByRole("button", { name: "Begin a trial" }).click();
  const begins = page.getByRole("region", { name: "A new trial" });
  await type(page, "What is asked", "Which dough for the pasties?");
  await type(page, "What is tried in A", "lard and butter");
  await expect(begins.getByRole("button", { name: "Begin", exact: true })).toBeDisabled();
  await type(page, "What is tried in B", "all butter");
  await begins.getByRole("button", { name: "One more pie" }).click();
  await type(page, "What is tried in C", "hot water");
  await begins.getByRole("button", { name: "Begin", exact: true }).click();
  const trial = page.getByRole("region", { name: "Which dough for the pasties?" });
  await expect(trial).toContainText("Nobody has tasted yet.");
  for (const taster of ["Mia", "Ted", "Jo", "Sam"]) {
    await trial.getByRole("button", { name: "Somebody tastes" }).click();
    // whoever tastes sees letters only
    await expect(trial).not.toContainText("lard");
    await type(page, "Who tastes", taster);
    await trial.getByRole("button", { name: "B", exact: true }).click();
    await trial.getByRole("button", { name: "A", exact: true }).click();
    await expect(trial.getByRole("button", { name: "C, third" })).toBeVisible();
    await trial.getByRole("button", { name: "Keep it" }).click();
    await expect(trial).toContainText(`${taster}: B, A, C`);
  }
  // four of one mind of three pies: once in 216
  await expect(trial).toContainText("B, all butter, is liked best: first with 4 of 4.");
  await expectAccessible(page);
  await trial.getByRole("button", { name: "What Sam said: take it out" }).click();
  await expect(trial).toContainText("first with 3 of 3");
  await trial.getByRole("button", { name: /take the trial out/ }).click();
  await trial.getByRole("button", { name: "Take it out for good" }).click();
  await expect(trial).toHaveCount(0);
});
