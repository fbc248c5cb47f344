/** Where a round is: before the first bell, at the stations, changing, or over. */
export interface Turn {
  phase: "before" | "station" | "change" | "over";
  /** Which turn it is, from 0. */
  turn: number;
  /** Seconds until the next bell. */
  left: number;
}

interface Timed {
  stations: readonly unknown[];
  minutes: number;
  pauseMinutes: number;
}

/** @param seconds since the first bell; absent before it */
export function turnAt(round: Timed, seconds: number | undefined): Turn {
  if (seconds === undefined) {
    return { phase: "before", turn: 0, left: 0 };
  }
  const work = round.minutes * 60;
  const whole = work + round.pauseMinutes * 60;
  const turn = Math.floor(seconds / whole);
  const into = seconds - turn * whole;
  const last = round.stations.length - 1;
  if (turn > last || (turn === last && into >= work)) {
    return { phase: "over", turn: last, left: 0 };
  }
  return into < work
    ? { phase: "station", turn, left: work - into }
    : { phase: "change", turn: turn + 1, left: whole - into };
}

/** The station at which the student of a place is in a turn: everybody goes on by one. */
export const stationOf = (place: number, turn: number, stations: number) => (place + turn) % stations;

export function clock(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}
