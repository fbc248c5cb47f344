import { Suspense } from "react";
import { Link } from "react-router";
import type { Side } from "../api/types";
import { notWith } from "../couch/names";
import { begunBesides, positionName, runningOrder, stagesOf, stoppedBy } from "../couch/order/order";
import { useFigures } from "../figures/queries";
import { useCaseContext } from "../frame/CaseFrame";
import { CAUTION } from "../pieces/caution";
import { midSentence, minutes, otherSide, sideName } from "../pieces/format";
import { later } from "../pieces/later";
import { PageHeading } from "../pieces/PageHeading";

const FigureDrawing = later(
  () => import("../figures/FigureDrawing").then((m) => m.FigureDrawing),
  () => null,
);

/** The running order on paper: each test by its figure, with room to note both sides. */
export function OrderScreen() {
  const { view, catalogue, settings } = useCaseContext();
  const figures = useFigures();
  const involved = view.intake.involvedSide as Side;
  const groups = stagesOf(
    runningOrder(catalogue, view.plan, begunBesides(view.plan, view.examination), settings.variants),
  );
  return (
    <main
      data-theme="light"
      className="min-h-0 flex-1 overflow-auto bg-paper text-ink px-6 py-4 print:overflow-visible print:bg-white print:p-0"
    >
      <div className="flex flex-wrap items-center gap-3">
        <PageHeading title="Running order" className="m-0 mr-auto text-[24px] font-bold">
          Running order of {view.code}
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
      {groups.map((group) => (
        <section key={group.key} aria-label={group.name}>
          <h2 className="mt-3 mb-1 border-b-2 border-ink text-[20px] font-bold">{group.name}</h2>
          <ol className="m-0 grid list-none grid-cols-4 gap-3 p-0 max-lg:grid-cols-3 max-md:grid-cols-1 print:grid-cols-4">
            {group.tests.map((t) => {
              const figure = figures?.tests.get(t.id);
              const against = view.examination.blocked.find((b) => b.test === t.id);
              const stopped = stoppedBy(view.examination, t.id) !== undefined;
              return (
                <li
                  key={t.id}
                  className="break-inside-avoid border-t border-line pt-1 text-[14px] leading-tight"
                >
                  <b className="text-[15px]">{t.name}</b>
                  <span className="block text-soft">
                    {positionName(t.position)}, {minutes(t.minutes)}
                    {t.contraindications.length > 0 && (
                      <>
                        . <b>Not with</b> {notWith(t)}
                      </>
                    )}
                  </span>
                  {against && (
                    <p className="m-0 my-1 border-l-4 border-stop pl-2 text-[15px]">
                      <b className="text-stop">Blocked</b> by {against.because.map(midSentence).join(", ")}
                      {stopped ? "." : `, done all the same: ${against.reason}`}
                    </p>
                  )}
                  {!stopped && figures && figure && (
                    <Suspense>
                      <FigureDrawing
                        figure={figure}
                        grips={figures.grips}
                        side={involved}
                        label={`How it looks: ${t.name}`}
                        className="block w-full max-w-[220px]"
                      />
                    </Suspense>
                  )}
                  {!stopped && (
                    <>
                      <span className="block border-b border-edge pt-4">{sideName(otherSide(involved))}</span>
                      <span className="block border-b border-edge pt-4">{sideName(involved)}</span>
                    </>
                  )}
                </li>
              );
            })}
          </ol>
        </section>
      ))}
    </main>
  );
}
