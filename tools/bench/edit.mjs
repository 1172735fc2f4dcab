/* From a key on the bench to changed readings on the screen, in a real browser: an entry kept with Enter, and one while it is typed. */
import { chromium } from "@playwright/test";

const base = process.argv[2];
const RUNS = 20;

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
  args: [
    "--headless",
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-sync",
  ],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${base}/sign-in`);
await page.getByLabel("E-mail").fill("ada@lockhouse.example");
await page.getByLabel("Password").fill("golden crust");
await page.getByRole("button", { name: "Sign in" }).click();
await page.getByRole("link", { name: "Smoked trout and leek quiche" }).click();
await page.getByLabel("Leeks, weight now", { exact: true }).waitFor();
await page.waitForTimeout(800);

/** Times one change inside the page: from the event to the first change below the readings. */
const once = (words, how) =>
  page.evaluate(
    ([words, how]) =>
      new Promise((resolve) => {
        const field = document.querySelector('[aria-label="Leeks, weight now"]');
        const put = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;
        const watch = new MutationObserver(() => {
          watch.disconnect();
          requestAnimationFrame(() => resolve(performance.now() - start));
        });
        let start = performance.now();
        watch.observe(document.querySelector('[data-testid="weep-split"]'), {
          characterData: true,
          subtree: true,
          childList: true,
        });
        field.focus();
        put.call(field, words);
        start = performance.now();
        field.dispatchEvent(new InputEvent("input", { bubbles: true }));
        if (how === "enter") field.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true }));
      }),
    [words, how],
  );

for (const how of ["enter", "typing"]) {
  const times = [];
  for (let i = 0; i < RUNS + 3; i++) {
    const ms = await once(`${281 + i + (how === "enter" ? 0 : 40)} g`, how);
    // an edit by itself: the ways out of the one before are found by then
    await page.waitForTimeout(1200);
    if (i >= 3) times.push(ms);
  }
  times.sort((a, b) => a - b);
  console.log(
    JSON.stringify({
      name: `edit-${how}`,
      median_ms: Math.round(times[RUNS / 2]),
      p95_ms: Math.round(times[Math.floor(RUNS * 0.95)]),
      runs: RUNS,
      note: "from the key to readings on the screen, debounce included; bar 100 ms",
    }),
  );
}
await browser.close();
