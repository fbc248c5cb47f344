import { Link, useParams } from "react-router";
import { ErrorNote } from "../pieces/ErrorNote";
import { percent, unbroken } from "../pieces/format";
import { along } from "../pieces/HunchRail";
import { PageHeading } from "../pieces/PageHeading";
import { WideTable } from "../pieces/WideTable";
import { usePracticeContext } from "./context";
import { type Debrief, type Point, useDebrief } from "./queries";

const KINDS: Record<Point["kind"], string> = {
  warning: "Warning signs",
  blocked: "What must not be done",
  forNothing: "Could hurt, could tell next to nothing",
  reading: "Recorded otherwise than it was felt",
  face: "Not seen",
  order: "Order of work",
  judgement: "From findings to a probability",
};

/** What the patient had, how near one was, and what could have been done otherwise; each point opens its place on the couch. */
export function DebriefScreen() {
  const { id = "" } = useParams();
  const { encounter } = usePracticeContext();
  const debrief = useDebrief(id);
  return (
    <main className="mx-auto min-h-0 w-full max-w-[1240px] flex-1 overflow-auto px-5 py-4 flow:overflow-visible">
      <PageHeading title="Debrief" className="m-0 text-[26px] leading-tight font-bold">
        {debrief.data?.truth ?? "Debrief"}
      </PageHeading>
      <ErrorNote error={debrief.error} />
      {debrief.data && (
        <>
          <p className="m-0 text-[16px] text-soft">
            {encounter.complaintName}, patient {encounter.seed}.
            {debrief.data.next.length > 0 && ` The usual next step: ${debrief.data.next.join("; ")}.`}
            {debrief.data.planned !== undefined &&
              (debrief.data.planned ? " So you planned." : " You planned otherwise.")}
            {debrief.data.peeked && " The program's own was looked at on the way."}
          </p>
          <div className="mt-3 grid grid-cols-[5fr_4fr] items-start gap-6 max-lg:grid-cols-1">
            <div className="flex flex-col gap-4">
              <Beside of={debrief.data} />
              <Work of={debrief.data} />
            </div>
            <Points id={id} points={debrief.data.points} />
          </div>
        </>
      )}
    </main>
  );
}

/** Each candidate on its rail: before, at the end, the program, and whether it was there. */
function Beside(props: { of: Debrief }) {
  const { judged, words } = props.of;
  return (
    <section aria-label="What you thought beside the truth">
      <h2 className="m-0 text-[20px] font-bold">What you thought beside the truth</h2>
      <WideTable label="Candidates" heads={["Candidate", "Before", "You", "Program", "1 % to 99 %", "Truth"]}>
        {judged.map((j) => (
          <tr
            key={j.condition}
            data-there={j.present}
            className="border-t border-line data-[there=true]:font-bold"
          >
            <th
              scope="row"
              className="min-w-[130px] py-1 pr-4 text-left font-normal in-data-[there=true]:font-bold"
            >
              {j.name}
            </th>
            <td className="pr-4 whitespace-nowrap text-soft">{percent(j.before)}</td>
            <td className="pr-4 whitespace-nowrap">{percent(j.atEnd)}</td>
            <td className="pr-4 whitespace-nowrap">
              {percent(j.program)}
              {Math.abs(j.asFelt - j.program) >= 0.05 && (
                <span className="block text-[14px] font-normal text-soft">as felt {percent(j.asFelt)}</span>
              )}
            </td>
            <td className="pr-4">
              <Marks own={j.atEnd} program={j.program} />
            </td>
            <td className="whitespace-nowrap">{j.present ? "there" : "not there"}</td>
          </tr>
        ))}
      </WideTable>
      <p className="mt-2 mb-0 text-[16px] leading-snug">{unbroken(words)}</p>
    </section>
  );
}

/** Yours a square, the program's a diamond. */
function Marks(props: { own: number; program: number }) {
  const x = (p: number) => 8 + 144 * along(p);
  return (
    <svg width="160" height="20" aria-hidden="true" className="block">
      <line x1="8" x2="152" y1="10" y2="10" stroke="var(--edge)" strokeWidth="2" />
      <rect
        x={x(props.own) - 6}
        y="4"
        width="12"
        height="12"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.5"
      />
      <rect
        x={x(props.program) - 5}
        y="5"
        width="10"
        height="10"
        fill="var(--teal)"
        transform={`rotate(45 ${x(props.program)} 10)`}
      />
    </svg>
  );
}

function Work(props: { of: Debrief }) {
  const { of } = props;
  return (
    <section aria-label="Minutes and what they told">
      <h2 className="m-0 text-[20px] font-bold">Minutes and what they told</h2>
      <p className="m-0 text-[16px] leading-snug">
        {of.minutes.toFixed(1)} minutes, {of.changes === 1 ? "1 change" : `${of.changes} changes`} of position
        ({of.bestChanges} would have done). Your tests could be expected to tell{" "}
        <b>{of.bits.toFixed(2)} bits</b>; the best order within the same time <b>{of.bestBits.toFixed(2)}</b>.
      </p>
      <div className="mt-1 grid grid-cols-2 gap-4 max-md:grid-cols-1">
        <Steps title="Yours" steps={of.steps} />
        <Steps title="The best order" steps={of.best} />
      </div>
    </section>
  );
}

function Steps(props: { title: string; steps: Debrief["steps"] }) {
  return (
    <div>
      <h3 className="m-0 text-[16px] font-semibold">{props.title}</h3>
      <ol className="m-0 list-decimal pl-6 text-[15px]">
        {props.steps.map((s) => (
          <li key={s.test}>
            {s.name} <span className="text-soft">{s.bits.toFixed(2)} bits</span>
          </li>
        ))}
      </ol>
      {props.steps.length === 0 && <p className="m-0 text-[15px] text-soft">None.</p>}
    </div>
  );
}

function Points(props: { id: string; points: Point[] }) {
  const kinds = [...new Set(props.points.map((p) => p.kind))];
  return (
    <section aria-label="What could have been otherwise">
      <h2 className="m-0 text-[20px] font-bold">What could have been otherwise</h2>
      {kinds.length === 0 && (
        <p className="text-[16px]">Nothing to say: asked, looked and recorded as it should be.</p>
      )}
      {kinds.map((kind) => (
        <div key={kind} className="mt-2">
          <h3 className="m-0 text-[16px] font-semibold">{KINDS[kind]}</h3>
          <ul className="m-0 list-none p-0">
            {props.points
              .filter((p) => p.kind === kind)
              .map((p) => (
                <li key={p.words} className="border-t border-line py-1 text-[16px] leading-snug">
                  {unbroken(p.words)}
                  {p.test !== undefined && (
                    <Link
                      className="ml-2 inline-block min-h-6 underline"
                      to={`/practice/patients/${props.id}/couch?test=${p.test}&at=${p.at ?? ""}`}
                    >
                      On the couch
                    </Link>
                  )}
                </li>
              ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
