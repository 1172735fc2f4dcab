import { type ChildProcess, spawn } from "node:child_process";
import { expect, test } from "@playwright/test";
import { fastClock } from "./fast";
import { expectAccessible, onTheBench, signIn, tickAll } from "./support";

const PROBE = process.env.HOJALDRE_PROBE ?? "http://127.0.0.1:8711";
const OVEN = process.env.HOJALDRE_OVEN ?? "http://127.0.0.1:8712";
const SPEED = 60;

async function standIn(device: "probe" | "oven", address: string, ...args: string[]): Promise<ChildProcess> {
  const port = new URL(address).port;
  const process = spawn("./hojaldre", ["stand-in", device, "--port", port, "--speed", String(SPEED), ...args], {
    stdio: "ignore",
  });
  await expect(async () => expect((await fetch(`${address}/reading`)).ok).toBe(true)).toPass();
  return process;
}

const tell = (address: string, what: string, body: object = {}) =>
  fetch(`${address}/${what}`, { method: "POST", body: JSON.stringify(body) });

/** Without an empty shell, and long and slow, so that there is time for all that goes wrong. */
const slow = (design: {
  crust: { shell: unknown[] };
  bake: { stages: { minutes: number; ovenCelsius: number }[]; oven?: unknown };
}) => {
  design.crust.shell = [];
  design.bake.oven = { name: "Galley fan oven", runsByKelvins: -12 };
  for (const stage of design.bake.stages) Object.assign(stage, { minutes: 95, ovenCelsius: 145 });
};

test("a whole bake at sixty times the speed: gate, probe, rubbish, reload, without a line, finish", async ({
  page,
  context,
}) => {
  test.setTimeout(300_000);
  const oven = await standIn("oven", OVEN, "--runs-by", "0", "--dial", "145");
  const probe = await standIn("probe", PROBE, "--oven", "-6", "--off", "0.5");
  try {
    await fastClock(page, SPEED);
    const { kitchen, id: pie } = await onTheBench(page, "Bake at the oven", slow);
    await page.getByRole("button", { name: "To the oven" }).click();
    await expect(page.getByRole("heading", { name: "Gate" })).toBeVisible();
    // the thermometer answers for the oven
    await expect(page.getByRole("checkbox", { name: /Oven at 145/ })).toBeChecked();

    // forgotten things stop it once, with the price
    await page.getByRole("button", { name: "It is in" }).click();
    await expect(page.getByRole("alert")).toContainText("Stopped once");
    await page.getByRole("checkbox", { name: "Middle rack" }).click();
    await page.getByRole("button", { name: /Undo “middle rack”/ }).click();
    await expect(page.getByRole("checkbox", { name: "Middle rack" })).not.toBeChecked();
    await tickAll(page);
    await expectAccessible(page);
    await tell(PROBE, "in");
    await page.getByRole("button", { name: "It is in" }).click();
    await expect(page.getByRole("timer")).toBeVisible();

    await page.getByRole("button", { name: "Already turned" }).click();

    // the probe goes in, and its trace comes
    await page.getByRole("button", { name: /Probe in, in the middle|Probe over/ }).click();
    await expect(page.getByTestId("probe-reads")).toBeVisible();
    await expectAccessible(page);

    // unplugged, and found again
    await tell(PROBE, "off", { seconds: 6 });
    await expect(page.getByText(/Probe silent since/)).toBeVisible();
    await expect(page.getByText(/Probe silent since/)).toBeHidden();
    // rubbish and a jump are left out
    await tell(PROBE, "rubbish", { seconds: 3 });
    await page.waitForTimeout(3500);
    await expect(page.getByTestId("probe-reads")).not.toContainText("1372");

    // a reload in the middle
    await page.reload();
    await expect(page.getByTestId("probe-reads")).toBeVisible();

    // without a line: presses are kept, through a reload too, and sent once it is back
    await context.setOffline(true);
    await expect(page.getByText(/No connection|not sent yet/)).toBeVisible();
    await page
      .getByRole("button", { name: "Look now" })
      .or(page.getByRole("button", { name: "+2 min" }))
      .first()
      .click();
    await page.getByRole("button", { name: "+2 min" }).click();
    await expect(page.getByText(/kept on this device and not sent/)).toBeVisible();
    await page.reload();
    await expect(page.getByText(/kept on this device and not sent/)).toBeVisible();
    await context.setOffline(false);
    await expect(page.getByText(/not sent yet|No connection/)).toBeHidden();
    const bake = new URL(page.url()).searchParams.get("bake");
    const logged = async () => {
      const live = await (await page.request.get(`/api/kitchens/${kitchen}/at-oven/live?at=${Date.now()}`)).json();
      return live.bakes.find((one: { id: string }) => one.id === bake).events as { kind: string }[];
    };
    await expect(async () => expect((await logged()).filter((one) => one.kind === "later")).toHaveLength(1)).toPass();

    // the look, then out
    const answers = page.getByRole("button", { name: /Like this/ });
    await expect(answers).toBeVisible({ timeout: 120_000 });
    await answers.click();
    // on a slow machine its minutes may be over by then
    await expect(page.getByText(/out, onto the rack/i)).toBeVisible();
    await expect(answers).toBeVisible({ timeout: 120_000 });
    await tell(PROBE, "out");
    await answers.click();
    await expect(page.getByText(/What is kept: below/)).toBeVisible();
    await expect(page.getByText("Safe by the probe at its coldest point.")).toBeVisible();

    // rested and cut, the rest in the fridge
    await page.getByRole("button", { name: /Unmould and cut: done|Already cut/ }).click();
    await page.getByRole("button", { name: /fridge: done|Already in the fridge/ }).click();

    // judged in four taps, and why
    await page.getByRole("link", { name: "Judge it" }).click();
    for (const word of ["soggy", "holds", "golden", "enough"]) await page.getByRole("radio", { name: word }).click();
    await expect(page.getByText("4 of 4")).toBeVisible();
    await expect(page.getByText("told enough")).toBeVisible();
    await page.getByLabel("Next time").fill("Bake the shell first.");
    await page.getByLabel("Next time").press("Enter");
    await expect(page.getByText(/^Kept/)).toBeVisible();
    await expectAccessible(page);
    await page.getByRole("link", { name: "Trace, and why" }).click();
    await expect(page.getByRole("heading", { name: /Why: soggy base/ })).toBeVisible();
    await expectAccessible(page);

    // what all bakes of this oven say is taken, and the next forecast goes by it
    await page.goto(`/k/${kitchen}/book`);
    const lesson = page.getByRole("region", { name: "Galley fan oven against its dial" });
    await expect(page.getByText(/Working out what/)).toBeHidden({ timeout: 60_000 });
    await expect(lesson).toContainText("cold");
    await lesson.getByRole("button", { name: "Accept" }).click();
    await expect(lesson).toContainText("Used since");
    await page.goto(`/k/${kitchen}/bench/${pie}`);
    await expect(page.getByText("From last time: Bake the shell first.")).toBeVisible();
    await page.getByRole("button", { name: "To the oven" }).click();
    await expect(page.getByText("From last time: Bake the shell first.")).toBeVisible();
    const dial = await page.getByRole("checkbox", { name: /Oven at 145 °C, dial/ }).textContent();
    expect(Number(/dial (\d+)/.exec(dial ?? "")?.[1])).toBeGreaterThan(157);
    await page.getByRole("button", { name: "Not baked after all" }).click();
    await page.goto(`/k/${kitchen}/book`);
    await lesson.getByRole("button", { name: "Undo" }).click();
    await expect(lesson.getByRole("button", { name: "Accept" })).toBeVisible();
  } finally {
    probe.kill();
    oven.kill();
  }
});

