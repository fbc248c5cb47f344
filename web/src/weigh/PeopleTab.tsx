import type { ConditionStanding, LedgerRow, People, Reasons } from "../api/types";
import { percent } from "../pieces/format";
import { peopleSentence } from "./FiguresInPeople";

/** The probabilities as whole people, for the case and for every single finding. */
export function PeopleTab(props: { condition: ConditionStanding; rows: LedgerRow[]; reasons: Reasons }) {
  const { condition, reasons } = props;
  const { before, after } = reasons;
  const single = props.rows.filter((r) => r.figures !== undefined);
  return (
    <div className="flex flex-col gap-4">
      <p className="m-0 text-[18px]">
        Of {before.outOf} people like this one at the start, <b>{before.with}</b> have it. Of {after.outOf}{" "}
        with these findings, <b>{after.with}</b> have it and {after.outOf - after.with} do not.
      </p>
      <div className="grid grid-cols-2 gap-6 max-md:grid-cols-1">
        <Crowd people={before} title={`At the start, ${percent(condition.pretest)}`} />
        <Crowd people={after} title={`With these findings, ${percent(condition.posttest)}`} />
      </div>
      {single.length > 0 && (
        <section>
          <h3 className="m-0 mb-1 text-[18px] font-bold">Each finding by itself</h3>
          <dl className="m-0 text-[16px]">
            {single.map((r) => (
              <div key={r.id} className="break-inside-avoid border-t border-line py-1">
                <dt className="font-semibold">{r.name}</dt>
                <dd className="m-0">{r.figures && peopleSentence(r.figures, condition.pretest)}</dd>
              </div>
            ))}
          </dl>
        </section>
      )}
    </div>
  );
}

/** Whole people: filled ones have the condition. Rows of ten; of a thousand, rows of fifty. */
function Crowd(props: { people: People; title: string }) {
  const { people } = props;
  const columns = people.outOf === 100 ? 10 : 50;
  const size = people.outOf === 100 ? 28 : 9;
  const rows = people.outOf / columns;
  return (
    <figure className="m-0">
      <figcaption className="mb-1 text-[16px] font-semibold">{props.title}</figcaption>
      <svg
        role="img"
        aria-label={`${people.with} of ${people.outOf} people filled in`}
        viewBox={`0 0 ${columns * size} ${rows * size}`}
        className="block w-full max-w-[300px]"
      >
        {columns === 10 ? (
          Array.from({ length: people.outOf }, (_, i) => (
            <Person
              // biome-ignore lint/suspicious/noArrayIndexKey: people differ by their place alone
              key={i}
              x={(i % columns) * size}
              y={Math.floor(i / columns) * size}
              has={i < people.with}
            />
          ))
        ) : (
          <>
            <path d={dots(0, people.with, columns, size)} fill="var(--teal)" stroke="var(--teal)" />
            <path d={dots(people.with, people.outOf, columns, size)} fill="none" stroke="var(--edge)" />
          </>
        )}
      </svg>
    </figure>
  );
}

/** Dots for the people from one number up to another, as one drawing. */
function dots(from: number, to: number, columns: number, size: number): string {
  const r = 3.2;
  return Array.from({ length: to - from }, (_, k) => {
    const i = from + k;
    const x = (i % columns) * size + size / 2 - r;
    const y = Math.floor(i / columns) * size + size / 2;
    return `M${x} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;
  }).join("");
}

function Person(props: { x: number; y: number; has: boolean }) {
  const fill = props.has ? "var(--teal)" : "none";
  const stroke = props.has ? "var(--teal)" : "var(--edge)";
  return (
    <g transform={`translate(${props.x} ${props.y})`} fill={fill} stroke={stroke} strokeWidth="1.5">
      <circle cx="14" cy="8" r="4" />
      <path d="M6 25v-4a8 6.5 0 0 1 16 0v4z" />
    </g>
  );
}
