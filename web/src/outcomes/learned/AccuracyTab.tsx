import { useState } from "react";
import { ErrorNote } from "../../pieces/ErrorNote";
import { WideTable } from "../../pieces/WideTable";
import { OwnTable } from "./OwnTable";
import { asked, type OwnRow, type Slice, useAccuracy } from "./queries";
import { Rests } from "./Rests";
import { SliceBar } from "./SliceBar";
import { shareWords } from "./words";

const FIELDS = ["from", "to", "examiner", "setting", "reference", "region"] as const;
const AT_FIRST = 40;

/** Every criterion and cluster against every condition it was read for, in the department's own hands, beside what was published. */
export function AccuracyTab() {
  const [slice, setSlice] = useState<Slice>({});
  const [chosen, setChosen] = useState<string>();
  const [all, setAll] = useState(false);
  const accuracy = useAccuracy(slice);
  const rows = accuracy.data?.rows ?? [];
  const shown = all ? rows : rows.slice(0, AT_FIRST);
  const open = rows.find((r) => keyOf(r) === chosen) ?? rows[0];
  return (
    <>
      <SliceBar slice={slice} fields={FIELDS} examiners={accuracy.data?.examiners} onChange={setSlice} />
      <ErrorNote error={accuracy.error} />
      {accuracy.data && <Rests on={accuracy.data.restsOn} />}
      {accuracy.data && rows.length === 0 && <p className="m-0">Nothing of this was verified yet.</p>}
      {open && <OwnTable key={keyOf(open)} row={open} />}
      {rows.length > 0 && (
        <>
          <p className="m-0 flex flex-wrap gap-x-4 text-[16px]">
            <a
              className="flex min-h-8 items-center underline"
              href={`/api/outcomes/accuracy.csv${asked(slice)}`}
              download
            >
              As a table for a spreadsheet (CSV), without anything about fewer than five people
            </a>
          </p>
          <WideTable
            label="Our own accuracy"
            heads={[
              "Finding",
              "Condition",
              "With, without",
              "Sensitivity",
              "Specificity",
              "Published",
              "Verified",
            ]}
          >
            {shown.map((r) => (
              <Line key={keyOf(r)} row={r} isOpen={r === open} onOpen={() => setChosen(keyOf(r))} />
            ))}
          </WideTable>
          {rows.length > shown.length && (
            <button type="button" className="choice self-start px-3" onClick={() => setAll(true)}>
              Show all {rows.length}
            </button>
          )}
        </>
      )}
    </>
  );
}

const keyOf = (r: OwnRow) => `${r.of} ${r.condition}`;

function Line(props: { row: OwnRow; isOpen: boolean; onOpen: () => void }) {
  const { row: r } = props;
  const pale = r.small ? "text-soft" : "";
  return (
    <tr className="border-t border-line align-top">
      <th scope="row" className="py-1 pr-4 text-left font-normal">
        <button
          type="button"
          className="min-h-8 text-left underline"
          aria-pressed={props.isOpen}
          onClick={() => {
            props.onOpen();
            window.scrollTo({ top: 0 });
          }}
        >
          {r.name}
        </button>
        {r.cluster && <span className="text-soft"> (cluster)</span>}
      </th>
      <td className="py-1 pr-4">{r.conditionName}</td>
      <td className={`py-1 pr-4 whitespace-nowrap ${pale}`}>
        {r.tp + r.fn}, {r.fp + r.tn}
        {r.small && " few"}
      </td>
      <td className={`py-1 pr-4 whitespace-nowrap ${pale}`}>
        {shareWords(r.correctedSensitivity ?? r.sensitivity)}
      </td>
      <td className={`py-1 pr-4 whitespace-nowrap ${pale}`}>
        {shareWords(r.correctedSpecificity ?? r.specificity)}
      </td>
      <td className="py-1 pr-4 whitespace-nowrap text-soft">
        {r.published
          ? `${Math.round(100 * r.published.sensitivity.value)}, ${Math.round(100 * r.published.specificity.value)}\u202f%`
          : "nothing"}
      </td>
      <td className="py-1 whitespace-nowrap text-soft">
        {Math.round(100 * r.positivesVerified)}
        {"\u202f"}% of +, {Math.round(100 * r.negativesVerified)}
        {"\u202f"}% of −
      </td>
    </tr>
  );
}
