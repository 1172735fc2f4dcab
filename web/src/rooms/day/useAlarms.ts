import { useEffect, useRef, useState } from "react";
import type { DayAct } from "../../api/client";
import { strike } from "../../ui/strike";

const TOO_OLD = 3;

/** While the page is open: says what is due when its minute comes, with a strike and a buzz if they are wanted. */
export function useAlarms(acts: DayAct[], nowMinute: number) {
  const [on, setOn] = useState(false);
  const [due, setDue] = useState<DayAct[]>([]);
  const heard = useRef(nowMinute);
  useEffect(() => {
    const before = Math.max(heard.current, nowMinute - TOO_OLD);
    heard.current = nowMinute;
    if (!on || nowMinute <= before) return;
    const now = acts.filter((act) => act.fromMinute > before && act.fromMinute <= nowMinute);
    if (now.length === 0) return;
    setDue(now);
    strike();
    navigator.vibrate?.([200, 100, 200]);
  }, [acts, nowMinute, on]);
  return { on, toggle: () => setOn(!on), due, hush: () => setDue([]) };
}
