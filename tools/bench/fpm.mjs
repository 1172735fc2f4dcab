/* Questions to php-fpm over its socket, in its own protocol. */
import { connect } from "node:net";

const BEGIN = Buffer.from([1, 1, 0, 1, 0, 8, 0, 0, 0, 1, 0, 0, 0, 0, 0, 0]);

const size = (length) =>
  length < 128 ? Buffer.from([length]) : Buffer.from([(length >> 24) | 128, length >> 16, length >> 8, length]);
const record = (type, body) =>
  Buffer.concat([Buffer.from([1, type, 0, 1, body.length >> 8, body.length & 255, 0, 0]), body]);

/** One request to a script; only what its answer says on standard output is read, and how long the whole of it took. */
export function askFpm(socket, script, parameters) {
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
