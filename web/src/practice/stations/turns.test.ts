import { describe, expect, it } from "vitest";
import { clock, stationOf, turnAt } from "./turns";

const ROUND = { stations: ["a", "b", "c"], minutes: 8, pauseMinutes: 2 };

describe("a round", () => {
  it("waits for the first bell, works, changes, and is over after the last station without a change", () => {
    expect(turnAt(ROUND, undefined).phase).toBe("before");
    expect(turnAt(ROUND, 0)).toEqual({ phase: "station", turn: 0, left: 480 });
    expect(turnAt(ROUND, 479.5)).toMatchObject({ phase: "station", turn: 0 });
    expect(turnAt(ROUND, 480)).toEqual({ phase: "change", turn: 1, left: 120 });
    expect(turnAt(ROUND, 600)).toEqual({ phase: "station", turn: 1, left: 480 });
    expect(turnAt(ROUND, 1679)).toMatchObject({ phase: "station", turn: 2, left: 1 });
    expect(turnAt(ROUND, 1680).phase).toBe("over");
    expect(turnAt(ROUND, 99999).phase).toBe("over");
  });

  it("without a pause goes from station to station", () => {
    expect(turnAt({ ...ROUND, pauseMinutes: 0 }, 480)).toMatchObject({ phase: "station", turn: 1 });
  });

  it("brings everybody to every station once, and no two to one", () => {
    const seen = [0, 1, 2].map((place) => [0, 1, 2].map((turn) => stationOf(place, turn, 3)));
    for (const one of seen) {
      expect([...one].sort()).toEqual([0, 1, 2]);
    }
    for (const turn of [0, 1, 2]) {
      expect(new Set(seen.map((one) => one[turn])).size).toBe(3);
    }
  });

  it("shows whole seconds, the last one until it is gone", () => {
    expect([clock(480), clock(59.2), clock(0.3), clock(-4)]).toEqual(["8:00", "1:00", "0:01", "0:00"]);
  });
});
