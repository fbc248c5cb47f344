import type { Changes, Examination, LeafValue, Leaves, Pad, Side } from "./types";

/** The sign that a quality is of: whoever says where it hurts says that it hurts. */
const SIGN_OF: Record<string, string> = {
  "pain.site": "pain.present",
  "tingling.fingers": "tingling.present",
};

/** What stands recorded at one place, nothing if nothing does. */
export function leavesAt(examination: Examination, test: string, at: string, side: Side): Leaves {
  const place = examination.readings.find((r) => r.test === test && r.at === at && r.side === side);
  return (place?.values ?? {}) as Leaves;
}

/** Several codes as a list; one alone is how they were recorded when there could be only one. */
export function codesOf(value: LeafValue | undefined): string[] {
  return Array.isArray(value) ? value : typeof value === "string" && value !== "none" ? [value] : [];
}

function isSo(wanted: LeafValue, value: LeafValue | undefined): boolean {
  if (!Array.isArray(wanted)) {
    return value === wanted;
  }
  const codes = codesOf(value);
  return wanted.length === 0
    ? value !== undefined && codes.length === 0
    : wanted.every((c) => codes.includes(c));
}

/** Whether everything that the pad sets stands so. */
export function isOn(pad: Pad, leaves: Leaves): boolean {
  return Object.entries(pad.sets).every(([leaf, value]) => isSo(value, leaves[leaf]));
}

/**
 * A pad that is on is taken off again; one that is off sets its leaves. Of several codes at once, only the pad's own come and
 * go.
 */
export function padChanges(pad: Pad, leaves: Leaves): Changes {
  const on = isOn(pad, leaves);
  const changes: Changes = {};
  for (const [leaf, value] of Object.entries(pad.sets)) {
    if (Array.isArray(value) && value.length > 0) {
      const others = codesOf(leaves[leaf]).filter((c) => !value.includes(c));
      const codes = on ? others : [...others, ...value];
      changes[leaf] = codes.length > 0 ? codes : null;
      const sign = SIGN_OF[leaf];
      if (!on && sign && leaves[sign] === false) {
        changes[sign] = true;
      }
    } else {
      changes[leaf] = on ? null : value;
    }
  }
  return changes;
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
