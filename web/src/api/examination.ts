import type { Changes, Examination, Leaves, Pad, Side } from "./types";

/** What stands recorded at one place, nothing if nothing does. */
export function leavesAt(examination: Examination, test: string, at: string, side: Side): Leaves {
  const place = examination.readings.find((r) => r.test === test && r.at === at && r.side === side);
  return (place?.values ?? {}) as Leaves;
}

/** Whether everything that the pad sets stands so. */
export function isOn(pad: Pad, leaves: Leaves): boolean {
  return Object.entries(pad.sets).every(([leaf, value]) => leaves[leaf] === value);
}

/** A pad that is on is taken off again; one that is off sets its leaves. */
export function padChanges(pad: Pad, leaves: Leaves): Changes {
  if (!isOn(pad, leaves)) {
    return pad.sets;
  }
  return Object.fromEntries(Object.keys(pad.sets).map((leaf) => [leaf, null]));
}

/** The examination as it will read once the changes are saved, so that a tap shows at once. */
export function withChanges(
  examination: Examination,
  place: { test: string; at: string; side: Side },
  changes: Changes,
): Examination {
  const values: Leaves = { ...leavesAt(examination, place.test, place.at, place.side) };
  for (const [leaf, value] of Object.entries(changes)) {
    if (value === null) {
      delete values[leaf];
    } else {
      values[leaf] = value;
    }
  }
  const others = examination.readings.filter(
    (r) => r.test !== place.test || r.at !== place.at || r.side !== place.side,
  );
  const readings =
    Object.keys(values).length > 0
      ? [...others, { test: place.test, at: place.at, side: place.side, values }]
      : others;
  return { ...examination, readings };
}
