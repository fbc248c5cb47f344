import type { Catalogue } from "../api/types";
import type { Act } from "./act";

/** What an act did, in words: the case, the test, the side and what was set. */
export function actWords(act: Act, catalogue: Catalogue | undefined): string {
  if (act.kind === "undo") {
    return `${act.code}: a tap taken back`;
  }
  const test = catalogue?.tests.find((t) => t.id === act.test);
  const pads = test?.boards.flatMap((b) => b.pads) ?? [];
  const set = Object.entries(act.changes).map(([leaf, value]) => {
    const pad = pads.find((p) => leaf in p.sets && p.sets[leaf] === value);
    return pad?.label ?? `${leaf} ${value === null ? "cleared" : value === true ? "" : value}`.trim();
  });
  return `${act.code}: ${test?.name ?? act.test}, ${act.side}, ${set.join(", ")}`;
}
