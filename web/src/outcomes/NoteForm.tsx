import { type FormEvent, useState } from "react";
import { ErrorNote } from "../pieces/ErrorNote";
import { problemAt } from "../pieces/problems";
import { Toggles } from "../pieces/Toggles";
import { type CameOut, type Outcome, type Reference, today, useNote } from "./queries";
import { ReferenceDay } from "./ReferenceDay";

const ANSWERS = [
  { id: "present", label: "Present" },
  { id: "absent", label: "Absent" },
  { id: "not-known", label: "Open" },
] as const;

/** What a reference said, of as many conditions as it said something of. */
export function NoteForm(props: { code: string; outcome: Outcome }) {
  const note = useNote(props.code);
  const [reference, setReference] = useState<Reference | "">("");
  const [on, setOn] = useState(today());
  const [months, setMonths] = useState("6");
  const [answers, setAnswers] = useState<Record<string, CameOut>>({});
  const [words, setWords] = useState("");
  const [more, setMore] = useState<string[]>([]);
  const others = props.outcome.others.filter((o) => !more.includes(o.id));
  const asked = [...props.outcome.conditions, ...props.outcome.others.filter((o) => more.includes(o.id))];
  const refused = (field: string) => problemAt(note.error, field);
  const send = (sure: boolean) =>
    note.mutate(
      {
        reference: reference as Reference,
        on,
        months: reference === "follow-up" ? Number(months) : undefined,
        answers,
        note: words,
        sure,
      },
      {
        onSuccess: () => {
          setAnswers({});
          setWords("");
          setMore([]);
          setReference("");
        },
      },
    );
  return (
    <form
      aria-label="Note what came out"
      className="flex flex-col gap-2 rounded-lg border-2 border-ink bg-card px-4 py-3"
      onSubmit={(e: FormEvent) => {
        e.preventDefault();
        send(false);
      }}
    >
      <h2 className="m-0 text-[19px] font-bold">Note what came out</h2>
      <ReferenceDay
        reference={reference}
        on={on}
        refused={refused}
        onReference={setReference}
        onDay={setOn}
      />
      {reference === "follow-up" && (
        <label className="flex items-center gap-2 text-[16px]">
          Watched for
          <input
            className="field w-20"
            inputMode="numeric"
            value={months}
            aria-invalid={refused("months") !== ""}
            onChange={(e) => setMonths(e.target.value)}
          />
          months
        </label>
      )}
      <ul className="m-0 list-none p-0">
        {asked.map((c) => (
          <li
            key={c.id}
            className="flex flex-wrap items-center gap-x-3 border-t border-line py-0.5 text-[16px]"
          >
            <span className="min-w-0 flex-1 leading-tight">{c.name}</span>
            <Toggles
              label={`${c.name}: what it said`}
              hideLabel
              mayClear
              value={answers[c.id] ?? ""}
              options={ANSWERS}
              onChange={(said) => {
                const { [c.id]: _, ...rest } = answers;
                setAnswers(said === "" ? rest : { ...rest, [c.id]: said });
              }}
            />
          </li>
        ))}
      </ul>
      <label className="flex flex-col text-[16px]">
        Something else came out
        <select className="field min-h-11" value="" onChange={(e) => setMore([...more, e.target.value])}>
          <option value="">Choose a condition</option>
          {others.map((o) => (
            <option key={o.id} value={o.id}>
              {o.name}
            </option>
          ))}
        </select>
      </label>
      <label className="flex flex-col text-[16px]">
        In words, without names
        <textarea
          className="field resize-none"
          rows={2}
          maxLength={2000}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
      </label>
      <ErrorNote error={note.error} onKeep={() => send(true)} />
      <button
        type="submit"
        className="action self-start"
        disabled={note.isPending || reference === "" || Object.keys(answers).length === 0}
      >
        Note it
      </button>
      {(reference === "" || Object.keys(answers).length === 0) && (
        <p className="m-0 text-[15px] text-soft">Choose by what, and say of at least one condition.</p>
      )}
    </form>
  );
}
