/** One act on a state: at once, or when an answer is there. */
export type Operation<S> = (now: S) => S | Promise<S>;

type Waiting<S> = { run: Operation<S>; quick: boolean; done: () => void; failed: (why: unknown) => void };

/** What there is now, what to show while answers are still out, and whether any is. */
type Standing<S> = { state: S; shown: S; waits: boolean };

/**
 * Acts on a state, one after another in the order they were made, each on what the one before it left: whatever answers when,
 * none is lost and none is done to an older state. Quick ones that wait are shown already.
 */
export function operations<S>(first: S, show: (standing: Standing<S>) => void) {
  let state = first;
  const queue: Waiting<S>[] = [];
  let busy = false;

  const standing = (): Standing<S> => ({
    state,
    shown: queue.slice(busy ? 1 : 0).reduce(ahead, state),
    waits: queue.length > 0,
  });

  const work = () => {
    while (!busy && queue[0]) {
      const one = queue[0];
      let made: S | Promise<S>;
      try {
        made = one.run(state);
      } catch (why) {
        queue.shift();
        one.failed(why);
        continue;
      }
      if (!(made instanceof Promise)) {
        state = made;
        queue.shift();
        one.done();
        continue;
      }
      busy = true;
      made.then(
        (to) => finish(() => one.done(), to),
        (why) => finish(() => one.failed(why)),
      );
    }
    show(standing());
  };

  const finish = (tell: () => void, to = state) => {
    state = to;
    queue.shift();
    busy = false;
    tell();
    work();
  };

  /** Resolves when it was done, and is refused with what it threw; the state is then as it was. */
  const run = (operation: Operation<S>, quick = false): Promise<void> =>
    new Promise((done, failed) => {
      queue.push({ run: operation, quick, done, failed });
      if (!busy) work();
      else show(standing());
    });

  return { run, now: () => state, standing };
}

/** What a quick act will come to; one that cannot be done yet is left out. */
function ahead<S>(state: S, { quick, run }: Waiting<S>): S {
  if (!quick) return state;
  try {
    return run(state) as S;
  } catch {
    return state;
  }
}
