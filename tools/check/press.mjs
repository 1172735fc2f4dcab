/*
 * Presses at the oven as a phone does, and asks later what of it is stored. Usage: press.mjs URL press FILE | press.mjs URL compare FILE.
 * "press" goes on until the app does not answer any more and writes each acknowledged event to FILE; "compare" wants every one of them,
 * and each once, in order.
 */

import { randomUUID } from "node:crypto";
import { appendFileSync, readFileSync, writeFileSync } from "node:fs";

const [, , base, verb, file] = process.argv;
let cookie = "";
const ask = async (method, path, body, token) => {
  const response = await fetch(`${base}/api${path}`, {
    method,
    headers: {
      Accept: "application/json",
      "Content-Type": "application/json",
      ...(cookie && { Cookie: cookie }),
      ...(token && { "X-CSRF-TOKEN": token }),
    },
    body: body && JSON.stringify(body),
    signal: AbortSignal.timeout(8000),
  });
  const set = response.headers.getSetCookie().map((one) => one.split(";")[0]);
  if (set.length) cookie = set.join("; ");
  return { status: response.status, body: await response.json() };
};

const first = await ask("GET", "/session");
const signed = await ask(
  "POST",
  "/session",
  { email: "ada@lockhouse.example", password: "golden crust" },
  first.body.csrfToken,
);
if (signed.status !== 200) throw new Error(`Signing in answered ${signed.status}.`);
const token = signed.body.csrfToken;
const kitchen = `/kitchens/${signed.body.kitchens[0].id}`;

if (verb === "press") {
  const { pies } = (await ask("GET", `${kitchen}/pies`)).body;
  const begun = await ask(
    "POST",
    `${kitchen}/bakes`,
    {
      bakes: [
        {
          id: null,
          pie: pies[0].id,
          design: null,
          count: 1,
          oven: null,
          isFrozen: false,
          plannedAt: null,
          batch: null,
        },
      ],
    },
    token,
  );
  const bake = begun.body.ids[0];
  writeFileSync(file, `${bake}\n`);
  for (let n = 0; n < 2000; n++) {
    const id = randomUUID();
    const event = {
      id,
      kind: n === 0 ? "in" : "later",
      leg: "bake",
      what: n === 0 ? "" : "out",
      answer: "",
      value: n === 0 ? null : 1,
      at: Date.now(),
    };
    const said = await ask("POST", `${kitchen}/bakes/${bake}/events`, { events: [event] }, token).catch(() => null);
    // what was not acknowledged may be lost; the phone would send it again
    if (said?.status !== 200) break;
    appendFileSync(file, `${id}\n`);
  }
} else {
  const [bake, ...acknowledged] = readFileSync(file, "utf8").trim().split("\n");
  const { bakes } = (await ask("GET", `${kitchen}/at-oven/live?at=${Date.now()}`)).body;
  const stored = bakes.find((one) => one.id === bake)?.events.map((one) => one.id) ?? [];
  const kept = stored.filter((id) => acknowledged.includes(id));
  if (acknowledged.length < 10)
    throw new Error(`Only ${acknowledged.length} presses were acknowledged: nothing is proven.`);
  if (kept.join() !== acknowledged.join()) {
    const lost = acknowledged.filter((id) => !stored.includes(id));
    throw new Error(`${lost.length} of ${acknowledged.length} acknowledged presses are lost, or out of order.`);
  }
  console.log(`  ${acknowledged.length} presses acknowledged, all of them stored, in order`);
}
