import type { Catalogue, Changes, LeafValue, Pad } from "../api/types";
import type { Act } from "./act";

/** What an act did, in words: the case, the test, its place where it has several, the side and what was set. */
export function actWords(act: Act, catalogue: Catalogue | undefined): string {
  if (act.kind === "undo") {
    return `${act.code}: a tap taken back`;
  }
  const test = catalogue?.tests.find((t) => t.id === act.test);
  const board = test?.boards.find((b) => b.at === act.at);
  const where = board && test && test.boards.length > 1 ? [board.label] : [];
  const what = setWords(act.changes, (board?.pads ?? []) as Pad[]);
  return `${act.code}: ${[test?.name ?? act.test, ...where, act.side, ...what].join(", ")}`;
}

/** The pads that set just this, and what no pad does by its leaf. A pad is named only where all that it sets was set. */
function setWords(changes: Changes, pads: Pad[]): string[] {
  const left = new Map(Object.entries(changes));
  const named = [...pads]
    .sort((one, other) => Object.keys(other.sets).length - Object.keys(one.sets).length)
    .filter((pad) => {
      const sets = Object.entries(pad.sets);
      const whole =
        sets.length > 0 &&
        sets.every(([leaf, value]) => left.has(leaf) && String(left.get(leaf)) === String(value));
      if (whole) {
        for (const [leaf] of sets) {
          left.delete(leaf);
        }
      }
      return whole;
    });
  return [...named.map((p) => p.label), ...[...left].map(([leaf, value]) => leafWords(leaf, value))];
}

/** What one leaf came to, for example "pain familiar no". */
export function leafWords(leaf: string, value: LeafValue | null): string {
  const name = leaf.replace("mark.", "").replace(".", " ");
  return value === null
    ? `${name} cleared`
    : `${name} ${value === true ? "yes" : value === false ? "no" : Array.isArray(value) ? value.join(", ") : value}`;
}
