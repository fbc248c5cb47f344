import { withChanges } from "../api/examination";
import type { Changes, Examination, Side } from "../api/types";

/** A tap on its way to the server. */
export interface TapAct {
  kind: "tap";
  code: string;
  tapId: string;
  test: string;
  at: string;
  side: Side;
  changes: Changes;
  /** The visit that it was made at; absent in what an earlier version kept. */
  visit?: number;
  /** The case itself, whatever its code comes to stand for; absent in what an earlier version kept. */
  caseId?: number;
  /** When it was made, by this device's clock, in milliseconds. */
  madeAt: number;
  /** Who made it; absent in what an earlier version kept. */
  by?: string;
}

/** A tap to be taken back. */
export interface UndoAct {
  kind: "undo";
  code: string;
  tapId: string;
  caseId?: number;
  madeAt: number;
  by?: string;
}

export type Act = TapAct | UndoAct;

/** What the server said last, with everything that is still on its way to it. */
export function examinationWith(saved: Examination, acts: Act[]): Examination {
  const takenBack = new Set(acts.filter((a) => a.kind === "undo").map((a) => a.tapId));
  let shown = saved;
  // What an earlier version kept on this device had none.
  let lastTaps = (saved.lastTaps ?? []).filter((t) => !takenBack.has(t.tapId));
  for (const act of acts) {
    if (act.kind === "tap" && !takenBack.has(act.tapId)) {
      shown = withChanges(shown, act, act.changes);
      const { tapId, test, at, side } = act;
      lastTaps = [{ tapId, test, at, side }, ...lastTaps.filter((t) => t.tapId !== tapId)];
    }
  }
  return { ...shown, lastTaps };
}
