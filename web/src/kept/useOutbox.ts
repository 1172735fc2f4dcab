import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem } from "../api/client";

const AGAIN_MS = 3000;

const kept = <T>(key: string): T[] => {
  try {
    const found = JSON.parse(localStorage.getItem(key) ?? "[]");
    return Array.isArray(found) ? (found as T[]) : [];
  } catch {
    return [];
  }
};

/** What was pressed and is not sent yet: kept on the device, sent in order when there is a connection, once each. */
export function useOutbox<T>(key: string, sendOne: (one: T) => Promise<void>) {
  const [waiting, setWaiting] = useState(() => kept<T>(key));
  const [refused, setRefused] = useState<string | null>(null);
  const queue = useRef(waiting);
  const busy = useRef(false);

  const store = useCallback(
    (to: T[]) => {
      queue.current = to;
      if (to.length) localStorage.setItem(key, JSON.stringify(to));
      else localStorage.removeItem(key);
      setWaiting(to);
    },
    [key],
  );

  const send = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      for (let next = queue.current[0]; next; next = queue.current[0]) {
        await sendOne(next);
        store(queue.current.slice(1));
      }
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      // what the server will never take must not hold up the rest
      if (!thrown.isOffline && thrown.problem.status < 500) {
        setRefused(thrown.problem.mend);
        store(queue.current.slice(1));
      }
    } finally {
      busy.current = false;
    }
  }, [sendOne, store]);

  useEffect(() => {
    if (waiting.length === 0) return;
    void send();
    const timer = setInterval(() => void send(), AGAIN_MS);
    return () => clearInterval(timer);
  }, [waiting.length, send]);

  const put = (one: T) => {
    setRefused(null);
    store([...queue.current, one]);
  };
  return { waiting, put, refused };
}
