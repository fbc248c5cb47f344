import { useState } from "react";
import { useSearchParams } from "react-router";
import { useSaveIntake, useSupposed } from "../api/caseQueries";
import type { Supposition } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { CAUTION } from "../pieces/caution";
import { ErrorNote } from "../pieces/ErrorNote";
import { percent } from "../pieces/format";
import { PageHeading } from "../pieces/PageHeading";
import { RailKey } from "../pieces/RailKey";
import { useQueue } from "../queue/useQueue";
import { Ranking } from "./Ranking";
import { Reasons } from "./Reasons";
import { isSupposed, NOTHING_SUPPOSED } from "./supposing";
import { TodayBeside } from "./TodayBeside";
import { useWeighed } from "./weighed";

/** Every candidate on its rail, and for the chosen one everything one may ask. */
export function WeighScreen() {
  const { view, catalogue } = useCaseContext();
  const weighed = useWeighed(view.code);
  const save = useSaveIntake(view.code);
  const waiting = useQueue().state.acts.filter((a) => a.code === view.code).length;
  const [params, setParams] = useSearchParams();
  const [supposition, setSupposition] = useState<Supposition>(NOTHING_SUPPOSED);
  const supposing = isSupposed(supposition);
  const supposed = useSupposed(view.code, supposition, supposing);
  if (!weighed.data) {
    return (
      <main className="p-6">
        <ErrorNote error={weighed.error} />
      </main>
    );
  }
  const conditions = weighed.data.standing.conditions;
  const chosen = conditions.find((c) => c.id === params.get("of")) ?? conditions[0];
  const now = (id: string) => percent(conditions.find((c) => c.id === id)?.posttest ?? 0);
  const ghosts =
    supposing && supposed.data
      ? Object.fromEntries(
          supposed.data.conditions
            .filter((c) => percent(c.posttest) !== now(c.id))
            .map((c) => [c.id, c.posttest]),
        )
      : {};
  const show = (change: { of?: string; tab?: string }) =>
    setParams({ ...Object.fromEntries(params), ...change }, { replace: true });
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[500px_1fr] max-lg:block max-lg:overflow-auto max-lg:[&>*]:overflow-visible print:block print:[zoom:0.86]">
      <section
        aria-label="Candidates in order"
        className="flex min-h-0 flex-col gap-1.5 overflow-auto border-r-[1.5px] border-line px-4 py-3 print:overflow-visible print:border-0 max-lg:flex-none"
      >
        <PageHeading
          title="Weigh"
          className="m-0 flex items-baseline justify-between px-2 text-[20px] font-bold"
        >
          {conditions.length === 1 ? "One candidate" : `${conditions.length} candidates`}
          <span role="status" className="text-[14px] font-normal text-soft">
            {waiting > 0
              ? `without ${waiting} ${waiting === 1 ? "tap" : "taps"} still being saved`
              : "pretest, then now"}
          </span>
        </PageHeading>
        {weighed.data.standing.fresh && (
          <p className="m-0 px-2 text-[15px] text-soft">{weighed.data.standing.fresh}</p>
        )}
        {weighed.data.closed && <TodayBeside closed={weighed.data.closed} then={conditions} />}
        <Ranking
          conditions={conditions}
          ghosts={ghosts}
          chosen={chosen?.id}
          onChoose={(of) => show({ of })}
        />
        <div className="mt-auto flex flex-col gap-1 px-2 pt-2">
          <RailKey bands={weighed.data.standing.bands} />
          <p className="m-0 text-[14px] text-soft">{CAUTION}</p>
          <a
            className="text-[14px] underline print:hidden"
            href={`/api/cases/${view.code}/weigh-file`}
            download={`${view.code}.json`}
          >
            The case with its figures as a file, to weigh again elsewhere
          </a>
        </div>
      </section>
      {chosen ? (
        <Reasons
          view={view}
          condition={chosen}
          weighed={weighed.data}
          catalogue={catalogue}
          tab={params.get("tab") ?? "why"}
          onTab={(tab) => show({ tab })}
          supposition={supposition}
          onSuppose={setSupposition}
          supposedError={supposed.error}
          error={save.error}
          onHighBias={(highBias) => save.mutate({ change: (intake) => ({ ...intake, highBias }) })}
        />
      ) : (
        <p className="p-6">This case has no candidates yet. Add them under Ask.</p>
      )}
    </main>
  );
}
