import { Suspense } from "react";
import type { Board, Examination, Side } from "../api/types";
import { notWith } from "../couch/names";
import { type PlannedTest, positionName, stoppedBy } from "../couch/order/order";
import type { useFigures } from "../figures/queries";
import { midSentence, minutes, otherSide, sideName } from "../pieces/format";
import { later } from "../pieces/later";

const FigureDrawing = later(
  () => import("../figures/FigureDrawing").then((m) => m.FigureDrawing),
  () => null,
);

/** One test of the visit on paper: how it looks and room for what both sides show, or why it is not done. */
export function OrderTest(props: {
  test: PlannedTest;
  examination: Examination;
  involved: Side;
  /** The core or the sets that it belongs to. */
  marks: string[];
  figures: ReturnType<typeof useFigures>;
}) {
  const { test, examination, involved, marks, figures } = props;
  const figure = figures?.tests.get(test.id);
  const against = examination.blocked.find((b) => b.test === test.id);
  const stopped = stoppedBy(examination, test.id) !== undefined;
  return (
    <li className="break-inside-avoid border-t border-line pt-1 text-[14px] leading-tight">
      <b className="text-[15px]">{test.name}</b>
      {marks.length > 0 && <span className="block">{marks.join(", ")}</span>}
      <span className="block text-soft">
        {positionName(test.position)}, {minutes(test.minutes)}
        {test.contraindications.length > 0 && (
          <>
            . <b>Not with</b> {notWith(test)}
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
            label={`How it looks: ${test.name}`}
            className="block w-full max-w-[220px]"
          />
        </Suspense>
      )}
      {!stopped && <Room boards={test.boards} sides={[otherSide(involved), involved]} />}
    </li>
  );
}

/** Room for one place's answers on a line each side, for many places' in a table; the answers stand once above it. */
function Room({ boards, sides }: { boards: readonly Board[]; sides: readonly Side[] }) {
  const words = new Set(boards.flatMap((b) => b.pads.map((p) => p.label)));
  // Where there are many places the row says what is measured there.
  const measured = boards.length === 1 ? boards.flatMap((b) => b.dials.filter((d) => d.decides)) : [];
  const answers = [...words, ...measured.map((d) => (d.unit ? `${d.label} (${d.unit})` : d.label))].join(
    " · ",
  );
  return (
    <>
      {answers && <span className="block py-0.5 text-soft">{answers}</span>}
      {boards.length > 1 ? (
        <table className="w-full border-collapse">
          <thead>
            <tr>
              <td />
              {sides.map((s) => (
                <th key={s} scope="col" className="w-1/4 text-left font-normal">
                  {sideName(s)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {boards.map((b) => (
              <tr key={b.at} className="border-b border-edge">
                <th scope="row" className="py-1 text-left font-normal">
                  {b.label}
                </th>
                <td className="border-l border-line" />
                <td className="border-l border-line" />
              </tr>
            ))}
          </tbody>
        </table>
      ) : (
        sides.map((s) => (
          <span key={s} className="block border-b border-edge pt-4">
            {sideName(s)}
          </span>
        ))
      )}
    </>
  );
}
