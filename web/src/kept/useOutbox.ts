import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem, type Problem } from "../api/client";

const AGAIN_MS = 3000;

const kept = <T>(key: string): T[] => {
  try {
    const found = JSON.parse(localStorage.getItem(key) ?? "[]");
    return Array.isArray(found) ? (found as T[]) : [];
  } catch {
    return [];
  }
};

/** Without the first that is the same. */
function without<T>(all: T[], one: T): T[] {
  const words = JSON.stringify(one);
  const at = all.findIndex((each) => JSON.stringify(each) === words);
  return at < 0 ? all : [...all.slice(0, at), ...all.slice(at + 1)];
}

/** Puts on the device what is kept of a key, beside what another tab keeps there. Without room for it, it lives as long as the tab. */
function keep<T>(key: string, change: (all: T[]) => T[]) {
  const to = change(kept<T>(key));
  try {
    if (to.length) localStorage.setItem(key, JSON.stringify(to));
    else localStorage.removeItem(key);
  } catch {
    // the press counts all the same, and is sent from memory
  }
}

const problemOf = (sending: Promise<void>): Promise<Problem | null> =>
  sending.then(
    () => null,
    (thrown) => {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      return thrown.problem;
    },
  );

/** No line, a server that is ill or busy, nobody signed in. What the server will never take must not hold up the rest. */
const isToWait = ({ status }: Problem) => status === 0 || status >= 500 || status === 401 || status === 429;

const told = (trouble: Problem) => (trouble.status >= 400 && trouble.status < 500 ? trouble : null);

/**
 * What was pressed and is not sent yet: kept on the device, sent in order when there is a connection. A tab sends what it has pressed,
 * and what it found on the device when it was opened: another tab may be sending that too, so it has to bear being sent twice.
 */
export function useOutbox<T>(key: string, sendOne: (one: T) => Promise<void>) {
  const [waiting, setWaiting] = useState(() => kept<T>(key));
  const [refused, setRefused] = useState<Problem | null>(null);
  const queue = useRef(waiting);
  const busy = useRef(false);
  const how = useRef(sendOne);
  how.current = sendOne;

  const store = useCallback((to: T[]) => {
    queue.current = to;
    setWaiting(to);
  }, []);

  const send = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      for (let next = queue.current[0]; next !== undefined; next = queue.current[0]) {
        const trouble = await problemOf(how.current(next));
        // what has to be mended first is told: it is sent when one is signed in again
        setRefused((before) => (trouble ? told(trouble) : null) ?? (before && isToWait(before) ? null : before));
        if (trouble && isToWait(trouble)) return;
        const sent = next;
        keep<T>(key, (all) => without(all, sent));
        store(queue.current.slice(1));
      }
    } finally {
      busy.current = false;
    }
  }, [key, store]);

  useEffect(() => {
    if (waiting.length === 0) return;
    void send();
    const timer = setInterval(() => void send(), AGAIN_MS);
    return () => clearInterval(timer);
  }, [waiting.length, send]);

  const put = (one: T) => {
    setRefused(null);
    keep<T>(key, (all) => [...all, one]);
    store([...queue.current, one]);
  };
  return { waiting, put, refused: refused?.mend ?? null };
}
