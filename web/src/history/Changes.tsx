import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import { call } from "../api/client";
import type { DepartmentChange, HistoryPage } from "../api/types";
import { moment } from "../pieces/date";
import { ErrorNote } from "../pieces/ErrorNote";
import { WideTable } from "../pieces/WideTable";
import { Filters } from "./Filters";
import { Lines } from "./Lines";
import { ASKED, wayTo } from "./ways";

/** The changes that are asked for, page by page; what is asked for stands in the address. */
export function Changes() {
  const [params, setParams] = useSearchParams();
  const [page, setPage] = useState(0);
  const asked = new URLSearchParams(ASKED.flatMap((name) => named(params, name)));
  const changes = useQuery({
    queryKey: ["history", asked.toString(), page],
    queryFn: () => call<HistoryPage>(`/api/history?${asked}${asked.size > 0 ? "&" : ""}page=${page}`),
    staleTime: 0,
    placeholderData: (previous) => previous,
  });
  const found = changes.data;
  return (
    <>
      <Filters
        asked={asked}
        subjects={found?.subjects ?? []}
        people={found?.people ?? []}
        onAsk={(next) => {
          setPage(0);
          setParams(next, { replace: true });
        }}
      />
      <ErrorNote error={changes.error} />
      {found && found.changes.length === 0 && (
        <p role="status" className="m-0 text-[17px]">
          {asked.size > 0 ? "Nothing of this kind was changed." : "Nothing was changed yet."}
        </p>
      )}
      {found && found.changes.length > 0 && (
        <WideTable
          label="Changes in the department"
          heads={["When", "Who", "What", "From what to what, and why"]}
        >
          {found.changes.map((c) => (
            <tr key={`${c.at} ${c.subject} ${c.what} ${c.did}`} className="border-b border-line align-top">
              <td className="py-1 pr-4 whitespace-nowrap">{moment(c.at)}</td>
              <td className="py-1 pr-4">{c.who || "Lexicor"}</td>
              <td className="max-w-[360px] py-1 pr-4">
                <span className="block text-[14px] text-soft">{c.subject}</span>
                <What change={c} />
              </td>
              <td className="py-1">
                {c.did}
                <Lines lines={c.lines} fresh={c.did.startsWith("added")} />
                {c.why && <span className="block text-soft">Why: {c.why}</span>}
              </td>
            </tr>
          ))}
        </WideTable>
      )}
      {(page > 0 || found?.more) && (
        <div className="flex gap-3">
          <button type="button" className="choice" disabled={page === 0} onClick={() => setPage(page - 1)}>
            Later
          </button>
          <button type="button" className="choice" disabled={!found?.more} onClick={() => setPage(page + 1)}>
            Earlier
          </button>
        </div>
      )}
    </>
  );
}

const named = (params: URLSearchParams, name: string): [string, string][] => {
  const value = params.get(name);
  return value ? [[name, value]] : [];
};

/** What was changed, with the way to it as it is now. */
function What(props: { change: DepartmentChange }) {
  const way = wayTo(props.change.about);
  return way ? (
    <Link className="underline" to={way}>
      {props.change.what}
    </Link>
  ) : (
    props.change.what
  );
}
