import { useState } from "react";
import { useSearchParams } from "react-router";
import type { ContentForms, EntryView } from "../../api/types";
import { ErrorNote } from "../../pieces/ErrorNote";
import { useEntries, useEntry } from "../queries";
import { EntryChoice } from "./EntryChoice";
import { EntryEditor } from "./EntryEditor";
import { useForms } from "./useTrial";
import { emptyOf, type Fields, renamed } from "./values";

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
  ["core", "The core of a visit"],
  ["stage-rule", "Stages never left out"],
  ["set", "Sets of tests done as one"],
  ["judged", "Signs judged in words"],
  ["kin", "Parts and wholes"],
  ["settle-first", "What to settle first"],
  ["age-odds", "Odds by age"],
  ["sex-odds", "Odds by sex"],
  ["examined-family", "What a family of tests is done for"],
  ["provoked-family", "What else turns a family positive"],
  ["provoked-test", "What else turns a test positive"],
  ["provoked-criterion", "What else turns a criterion positive"],
];

/** A test is usually one of these, so that a new one begins with them. */
const USUAL: Record<string, Fields> = {
  test: { kind: "special-test", minutes: 1, provocation: 1, bothSides: true },
};

/** Everything the packs describe, entry by entry, to be read, changed, added to and reset. What is open stands in the address. */
export function ContentTab(props: { isLead: boolean }) {
  const [params, setParams] = useSearchParams();
  const entries = useEntries();
  const forms = useForms();
  const kind = KINDS.find(([k]) => k === params.get("kind"))?.[0] ?? "condition";
  const id = params.get("entry") ?? "";
  const [fresh, setFresh] = useState<{ kind: string; like?: EntryView }>();
  const [word, setWord] = useState("");
  const entry = useEntry(kind, id);
  const open = (nextKind: string, nextId: string) => {
    setFresh(undefined);
    setParams({ tab: "content", kind: nextKind, ...(nextId && { entry: nextId }) }, { replace: true });
  };
  const listed = (entries.data?.entries ?? []).filter(
    (e) => e.kind === kind && `${e.name} ${e.id}`.toLowerCase().includes(word.trim().toLowerCase()),
  );
  const begun = fresh && forms.data && blank(fresh.kind, forms.data, fresh.like);
  return (
    <div className="grid grid-cols-[400px_1fr] gap-5 max-lg:grid-cols-1">
      <div className="flex flex-col gap-3">
        <ErrorNote error={entries.error ?? forms.error} />
        {entries.data && entries.data.unfit.length > 0 && (
          <p role="alert" className="m-0 border-l-4 border-stop pl-3 text-[16px]">
            What the department changed does not fit this version of Lexicor and is not in force:{" "}
            {entries.data.unfit.join("; ")}
          </p>
        )}
        <label className="flex flex-col text-[16px]">
          Kind
          <select className="field" value={kind} onChange={(e) => open(e.target.value, "")}>
            {KINDS.map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col text-[16px]">
          Find
          <input type="search" className="field" value={word} onChange={(e) => setWord(e.target.value)} />
        </label>
        <EntryChoice entries={listed} value={fresh ? "" : id} onOpen={(next) => open(kind, next)} />
        {props.isLead && (
          <div className="flex flex-wrap gap-2">
            <button type="button" className="action" onClick={() => setFresh({ kind })}>
              A new one
            </button>
            {entry.data && id !== "" && (
              <button
                type="button"
                className="choice px-3"
                onClick={() => setFresh({ kind, like: entry.data })}
              >
                One like this
              </button>
            )}
          </div>
        )}
      </div>
      <div>
        <ErrorNote error={id === "" ? null : entry.error} />
        {id === "" && !fresh && (
          <p className="m-0 text-soft">
            Choose an entry. What came with Lexicor stays underneath and can be brought back; a change is
            checked as a whole before it is stored, and holds for every open case.
          </p>
        )}
        {begun && forms.data && (
          <EntryEditor
            key={`new ${begun.kind} like ${fresh.like?.id}`}
            entry={begun}
            forms={forms.data}
            isLead={props.isLead}
            isNew
            onStored={(stored) => open(begun.kind, stored)}
            onGone={() => setFresh(undefined)}
          />
        )}
        {!fresh && entry.data && forms.data && id !== "" && (
          <EntryEditor
            key={`${kind} ${id} ${entry.data.version}`}
            entry={entry.data}
            name={entries.data?.entries.find((e) => e.kind === kind && e.id === id)?.name}
            forms={forms.data}
            isLead={props.isLead}
            isNew={false}
            onStored={() => undefined}
            onGone={() => open(kind, "")}
          />
        )}
      </div>
    </div>
  );
}

/** A new entry: an empty one, or one that begins as another is. */
function blank(kind: string, forms: ContentForms, like: EntryView | undefined): EntryView {
  const fields = like
    ? { ...renamed(kind, structuredClone(like.fields as Fields), ""), name: "" }
    : { ...emptyOf(forms.kinds[kind] ?? []), ...USUAL[kind] };
  return {
    kind: kind as EntryView["kind"],
    id: "",
    version: 0,
    fields: fields as unknown as EntryView["fields"],
    differences: [],
  };
}
