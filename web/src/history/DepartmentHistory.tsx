import { type FormEvent, useState } from "react";
import { useNavigate } from "react-router";
import { TopBar } from "../frame/TopBar";
import { PageHeading } from "../pieces/PageHeading";
import { useSession } from "../session/useSession";
import { Changes } from "./Changes";
import { DeletedCases } from "./DeletedCases";

/** What was changed in the department, by whom, when, from what and why; and the way to a case's own history. */
export function DepartmentHistory() {
  const navigate = useNavigate();
  const { data: session } = useSession();
  const [code, setCode] = useState("");
  const open = (event: FormEvent) => {
    event.preventDefault();
    navigate(`/cases/${code.trim().toUpperCase()}/history`);
  };
  return (
    <>
      <TopBar />
      <main className="mx-auto flex max-w-[1180px] flex-col gap-4 px-5 py-5">
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
        {session?.role === "lead" && <DeletedCases />}
        <Changes />
      </main>
    </>
  );
}
