import { defineConfig } from "@playwright/test";
import { ADA } from "./e2e/support";

export default defineConfig({
  testDir: "e2e",
  outputDir: "var/e2e/results",
  workers: 1,
  // a busy machine may be late once; a test that needs it is told as flaky
  retries: process.env.CI ? 1 : 0,
  fullyParallel: false,
  timeout: 120_000,
  expect: { timeout: 30_000 },
  projects: [
    { name: "sign-in", testMatch: "*.setup.ts" },
    { name: "rooms", testMatch: "*.spec.ts", dependencies: ["sign-in"], use: { storageState: ADA } },
  ],
  reporter: [["list"]],
  use: {
    baseURL: process.env.HOJALDRE_URL ?? "http://127.0.0.1:8620",
    viewport: { width: 1280, height: 800 },
    locale: "en-GB",
    trace: "retain-on-failure",
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
      args: [
        "--headless",
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
