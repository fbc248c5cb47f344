import { useState } from "react";
import type { Report } from "../api/types";
import { CAUTION } from "../pieces/caution";
import { ErrorNote } from "../pieces/ErrorNote";
import { Pictures } from "./Pictures";
import type { ReportAct } from "./queries";

const FILES = [
  ["pdf", "PDF"],
  ["html", "Page"],
  ["text", "Plain text"],
] as const;

/** One report: its texts to edit while it is a draft, what was worked out beside them, and the ways out. */
export function ReportPaper(props: {
  code: string;
  report: Report;
  act: (act: ReportAct) => void;
  busy: boolean;
  error: Error | null;
}) {
  const { code, report } = props;
  const [texts, setTexts] = useState(report.sections.map((s) => s.text));
  const [dates, setDates] = useState(true);
  const isDraft = report.signedAt === undefined;
  const isEdited = texts.some((t, i) => t !== report.sections[i]?.text);
  const save = (sure: boolean) =>
    props.act({ path: `/${report.id}`, method: "PUT", body: { version: report.version, texts, sure } });
  return (
    <section aria-label="Report" className="flex min-h-0 flex-col overflow-auto px-6 py-4">
      <div className="mb-3 flex flex-wrap items-center gap-2">
        {FILES.map(([path, name]) => (
          <a
            key={path}
            className="action inline-flex items-center"
            data-quiet={path !== "pdf"}
            href={`/api/cases/${code}/reports/${report.id}/${path}?dates=${dates}`}
            download
          >
            {name}
          </a>
        ))}
        <label className="flex min-h-12 items-center gap-2 text-[16px]">
          <input
            type="checkbox"
            className="size-6"
            checked={!dates}
            onChange={(e) => setDates(!e.target.checked)}
          />
          without dates
        </label>
        {isDraft && (
          <span className="ml-auto flex gap-2">
            {isEdited && (
              <button type="button" className="action" disabled={props.busy} onClick={() => save(false)}>
                Keep the changes
              </button>
            )}
            <button
              type="button"
              className="action"
              disabled={props.busy || isEdited}
              onClick={() =>
                props.act({
                  path: `/${report.id}/signature`,
                  method: "POST",
                  body: { version: report.version },
                })
              }
            >
              Sign it off
            </button>
            <button
              type="button"
              className="choice"
              disabled={props.busy}
              onClick={() => props.act({ path: `/${report.id}?version=${report.version}`, method: "DELETE" })}
            >
              Throw it away
            </button>
          </span>
        )}
      </div>
      <ErrorNote error={props.error} onKeep={() => save(true)} />
      <article className="mx-auto w-full max-w-[820px] rounded-md border-[1.5px] border-line bg-card p-7">
        <h2 className="m-0 text-[26px] leading-tight font-bold">{report.title}</h2>
        <p className="m-0 text-[16px] text-soft">
          Case {code}, visit {report.visit}.{" "}
          {isDraft ? "Draft: edit the texts, then sign it off." : `Signed off by ${report.signedBy}.`}
        </p>
        {report.sections.map((s, i) => (
          <section key={s.id} className="mt-4">
            <h3 className="m-0 text-[18px] font-bold" id={`section-${s.id}`}>
              {s.heading}
            </h3>
            {isDraft ? (
              <textarea
                aria-labelledby={`section-${s.id}`}
                className="field w-full py-2 text-[16px]"
                placeholder={s.table ? "A remark, if there is one" : undefined}
                rows={Math.min(10, Math.max(1, rows(texts[i] ?? "")))}
                value={texts[i]}
                onChange={(e) => setTexts(texts.map((t, at) => (at === i ? e.target.value : t)))}
              />
            ) : (
              s.text.split("\n").map((line) => (
                <p key={line} className="m-0 text-[16px]">
                  {line}
                </p>
              ))
            )}
            {report.original[i] !== s.text && (
              <details className="text-[14px] text-soft">
                <summary className="min-h-6">As composed</summary>
                {report.original[i]}
              </details>
            )}
            <Pictures section={s} />
          </section>
        ))}
        <p className="mt-4 mb-0 border-t border-ink pt-1 text-[14px]">{CAUTION}</p>
      </article>
    </section>
  );
}

/** How many rows a text takes, roughly. */
function rows(text: string): number {
  return text.split("\n").reduce((n, line) => n + Math.ceil((line.length + 1) / 88), 0);
}
