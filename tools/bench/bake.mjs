/* Bakes in php-fpm as shipped: asked over its socket, timed inside, the first one after the start apart. */
import { askFpm } from "./fpm.mjs";

const ask = (parameters) => askFpm(process.env.HOJALDRE_FPM, `${process.cwd()}/tools/bench/bake.php`, parameters);
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
