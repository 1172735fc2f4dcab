import { useEffect, useRef, useState } from "react";
import { strike } from "../../ui/strike";

const KEPT = "hojaldre.oven-sound";
const AGAIN_MS = 60_000;

/** The time, kept up four times a second. */
export function useNow(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(timer);
  }, []);
  return now;
}

/** The screen stays awake while this is on it; a device that cannot is left alone. */
export function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    const hold = async () => {
      if (document.visibilityState !== "visible") return;
      lock = (await navigator.wakeLock?.request("screen").catch(() => null)) ?? null;
    };
    void hold();
    document.addEventListener("visibilitychange", hold);
    return () => {
      document.removeEventListener("visibilitychange", hold);
      void lock?.release();
    };
  }, []);
}

/** Sound and buzz, if they are wanted: one soft strike when something is due, and again after a minute. */
export function useStrikes(dueKeys: string[]) {
  const [on, setOn] = useState(() => localStorage.getItem(KEPT) === "on");
  const struck = useRef(new Map<string, number>());
  const keys = dueKeys.join(" ");
  useEffect(() => {
    const now = Date.now();
    for (const key of keys.split(" ").filter(Boolean)) {
      const at = struck.current.get(key);
      if (at !== undefined && now - at < AGAIN_MS) continue;
      struck.current.set(key, at === undefined ? now : Number.POSITIVE_INFINITY);
      if (!on) continue;
      strike();
      navigator.vibrate?.([200, 100, 200]);
    }
  });
  const toggle = () => {
    localStorage.setItem(KEPT, on ? "off" : "on");
    setOn(!on);
  };
  return { on, toggle };
}
