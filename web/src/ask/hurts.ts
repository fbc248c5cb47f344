import type { Catalogue, Side } from "../api/types";
import type { BodyMap, Site } from "../figures/figure";

/** Where it hurts, as it is kept: a side, a full stop and an area. */
export const hurtOf = (side: Side, area: string) => `${side}.${area}`;

/** The complaints, those first that fit most of what was tapped, on whichever side. */
export function complaintsThatFit(
  complaints: Catalogue["complaints"],
  hurts: readonly string[],
): { fitting: Catalogue["complaints"]; others: Catalogue["complaints"] } {
  const areas = new Set(hurts.map((h) => h.slice(h.indexOf(".") + 1)));
  const matches = (c: Catalogue["complaints"][number]) => (c.hurts ?? []).filter((a) => areas.has(a)).length;
  const fitting = complaints.filter((c) => matches(c) > 0).sort((a, b) => matches(b) - matches(a));
  return { fitting, others: complaints.filter((c) => matches(c) === 0) };
}

/** The tapped places of a view, the other side's on the other arm. */
export function tappedSites(map: BodyMap, hurts: readonly string[], involved: Side): Site[] {
  return map.areas.flatMap(({ id, site }) =>
    (["left", "right"] as const)
      .filter((side) => hurts.includes(hurtOf(side, id)))
      .map((side) => (side === involved ? site : { ...site, part: `other-${site.part}` })),
  );
}
