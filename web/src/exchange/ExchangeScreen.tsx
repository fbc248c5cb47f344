import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { call, upload } from "../api/client";
import type { CaseImport } from "../api/types";
import { TopBar } from "../frame/TopBar";
import { ErrorNote } from "../pieces/ErrorNote";

/** All cases out as one archive, and cases in: looked at first, brought in in one step or not at all. */
export function ExchangeScreen() {
  const client = useQueryClient();
  const [dates, setDates] = useState(true);
  const look = useMutation({ mutationFn: (file: File) => upload<CaseImport>("/api/exchange/import", file) });
  const bring = useMutation({
    mutationFn: (id: string) => call<CaseImport>(`/api/exchange/import/${id}`, "POST"),
    onSuccess: () => client.invalidateQueries({ queryKey: ["cases"] }),
  });
  const found = look.data;
  return (
    <>
      <TopBar />
      <main className="mx-auto flex max-w-[980px] flex-col gap-6 px-5 py-5">
        <h1 className="m-0 text-[28px] leading-tight font-bold">Cases out and in</h1>
        <section className="flex flex-col gap-2">
          <h2 className="m-0 text-[20px] font-bold">Out</h2>
          <p className="m-0 text-[16px] text-soft">
            Every case that you may open, as one zip: the cases whole, one a line, and tables for a
            spreadsheet or R. Codes stand for patients, and nobody's name is in it.
          </p>
          <div className="flex flex-wrap items-center gap-4">
            <a
              className="action inline-flex items-center"
              href={`/api/exchange/cases.zip?dates=${dates}`}
              download
            >
              All cases as zip
            </a>
            <label className="flex min-h-12 items-center gap-2 text-[16px]">
              <input
                type="checkbox"
                className="size-6"
                checked={!dates}
                onChange={(e) => setDates(!e.target.checked)}
              />
              without dates: days since the first visit instead
            </label>
          </div>
        </section>
        <section className="flex flex-col gap-3">
          <h2 className="m-0 text-[20px] font-bold">In</h2>
          <label className="flex flex-col text-[16px]">
            Such a zip, one case's file, or a FHIR document that Lexicor wrote; nothing is stored before you
            have seen what it does
            <input
              type="file"
              accept=".zip,.json"
              className="field py-2"
              onChange={(e) => {
                const file = e.target.files?.[0];
                bring.reset();
                if (file) {
                  look.mutate(file);
                }
              }}
            />
          </label>
          <ErrorNote error={look.error ?? bring.error} />
          {found && !bring.data && (
            <>
              <p role="status" className="m-0 text-[17px]">
                <b>{found.added}</b> new, <b>{found.changed}</b> gone on with, <b>{found.same}</b> the same
                already, <b>{found.refused}</b> refused.
              </p>
              <ul className="m-0 list-none p-0 text-[16px]">
                {found.cases
                  .filter((c) => c.status !== "same")
                  .map((c) => (
                    <li key={c.code} className="border-b border-line py-1">
                      {c.code}: {c.status === "refused" ? <b>refused</b> : c.status}. {c.why}
                    </li>
                  ))}
              </ul>
              {found.refused > 0 ? (
                <p className="m-0 text-[16px]">Nothing is brought in while a case is refused.</p>
              ) : (
                found.added + found.changed > 0 && (
                  <button
                    type="button"
                    className="action self-start"
                    disabled={bring.isPending}
                    onClick={() => bring.mutate(found.id)}
                  >
                    Bring them in
                  </button>
                )
              )}
            </>
          )}
          {bring.data && (
            <p role="status" className="m-0 text-[17px]">
              Brought in: {bring.data.added} new, {bring.data.changed} gone on with.
            </p>
          )}
        </section>
      </main>
    </>
  );
}
