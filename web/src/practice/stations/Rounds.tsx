import { useState } from "react";
import { Link } from "react-router";
import { DialogFrame } from "../../pieces/DialogFrame";
import { ErrorNote } from "../../pieces/ErrorNote";
import { DialogEnd } from "./DialogEnd";
import { type Station, useNewRound, useRoundChange, useRounds } from "./queries";

/** Rounds of stations, and for a lead how one is set up. */
export function Rounds(props: { stations: Station[]; students: string[] }) {
  const rounds = useRounds();
  const change = useRoundChange();
  const [setting, setSetting] = useState(false);
  const leads = props.students.length > 0 && props.stations.length > 0;
  if (!leads && (rounds.data ?? []).length === 0) {
    return null;
  }
  return (
    <section aria-label="Rounds" className="mt-4">
      <div className="flex flex-wrap items-baseline gap-4">
        <h2 className="m-0 text-[20px] font-bold">Rounds</h2>
        {leads && (
          <button type="button" className="choice px-3" onClick={() => setSetting(true)}>
            Set up a round
          </button>
        )}
      </div>
      <ErrorNote error={rounds.error ?? change.error} />
      <ul className="m-0 list-none p-0">
        {rounds.data?.map((r) => (
          <li key={r.id} className="flex flex-wrap items-center gap-x-3 border-t border-line py-1.5">
            <Link to={`/practice/round/${r.id}`} className="flex min-h-9 items-center font-bold underline">
              {r.name}
            </Link>
            <span className="text-[15px] text-soft">
              {r.stations.map((s) => s.name).join(", ")}; {r.minutes} minutes each; {r.students.join(", ")}
            </span>
            {r.own && (
              <button
                type="button"
                className="choice ml-auto px-3"
                aria-label={`Delete ${r.name}`}
                onClick={() => change.mutate({ id: r.id, what: "delete" })}
              >
                Delete
              </button>
            )}
          </li>
        ))}
      </ul>
      {setting && <NewRoundDialog {...props} onClose={() => setSetting(false)} />}
    </section>
  );
}

const MINUTES = [5, 8, 10, 15, 20];
const PAUSES = [0, 1, 2, 3, 5];

function NewRoundDialog(props: { stations: Station[]; students: string[]; onClose: () => void }) {
  const make = useNewRound();
  const [name, setName] = useState("");
  const [stations, setStations] = useState<number[]>([]);
  const [students, setStudents] = useState<string[]>([]);
  const [minutes, setMinutes] = useState(10);
  const [pause, setPause] = useState(2);
  return (
    <DialogFrame open onOpenChange={(open) => !open && props.onClose()} title="Set up a round" width={560}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          make.mutate(
            { name, stations, students, minutes, pauseMinutes: pause },
            { onSuccess: props.onClose },
          );
        }}
      >
        <label className="flex flex-col gap-1">
          What it is called
          <input className="field px-2" value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <Ticked
          name="Stations, in the order they stand"
          all={props.stations.map((s) => ({ id: s.id, label: s.name }))}
          chosen={stations}
          onChange={setStations}
        />
        <Ticked
          name="Students, in the order they begin"
          all={props.students.map((s) => ({ id: s, label: s }))}
          chosen={students}
          onChange={setStudents}
        />
        <div className="flex flex-wrap gap-4">
          <HowMany name="Minutes at each" of={MINUTES} value={minutes} onChange={setMinutes} />
          <HowMany name="Minutes to change" of={PAUSES} value={pause} onChange={setPause} />
        </div>
        <ErrorNote error={make.error} />
        <DialogEnd busy={make.isPending} onCancel={props.onClose} />
      </form>
    </DialogFrame>
  );
}

/** Several of them, in the order they were ticked. */
function Ticked<T extends string | number>(props: {
  name: string;
  all: { id: T; label: string }[];
  chosen: T[];
  onChange: (chosen: T[]) => void;
}) {
  return (
    <fieldset className="m-0 border-0 p-0">
      <legend className="p-0">{props.name}</legend>
      <div className="flex flex-wrap gap-x-5">
        {props.all.map(({ id, label }) => {
          const at = props.chosen.indexOf(id);
          return (
            <label key={id} className="flex min-h-9 items-center gap-2">
              <input
                type="checkbox"
                checked={at >= 0}
                onChange={(e) =>
                  props.onChange(
                    e.target.checked ? [...props.chosen, id] : props.chosen.filter((c) => c !== id),
                  )
                }
              />
              {label}
              {at >= 0 && <span className="text-soft">{at + 1}</span>}
            </label>
          );
        })}
      </div>
    </fieldset>
  );
}

function HowMany(props: { name: string; of: number[]; value: number; onChange: (n: number) => void }) {
  return (
    <label className="flex items-center gap-2">
      {props.name}
      <select
        className="field min-h-11 px-2"
        value={props.value}
        onChange={(e) => props.onChange(Number(e.target.value))}
      >
        {props.of.map((n) => (
          <option key={n}>{n}</option>
        ))}
      </select>
    </label>
  );
}
