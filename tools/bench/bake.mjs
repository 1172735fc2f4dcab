/* Bakes in php-fpm as shipped: asked over its socket, timed inside, the first one after the start apart. */
import { connect } from "node:net";

const socket = process.env.HOJALDRE_FPM;
const script = `${process.cwd()}/tools/bench/bake.php`;
const BEGIN = Buffer.from([1, 1, 0, 1, 0, 8, 0, 0, 0, 1, 0, 0, 0, 0, 0, 0]);

const size = (length) =>
  length < 128 ? Buffer.from([length]) : Buffer.from([(length >> 24) | 128, length >> 16, length >> 8, length]);
const record = (type, body) =>
  Buffer.concat([Buffer.from([1, type, 0, 1, body.length >> 8, body.length & 255, 0, 0]), body]);

/** One request in the protocol of php-fpm; only what its answer says on standard output is read. */
function ask(parameters) {
  return new Promise((resolve, reject) => {
    const all = {
      SCRIPT_FILENAME: script,
      REQUEST_METHOD: "GET",
      REQUEST_URI: "/",
      SERVER_PROTOCOL: "HTTP/1.1",
      ...parameters,
    };
    const pairs = Object.entries(all).map(([name, value]) =>
      Buffer.concat([size(name.length), size(String(value).length), Buffer.from(name + value)]),
    );
    const at = performance.now();
    const line = connect(socket, () =>
      line.write(
        Buffer.concat([BEGIN, record(4, Buffer.concat(pairs)), record(4, Buffer.alloc(0)), record(5, Buffer.alloc(0))]),
      ),
    );
    let got = Buffer.alloc(0);
    line.on("data", (part) => {
      got = Buffer.concat([got, part]);
    });
    line.on("error", reject);
    line.on("close", () => {
      let text = "";
      for (let from = 0; from + 8 <= got.length; ) {
        const length = got.readUInt16BE(from + 4);
        if (got[from + 1] === 6) text += got.subarray(from + 8, from + 8 + length).toString();
        from += 8 + length + got[from + 6];
      }
      const body = text.slice(text.indexOf("{"));
      try {
        resolve({ ...JSON.parse(body), whole: performance.now() - at });
      } catch {
        reject(new Error(`php-fpm said: ${text}`));
      }
    });
  });
}

const middle = (list) => [...list].sort((a, b) => a - b)[list.length >> 1];
const round = (ms) => Math.round(ms * 10) / 10;
const say = (line) => process.stdout.write(`${JSON.stringify({ ...line, mode: "php-fpm, as shipped" })}\n`);

const first = await ask({ CASE: 0, WHAT: "fine" });
say({
  name: "first bake after the start",
  median_ms: round(first.whole),
  runs: 1,
  note: "with reading all code; bar 400 ms",
});
// every worker compiles for itself what is run often
for (let i = 0; i < 40; i++) for (const CASE of [0, 3]) await ask({ CASE, WHAT: "fine" });
for (let i = 0; i < 10; i++)
  for (const CASE of [0, 3]) for (const WHAT of ["coarse", "forecast", "ways"]) await ask({ CASE, WHAT });
for (const [CASE, kind, bar] of [
  [0, "open", 40],
  [3, "double crust", 50],
]) {
  for (const [WHAT, note] of [
    ["fine", `bar ${bar} ms`],
    ["coarse", "for ranges and ways out"],
    ["forecast", "readings with their ranges; an edit on the bench waits for this, bar 150 ms"],
    ["ways", "ways out of one reading; bar 500 ms to the first, 2 s to all"],
  ]) {
    const runs = [];
    for (let i = 0; i < 31; i++) runs.push(await ask({ CASE, WHAT }));
    const [one] = runs;
    say({
      name: `${WHAT}, ${kind}`,
      median_ms: round(middle(runs.map((run) => run.ms))),
      best_ms: round(Math.min(...runs.map((run) => run.ms))),
      runs: runs.length,
      ...(one.cells ? { cells: one.cells, steps: one.steps } : {}),
      note,
    });
  }
}
