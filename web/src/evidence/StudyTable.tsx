import type { Share, StudyRow } from "../api/types";

const KINDS: Record<string, string> = {
  study: "study",
  pooled: "a review's summary",
  "sensitivity-only": "sensitivity only",
};

/** Every row as printed. */
export function StudyTable(props: { studies: StudyRow[] }) {
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
  ];
  return (
    <section aria-label="Studies" className="overflow-x-auto">
      <h2 className="m-0 text-[20px] font-bold">Rows as printed</h2>
      <table className="w-full border-collapse text-[15px]">
        <thead className="border-b-[1.5px] border-ink text-left text-[14px] text-soft">
          <tr>
            {heads.map((h) => (
              <th key={h} scope="col" className="pr-3 font-normal">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {props.studies.map((s) => (
            <tr key={`${s.source} ${s.year} ${s.population}`} className="border-b border-line align-top">
              <td className="py-1 pr-3">
                {s.source}, {s.year}
                {s.note && <span className="block text-soft">{s.note}</span>}
              </td>
              <td className="pr-3">{KINDS[s.kind]}</td>
              <td className="pr-3">{share(s.sensitivity)}</td>
              <td className="pr-3">{s.specificity ? share(s.specificity) : "none"}</td>
              <td className="pr-3">
                {size(s.diseased)}, {s.specificity ? size(s.healthy) : "none"}
              </td>
              <td className="pr-3">{s.referenceStandard || "not noted"}</td>
              <td className="pr-3">{s.population || "not noted"}</td>
              <td className="pr-3">{s.bias}</td>
              <td className="pr-3">
                {s.used
                  ? `${(100 * s.sensitivityShare).toFixed(0)} and ${(100 * s.specificityShare).toFixed(0)}\u202f%`
                  : "not pooled"}
              </td>
              <td>{s.signOff}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function share(s: Share): string {
  return `${s.value.toFixed(2)} (${s.low.toFixed(2)} to ${s.high.toFixed(2)})`;
}

function size(n: number | undefined): string {
  return n === undefined ? "not known, taken as 30" : String(n);
}
