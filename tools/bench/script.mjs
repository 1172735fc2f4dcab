/* How much script a first load takes, packed: the entry with a room and all that both import, of the room that takes most. */
import { readdirSync, readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";

const folder = "public/app/assets";
const texts = new Map(
  readdirSync(folder)
    .filter((name) => name.endsWith(".js"))
    .map((name) => [name, readFileSync(`${folder}/${name}`, "utf8")]),
);
const kB = (names) => [...names].reduce((sum, name) => sum + gzipSync(texts.get(name), { level: 6 }).length / 1000, 0);
const found = (text, pattern) => [...text.matchAll(pattern)].map((match) => match[1]).filter((name) => texts.has(name));

/** A chunk with all that it imports at once; what it imports later is left out. */
function closure(name, into = new Set()) {
  if (into.has(name)) return into;
  into.add(name);
  for (const other of found(texts.get(name), /(?:from|import)\s*["']\.\/([^"']+)["']/g)) closure(other, into);
  return into;
}

const entry = [...texts.keys()].find((name) => name.startsWith("index-"));
const rooms = found(texts.get(entry), /import\(\s*[`"']\.\/([^`"']+)[`"']\s*\)/g);
const loads = rooms
  .map((room) => ({ room: room.split("-")[0], kilobytes: kB(closure(room, closure(entry))) }))
  .sort((a, b) => b.kilobytes - a.kilobytes);
console.log(
  JSON.stringify({
    name: "script-size",
    median_ms: null,
    runs: 1,
    kilobytes: Math.round(loads[0].kilobytes),
    note: `first load of ${loads[0].room}, the heaviest of ${rooms.length} rooms, gzip; bar 350 kB. All ${texts.size} chunks: ${Math.round(kB(texts.keys()))} kB`,
  }),
);