test("an empty shell is asked by what is seen, and goes back for five", async ({ page }) => {
  await onTheBench(page, "Shell at the oven");
  await page.getByRole("button", { name: "To the oven" }).click();
  await expect(page.getByText("the empty shell")).toBeVisible();
  await tickAll(page);
  await page.getByRole("button", { name: "It is in" }).click();
  await expect(page.getByText("Next: weights out, minute 15")).toBeVisible();
  await page.getByRole("button", { name: "Already weights out" }).click();
  await expect(page.getByText("Next: look at the shell, minute 21")).toBeVisible();
  await page.getByRole("button", { name: "Look now" }).click();
  await expect(page.getByRole("button", { name: /Edge brown, base still wet/ })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("button", { name: /Edge brown, base still wet/ }).click();
  await expect(page.getByText("Next: look at the shell, minute 26")).toBeVisible();
  await page.getByRole("button", { name: "Look now" }).click();
  await page.getByRole("button", { name: /Matt, dry, pale/ }).click();
  await page
    .getByRole("button", { name: /Undo “looked”|Undo “matt/ })
    .or(page.getByRole("button", { name: /Undo/ }))
    .first()
    .click();
  await page.getByRole("button", { name: "Not baked after all" }).isHidden();
});

test("nothing at the oven says how to begin", async ({ page }) => {
  await signIn(page);
  const session = await (await page.request.get("/api/session")).json();
  await page.route("**/at-oven", (route) => route.fulfill({ json: { bakes: [] } }));
  await page.goto(`/k/${session.kitchens[0].id}/oven`);
  await expect(page.getByText("Nothing is at the oven.")).toBeVisible();
  await expectAccessible(page);
});
