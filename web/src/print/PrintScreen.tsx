import { Link, useParams } from "react-router";
import { useCase, useCatalogue, useWeighed } from "../api/queries";
import type { CaseView, Catalogue, Weighed } from "../api/types";
import { CAUTION } from "../frame/Caution";
import { ContentNote } from "../frame/ContentNote";
import { Warnings } from "../frame/Warnings";
import { ErrorNote } from "../pieces/ErrorNote";
import { percent, sideName, time } from "../pieces/format";
import { Rail, verdictWords } from "../pieces/Rail";
import { BlockedOnPaper } from "./BlockedOnPaper";
import { PrintedFindings } from "./PrintedFindings";

/** The case on one page of paper. */
export function PrintScreen() {
  const { code = "" } = useParams();
  const view = useCase(code);
  const catalogue = useCatalogue();
  const weighed = useWeighed(code);
  const error = view.error ?? catalogue.error ?? weighed.error;
  return (
    <div data-theme="light" className="min-h-dvh bg-paper text-ink print:bg-white">
      <ContentNote />
      <nav
        aria-label="Paper"
        className="flex print:hidden items-center gap-3 border-b-2 border-ink px-5 py-2"
      >
        <Link to={`/cases/${code}/weigh`} className="action inline-flex items-center" data-quiet="true">
          Back to the case
        </Link>
        <button type="button" className="action" onClick={() => window.print()}>
          Print
        </button>
      </nav>
      {error && <ErrorNote error={error} />}
      {view.data && catalogue.data && weighed.data && (
        <Page view={view.data} catalogue={catalogue.data} weighed={weighed.data} />
      )}
    </div>
  );
}

function Page(props: { view: CaseView; catalogue: Catalogue; weighed: Weighed }) {
  const { view, catalogue, weighed } = props;
  const { intake } = view;
  const label = (list: { id: string; label: string }[], id: string | undefined) =>
    list.find((x) => x.id === id)?.label ?? "not noted";
  return (
    <main className="mx-auto max-w-[860px] bg-card p-8 text-[14px] leading-snug print:max-w-none print:bg-white print:p-0 print:text-[11px]">
      <header className="flex items-baseline gap-4 border-b-2 border-ink pb-1">
        <h1 className="m-0 text-[22px] font-bold">
          {view.complaintName}, {sideName(intake.involvedSide).toLowerCase()} side
        </h1>
        <span className="ml-auto">
          Case <b>{view.code}</b>, {time(view.updatedAt)}
        </span>
      </header>
      <Warnings raised={view.examination.warnings} />
      <p className="my-1.5">
        Age {label(catalogue.ageBands, intake.ageBand).toLowerCase()}; dominant side{" "}
        {intake.dominantSide ?? "not noted"}; seen in a{" "}
        {label(catalogue.settings, intake.setting).toLowerCase()}. {intake.mechanism}
      </p>
      <BlockedOnPaper view={view} catalogue={catalogue} />
      <div className="grid grid-cols-2 gap-6">
        <section>
          <h2 className="m-0 text-[16px] font-bold">Candidates in order</h2>
          <ol className="m-0 list-none p-0">
            {weighed.standing.conditions.map((c) => (
              <li key={c.id} className="break-inside-avoid pt-1">
                <div className="flex justify-between gap-2">
                  <span>
                    {c.rank}. {c.name}
                    <span className="text-soft">, {verdictWords(c)}</span>
                  </span>
                  <span className="shrink-0">
                    {percent(c.pretest)} to <b>{percent(c.posttest)}</b> ({percent(c.low)} to{" "}
                    {percent(c.high)})
                  </span>
                </div>
                <Rail values={c} width={380} />
              </li>
            ))}
          </ol>
          <p className="my-1 text-soft">
            Pretest, then now, with its 95&#8239;% interval. Each has its own chance; they need not add up.
          </p>
        </section>
        <PrintedFindings
          view={view}
          weighed={weighed}
          testName={(id) => catalogue.tests.find((t) => t.id === id)?.name ?? id}
        />
      </div>
      <footer className="mt-2 border-t border-ink pt-1">
        {CAUTION} Pretests are starting assumptions. {uncheckedWords(weighed)}
        {view.closedAt && ` Closed ${time(view.closedAt)}, with the figures of that moment.`} Overlap within a
        family {weighed.method.familyOverlap}, between any two findings {weighed.method.generalOverlap}
        {"; "}
        studies at high risk of bias {biasWords(weighed.method.highBias)}.
      </footer>
    </main>
  );
}

/** How much of what moved the leading candidates rests on figures that nobody has checked. */
function uncheckedWords(weighed: Weighed): string {
  const shares = weighed.standing.conditions
    .filter((c) => c.counted > 0)
    .slice(0, 3)
    .map((c) => `${percent(weighed.reasons[c.id]?.uncheckedShare ?? 0)} (${c.name.toLowerCase()})`);
  return shares.length === 0
    ? "No accuracy figure counts yet."
    : `Of the weight, this much rests on figures not checked against their source: ${shares.join(", ")}.`;
}

function biasWords(highBias: string): string {
  return highBias === "leftOut" ? "left out" : highBias === "asPrinted" ? "as printed" : "corrected";
}
