import { useState } from "react";
import { Link } from "react-router";
import { useCaseChange, useClosure } from "../api/caseQueries";

import type { CaseView } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { DeleteCase } from "./DeleteCase";
import { useColleagues } from "./queries";

/** Whose the case is, who else may open it, its history, and its end. */
export function CaseKeeping(props: { view: CaseView }) {
  const { view } = props;
  const colleagues = useColleagues();
  const share = useCaseChange<{ owner: string; shares: string[] }>(view.code, (body) => ({
    path: "sharing",
    body,
  }));
  const closure = useClosure(view.code);
  const [deleting, setDeleting] = useState(false);
  const names = colleagues.data?.names ?? [];
  const owner = view.owner ?? "";
  return (
    <details className="text-[16px]">
      <summary className="min-h-8">Whose case it is, its history, closing or deleting it</summary>
      <div className="flex flex-col gap-3 pt-2">
        <ErrorNote
          error={colleagues.error ?? share.error ?? closure.error}
          onDismiss={share.error ? share.reset : undefined}
        />
        <label className="flex items-center gap-3">
          Examiner
          <select
            className="field"
            value={owner}
            onChange={(e) => share.mutate({ owner: e.target.value, shares: view.shares })}
          >
            {owner === "" && <option value="">everybody, from before there were accounts</option>}
            {names.map((n) => (
              <option key={n}>{n}</option>
            ))}
          </select>
        </label>
        <fieldset className="m-0 flex flex-wrap gap-x-4 border-0 p-0">
          <legend className="p-0">Shared with</legend>
          {names
            .filter((n) => n !== owner)
            .map((n) => (
              <label key={n} className="flex min-h-12 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-6"
                  checked={view.shares.includes(n)}
                  disabled={owner === ""}
                  onChange={(e) =>
                    share.mutate({
                      owner,
                      shares: e.target.checked ? [...view.shares, n] : view.shares.filter((s) => s !== n),
                    })
                  }
                />
                {n}
              </label>
            ))}
        </fieldset>
        <div className="flex gap-3">
          <Link
            to={`/cases/${view.code}/history`}
            className="action inline-flex items-center"
            data-quiet="true"
          >
            History of the case
          </Link>
          {!view.closedAt && (
            <button
              type="button"
              className="action"
              data-quiet="true"
              disabled={closure.isPending}
              onClick={() => closure.mutate(true)}
            >
              Close the case
            </button>
          )}
          <button type="button" className="choice" onClick={() => setDeleting(true)}>
            Delete the case
          </button>
        </div>
        <DeleteCase code={view.code} open={deleting} onClose={() => setDeleting(false)} />
      </div>
    </details>
  );
}
