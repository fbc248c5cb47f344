import { useId, useState } from "react";
import { useSaveNote } from "../api/caseQueries";
import { codesOf, leavesAt } from "../api/examination";
import type { Catalogue, Changes, ClinicalTest, Examination, Leaves, Side } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { useAfterPause } from "../pieces/useAfterPause";
import { PadButton } from "./pads/PadButton";

const NOTE = "mark.note";
const SEEN = "mark.seen";

/** How many notes stand. */
export function notesOf(test: ClinicalTest, examination: Examination, side: Side): number {
  const leaves = leavesAt(examination, test.id, test.boards[0]?.at ?? "", side);
  return codesOf(leaves[SEEN]).length + (leaves[NOTE] ? 1 : 0);
}

/** What is seen or thought beside the criteria, for the record: observations to tick, and free words. It weighs nothing. */
export function TestNotes(props: {
  code: string;
  test: ClinicalTest;
  examination: Examination;
  side: Side;
  visit: number;
  regrowth: Catalogue["regrowth"] | undefined;
  onChange: (changes: Changes) => void;
}) {
  const { test, side } = props;
  const at = test.boards[0]?.at ?? "";
  const leaves = leavesAt(props.examination, test.id, at, side);
  const written = String(leaves[NOTE] ?? "");
  const seen = codesOf(leaves[SEEN]);
  const regrowth = props.regrowth?.test === test.id ? props.regrowth : undefined;
  const [text, setText] = useState(written);
  const save = useSaveNote(props.code);
  const id = useId();
  const keep = (sure: boolean, words = text) =>
    save.mutate({
      test: test.id,
      at,
      side,
      visit: props.visit,
      changes: { [NOTE]: words.trim() || null },
      sure,
    });
  const later = useAfterPause((words: string) => words.trim() !== written && keep(false, words));
  const tick = (code: string) => {
    const now = seen.includes(code) ? seen.filter((c) => c !== code) : [...seen, code];
    props.onChange({ [SEEN]: now.length > 0 ? now : null });
  };
  return (
    <div className="text-[16px]">
      {test.notes.length > 0 && (
        <fieldset className="m-0 grid grid-cols-2 gap-1 border-0 p-0 [&_.pad]:min-h-9 [&_.pad]:px-2 [&_.pad]:py-0.5 [&_.pad]:text-[15px]">
          <legend className="sr-only">Also seen</legend>
          {test.notes.map((n) => (
            <PadButton key={n.id} label={n.label} chip on={seen.includes(n.id)} onTap={() => tick(n.id)} />
          ))}
        </fieldset>
      )}
      {regrowth && <RegrowthNotes offered={regrowth} leaves={leaves} onChange={props.onChange} />}
      <label htmlFor={id} className="mt-1.5 block text-[15px] text-soft">
        In words (no names, no dates of birth); weighs nothing
      </label>
      <input
        id={id}
        className="field w-full"
        maxLength={400}
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          later.in(e.target.value);
        }}
        onBlur={later.now}
      />
      <ErrorNote error={save.error} onDismiss={save.reset} onKeep={() => keep(true)} />
    </div>
  );
}

const REGROWTH = [
  ["regrowth.nerve", "Nerve tapped", "nerves"],
  ["regrowth.landmark", "Measured from", "landmarks"],
  ["regrowth.limbPosition", "How the limb lies", "limbPositions"],
] as const;

/** Which nerve is tapped along, from where the distance is measured and how the limb lies: alike at every visit. */
function RegrowthNotes(props: {
  offered: Catalogue["regrowth"];
  leaves: Leaves;
  onChange: (changes: Changes) => void;
}) {
  return (
    <div className="flex flex-wrap gap-3">
      {REGROWTH.map(([leaf, label, list]) => {
        const noted = String(props.leaves[leaf] ?? "");
        const choices = [...new Set([...props.offered[list], ...(noted ? [noted] : [])])];
        return (
          <label key={leaf} className="flex flex-col text-[15px]">
            {label}
            <select
              className="field"
              value={noted}
              onChange={(e) => props.onChange({ [leaf]: e.target.value || null })}
            >
              <option value="">not noted</option>
              {choices.map((c) => (
                <option key={c}>{c}</option>
              ))}
            </select>
          </label>
        );
      })}
    </div>
  );
}
