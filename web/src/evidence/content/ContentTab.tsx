import { useState } from "react";
import { ErrorNote } from "../../pieces/ErrorNote";
import { useEntries, useEntry } from "../queries";
import { EntryEditor } from "./EntryEditor";

const KINDS: [string, string][] = [
  ["condition", "Conditions, base rates, lines"],
  ["complaint", "Complaints"],
  ["test", "Tests and criteria"],
  ["ladder", "Ladders"],
  ["question", "Questions"],
  ["warning", "Warning signs"],
  ["cluster", "Clusters"],
  ["count", "Counts by habit"],
  ["definition", "Case definitions"],
  ["precaution", "Precautions"],
  ["examined-family", "What a family of tests is done for"],
  ["provoked-family", "What else turns a family positive"],
  ["provoked-test", "What else turns a test positive"],
  ["provoked-criterion", "What else turns a criterion positive"],
];
const FROM: Record<string, string> = { changed: ", changed here", added: ", ours" };

/** Everything the packs describe, entry by entry, to be read, changed, added to and reset. */
export function ContentTab(props: { isLead: boolean }) {
  const entries = useEntries();
  const [kind, setKind] = useState("condition");
  const [id, setId] = useState("");
  const listed = entries.data?.entries.filter((e) => e.kind === kind) ?? [];
  const entry = useEntry(kind, id);
  return (
    <div className="grid grid-cols-[300px_1fr] gap-5 max-lg:grid-cols-1">
      <div className="flex flex-col gap-3">
        <ErrorNote error={entries.error} />
        {entries.data && entries.data.unfit.length > 0 && (
          <p role="alert" className="m-0 border-l-4 border-stop pl-3 text-[16px]">
            What the department changed does not fit this version of Lexicor and is not in force:{" "}
            {entries.data.unfit.join("; ")}
          </p>
        )}
        <label className="flex flex-col text-[16px]">
          Kind
          <select
            className="field"
            value={kind}
            onChange={(e) => {
              setKind(e.target.value);
              setId("");
            }}
          >
            {KINDS.map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col text-[16px]">
          Entry
          <select className="field h-[420px]" size={16} value={id} onChange={(e) => setId(e.target.value)}>
            {listed.map((e) => (
              <option key={e.id} value={e.id}>
                {e.name}
                {FROM[e.from] ?? ""}
              </option>
            ))}
          </select>
        </label>
      </div>
      <div>
        <ErrorNote error={entry.error} />
        {id === "" && (
          <p className="m-0 text-soft">
            Choose an entry. What came with Lexicor stays underneath and can be brought back; a change is
            checked as a whole before it is stored, and holds for every open case.
          </p>
        )}
        {entry.data && id !== "" && (
          <EntryEditor
            key={`${kind} ${id} ${entry.data.version}`}
            entry={entry.data}
            isLead={props.isLead}
            onAdded={setId}
          />
        )}
      </div>
    </div>
  );
}
