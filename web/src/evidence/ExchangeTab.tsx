import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { call } from "../api/client";
import { changed } from "../api/stale";
import type { ImportPreview } from "../api/types";
import { ChooseFile, LookedAt } from "../pieces/ChooseFile";
import { ErrorNote } from "../pieces/ErrorNote";
import { ImportLines } from "./ImportLines";
import { useImportPreview, useImportProgress } from "./queries";

/** The content out of the program as files, and back into it: looked at first, applied in one step or not at all. */
export function ExchangeTab(props: { isLead: boolean }) {
  return (
    <div className="flex max-w-[980px] flex-col gap-5">
      <section>
        <h2 className="m-0 text-[20px] font-bold">Out</h2>
        <p className="mt-0 mb-2 text-[16px] text-soft">
          As in force here, with what the department changed. A text that a spreadsheet would take for a
          formula has an apostrophe in front, which reading it back takes away again.
        </p>
        <div className="flex flex-wrap gap-3">
          <a className="action inline-flex items-center" href="/api/evidence/accuracy.csv" download>
            All figures as CSV
          </a>
          <a
            className="action inline-flex items-center"
            data-quiet="true"
            href="/api/evidence/packs.zip"
            download
          >
            Everything as zip (YAML and CSV)
          </a>
        </div>
      </section>
      {props.isLead ? <ImportPart /> : <p className="m-0 text-soft">Importing is for the leads.</p>}
    </div>
  );
}

function ImportPart() {
  const client = useQueryClient();
  const look = useImportPreview();
  const [why, setWhy] = useState("");
  const [applying, setApplying] = useState<string>();
  const [error, setError] = useState<Error | null>(null);
  const progress = useImportProgress(applying);
  const state = progress.data?.state;
  useEffect(() => {
    if (state === "applied") {
      changed(client, "content");
    }
  }, [state, client]);
  const preview = look.data;
  const apply = async (found: ImportPreview, sure: boolean) => {
    try {
      await call(`/api/evidence/import/${found.id}`, "POST", { why, sure });
      setError(null);
      setApplying(found.id);
    } catch (refused) {
      setError(refused as Error);
    }
  };
  return (
    <section className="flex flex-col gap-3">
      <h2 className="m-0 text-[20px] font-bold">In</h2>
      <ChooseFile
        words="A table of figures (CSV) or a whole pack (zip)"
        accept=".csv,.zip"
        onChoose={(file) => {
          setApplying(undefined);
          setError(null);
          if (file) {
            look.mutate(file);
          }
        }}
      />
      <ErrorNote
        error={look.error ?? error ?? progress.error}
        onKeep={preview && (() => apply(preview, true))}
      />
      {look.isPending && <p role="status">Reading the file.</p>}
      {preview && !applying && (
        <LookedAt
          found={preview}
          changed="changed"
          refused="Nothing is applied while a line is refused. Mend the file and choose it again."
          lines={<ImportLines preview={preview} />}
        >
          <div className="flex flex-wrap items-end gap-3">
            <label className="flex flex-col text-[16px]">
              Why, for the history
              <input className="field w-96" value={why} onChange={(e) => setWhy(e.target.value)} />
            </label>
            <button type="button" className="action" onClick={() => apply(preview, false)}>
              Apply all of it
            </button>
          </div>
        </LookedAt>
      )}
      {applying && progress.data && <Progress found={progress.data} />}
    </section>
  );
}

function Progress(props: { found: ImportPreview }) {
  const { found } = props;
  const all = found.added + found.changed;
  return (
    <div role="status" className="text-[17px]">
      {found.state === "applying" && (
        <>
          <progress className="h-6 w-96" max={all} value={found.done} aria-label="Stored so far" />{" "}
          {found.done} of {all} {found.done === all && ", checking the whole"}
        </>
      )}
      {found.state === "applied" && `Applied: ${all} stored, and in force.`}
      {found.state === "failed" && <b>Nothing was changed. {found.message}</b>}
    </div>
  );
}
