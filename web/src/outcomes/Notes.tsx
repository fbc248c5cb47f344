import { date } from "../pieces/date";
import { ErrorNote } from "../pieces/ErrorNote";
import { capital } from "../pieces/format";
import {
  type Outcome,
  type OutcomeNote,
  reportAddress,
  useAttach,
  useRemoveReport,
  useTakeBack,
} from "./queries";

const ANSWER: Record<string, string> = { present: "present", absent: "absent", "not-known": "open" };

/** Every reference with what it said; one that was wrong is taken back and stays to be read. */
export function Notes(props: { code: string; outcome: Outcome }) {
  const { notes } = props.outcome;
  return (
    <section aria-label="What was noted">
      <h2 className="m-0 text-[19px] font-bold">What was noted</h2>
      {notes.length === 0 && <p className="m-0 text-[16px] text-soft">Nothing yet.</p>}
      <ul className="m-0 list-none p-0">
        {notes.map((n) => (
          <Note key={n.id} code={props.code} note={n} />
        ))}
      </ul>
    </section>
  );
}

function Note(props: { code: string; note: OutcomeNote }) {
  const { code, note } = props;
  const takeBack = useTakeBack(code);
  const remove = useRemoveReport(code);
  const gone = note.takenBackBy !== undefined;
  return (
    <li className="border-t border-line py-2 text-[16px]">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <b>
          {capital(note.referenceWords)}, {date(note.on)}
          {note.months !== undefined && `, watched for ${note.months} months`}
        </b>
        <span className="text-[15px] text-soft">noted by {note.madeBy}</span>
        {gone ? (
          <span className="ml-auto">Taken back by {note.takenBackBy}; it counts for nothing</span>
        ) : (
          <button
            type="button"
            className="choice ml-auto min-h-9 px-2 py-0"
            disabled={takeBack.isPending}
            onClick={() => takeBack.mutate(note.id)}
          >
            Take it back
          </button>
        )}
      </div>
      <p className={`m-0 ${gone ? "text-soft" : ""}`}>
        {note.answers.map((a) => `${a.name}: ${ANSWER[a.cameOut]}`).join("; ")}
      </p>
      {note.note && <p className={`m-0 ${gone ? "text-soft" : ""}`}>{note.note}</p>}
      <ul className="m-0 list-none p-0">
        {note.reports.map((r) => (
          <li key={r.id} className="flex flex-wrap items-center gap-x-3">
            {r.removedBy ? (
              <span className="text-soft">
                {r.name}, taken away by {r.removedBy}
              </span>
            ) : (
              <>
                <a className="flex min-h-8 items-center underline" href={reportAddress(code, r.id)} download>
                  {r.name}
                </a>
                <span className="text-[15px] text-soft">{size(r.bytes)}</span>
                <button
                  type="button"
                  className="min-h-8 text-[15px] underline"
                  onClick={() => remove.mutate(r.id)}
                >
                  Take it away for good
                </button>
              </>
            )}
          </li>
        ))}
      </ul>
      <ErrorNote error={takeBack.error ?? remove.error} />
      {!gone && <Attach code={code} note={note.id} />}
    </li>
  );
}

function Attach(props: { code: string; note: number }) {
  const attach = useAttach(props.code);
  const again = attach.variables;
  return (
    <>
      <label className="flex flex-wrap items-center gap-x-2 text-[15px] text-soft">
        Attach the report, with the name covered (PDF, PNG or JPEG, up to 10 MB)
        <input
          type="file"
          accept=".pdf,.png,.jpg,.jpeg"
          className="field max-w-full py-1 text-[15px]"
          disabled={attach.isPending}
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) {
              attach.mutate({ note: props.note, file, sure: false });
              e.target.value = "";
            }
          }}
        />
      </label>
      <ErrorNote error={attach.error} onKeep={() => again && attach.mutate({ ...again, sure: true })} />
    </>
  );
}

function size(bytes: number): string {
  return bytes < 1 << 20 ? `${Math.ceil(bytes / 1024)} kB` : `${(bytes / (1 << 20)).toFixed(1)} MB`;
}
