/* How much script a first load takes, packed: every chunk there is, so an upper bound for any one room. */
import { readdirSync, readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";

const folder = "public/app/assets";
const chunks = readdirSync(folder).filter((name) => name.endsWith(".js"));
const kB = chunks.reduce(
  (sum, name) => sum + gzipSync(readFileSync(`${folder}/${name}`), { level: 6 }).length / 1000,
  0,
);
console.log(
  JSON.stringify({
    name: "script-size",
    median_ms: null,
    runs: 1,
    kilobytes: Math.round(kB),
    note: `${chunks.length} chunks, gzip; bar 350 kB`,
  }),
);
