import { leavesAt } from "../../api/examination";
import type { Board, Examination, Pad, Side } from "../../api/types";
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

export interface MappedPlaces {
  map: PlaceMap;
  places: RoutePlace[];
}

/** The places on their maps, and those that are on none. */
export function onMaps(
  route: readonly RoutePlace[],
  maps: readonly PlaceMap[],
): { mapped: MappedPlaces[]; others: RoutePlace[] } {
  const left = new Map(route.map((p) => [p.key, p]));
  const mapped: MappedPlaces[] = [];
  for (const map of maps) {
    const places = map.marks.flatMap((m) => {
      const place = left.get(keyOf(m.test, m.at));
      left.delete(keyOf(m.test, m.at));
      return place ? [m.name ? { ...place, name: m.name } : place] : [];
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
