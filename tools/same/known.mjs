/*
 * Asks every running worker for thirty answers that are known. Usage: HOJALDRE_FPM=SOCKET node known.mjs FILE_WITH_THE_ANSWERS;
 * exit 1 where a worker gives another one.
 */
import { readFileSync } from "node:fs";
import { dirname } from "node:path";
import { fileURLToPath } from "node:url";
import { askFpm } from "../bench/fpm.mjs";

/** php-fpm has six workers and gives a question to any that is free: so many rounds of six reach each of them. */
const ROUNDS = 4;
const AT_ONCE = 6;

const known = JSON.parse(readFileSync(process.argv[2], "utf8")).answers;
const script = `${process.env.HOJALDRE_CODE ?? dirname(dirname(dirname(fileURLToPath(import.meta.url))))}/tools/same/answer.php`;
const wrong = new Set();
const workers = new Set();
let jit = false;
for (let round = 0; round < ROUNDS; round++) {
  const asked = Array.from({ length: AT_ONCE }, () => askFpm(process.env.HOJALDRE_FPM, script, { ASK: "known" }));
  for (const got of await Promise.all(asked)) {
    workers.add(got.pid);
    jit ||= got.jit;
    for (const [what, mark] of Object.entries(known)) if (got.answers[what] !== mark) wrong.add(what);
  }
}
for (const what of wrong) console.log(`  another answer: ${what}`);
if (Object.keys(known).length < 30) wrong.add("fewer than thirty are known");
console.log(
  `  ${Object.keys(known).length} known answers, ${workers.size} workers ${jit ? "with" : "without"} the JIT: ${wrong.size === 0 ? "all the same" : `${wrong.size} differ`}`,
);
process.exit(wrong.size === 0 ? 0 : 1);
