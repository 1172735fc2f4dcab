/*
 * The same questions to PHP without a JIT, in a process of its own, and to the long-lived workers as shipped; every answer must have the same
 * bits. SAME_DESIGNS designs (20,000) and a share of the plans and prep lists; exit 1 names what differs.
 */
import { spawn } from "node:child_process";
import { dirname } from "node:path";
import { fileURLToPath } from "node:url";
import { askFpm } from "../bench/fpm.mjs";

const root = dirname(dirname(dirname(fileURLToPath(import.meta.url))));
const script = `${process.env.HOJALDRE_CODE ?? root}/tools/same/answer.php`;
const designs = Number(process.env.SAME_DESIGNS ?? 20000);
/** Of the rest, one in so many. */
const share = Number(process.env.SAME_SHARE ?? 1);
const pieces = (kind, count, each) =>
  Array.from({ length: Math.ceil(count / each) }, (_, i) => `${kind} ${i * each} ${Math.min(each, count - i * each)}`);
const asks = [
  ...pieces("design", designs, 10),
  ...pieces("phrase", 600, 20),
  ...pieces("recipe", 80, 4),
  ...pieces("plan", Math.ceil(120 / share), 2),
  ...pieces("prep", Math.ceil(400 / share), 5),
];

const shell = (list) =>
  new Promise((resolve, reject) => {
    const php = spawn(
      "php",
      ["-d", "opcache.jit=disable", "-d", "memory_limit=1G", `${root}/tools/same/answer.php`, "-"],
      {
        env: { ...process.env, PHP_INI_SCAN_DIR: `:${root}/ops/php` },
        stdio: ["pipe", "pipe", "inherit"],
      },
    );
    let said = "";
    php.stdout.on("data", (part) => {
      said += part;
    });
    php.on("close", () => {
      try {
        resolve(JSON.parse(said));
      } catch {
        reject(new Error(`php said: ${said.slice(-2000)}`));
      }
    });
    php.stdin.end(list.join("\n"));
  });

const started = performance.now();
const wanted = {};
const got = {};
const requests = {};
let jit = false;

const todo = [...asks];
async function worker() {
  for (let ask = todo.shift(); ask !== undefined; ask = todo.shift()) {
    const one = await askFpm(process.env.HOJALDRE_FPM, script, { ASK: ask });
    requests[one.pid] = (requests[one.pid] ?? 0) + 1;
    jit ||= one.jit;
    Object.assign(got, one.answers);
  }
}
const reference = (async () => {
  const one = await shell(asks);
  if (one.jit) throw new Error("The reference ran with the JIT.");
  Object.assign(wanted, one.answers);
})();
// six at once, so that every worker of php-fpm grows old
await Promise.all([reference, ...Array.from({ length: 6 }, worker)]);

const differ = Object.keys(wanted).filter((what) => wanted[what] !== got[what]);
const counts = Object.values(requests);
process.stdout.write(
  `${JSON.stringify({
    name: "same",
    runs: Object.keys(wanted).length,
    differ: differ.length,
    median_ms: Math.round(performance.now() - started),
    workers: counts.length,
    requests_a_worker: counts.length === 0 ? 0 : [Math.min(...counts), Math.max(...counts)],
    note: `designs, phrases, recipes, plans and prep lists, without any JIT and in php-fpm ${jit ? "with its JIT" : "WITHOUT a JIT"}: the same bits`,
  })}\n`,
);
for (const what of differ.slice(0, 20)) console.log(`differs: ${what}`);
process.exit(differ.length === 0 && Object.keys(wanted).length > 0 ? 0 : 1);
