import { useEffect, useRef, useState } from "react";
import { Link, useParams } from "react-router";
import { TopBar } from "../../frame/TopBar";
import { ErrorNote } from "../../pieces/ErrorNote";
import { PageHeading } from "../../pieces/PageHeading";
import { useSession } from "../../session/useSession";
import { ringBell } from "./bell";
import { type Round, useRoundChange, useRounds, useSit } from "./queries";
import { clock, stationOf, turnAt } from "./turns";

const BEAT_MS = 250;

const PHASES = {
  before: "Before the first bell",
  station: "At the stations",
  change: "Change",
  over: "Over",
} as const;

/** A round as it goes: one clock for the whole room, a bell, and who is where. */
export function RoundScreen() {
  const { key = "" } = useParams();
  const rounds = useRounds(true);
  const round = rounds.data?.find((r) => `${r.id}` === key);
  return (
    <>
      <TopBar />
      <main className="mx-auto max-w-[1000px] px-5 py-5">
        <PageHeading title={round?.name ?? "Round"} className="m-0 text-[28px] leading-tight font-bold" />
        <Link to="/practice/stations" className="flex min-h-8 items-center underline">
          Stations
        </Link>
        <ErrorNote error={rounds.error} />
        {rounds.data && !round && <p>There is no such round for you.</p>}
        {round && <Going round={round} />}
      </main>
    </>
  );
}

function Going(props: { round: Round & { behindMs: number } }) {
  const { round } = props;
  const me = useSession().data?.name;
  const change = useRoundChange();
  const sit = useSit();
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const beat = setInterval(() => setNow(Date.now()), BEAT_MS);
    return () => clearInterval(beat);
  }, []);
  const seconds =
    round.startedAt === undefined
      ? undefined
      : Math.max(0, (now + round.behindMs - Date.parse(round.startedAt)) / 1000);
  const { phase, turn, left } = turnAt(round, seconds);
  const bell = `${phase} ${turn}`;
  const rung = useRef(bell);
  useEffect(() => {
    if (rung.current !== bell) {
      rung.current = bell;
      ringBell();
    }
  }, [bell]);
  const at = (place: number) => round.stations[stationOf(place, turn, round.stations.length)];
  const mine = round.students.indexOf(me ?? "");
  const station = mine >= 0 ? at(mine) : undefined;
  return (
    <div className="mt-3 flex flex-col gap-4">
      <p role="status" className="m-0 text-[22px]">
        {PHASES[phase]}
        {phase !== "before" && phase !== "over" && `, ${turn + 1} of ${round.stations.length}`}
      </p>
      {phase !== "before" && phase !== "over" && (
        <p role="timer" aria-label="Until the bell" className="m-0 text-[88px] leading-none font-bold">
          {clock(left)}
        </p>
      )}
      <ErrorNote error={change.error ?? sit.error} />
      {round.own && (
        <p className="m-0 flex flex-wrap gap-3">
          <button
            type="button"
            className="action"
            onClick={() => {
              ringBell();
              change.mutate({ id: round.id, what: "start" });
            }}
          >
            {phase === "before" ? "Ring the first bell" : "Begin anew"}
          </button>
          <button type="button" className="choice px-3" onClick={ringBell}>
            Try the bell
          </button>
        </p>
      )}
      {station && phase !== "over" && (
        <p className="m-0 flex flex-wrap items-center gap-3 text-[20px]">
          {phase === "station" ? "You are at" : "You go to"} <b>{station.name}</b>
          {phase === "station" && (
            <button type="button" className="action" onClick={() => sit.mutate(station.id)}>
              Sit
            </button>
          )}
        </p>
      )}
      <ul aria-label="Who is where" className="m-0 list-none p-0 text-[18px]">
        {round.students.map((s, i) => (
          <li key={s} className="flex gap-4 border-t border-line py-1">
            <b className="w-40">{s}</b>
            <span>{phase === "over" ? "done" : at(i)?.name}</span>
          </li>
        ))}
      </ul>
      <p className="m-0 text-[15px] text-soft">
        {round.stations.length} stations, {round.minutes} minutes each, {round.pauseMinutes} to change.
      </p>
    </div>
  );
}
