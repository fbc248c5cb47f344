import { useCallback, useEffect, useRef, useState } from "react";
import { elapsed, type Running, readingOf, type Timing, TRIAL } from "./timing";

const STORED = "lexicor.timer";
const TICK_MS = 100;

function kept(place: string): Running | undefined {
  try {
    const found = JSON.parse(localStorage.getItem(STORED) ?? "null") as Running | null;
    return found?.place === place ? found : undefined;
  } catch {
    return undefined;
  }
}

/**
 * The timer of one place. It counts by the clock and not by its own beat, stops by itself at the goal, and goes on after a
 * reload.
 */
export function useTimer(
  place: string,
  timing: Timing | undefined,
  onReading: (changes: Record<string, number>) => void,
) {
  const [running, setRunning] = useState<Running | undefined>(() => kept(place));
  const [now, setNow] = useState(() => Date.now());
  const goal = timing?.goal;
  const report = useRef(onReading);
  report.current = onReading;

  const keep = useCallback((next: Running | undefined) => {
    setRunning(next);
    if (next) {
      localStorage.setItem(STORED, JSON.stringify(next));
    } else {
      localStorage.removeItem(STORED);
    }
  }, []);

  useEffect(() => setRunning(kept(place)), [place]);

  const isRunning = running !== undefined && running.stoppedAt === undefined;
  useEffect(() => {
    if (!isRunning) {
      return;
    }
    const beat = setInterval(() => {
      const time = Date.now();
      setNow(time);
      if (running && goal !== undefined && (time - running.startedAt) / 1000 >= goal) {
        keep({ ...running, stoppedAt: goal, trials: running.trials + (timing?.kind === "trial" ? 1 : 0) });
      }
    }, TICK_MS);
    return () => clearInterval(beat);
  }, [isRunning, running, goal, timing?.kind, keep]);

  const toggle = () => {
    if (!timing) {
      return;
    }
    const time = Date.now();
    if (!running || running.stoppedAt !== undefined) {
      setNow(time);
      keep({ place, startedAt: time, trials: running?.trials ?? 0 });
      return;
    }
    const seconds = elapsed(running, time, goal);
    const held = timing.kind === "trial" && seconds >= TRIAL.enough;
    keep({ ...running, stoppedAt: seconds, trials: running.trials + (held ? 1 : 0) });
    const reading = readingOf(timing.kind, seconds);
    if (reading) {
      report.current(reading);
    }
  };

  return {
    seconds: running ? elapsed(running, now, goal) : 0,
    isRunning,
    isStopped: running?.stoppedAt !== undefined,
    trials: running?.trials ?? 0,
    toggle,
    clear: () => keep(undefined),
  };
}
