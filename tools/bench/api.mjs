/* The forecast over the API at 20 requests a second for ten seconds, beside an empty JSON answer of the same app at the same time. */
import { readFileSync } from "node:fs";

const base = process.argv[2];
const PER_SECOND = 20;
const SECONDS = 10;

let cookies = "";
async function call(path, options = {}) {
  const response = await fetch(base + path, {
    ...options,
    headers: { Accept: "application/json", Cookie: cookies, ...options.headers },
  });
  const set = response.headers.getSetCookie().map((one) => one.split(";")[0]);
  if (set.length) cookies = set.join("; ");
  return response;
}

const first = await (await call("/api/session")).json();
const session = await (
  await call("/api/session", {
    method: "POST",
    headers: { "Content-Type": "application/json", "X-CSRF-TOKEN": first.csrfToken },
    body: JSON.stringify({ email: "ada@lockhouse.example", password: "golden crust" }),
  })
).json();
const kitchen = session.kitchens[0].id;
const design = readFileSync("database/data/demo/smoked-trout-and-leek-quiche.json", "utf8");

let asked = 0;
const forecast = (body) =>
  call(`/api/kitchens/${kitchen}/forecast`, {
    method: "POST",
    headers: { "Content-Type": "application/json", "X-CSRF-TOKEN": session.csrfToken },
    body,
  });

const asks = {
  // each time another design, so that none was answered before
  "api-forecast": () => forecast(design.replace('"notes": "', `"notes": "${asked++} `)),
  "api-forecast-again": () => forecast(design),
  "api-ping": () => call("/api/ping"),
  "api-pies": () => call(`/api/kitchens/${kitchen}/pies`),
};

const at = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];

async function measure(ask) {
  for (let i = 0; i < 20; i++) await (await ask()).arrayBuffer();
  const times = [];
  const running = [];
  const start = performance.now();
  for (let i = 0; i < PER_SECOND * SECONDS; i++) {
    const due = start + (i * 1000) / PER_SECOND;
    await new Promise((resolve) => setTimeout(resolve, Math.max(0, due - performance.now())));
    const sent = performance.now();
    running.push(
      ask().then(async (response) => {
        await response.arrayBuffer();
        if (!response.ok) throw new Error(`It answered ${response.status}.`);
        times.push(performance.now() - sent);
      }),
    );
  }
  await Promise.all(running);
  return times.sort((a, b) => a - b);
}

const results = {};
for (const [name, ask] of Object.entries(asks)) results[name] = await measure(ask);
const ping = at(results["api-ping"], 0.5);
for (const [name, times] of Object.entries(results)) {
  console.log(
    JSON.stringify({
      name,
      median_ms: Number(at(times, 0.5).toFixed(1)),
      p95_ms: Number(at(times, 0.95).toFixed(1)),
      runs: times.length,
      ratio: Number((at(times, 0.5) / ping).toFixed(2)),
      note: `${PER_SECOND} a second; ratio to the empty answer${name === "api-forecast" ? "; bar p95 80 ms" : ""}`,
    }),
  );
}
