import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { call, upload } from "../api/client";
import { changed } from "../api/stale";
import type { CaseImport } from "../api/types";
import { ChooseFile, LookedAt } from "../pieces/ChooseFile";
import { ErrorNote } from "../pieces/ErrorNote";
import { ImportProgress } from "./ImportProgress";
import { Questions } from "./Questions";

const ASK_EVERY_MS = 500;
const isUnderWay = (found: CaseImport | undefined) =>
  found?.state === "looking" || found?.state === "bringing";

/** Cases in: the file is looked at to the last case, then brought in case by case, and can be stopped between two. */
export function BringIn() {
  const client = useQueryClient();
  const [id, setId] = useState<string>();
  const [sure, setSure] = useState(false);
  const [reason, setReason] = useState("");
  const show = (seen: CaseImport) => {
    setId(seen.id);
    client.setQueryData(["import", seen.id], seen);
  };
  const look = useMutation({
    mutationFn: (file: File) => upload<CaseImport>("/api/exchange/import", file),
    onSuccess: show,
  });
  const bring = useMutation({
    mutationFn: () => call<CaseImport>(`/api/exchange/import/${id}`, "POST", { sure, reason }),
    onSuccess: show,
  });
  const stop = useMutation({
    mutationFn: () => call<CaseImport>(`/api/exchange/import/${id}`, "DELETE"),
    onSuccess: show,
  });
  const found = useQuery({
    queryKey: ["import", id],
    queryFn: () => call<CaseImport>(`/api/exchange/import/${id}`),
    enabled: id !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
    refetchInterval: (query) => (isUnderWay(query.state.data) ? ASK_EVERY_MS : false),
  }).data;
  const state = found?.state;
  useEffect(() => {
    if (state === "done" || state === "stopped") {
      changed(client, "cases");
    }
  }, [state, client]);
  const waits = found?.state === "looked" ? found : undefined;
  return (
    <section className="flex flex-col gap-3">
      <h2 className="m-0 text-[20px] font-bold">In</h2>
      <ChooseFile
        words="Such a zip, one case's file, or a FHIR document that Lexicor wrote"
        accept=".zip,.json"
        onChoose={(file) => {
          setId(undefined);
          setSure(false);
          bring.reset();
          if (file) {
            look.mutate(file);
          }
        }}
      />
      <ErrorNote error={look.error ?? bring.error ?? stop.error} />
      {found && isUnderWay(found) && (
        <ImportProgress found={found} stopping={stop.isPending} onStop={() => stop.mutate()} />
      )}
      {waits && (
        <LookedAt
          found={waits}
          changed="gone on with"
          refused="Nothing is brought in while a case is refused."
          lines={
            <ul className="m-0 max-h-80 list-none overflow-auto p-0 text-[16px]">
              {waits.cases
                .filter((c) => c.status !== "same")
                .map((c) => (
                  <li key={c.code} className="border-b border-line py-1">
                    {c.code}: {c.status === "refused" ? <b>refused</b> : c.status}. {c.why}
                  </li>
                ))}
            </ul>
          }
        >
          <Questions found={waits} sure={sure} onSure={setSure} reason={reason} onReason={setReason} />
          <button
            type="button"
            className="action self-start"
            disabled={bring.isPending}
            onClick={() => bring.mutate()}
          >
            Bring them in
          </button>
        </LookedAt>
      )}
      {found && ["done", "stopped", "failed"].includes(found.state) && (
        <p role="status" className="m-0 text-[17px]">
          {found.state === "failed" && <b>It ended early: {found.problem}. </b>}
          {found.state === "stopped" && (
            <b>
              Stopped after {found.done} of {found.of}.{" "}
            </b>
          )}
          Brought in: {found.added} new, {found.changed} gone on with.
          {found.state !== "done" &&
            " What was brought in stays; choose the file again to go on with the rest."}
        </p>
      )}
    </section>
  );
}
