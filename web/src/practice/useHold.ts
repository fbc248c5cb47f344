import { useEffect, useState } from "react";
import type { Reply } from "./queries";

const DOUBLE = "lexicor.clock-double";
const BEAT_MS = 100;

/** The clock of a test that is held: it runs until the symptom comes, or to the end. One at a time. */
export function useHold() {
  const [running, setRunning] = useState<{ place: string; startedAt: number }>();
  const [now, setNow] = useState(() => Date.now());
  const [double, keepDouble] = useState(() => localStorage.getItem(DOUBLE) === "yes");
  useEffect(() => {
    if (!running) {
      return;
    }
    const beat = setInterval(() => setNow(Date.now()), BEAT_MS);
    return () => clearInterval(beat);
  }, [running]);
  return {
    double,
    setDouble: (on: boolean) => {
      localStorage.setItem(DOUBLE, on ? "yes" : "no");
      keepDouble(on);
    },
    start: (place: string) => {
      setNow(Date.now());
      setRunning({ place, startedAt: Date.now() });
    },
    /** While it runs for a place, how far it is; nothing once the answer may be read. */
    of: (place: string, reply: Reply | undefined) => {
      if (running?.place !== place || !reply?.held) {
        return undefined;
      }
      const seconds = (Math.max(0, now - running.startedAt) / 1000) * (double ? 2 : 1);
      return seconds >= (reply.afterSeconds ?? reply.held) ? undefined : { seconds, goal: reply.held };
    },
  };
}
