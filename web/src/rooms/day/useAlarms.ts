import { useEffect, useRef, useState } from "react";
import type { DayAct } from "../../api/client";

const STRIKE_HZ = 660;
const STRIKE_SECONDS = 0.9;
const TOO_OLD = 3;

/** One soft strike. */
function strike() {
  const audio = new AudioContext();
  const tone = audio.createOscillator();
  const loud = audio.createGain();
  tone.frequency.value = STRIKE_HZ;
  loud.gain.setValueAtTime(0.25, audio.currentTime);
  loud.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + STRIKE_SECONDS);
  tone.connect(loud).connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + STRIKE_SECONDS);
  tone.onended = () => void audio.close();
}

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
