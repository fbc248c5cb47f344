import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useNavigate } from "react-router";
import { call } from "../api/client";
import type { DepartmentChange } from "../api/types";
import { TopBar } from "../frame/TopBar";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";
import { WideTable } from "../pieces/WideTable";
import { useSession } from "../session/useSession";
import { DeletedCases } from "./DeletedCases";
import { Lines } from "./Lines";

/** What was changed in the department, by whom and when; and the way to a case's own history. */
export function DepartmentHistory() {
  const navigate = useNavigate();
  const { data: session } = useSession();
  const [page, setPage] = useState(0);
  const [code, setCode] = useState("");
  const changes = useQuery({
    queryKey: ["history", page],
    queryFn: () => call<DepartmentChange[]>(`/api/history?page=${page}`),
    staleTime: 0,
  });
  const open = (event: FormEvent) => {
    event.preventDefault();
    navigate(`/cases/${code.trim().toUpperCase()}/history`);
  };
  return (
    <>
      <TopBar />
      <main className="mx-auto flex max-w-[1000px] flex-col gap-4 px-5 py-5">
        <div className="flex flex-wrap items-end gap-4">
          <PageHeading
            title="History of the department"
            className="m-0 text-[28px] leading-tight font-bold"
          />
          <form className="ml-auto flex items-end gap-2" onSubmit={open}>
            <label className="flex flex-col text-[16px]">
              History of a case
              <input
                className="field w-40"
                value={code}
                placeholder="HB-001"
                onChange={(e) => setCode(e.target.value)}
              />
            </label>
            <button type="submit" className="action" data-quiet="true">
              Read
            </button>
          </form>
        </div>
        <ErrorNote error={changes.error} />
        {session?.role === "lead" && <DeletedCases />}
        <WideTable label="Changes in the department" heads={["When", "Who", "What", "Change"]}>
          {changes.data?.map((c) => (
            <tr key={`${c.at} ${c.subject} ${c.lines[0]?.field}`} className="border-b border-line align-top">
              <td className="py-1 pr-4 whitespace-nowrap">{new Date(c.at).toLocaleString("en-GB")}</td>
              <td className="py-1 pr-4">{c.who || "Lexicor"}</td>
              <td className="py-1 pr-4">{c.subject}</td>
              <td className="py-1">
                <Lines lines={c.lines} />
              </td>
            </tr>
          ))}
        </WideTable>
        <div className="flex gap-3">
          <button type="button" className="choice" disabled={page === 0} onClick={() => setPage(page - 1)}>
            Later
          </button>
          <button
            type="button"
            className="choice"
            disabled={(changes.data?.length ?? 0) === 0}
            onClick={() => setPage(page + 1)}
          >
            Earlier
          </button>
        </div>
      </main>
    </>
  );
}
