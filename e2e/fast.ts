import type { Page } from "@playwright/test";

/** The clock of the device runs so many times as fast; it goes on through reloads, as the stand-ins' clocks do. */
export async function fastClock(page: Page, speed: number) {
  await page.addInitScript((times) => {
    const real = Date.now.bind(Date);
    const key = "test.clock-from";
    let from = real();
    try {
      from = Number(localStorage.getItem(key) ?? from);
      localStorage.setItem(key, String(from));
    } catch {
      // a page without storage is not ours
    }
    const now = () => from + (real() - from) * times;
    class FastDate extends Date {
      constructor(...args: unknown[]) {
        if (args.length) super(...(args as [number]));
        else super(now());
      }
      static override now = now;
    }
    window.Date = FastDate as DateConstructor;
  }, speed);
}
