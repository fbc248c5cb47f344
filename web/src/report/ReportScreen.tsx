import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import type { Report } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { ErrorNote } from "../pieces/ErrorNote";
import { day, time } from "../pieces/format";
import { PageHeading } from "../pieces/PageHeading";
import { useReportAct, useReports } from "./queries";
import { ReportPaper } from "./ReportPaper";
import { Sending } from "./Sending";

const RECIPIENTS = [
  ["imaging", "imaging"],
  ["nerve-studies", "nerve studies"],
  ["surgeon", "a surgeon"],
  ["physician", "a physician"],
] as const;
const KINDS: Record<string, string> = {
  record: "For the record",
  referral: "Referral",
  patient: "For the patient",
};

/** What goes in the record, to others, and home with the patient: composed from the case, edited, signed off. */
export function ReportScreen() {
  const { view } = useCaseContext();
  const reports = useReports(view.code);
  const act = useReportAct(view.code);
  const [params, setParams] = useSearchParams();
  const [recipient, setRecipient] = useState("surgeon");
  const [visit, setVisit] = useState(view.visit);
  const all = reports.data ?? [];
  const chosen = all.find((r) => String(r.id) === params.get("of")) ?? all[0];
  const choose = (id: number) => setParams({ of: String(id) }, { replace: true });
  const compose = (kind: string, to?: string) =>
    act.mutate(
      { path: "", method: "POST", body: { kind, recipient: to, visit } },
      { onSuccess: (made) => made && choose(made.id) },
    );
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[330px_1fr] max-lg:block max-lg:overflow-auto max-lg:[&>*]:overflow-visible">
      <section
        aria-label="Reports of the case"
        className="flex min-h-0 flex-col gap-3 overflow-auto border-r-[1.5px] border-line px-4 py-3 max-lg:flex-none max-lg:border-0"
      >
        <PageHeading title="Reports" className="m-0 text-[20px] font-bold" />
        <ErrorNote error={reports.error ?? act.error} onDismiss={act.error ? act.reset : undefined} />
        <div className="flex flex-col gap-2">
          {view.visits.length > 1 && (
            <label className="flex items-center gap-2">
              Of visit
              <select
                className="field flex-1"
                value={visit}
                onChange={(e) => setVisit(Number(e.target.value))}
              >
                {view.visits.map((began, i) => (
                  <option key={began} value={i + 1}>
                    {i + 1}, {day(began)}
                  </option>
                ))}
              </select>
            </label>
          )}
          <div className="grid grid-cols-2 gap-2 text-[15px]">
            <button type="button" className="action" onClick={() => compose("record")}>
              Write the page for the record
            </button>
            <Link
              className="action inline-flex items-center justify-center text-center"
              data-quiet="true"
              to={`/cases/${view.code}/print`}
            >
              Print the case as it stands
            </Link>
            <span className="text-soft">to be read over, signed and kept</span>
            <span className="text-soft">today's state on paper, unsigned</span>
          </div>
          <div className="flex gap-2">
            <button
              type="button"
              className="action flex-1"
              data-quiet="true"
              onClick={() => compose("referral", recipient)}
            >
              Refer to
            </button>
            <label>
              <span className="sr-only">Whom to refer to</span>
              <select className="field" value={recipient} onChange={(e) => setRecipient(e.target.value)}>
                {RECIPIENTS.map(([id, name]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          </div>
          <button type="button" className="action" data-quiet="true" onClick={() => compose("patient")}>
            Write the patient's page
          </button>
        </div>
        <ul className="m-0 flex list-none flex-col gap-1 p-0">
          {all.map((r) => (
            <li key={r.id}>
              <button
                type="button"
                aria-pressed={r.id === chosen?.id}
                className="block min-h-12 w-full rounded-md border-2 border-transparent px-2 py-1 text-left hover:bg-panel aria-pressed:border-ink aria-pressed:bg-card"
                onClick={() => choose(r.id)}
              >
                <span className="text-[17px]">
                  {KINDS[r.kind]}
                  {view.visits.length > 1 && `, visit ${r.visit}`}
                </span>
                <span className="block text-[14px] text-soft">{state(r)}</span>
              </button>
            </li>
          ))}
        </ul>
        <div className="mt-auto flex flex-col gap-2 text-[15px]">
          <Sending code={view.code} />
        </div>
      </section>
      {chosen ? (
        <ReportPaper
          key={`${chosen.id} ${chosen.version}`}
          code={view.code}
          report={chosen}
          act={act.mutate}
          busy={act.isPending}
          error={act.error}
        />
      ) : (
        <p className="p-6 text-[17px] text-soft">
          Nothing is written yet. A report is composed from the case, can be edited until it is signed off,
          and then stays as it is.
        </p>
      )}
    </main>
  );
}

function state(report: Report): string {
  return report.signedAt
    ? `signed off by ${report.signedBy}, ${time(report.signedAt)}`
    : `draft, ${time(report.madeAt)}`;
}
