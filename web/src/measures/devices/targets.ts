import type { Measure, MeasureItem, Side } from "../../api/types";
import { otherSide } from "../../pieces/format";

const UNITS: Record<string, string> = { dynamometer: "N", grip: "kg", inclinometer: "degrees" };

/** Where a device's next trial goes. */
export interface Target {
  measure: Measure;
  item: MeasureItem;
  side: Side;
}

export const targetKey = (t: Target) => `${t.measure.id} ${t.item.item} ${t.side}`;

/** Everything that a kind of device can measure, in the order of measuring: the other side of each first. */
export function targetsOf(kind: string, measures: Measure[], involved: Side): Target[] {
  const other = otherSide(involved);
  return measures
    .filter((m) => !m.items.some((i) => i.item.startsWith("arc.")))
    .flatMap((measure) =>
      measure.items
        .filter((item) => item.unit === UNITS[kind])
        .flatMap((item) => [other, involved].map((side) => ({ measure, item, side }))),
    );
}

/** How many trials of a target are kept. */
export function keptTrials(target: Target, involved: Side): number[] {
  const side = target.side === involved ? target.measure.involved : target.measure.other;
  return side.values[target.item.item]?.trials ?? [];
}

/** The first target from the given one on that still lacks trials; the given one where none does. */
export function nextTarget(targets: Target[], from: Target | undefined, involved: Side): Target | undefined {
  const start = Math.max(
    0,
    targets.findIndex((t) => from && targetKey(t) === targetKey(from)),
  );
  return targets.slice(start).find((t) => keptTrials(t, involved).length < t.item.trials) ?? targets[start];
}
