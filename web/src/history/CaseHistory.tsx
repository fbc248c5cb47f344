import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { call } from "../api/client";
import { changedInCase } from "../api/stale";
import type { Happened } from "../api/types";
import { TopBar } from "../frame/TopBar";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";
import { useSession } from "../session/useSession";
import { Lines } from "./Lines";
import { StoodThen } from "./StoodThen";

const KINDS: Record<string, string> = {
  tap: "recorded",
  "taken-back": "taken back",
  measured: "measured",
  changed: "changed",
  "went-ahead": "went ahead",
  opened: "opened",
  exported: "exported",
  "brought-in": "brought in from a file",
};

/** What happened to a case, the latest first; how it stood after any tap; and a reading brought back. */
export function CaseHistory() {
  const { code = "" } = useParams();
  const client = useQueryClient();
  const { data: session } = useSession();
  const history = useQuery({
    queryKey: ["case-history", code],
    queryFn: () => call<Happened[]>(`/api/cases/${code}/history`),
    staleTime: 0,
  });
  const bringBack = useMutation({
    mutationFn: (tap: string) =>
      call(`/api/cases/${code}/history/bring-back`, "POST", { tap, tapId: crypto.randomUUID() }),
    onSuccess: () => {
      changedInCase(client, code, "refused");
      changedInCase(client, code, "whole");
    },
  });
  const [chosen, setChosen] = useState<string>();
  const mayChange = session?.role !== "auditor";
  return (
    <div className="flex h-dvh flex-col">
      <TopBar>
        <span className="rounded border-[1.5px] border-ink px-2 py-0.5">{code}</span>
        {mayChange && (
          <Link to={`/cases/${code}/couch`} className="flex min-h-12 items-center underline">
            Back to the case
          </Link>
        )}
      </TopBar>
      <main className="grid min-h-0 flex-1 grid-cols-[1fr_420px] max-lg:block max-lg:overflow-auto max-lg:[&>*]:overflow-visible">
        <section
          aria-label="What happened"
          className="min-h-0 overflow-auto px-5 py-4 max-lg:overflow-visible"
        >
          <PageHeading title="History" className="m-0 mb-2 text-[28px] leading-tight font-bold">
            History of {code}
          </PageHeading>
          <ErrorNote
            error={history.error ?? bringBack.error}
            onDismiss={bringBack.error ? bringBack.reset : undefined}
          />
          <ol className="m-0 list-none p-0">
            {[...(history.data ?? [])].reverse().map((h) => (
              <li
                key={`${h.at} ${h.kind} ${h.tap ?? ""} ${h.lines[0]?.field ?? ""}`}
                className="grid grid-cols-[170px_90px_1fr_auto] gap-3 border-b border-line py-1.5 text-[16px] max-md:grid-cols-1 max-md:gap-0"
              >
                <span className="text-soft">
                  {new Date(h.at).toLocaleString("en-GB")}
                  {h.visit !== undefined && <span className="block text-[14px]">visit {h.visit}</span>}
                </span>
                <span>{h.who || "not noted"}</span>
                <span>
                  <b>{h.what}</b> {KINDS[h.kind]}
                  {h.broughtIn && ", brought in from a file"}
                  <span className="block text-[15px]">
                    <Lines lines={h.lines} />
                  </span>
                </span>
                <span className="flex items-start gap-2">
                  {h.kind === "tap" && (
                    <button
                      type="button"
                      className="choice"
                      aria-pressed={chosen === h.tap}
                      data-state={chosen === h.tap ? "on" : "off"}
                      onClick={() => setChosen(h.tap)}
                    >
                      As it stood then
                    </button>
                  )}
                  {h.canBringBack && mayChange && (
                    <button type="button" className="choice" onClick={() => h.tap && bringBack.mutate(h.tap)}>
                      Bring back what was there
                    </button>
                  )}
                </span>
              </li>
            ))}
          </ol>
        </section>
        <StoodThen code={code} tap={chosen} />
      </main>
    </div>
  );
}
