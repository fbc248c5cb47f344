import { lazy, Suspense, useState } from "react";
import { useCases, useSettings } from "../api/queries";
import { Caution } from "../frame/CautionNote";
import { TopBar } from "../frame/TopBar";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";
import { useSession } from "../session/useSession";
import { CaseLine } from "./CaseLine";
import { NewCase } from "./NewCase";

const NewWay = lazy(() => import("../pieces/NewWay").then((m) => ({ default: m.NewWay })));

export function CasesScreen() {
  const [search, setSearch] = useState("");
  const cases = useCases(search);
  const settings = useSettings();
  const leads = useSession().data?.role === "lead";
  return (
    <>
      <TopBar />
      <main className="mx-auto flex max-w-[1180px] flex-col gap-3 px-5 py-4">
        <Caution />
        {leads && settings.data && !settings.data.schoolSeen && (
          <Suspense>
            <NewWay settings={settings.data} />
          </Suspense>
        )}
        <div className="flex flex-wrap items-center gap-4">
          <PageHeading title="Cases" className="m-0 text-[28px] font-bold" />
          <input
            type="search"
            className="field ml-auto w-56"
            placeholder="Find a code"
            aria-label="Find a case by its code"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
          <NewCase />
        </div>
        <ErrorNote error={cases.error} />
        {cases.data?.length === 0 && (
          <p className="text-soft">
            {search ? `No code contains \u201c${search}\u201d.` : "No cases yet. Open the first one."}
          </p>
        )}
        <ul className="m-0 list-none border-t-2 border-ink p-0">
          {cases.data?.map((c) => (
            <CaseLine key={c.code} summary={c} />
          ))}
        </ul>
        {cases.hasNextPage && (
          <button
            type="button"
            className="choice self-start"
            disabled={cases.isFetchingNextPage}
            onClick={() => cases.fetchNextPage()}
          >
            Show earlier cases
          </button>
        )}
      </main>
    </>
  );
}
