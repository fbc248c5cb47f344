import { Link } from "react-router";
import { isSimulated } from "../api/client";
import type { CaseView, Catalogue, Side } from "../api/types";
import { begunBesides, isDone, leftOutStill, runningOrder, setsOf, stagesOf } from "../couch/order/order";
import { useFigures } from "../figures/queries";
import { useCaseContext } from "../frame/CaseFrame";
import { CAUTION } from "../pieces/caution";
import { sideName } from "../pieces/format";
import { PageHeading } from "../pieces/PageHeading";
import { Asking } from "./Asking";
import { OrderTest } from "./OrderTest";

/**
 * A visit on paper: what is asked, what is stopped, and the running order with its core and its sets, each test by its figure with room
 * for what both sides show.
 */
export function OrderScreen() {
  const { view, catalogue, settings } = useCaseContext();
  const figures = useFigures();
  const involved = view.intake.involvedSide as Side;
  const begun = begunBesides(view.plan, view.examination);
  const groups = stagesOf(runningOrder(catalogue, view.plan, begun, settings.variants));
  const sets = setsOf(view.plan, catalogue);
  const done = (tests: readonly string[]) =>
    tests.filter((t) => isDone(view.examination, t, involved)).length;
  const core = new Set(view.plan.core?.tests);
  const marks = (test: string) => [
    ...(core.has(test) ? [view.plan.core?.first === test ? "Core, first of all" : "Core"] : []),
    ...sets.filter((s) => s.tests.includes(test)).map((s) => s.name),
  ];
  return (
    <main
      data-theme="light"
      className="min-h-0 flex-1 overflow-auto bg-paper text-ink px-6 py-4 print:overflow-visible print:bg-white print:p-0"
    >
      <div className="flex flex-wrap items-center gap-3">
        <PageHeading title="Visit on paper" className="m-0 mr-auto text-[24px] font-bold">
          Visit {view.visit} of {view.code}, to be worked on paper
        </PageHeading>
        <Link
          to={`/cases/${view.code}/couch`}
          className="action inline-flex items-center print:hidden"
          data-quiet="true"
        >
          To the couch
        </Link>
        <button type="button" className="action print:hidden" onClick={() => window.print()}>
          Print
        </button>
      </div>
      <p className="m-0 text-[15px] text-soft">
        {view.complaintName}, {sideName(involved).toLowerCase()} side.{" "}
        {view.plan.minutes ? `For ${view.plan.minutes} minutes. ` : ""}
        {CAUTION}
      </p>
      <p className="mt-2 mb-0 flex gap-6 text-[15px]">
        <span className="flex-1 border-b border-edge">Day</span>
        <span className="flex-1 border-b border-edge">Examiner</span>
      </p>
      <p className="mt-1 mb-0 text-[14px] text-soft">
        What is written here is entered under its day with <b>Enter an earlier visit from paper</b>. What is
        not ticked is not known.
      </p>
      <Safety view={view} catalogue={catalogue} />
      {!isSimulated(view.code) && <Asking view={view} catalogue={catalogue} />}
      {sets.length > 0 && (
        <p className="mt-2 mb-0 text-[15px]">
          <b>Sets:</b> {sets.map((s) => `${s.name}, ${done(s.tests)} of ${s.tests.length} done`).join("; ")}.
        </p>
      )}
      {groups.map((group) => (
        <section key={group.key} aria-label={group.name}>
          <h2 className="mt-3 mb-1 border-b-2 border-ink text-[20px] font-bold">{group.name}</h2>
          <ol className="m-0 grid list-none grid-cols-4 gap-3 p-0 max-lg:grid-cols-3 max-md:grid-cols-1 print:grid-cols-4">
            {group.tests.map((t) => (
              <OrderTest
                key={t.id}
                test={t}
                examination={view.examination}
                involved={involved}
                marks={marks(t.id)}
                figures={figures}
              />
            ))}
          </ol>
        </section>
      ))}
      <NotDone view={view} catalogue={catalogue} begun={begun} />
    </main>
  );
}

/** What stops a test: the precautions to ask about, those that hold already ticked, and the stop signs that were seen. */
function Safety({ view, catalogue }: { view: CaseView; catalogue: Catalogue }) {
  const raised = view.examination.warnings.filter((w) => !w.excluded);
  return (
    <section aria-label="Before touching">
      <h2 className="mt-3 mb-1 border-b-2 border-ink text-[20px] font-bold">Before touching</h2>
      {raised.map((w) => (
        <p key={w.id} className="m-0 my-1 border-l-4 border-stop pl-2 text-[15px]">
          <b className="text-stop">{w.name}.</b> {w.message}
        </p>
      ))}
      <ul className="m-0 list-none columns-2 p-0 text-[14px] leading-tight max-md:columns-1">
        {catalogue.precautions.map((p) => (
          <li key={p.id} className="break-inside-avoid py-0.5 pl-6 -indent-6">
            <Box ticked={view.intake.precautions.includes(p.id)} /> {p.label}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A box on paper, which says in words too that it is ticked. */
function Box({ ticked }: { ticked: boolean }) {
  return (
    <>
      <span
        aria-hidden="true"
        className="mr-1 inline-block size-4 border border-edge text-center align-[-3px] indent-0 leading-none"
      >
        {ticked ? "✓" : ""}
      </span>
      {ticked && <span className="sr-only">Holds: </span>}
    </>
  );
}

/** What this visit leaves out, each with the reason. */
function NotDone(props: { view: CaseView; catalogue: Catalogue; begun: readonly string[] }) {
  const left = leftOutStill(props.view.plan, props.begun);
  const name = (id: string) => props.catalogue.tests.find((t) => t.id === id)?.shortName ?? id;
  return (
    left.length > 0 && (
      <section aria-label="Left out">
        <h2 className="mt-3 mb-1 border-b-2 border-ink text-[20px] font-bold">Left out</h2>
        <p className="m-0 text-[14px] leading-tight">
          {left.map((l) => `${name(l.test)} (${l.why})`).join("; ")}.
        </p>
      </section>
    )
  );
}
