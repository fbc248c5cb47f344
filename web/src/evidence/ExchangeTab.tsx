import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { call } from "../api/client";
import { changed } from "../api/stale";
import type { ImportPreview } from "../api/types";
import { ChooseFile, LookedAt } from "../pieces/ChooseFile";
import { ErrorNote } from "../pieces/ErrorNote";
import { besides, problemAt } from "../pieces/problems";
import { TextField } from "../pieces/TextField";
import { ExportPart } from "./ExportPart";
import { ImportLines } from "./ImportLines";
import { useImportPreview, useImportProgress } from "./queries";

/** The content out of the program as files, and back into it: looked at first, applied in one step or not at all. */
export function ExchangeTab(props: { isLead: boolean }) {
  return (
    <div className="flex max-w-[980px] flex-col gap-5">
      <ExportPart />
      {props.isLead ? <ImportPart /> : <p className="m-0 text-soft">Importing is for the leads.</p>}
    </div>
  );
}

function ImportPart() {
  const client = useQueryClient();
  const look = useImportPreview();
  const [why, setWhy] = useState("");
  const [applying, setApplying] = useState<string>();
  const [going, setGoing] = useState<string[]>([]);
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
      await call(`/api/evidence/import/${found.id}`, "POST", { why, sure, goes: going });
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
        words="A table of figures (XLSX, or CSV with commas, semicolons or tabs) or a whole pack (zip)"
        accept=".xlsx,.csv,.tsv,.txt,.zip"
        onChoose={(file) => {
          setApplying(undefined);
          setGoing([]);
          setError(null);
          if (file) {
            look.mutate(file);
          }
        }}
      />
      <ErrorNote
        error={look.error ?? besides(error, ["why"]) ?? progress.error}
        onKeep={preview && (() => apply(preview, true))}
      />
      {look.isPending && <p role="status">Reading the file.</p>}
      {preview && !applying && (
        <LookedAt
          found={preview}
          changed="changed"
          refused="Nothing is applied while a row is refused. Mend the file and choose it again."
          mayApply={going.length > 0}
          lines={
            <>
              <Remarks preview={preview} />
              <ImportLines preview={preview} going={going} onGoing={setGoing} />
            </>
          }
        >
          <div className="flex flex-wrap items-end gap-3">
            <TextField
              label="Why, for the history"
              width="w-96"
              value={why}
              problem={problemAt(error, "why")}
              onChange={setWhy}
            />
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

/** How the file was read, so that nobody has to guess what was made of it. */
function Remarks(props: { preview: ImportPreview }) {
  const { remarks, missing } = props.preview;
  return (
    <ul className="m-0 list-none p-0 text-[16px] text-soft">
      {remarks.map((r) => (
        <li key={r}>{r}</li>
      ))}
      {missing > 0 && (
        <li>
          {missing === 1 ? "1 row of the department's is" : `${missing} rows of the department's are`} no
          longer in the file. They stay unless you tick them; shipped rows always stay.
        </li>
      )}
    </ul>
  );
}

function Progress(props: { found: ImportPreview }) {
  const { found } = props;
  const all = Math.max(found.added + found.changed, found.done);
  return (
    <div role="status" className="text-[17px]">
      {found.state === "applying" && (
        <>
          <progress className="h-6 w-96" max={all} value={found.done} aria-label="Stored so far" />{" "}
          {found.done} of {all} {found.done === all && ", checking the whole"}
        </>
      )}
      {found.state === "applied" && `Applied: ${found.done} stored, and in force.`}
      {found.state === "failed" && <b>Nothing was changed. {found.message}</b>}
    </div>
  );
}
