import { readFileSync } from "node:fs";
import { expect, type Page, test } from "@playwright/test";
import ICAL from "ical.js";
import { entry, expectAccessible, onTheBench, signIn, toRoom, type } from "./support";

const ORDERS = [
  ["Smoked trout and leek quiche", 2, 675],
  ["Pumpkin, sage and hazelnut tart", 1, 720],
] as const;

/** A day of its own for a test: two orders, two ovens, Ada and Ben from five to three. */
async function aDay(page: Page, name: string, change: (day: Day) => void = () => {}) {
  const session = await (await page.request.get("/api/session")).json();
  const kitchen = session.kitchens[0].id as string;
  const headers = { "X-CSRF-TOKEN": session.csrfToken };
  const { pies } = await (await page.request.get(`/api/kitchens/${kitchen}/pies`)).json();
  const { ovens } = await (await page.request.get(`/api/kitchens/${kitchen}/ovens`)).json();
  const hours = [{ fromMinute: 300, toMinute: 900 }];
  const day: Day = {
    name,
    date: "2027-01-09",
    spareMinutes: 10,
    pins: [],
    failures: [],
    orders: ORDERS.map(([pie, count, atMinute], at) => ({
      id: `o${at + 1}`,
      pie: pies.find((one: { name: string }) => one.name === pie).id,
      count,
      atMinute,
      from: "scratch",
      ending: "warm",
      tins: null,
    })),
    kitchen: {
      cooks: [
        { name: "Ada", hours },
        { name: "Ben", hours },
      ],
      ovens: ovens
        .filter((one: { name: string }) => ["Galley fan oven", "Old static oven"].includes(one.name))
        .map((one: { id: string; name: string; mode: string; runsByKelvins: number }) => ({
          id: one.id,
          name: one.name,
          mode: one.mode,
          runsByKelvins: one.runsByKelvins,
          shelves: 2,
          widthMm: 440,
          depthMm: 360,
          toleranceKelvins: 5,
        })),
      rings: 4,
      mixers: 1,
      fridgeTins: 12,
      rackTins: 12,
    },
  };
  change(day);
  const made = await page.request.post(`/api/kitchens/${kitchen}/days`, {
    data: { basedOn: 0, batch: null, day, told: [] },
    headers,
  });
  expect(made.status()).toBe(200);
  const { id } = await made.json();
  return { kitchen, id: id as string, headers, path: `/k/${kitchen}/days/${id}` };
}

type Day = {
  name: string;
  date: string;
  spareMinutes: number;
  pins: unknown[];
  failures: unknown[];
  orders: { id: string; pie: string; count: number; atMinute: number; from: string; ending: string; tins: null }[];
  kitchen: { cooks: { name: string; hours: { fromMinute: number; toMinute: number }[] }[]; ovens: unknown[] } & Record<
    string,
    unknown
  >;
};

const begins = (page: Page) => page.getByText(/^Begin at .* in all/);

/** The plan stands, the better one. */
async function planned(page: Page) {
  await expect(begins(page)).toBeVisible({ timeout: 20_000 });
  await expect(begins(page)).not.toContainText("working out", { timeout: 20_000 });
}

const inDrawing = (page: Page, words: RegExp) =>
  page.getByRole("region", { name: "Drawing of the day" }).getByRole("button", { name: words });

test("this pie at seven, from the bench, on a phone: when to begin and the next three acts", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await onTheBench(page, "Quiche for seven");
  await page.getByRole("link", { name: "Ready at" }).click();
  await planned(page);
  await expect(entry(page, "Ready at")).toHaveValue("19:00");
  const begin = (await begins(page).textContent()) ?? "";
  await expect(page.getByRole("region", { name: "The next three acts" })).toContainText("Mix the shortcrust");
  await type(page, "Ready at", "18:00");
  await planned(page);
  // an hour sooner, an hour sooner begun
  const minutes = (words: string) => Number(words.slice(9, 11)) * 60 + Number(words.slice(12, 14));
  expect(minutes((await begins(page).textContent()) ?? "")).toBe(minutes(begin) - 60);
  await page.getByRole("button", { name: "List", exact: true }).click();
  const list = page.getByRole("region", { name: "The day as a list" });
  await expect(list.getByText(/^Ready: Quiche for seven/)).toBeVisible();
  await expect(list.getByText(/on: dial .* hot by/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Keep as a day" }).click();
  await expect(entry(page, "Name of the day")).toHaveValue("Quiche for seven");
});

test("a day is planned from a batch, and a table of orders is added to it", async ({ page }) => {
  await signIn(page);
  await toRoom(page, "Oven day");
  if (await entry(page, "Name of the day").isVisible()) await toRoom(page, "Oven day");
  await entry(page, "What is baked").selectOption({ label: "the batch Saturday" });
  await entry(page, "Date of the day").fill("2027-01-16");
  await page.getByRole("button", { name: "New day" }).click();
  await expect(entry(page, "Name of the day")).toHaveValue("Saturday");
  await type(page, "Name of the day", "Saturday in January");
  await expect(page.getByText(/16 Jan: 7 orders, 34 pieces/)).toBeVisible();
  await type(page, "When Fennel and blue cheese tart is wanted", "13:15");
  await page.getByRole("button", { name: "Paste a table" }).click();
  await entry(page, "Orders as a table").fill("pie,count,time\nbeetroot,12,14:00,frozen\nmince pie,3,10:00");
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "mince pie" })).toContainText("Line 3");
  await expect(page.getByText(/8 orders, 46 pieces/)).toBeVisible();
  await planned(page);
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await page.reload();
  await expect(page.getByText(/8 orders, 46 pieces/)).toBeVisible();
  await expect(entry(page, "When Fennel and blue cheese tart is wanted")).toHaveValue("13:15");
});

