import { test } from "@playwright/test";
import { ADA, signIn } from "./support";

test("Ada signs in", async ({ page, context }) => {
  await signIn(page);
  await context.storageState({ path: ADA });
});
