import { leavesAt } from "../../api/examination";
import type { Board, Dial, Examination, Finding, Pad, Side } from "../../api/types";
import type { PlaceMap } from "../../figures/figure";
import type { PlannedTest } from "../order/order";
import { NOTHING } from "../pads/items";
import type { NewTap } from "../useTaps";

/** One place of the way through a stage. */
export interface RoutePlace {
  key: string;
  /** Where on the way, from 1. */
  number: number;
  test: PlannedTest;
  board: Board;
  name: string;
}

export const keyOf = (test: string, at: string) => `${test}/${at}`;

/** Every place of the tests, in their order. */
export function routeOf(tests: readonly PlannedTest[]): RoutePlace[] {
  return tests
    .flatMap((test) => test.boards.map((board) => ({ test, board })))
    .map(({ test, board }, i) => ({
      key: keyOf(test.id, board.at),
      number: i + 1,
      test,
      board,
      name: board.label || test.shortName,
    }));
}

/** A place where it lies on a map. */
export interface SitedPlace extends RoutePlace {
  site: PlaceMap["marks"][number]["site"];
}

export interface MappedPlaces {
  map: PlaceMap;
  places: SitedPlace[];
}

/** The places on their maps, and those that are on none. */
export function onMaps(
  route: readonly RoutePlace[],
  maps: readonly PlaceMap[],
): { mapped: MappedPlaces[]; others: RoutePlace[] } {
  const left = new Map(route.map((p) => [p.key, p]));
  const mapped: MappedPlaces[] = [];
  for (const map of maps) {
    const places = map.marks.flatMap(({ test, at, name, site }) => {
      const place = left.get(keyOf(test, at));
      left.delete(keyOf(test, at));
      return place ? [{ ...place, name: name || place.name, site }] : [];
    });
    if (places.length > 0) {
      mapped.push({ map, places });
    }
  }
  return { mapped, others: [...left.values()] };
}

const pads = (place: RoutePlace) => place.board.pads as Pad[];

/** The pad that a tap on a place means: what is felt or seen there. */
export const signOf = (place: RoutePlace) => pads(place).find((p) => p.group === "sign" && p.id !== NOTHING);

export const isOpen = (examination: Examination, place: RoutePlace, side: Side) =>
  Object.keys(leavesAt(examination, place.test.id, place.board.at, side)).length === 0;

/** What the criteria that are read there made of a place. */
export function findingsAt(examination: Examination, { test, board }: RoutePlace, side: Side): Finding[] {
  const here = new Set(test.criteria.filter((c) => c.at === board.at).map((c) => c.id));
  return examination.findings.filter((f) => here.has(f.criterion) && f.side === side);
}

export const ACTIVE = "rangeDeg.active";
export const PASSIVE = "rangeDeg.passive";

export const dialOf = (place: RoutePlace, leaf: string): Dial | undefined =>
  place.board.dials.find((d) => d.leaf === leaf);

/** The first movement that is made and then led: what is in hand before another one is. */
export const firstMoved = (route: readonly RoutePlace[]) =>
  route.find((p) => dialOf(p, ACTIVE) && dialOf(p, PASSIVE)) ?? route[0];

/** Nothing found, on both sides, wherever nothing is recorded yet. */
export function restNormal(examination: Examination, route: readonly RoutePlace[]): NewTap[] {
  return route.flatMap((place) => {
    const nothing = pads(place).find((p) => p.id === NOTHING);
    return (["left", "right"] as const).flatMap((side) =>
      nothing && isOpen(examination, place, side)
        ? [{ test: place.test.id, at: place.board.at, side, changes: nothing.sets }]
        : [],
    );
  });
}