test("a task is moved by keys and by the mouse, explained, kept, and set free again", async ({ page }) => {
  await signIn(page);
  const day = await aDay(page, "A day to move about");
  await page.goto(day.path);
  await planned(page);
  const mix = inDrawing(page, /^Mix the shortcrust/).first();
  const before = (await mix.getAttribute("aria-label")) ?? "";
  await mix.focus();
  await page.keyboard.press("ArrowLeft");
  await expect(inDrawing(page, /^Mix the shortcrust.*pinned/).first()).toBeVisible();
  const panel = page.getByRole("region", { name: "The task chosen" });
  await expect(panel.getByText("Why not earlier")).toBeVisible();
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await page.reload();
  await planned(page);
  const pinned = inDrawing(page, /^Mix the shortcrust.*pinned/).first();
  await expect(pinned).toBeVisible();
  // dragged an hour to the left
  const box = await pinned.boundingBox();
  if (!box) throw new Error("the task is not drawn");
  await page.mouse.move(box.x + box.width / 2, box.y + box.height - 6);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 90, box.y + box.height - 6, { steps: 6 });
  await page.mouse.up();
  await expect(pinned).not.toHaveAttribute("aria-label", `${before}, pinned`);
  await planned(page);
  await pinned.click();
  await panel.getByRole("button", { name: "Take the pin out" }).click();
  await expect(inDrawing(page, /^Mix the shortcrust.*pinned/)).toHaveCount(0);
  await planned(page);
  await expect(inDrawing(page, /^Mix the shortcrust/).first()).toHaveAttribute("aria-label", before);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(inDrawing(page, /^Mix the shortcrust.*pinned/).first()).toBeVisible();
  await expectAccessible(page);
  // as it was before anything was moved
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await page.getByRole("button", { name: "As it was" }).click();
  await page.getByRole("menuitem", { name: /^Revision 1,/ }).click();
  await expect(inDrawing(page, /^Mix the shortcrust.*pinned/)).toHaveCount(0);
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
});

test("what if an oven fails: planned to see, taken, and taken back", async ({ page }) => {
  await signIn(page);
  const day = await aDay(page, "A day without an oven");
  await page.goto(day.path);
  await planned(page);
  await page.getByRole("button", { name: "What if Galley fan oven fails" }).click();
  await expect(page.getByRole("status").filter({ hasText: "Without Galley fan oven" })).toContainText(/in time|late/, {
    timeout: 20_000,
  });
  await page.getByRole("button", { name: "Plan it so" }).click();
  await expect(page.getByText(/^out from/)).toBeVisible();
  await planned(page);
  await page.getByRole("button", { name: "List", exact: true }).click();
  const list = page.getByRole("region", { name: "The day as a list" });
  await expect(list.getByText(/Old static oven on/)).toBeVisible();
  await expect(list.getByText(/Galley fan oven/)).toHaveCount(0);
  await page.getByRole("button", { name: "Galley fan oven works again" }).click();
  await expect(page.getByRole("button", { name: "What if Galley fan oven fails" })).toBeVisible();
});

