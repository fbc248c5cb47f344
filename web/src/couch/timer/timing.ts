import type { Board, ClinicalTest } from "../../api/types";

/** What a timer is for, and so what stopping it means. */
export type TimerKind = "onset" | "refill" | "hold" | "trial";

export interface Timing {
  kind: TimerKind;
  /** Where it stops by itself, in seconds; none for refill. */
  goal: number | undefined;
}

/** A trial of strength is held this long. */
export const TRIAL = { enough: 6, longest: 8 };

const STRENGTH_LEAVES = ["forceN", "gripKg"];

/** How a test is timed at a place, if it is. */
export function timingOf(
  test: ClinicalTest,
  board: Board,
  holdSeconds: number | undefined,
): Timing | undefined {
  const reads = (leaf: string) => board.dials.some((d) => d.leaf === leaf);
  if (reads("onsetSeconds")) {
    return { kind: "onset", goal: holdSeconds };
  }
  if (reads("refillSeconds")) {
    return { kind: "refill", goal: undefined };
  }
  if (holdSeconds !== undefined) {
    return { kind: "hold", goal: holdSeconds };
  }
  const has = (pad: string) => board.pads.some((p) => p.id === pad);
  // Strength is held; what only falls, or is felt on the skin, is not.
  const strength =
    test.kind === "strength" ||
    STRENGTH_LEAVES.some(reads) ||
    (has("weak-clearly") && !has("drops") && test.kind !== "sensation");
  return strength ? { kind: "trial", goal: TRIAL.longest } : undefined;
}

/** A timer that runs or was stopped. It is kept on the device, so that a reload does not lose it. */
export interface Running {
  /** The case, test, place and side it belongs to. */
  place: string;
  startedAt: number;
  /** Seconds when it was stopped; absent while it runs. */
  stoppedAt?: number;
  /** Trials held long enough, on this side. */
  trials: number;
}

export function elapsed(running: Running, now: number, goal: number | undefined): number {
  const seconds = running.stoppedAt ?? (now - running.startedAt) / 1000;
  return Math.min(seconds, goal ?? Number.POSITIVE_INFINITY);
}

/** The reading that stopping gives: whole seconds of onset, tenths of refill. */
export function readingOf(kind: TimerKind, seconds: number): Record<string, number> | undefined {
  if (kind === "onset") {
    return { onsetSeconds: Math.round(seconds) };
  }
  return kind === "refill" ? { refillSeconds: Math.round(seconds * 10) / 10 } : undefined;
}
