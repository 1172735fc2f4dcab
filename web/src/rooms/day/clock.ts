import { useEffect, useState } from "react";
import { clock } from "../../draw/dayScale";
import type { ReadResult } from "../../ui/entry";

const DAY_MINUTES = 1440;
const MINUTE_MS = 60_000;

/** A time of the day as it is typed: 9:30, 0930, 9, 7 pm; "fri" or a minus before it for the day before. */
export function readClock(words: string, beforeToo = false): ReadResult<number> {
  const found =
    /^(-|day before|fri|the day before)?\s*(\d{1,2})(?:[:.h]?(\d{2}))?\s*(am|pm)?\s*(?:(the day before))?$/.exec(
      words.trim().toLowerCase(),
    );
  const minute = Number(found?.[3] ?? 0);
  const half = found?.[4];
  const said = Number(found?.[2]);
  const hour = half ? (said % 12) + (half === "pm" ? 12 : 0) : said;
  const isBefore = Boolean(found?.[1] ?? found?.[5]);
  if (!found || hour > 23 || minute > 59 || (half && (said < 1 || said > 12)) || (isBefore && !beforeToo)) {
    return { ok: false, mend: beforeToo ? "Write a time: 7:30, or 18:00 the day before." : "Write a time: 11:15." };
  }
  return { ok: true, value: hour * 60 + minute - (isBefore ? DAY_MINUTES : 0) };
}

export const sayClock = (minute: number) => `${clock(minute)}${minute < 0 ? " the day before" : ""}`;

/** Hours and minutes of a span. */
export const span = (minutes: number) =>
  minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h${minutes % 60 ? ` ${minutes % 60} min` : ""}`;

/** Minutes from midnight of a date to now. */
const minuteNow = (date: string, now: number) => Math.floor((now - new Date(`${date}T00:00:00`).getTime()) / MINUTE_MS);

/** The minute of the day that it is now, kept up; far off on other days. */
export function useMinuteNow(date: string): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 5000);
    return () => clearInterval(timer);
  }, []);
  return minuteNow(date, now);
}
