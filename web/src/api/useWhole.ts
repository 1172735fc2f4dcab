import { useRef } from "react";

/**
 * A thing that is sent whole, whatever of it was changed: a change takes along what is still on its way, and waits its turn. Otherwise
 * the second of two quick changes would bring back what was before the first.
 */
export function useWhole<T>(stored: T, send: (whole: T) => Promise<unknown>): (change: (now: T) => T) => Promise<void> {
  const onItsWay = useRef<{ whole: T } | null>(null);
  const turn = useRef<Promise<unknown>>(Promise.resolve());
  return async (change) => {
    const mine = { whole: change(onItsWay.current ? onItsWay.current.whole : stored) };
    onItsWay.current = mine;
    const sent = turn.current.then(() => send(mine.whole));
    turn.current = sent.catch(() => undefined);
    try {
      await sent;
    } finally {
      if (onItsWay.current === mine) onItsWay.current = null;
    }
  };
}
