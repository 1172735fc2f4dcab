import { expect, test } from "@playwright/test";
import { fastClock } from "./fast";
import { expectAccessible, onTheBench, signIn, tickAll } from "./support";

test("a quiche that is out too early is told so at once, goes back in, is measured, and only then has a label", async ({
  page,
}) => {
  await fastClock(page, 20);
  const { kitchen } = await onTheBench(page, "Out too early", (design) => {
    design.crust.shell = [];
  });
  await page.getByRole("button", { name: "To the oven" }).click();
  await expect(page.getByRole("heading", { name: "Gate" })).toBeVisible();
  await tickAll(page);
  await page.getByRole("button", { name: "It is in" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
  // twice looked at and taken for done, long before its time
  for (const _ of ["look", "out"]) {
    // the turning comes first, or is past by then
    const seen = page.getByRole("button", { name: /Like this/ });
    const next = page.getByRole("button", { name: /^(?:Already turned|Turned|Look now)/ });
    for (;;) {
      await seen.or(next).first().waitFor();
      if (await seen.isVisible()) break;
      // an act may come due under the finger, and its button with it
      await next
        .first()
        .click({ timeout: 5_000 })
        .catch(() => undefined);
    }
    await seen.click();
  }
  const said = page.getByRole("alert", { name: /not hot enough/ });
  await expect(said).toContainText("Not hot enough");
  await expect(said).toContainText("safe from 71");
  await expectAccessible(page);
  const bake = new URL(page.url()).searchParams.get("bake") ?? "";

  // neither a label nor the fridge
  const session = await (await page.request.get("/api/session")).json();
  const headers = { "X-CSRF-TOKEN": session.csrfToken };
  const kept = { kept: "baked-pies", name: "Quiche", grams: null, pieces: 2, food: null, bake, place: "fridge" };
  const refused = await page.request.post(`/api/kitchens/${kitchen}/leftovers`, { data: kept, headers });
  expect([refused.status(), (await refused.json()).code]).toEqual([422, "not-hot-enough"]);

  await said.getByRole("button", { name: "Back in" }).click();
  await expect(said).toBeHidden();
  await expect(page.getByRole("timer")).toBeVisible();
  await page.getByRole("button", { name: "Look now" }).click();
  await page.getByRole("button", { name: /Like this/ }).click();
  await expect(said).toBeVisible();
  await said.getByRole("button", { name: "Measure it" }).click();
  await page.getByLabel(/half way down/).fill("75");
  await page.getByLabel(/half way down/).press("Enter");
  await expect(said).toBeHidden();
  const put = await page.request.post(`/api/kitchens/${kitchen}/leftovers`, { data: kept, headers });
  expect(put.status()).toBeLessThan(300);
});

test("a day with a pasty that is too short says so first and gives it the safe minutes with one press", async ({
  page,
}) => {
  await signIn(page);
  const session = await (await page.request.get("/api/session")).json();
  const kitchen = session.kitchens[0].id as string;
  const headers = { "X-CSRF-TOKEN": session.csrfToken };
  const at = (path: string) => `/api/kitchens/${kitchen}${path}`;
  const { pies } = await (await page.request.get(at("/pies"))).json();
  const id = pies.find((one: { name: string }) => one.name.startsWith("Chicken, tarragon")).id;
  const { design } = await (await page.request.get(at(`/pies/${id}`))).json();
  design.name = "Short pasties";
  design.bake.stages = [{ ...design.bake.stages[0], minutes: 20 }];
  const made = await (await page.request.post(at("/pies"), { data: design, headers })).json();
  await page.goto(`/k/${kitchen}/card/${made.id}`);
  await expect(page.getByRole("alert").first()).toContainText("Not safe at 20 min");
  await expect(page.getByText("After the planned minutes.").first()).toBeVisible();
  const begun = await (
    await page.request.post(at("/day-beginning"), {
      data: { batch: null, pie: made.id, count: 4, atMinute: 1140, date: "2027-01-16" },
      headers,
    })
  ).json();
  const day = await (
    await page.request.post(at("/days"), { data: { basedOn: 0, batch: null, told: [], day: begun.day }, headers })
  ).json();
  await page.goto(`/k/${kitchen}/days/${day.id}`);
  const warning = page.getByRole("alert").filter({ hasText: "Short pasties" });
  await expect(warning).toContainText("Not safe at 20 min");
  await expectAccessible(page);
  await warning.getByRole("button", { name: /Bake it \d+ min/ }).click();
  await expect(warning).toBeHidden();
  await expect(page.getByText(/Short pasties: \d+ min in the oven/)).toBeVisible();
});
