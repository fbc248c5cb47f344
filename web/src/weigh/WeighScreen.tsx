import { useSearchParams } from "react-router";
import { useSaveIntake, useWeighed } from "../api/queries";
import { useCaseContext } from "../frame/CaseFrame";
import { CAUTION } from "../frame/Caution";
import { ErrorNote } from "../pieces/ErrorNote";
import { RailKey } from "../pieces/RailKey";
import { Ranking } from "./Ranking";
import { Reasons } from "./Reasons";

/** Every candidate on its rail, and for the chosen one what moved it, by how much, and what did not. */
export function WeighScreen() {
  const { view, catalogue } = useCaseContext();
  const weighed = useWeighed(view.code);
  const save = useSaveIntake(view.code);
  const [params, setParams] = useSearchParams();
  if (!weighed.data) {
    return (
      <main className="p-6">
        <ErrorNote error={weighed.error} />
      </main>
    );
  }
  const conditions = weighed.data.standing.conditions;
  const chosen = conditions.find((c) => c.id === params.get("of")) ?? conditions[0];
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[540px_1fr] max-lg:grid-cols-1 max-lg:overflow-auto">
      <section
        aria-label="Candidates in order"
        className="flex min-h-0 flex-col gap-1.5 overflow-auto border-r-[1.5px] border-line px-4 py-3"
      >
        <h1 className="m-0 flex items-baseline justify-between px-2 text-[20px] font-bold">
          {conditions.length === 1 ? "One candidate" : `${conditions.length} candidates`}
          <span className="text-[14px] font-normal text-soft">pretest, then now</span>
        </h1>
        <Ranking
          conditions={conditions}
          chosen={chosen?.id}
          onChoose={(of) => setParams({ of }, { replace: true })}
        />
        <div className="mt-auto flex flex-col gap-1 px-2 pt-2">
          <RailKey />
          <p className="m-0 text-[14px] text-soft">{CAUTION}</p>
        </div>
      </section>
      {chosen ? (
        <Reasons
          key={chosen.id}
          condition={chosen}
          weighed={weighed.data}
          catalogue={catalogue}
          error={save.error}
          onHighBias={(highBias) => save.mutate((intake) => ({ ...intake, highBias }))}
        />
      ) : (
        <p className="p-6">This case has no candidates yet. Add them under Ask.</p>
      )}
    </main>
  );
}
