import { describe, expect, it } from "vitest";
import { seeded } from "../../draw/random";
import { begin, type History, history } from "../../ui/history";
import { type Operation, operations } from "./operations";

type Pie = { shape: string; measure: string; layers: string[] };
type Held = History<Pie>;

const FIRST: Pie = { shape: "round", measure: "24 cm", layers: ["leeks"] };
const later = (ms: number) => new Promise((done) => setTimeout(done, ms));
const set = (held: Held, by: (pie: Pie) => Pie): Held => history(held, { do: "set", to: by(held.present) });

/** Acts of a cook by a seed: quick ones, words that the server reads, designs it makes anew, undo, redo, a way out, one refused. */
function acts(
  seed: string,
  count: number,
): { make: (wait: () => Promise<unknown>) => Operation<Held>; quick: boolean }[] {
  const dice = seeded(seed);
  return Array.from({ length: count }, (_, n) => {
    const pick = Math.floor(dice() * 7);
    switch (pick) {
      case 0:
        return {
          quick: true,
          make: () => (held) => set(held, (pie) => ({ ...pie, shape: `shape ${n}`, measure: "none" })),
        };
      case 1:
        return { quick: true, make: () => (held) => history(held, { do: "undo" }) };
      case 2:
        return { quick: true, make: () => (held) => history(held, { do: "redo" }) };
      case 3:
        return {
          quick: true,
          make: () => (held) => set(held, (pie) => ({ ...pie, layers: [...pie.layers, `layer ${n}`] })),
        };
      case 4:
        return {
          quick: false,
          make: (wait) => async (held) => {
            await wait();
            return set(held, (pie) => ({ ...pie, measure: `${n} of a ${pie.shape}` }));
          },
        };
      case 5:
        return {
          quick: false,
          make: (wait) => async (held) => {
            await wait();
            // made anew from all that was sent, as scaling is
            return set(held, (pie) => ({ ...pie, layers: pie.layers.map((layer) => `${layer} x${n}`) }));
          },
        };
      default:
        return {
          quick: false,
          make: (wait) => async () => {
            await wait();
            throw new Error("refused");
          },
        };
    }
  });
}

async function run(
  seed: string,
  count: number,
  wait: () => Promise<unknown>,
  pause: () => Promise<unknown>,
): Promise<Held> {
  const queue = operations<Held>(begin(FIRST), () => {});
  const all: Promise<void>[] = [];
  for (const { make, quick } of acts(seed, count)) {
    all.push(queue.run(make(wait), quick).catch(() => {}));
    await pause();
  }
  await Promise.all(all);
  return queue.now();
}

describe("acts on a design", () => {
  it("end where they end without delays, whatever answers when", async () => {
    for (let pie = 0; pie < 40; pie++) {
      const dice = seeded(`delays ${pie}`);
      const now = () => Promise.resolve();
      const straight = await run(`pie ${pie}`, 30, now, () => later(0));
      const delayed = await run(
        `pie ${pie}`,
        30,
        () => later(dice() * 4),
        () => (dice() < 0.5 ? now() : later(dice() * 3)),
      );
      expect(delayed).toEqual(straight);
    }
  });

  it("are done at once where nothing is waited for, and one that is refused leaves everything as it was", async () => {
    const queue = operations<Held>(begin(FIRST), () => {});
    void queue.run((held) => set(held, (pie) => ({ ...pie, shape: "oblong" })), true);
    expect(queue.now().present.shape).toBe("oblong");
    await expect(queue.run(() => Promise.reject(new Error("refused")))).rejects.toThrow("refused");
    await expect(
      queue.run(() => {
        throw new Error("broken");
      }),
    ).rejects.toThrow("broken");
    expect([queue.now().present.shape, queue.standing().waits]).toEqual(["oblong", false]);
  });

  it("show a quick act that waits its turn, and never do it to an older state", async () => {
    const queue = operations<Held>(begin(FIRST), () => {});
    let answer: () => void = () => {};
    const slow = queue.run(async (held) => {
      await new Promise<void>((done) => {
        answer = done;
      });
      return set(held, (pie) => ({ ...pie, measure: "2 l" }));
    });
    void queue.run((held) => set(held, (pie) => ({ ...pie, shape: "dish" })), true);
    expect([queue.standing().shown.present.shape, queue.now().present.shape]).toEqual(["dish", "round"]);
    answer();
    await slow;
    expect(queue.now().present).toEqual({ ...FIRST, measure: "2 l", shape: "dish" });
  });
});