test("a day that is late says so and is put right by a way that was planned", async ({ page }) => {
  await signIn(page);
  const day = await aDay(page, "A late day", (one) => {
    for (const cook of one.kitchen.cooks) cook.hours = [{ fromMinute: 520, toMinute: 900 }];
  });
  await page.goto(day.path);
  await planned(page);
  await expect(page.getByText(/is .* late, ready at/).first()).toBeVisible();
  const ways = page.getByRole("region", { name: "Ways to be in time" });
  await ways
    .getByRole("button", { name: /^Apply/ })
    .first()
    .click({ timeout: 20_000 });
  await planned(page);
  await expect(page.getByText(/is .* late, ready at/)).toHaveCount(0);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByText(/is .* late, ready at/).first()).toBeVisible({ timeout: 20_000 });
});

test("two people on one day see each other's marks, and what is pressed without a line is not lost", async ({
  page,
  browser,
}) => {
  await signIn(page);
  const day = await aDay(page, "A day for two");
  await page.goto(day.path);
  await planned(page);
  const other = await browser.newContext();
  const ben = await other.newPage();
  await signIn(ben, "ben");
  await ben.goto(day.path);
  await planned(ben);
  for (const one of [page, ben]) await one.getByRole("button", { name: "List", exact: true }).click();
  await page.getByRole("button", { name: "Done: Mix the shortcrust" }).click();
  await expect(ben.getByRole("button", { name: "Not done: Mix the shortcrust" })).toBeVisible({ timeout: 10_000 });
  // Ben walks into the cold store
  await other.setOffline(true);
  await ben.getByRole("button", { name: /^Done: Wash, cut.*leeks/ }).click();
  await expect(ben.getByText(/No connection/)).toBeVisible({ timeout: 10_000 });
  await other.setOffline(false);
  await expect(page.getByRole("button", { name: /^Not done: Wash, cut.*leeks/ })).toBeVisible({ timeout: 15_000 });
  // what Ada changes in the plan reaches Ben too
  await type(page, "Name of the day", "A day for both");
  await expect(entry(ben, "Name of the day")).toHaveValue("A day for both", { timeout: 15_000 });
  await other.close();
});

test("the plan leaves as a calendar that another program reads, by file and by an address that can be withdrawn", async ({
  page,
  playwright,
}) => {
  await signIn(page);
  const day = await aDay(page, "A day to export");
  await page.goto(day.path);
  await planned(page);
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Calendar file" }).click();
  const text = readFileSync(await (await download).path(), "utf8");
  const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents("vevent").map((one) => new ICAL.Event(one));
  const out = events.find((one) => /Unmould and cut: Smoked trout/.test(one.summary));
  // wanted at 11:15 with ten to spare
  expect(out?.endDate.toString()).toBe("2027-01-09T11:05:00");
  expect(new Set(events.map((one) => one.uid)).size).toBe(events.length);
  await page.getByRole("button", { name: "An address for calendars" }).click();
  const address = (await page.getByLabel("Address for calendars").textContent()) ?? "";
  const stranger = await playwright.request.newContext();
  const got = await stranger.get(address);
  expect(got.status()).toBe(200);
  expect(new ICAL.Component(ICAL.parse(await got.text())).getAllSubcomponents("vevent").length).toBe(events.length);
  await page.getByRole("button", { name: "Withdraw the address" }).click();
  await expect(page.getByLabel("Address for calendars")).toHaveCount(0);
  expect((await stranger.get(address)).status()).toBe(404);
  await stranger.dispose();
  const csv = await page.request.get(`/api/kitchens/${day.kitchen}/days/${day.id}/plan.csv`);
  expect((await csv.text()).split("\r\n").length).toBeGreaterThan(events.length);
});

test("each cook has a page on paper, and a mark that was wrong is taken back", async ({ page }) => {
  await signIn(page);
  const day = await aDay(page, "A day on paper");
  await page.goto(`${day.path}/paper`);
  await expect(page.getByRole("region", { name: "Page for Ada" }).getByRole("row").first()).toBeVisible({
    timeout: 20_000,
  });
  await expect(page.getByRole("region", { name: "Page for Ben" })).toContainText("Ready: Smoked trout");
  await page.getByRole("link", { name: "Back to the day" }).click();
  await planned(page);
  await page.getByRole("button", { name: "Next three", exact: true }).click();
  const next = page.getByRole("region", { name: "The next three acts" });
  const first = await next.getByRole("button", { name: /^Done:/ }).getAttribute("aria-label");
  await next.getByRole("button", { name: /^Done:/ }).click();
  await expect(next.getByRole("button", { name: first ?? "", exact: true })).toHaveCount(0);
  await page.getByRole("button", { name: "List", exact: true }).click();
  await page.getByRole("button", { name: `Not done:${(first ?? "").slice(5)}` }).click();
  await expect(page.getByRole("button", { name: first ?? "", exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Alarms are off" }).click();
  await expect(page.getByRole("button", { name: "Alarms are on" })).toBeVisible();
});
