import { useCallback, useEffect, useRef, useState } from "react";
import { elapsed, type Running, readingOf, type Timing, TRIAL } from "./timing";

const STORED = "lexicor.timer";

function kept(place: string): Running | undefined {
  try {
    const found = JSON.parse(localStorage.getItem(STORED) ?? "null") as Running | null;
    return found?.place === place ? found : undefined;
  } catch {
    return undefined;
  }
}

/**
 * The timer of one place. It counts by the clock and not by a beat of its own, stops by itself at the goal, and goes on after a
 * reload. It changes when it is started and stopped and not in between: whoever shows the seconds has {@link useSeconds}.
 */
export function useTimer(
  place: string,
  timing: Timing | undefined,
  onReading: (changes: Record<string, number>) => void,
) {
  const [running, setRunning] = useState<Running | undefined>(() => kept(place));
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
    if (!isRunning || !running || goal === undefined) {
      return;
    }
    const left = running.startedAt + goal * 1000 - Date.now();
    const end = setTimeout(
      () =>
        keep({ ...running, stoppedAt: goal, trials: running.trials + (timing?.kind === "trial" ? 1 : 0) }),
      Math.max(0, left),
    );
    return () => clearTimeout(end);
  }, [isRunning, running, goal, timing?.kind, keep]);

  const toggle = () => {
    if (!timing) {
      return;
    }
    const time = Date.now();
    if (!running || running.stoppedAt !== undefined) {
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
    running,
    isRunning,
    isStopped: running?.stoppedAt !== undefined,
    trials: running?.trials ?? 0,
    toggle,
    clear: () => keep(undefined),
  };
}

const BEAT_MS = 100;

/** The seconds that a timer shows, from beat to beat while it runs. */
export function useSeconds(running: Running | undefined, goal: number | undefined): number {
  const [now, setNow] = useState(() => Date.now());
  const runs = running !== undefined && running.stoppedAt === undefined;
  useEffect(() => {
    if (!runs) {
      return;
    }
    setNow(Date.now());
    const beat = setInterval(() => setNow(Date.now()), BEAT_MS);
    return () => clearInterval(beat);
  }, [runs]);
  return running ? elapsed(running, Math.max(now, running.startedAt), goal) : 0;
}
