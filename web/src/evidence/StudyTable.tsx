import type { ReactNode } from "react";
import type { Pooled, Share, StudyRow } from "../api/types";
import { WideTable } from "../pieces/WideTable";
import { checkWords } from "./checked";

const KINDS: Record<string, string> = {
  study: "study",
  pooled: "a review's summary",
  "sensitivity-only": "sensitivity only",
  judgement: "judgement, no study",
};

/** Every row as printed. */
export function StudyTable(props: {
  studies: StudyRow[];
  /** What is weighed with; absent where nothing can be. */
  pooled?: Pooled;
  actions?: (row: StudyRow) => ReactNode;
}) {
  const { pooled } = props;
  const heads = [
    "Source",
    "Kind",
    "Sensitivity",
    "Specificity",
    "With, without",
    "Reference",
    "Setting",
    "Bias",
    "Weight",
    "Checked",
    ...(props.actions ? ["Lead"] : []),
  ];
  return (
    <section aria-label="Studies">
      <h2 className="m-0 text-[20px] font-bold">Rows as printed</h2>
      <WideTable label="Rows of the pair" heads={heads}>
        {props.studies.map((s) => (
          <tr key={s.fingerprint} className="border-b border-line align-top">
            <td className="py-1 pr-3">
              {s.source}, {s.year}
              {s.from === "added" && <b className="block">the department's own</b>}
              {s.note && <span className="block text-soft">{s.note}</span>}
              {s.shipped && (
                <span className="block border-l-4 border-teal pl-2 text-soft">
                  changed by the department; shipped: {shippedWords(s, s.shipped)}
                </span>
              )}
            </td>
            <td className="pr-3">{KINDS[s.kind]}</td>
            <td className="pr-3">{share(s.sensitivity)}</td>
            <td className="pr-3">{s.specificity ? share(s.specificity) : "none"}</td>
            <td className="pr-3">{groups(s)}</td>
            <td className="pr-3">{s.referenceStandard || "not noted"}</td>
            <td className="pr-3">{s.population || "not noted"}</td>
            <td className="pr-3">{s.bias}</td>
            <td className="pr-3">
              {s.used
                ? `${(100 * s.sensitivityShare).toFixed(0)} and ${(100 * s.specificityShare).toFixed(0)}\u202f%`
                : "not pooled"}
            </td>
            <td className={s.check.state === "disputed" ? "pr-3 font-semibold" : "pr-3"}>
              {checkWords(s.check)}
            </td>
            {props.actions && <td className="py-1">{props.actions(s)}</td>}
          </tr>
        ))}
        {pooled && (
          <Total name="Weighed with" sensitivity={pooled.sensitivity} specificity={pooled.specificity} />
        )}
        {pooled && (
          <Total
            name="In a new clinic"
            sensitivity={pooled.newClinicSensitivity}
            specificity={pooled.newClinicSpecificity}
          />
        )}
      </WideTable>
    </section>
  );
}

/** What the shipped row says otherwise. */
function shippedWords(row: StudyRow, shipped: NonNullable<StudyRow["shipped"]>): string {
  const said = (n: number | undefined, otherwise = "not known") => (n === undefined ? otherwise : String(n));
  const fields: [string, string, string][] = [
    ["sensitivity", said(row.sensitivity.value), said(shipped.sensitivity)],
    ["specificity", said(row.specificity?.value, "none"), said(shipped.specificity, "none")],
    ["with", said(row.diseased), said(shipped.diseased)],
    ["without", said(row.healthy), said(shipped.healthy)],
    ["bias", row.bias, shipped.bias],
    ["source", `${row.source}, ${row.year}`, `${shipped.source}, ${shipped.year}`],
  ];
  const differing = fields.filter(([, here, there]) => here !== there);
  return differing.length === 0
    ? "the same figures, other words"
    : differing.map(([name, , there]) => `${name} ${there}`).join(", ");
}

function Total(props: { name: string; sensitivity: Share; specificity: Share }) {
  return (
    <tr className="border-b border-line">
      <th scope="row" className="py-1 pr-3 text-left" colSpan={2}>
        {props.name}
      </th>
      <td className="pr-3">
        <b>{share(props.sensitivity)}</b>
      </td>
      <td className="pr-3" colSpan={8}>
        <b>{share(props.specificity)}</b>
      </td>
    </tr>
  );
}

function share(s: Share): string {
  return `${s.value.toFixed(2)} (${s.low.toFixed(2)} to ${s.high.toFixed(2)})`;
}

function groups(s: StudyRow): string {
  const size = (n: number | undefined) => (n === undefined ? "not known, weighed as 30" : String(n));
  if (!s.specificity) {
    return `${size(s.diseased)}, none`;
  }
  if (s.kind === "judgement") {
    return `counts for ${s.diseased} and ${s.healthy}, nobody was examined`;
  }
  if (s.diseased === undefined && s.healthy === undefined && s.people !== undefined) {
    return `${s.people} in all, half taken for each group`;
  }
  return s.diseased === undefined && s.healthy === undefined
    ? "groups not known, weighed as 30 and 30"
    : `${size(s.diseased)}, ${size(s.healthy)}`;
}
