import type { Measure } from "../api/types";
import { levelName, levels } from "../couch/pictures/SpinePicture";
import { useCaseContext } from "../frame/CaseFrame";
import { capital, plainNumber, sideName } from "../pieces/format";
import { Mark, outcomeWord } from "../pieces/Mark";

/** What a change is held against. */
const ERROR_FROM = {
  stated: "measurement error",
  "two-examiners": "what two examiners here differ by",
  trials: "the spread of today’s trials",
} as const;

/** The two sides against each other: a share where it is force, a difference where it is an angle or a level. */
export function Comparison(props: { measure: Measure }) {
  const { measure: m } = props;
  if (m.indexPercent !== undefined) {
    return (
      <>
        <b>{m.indexPercent.toFixed(0)}&#8239;%</b> of the other side
        {m.fairIndexPercent !== undefined && (
          <span className="block text-[15px] text-soft">
            {m.fairIndexPercent.toFixed(0)}&#8239;% without the dominant side's head start
          </span>
        )}
        {m.deficit && <b className="block text-amber">weaker</b>}
      </>
    );
  }
  const both = m.items.flatMap((item) => {
    const involved = m.involved.values[item.item]?.mean;
    const other = m.other.values[item.item]?.mean;
    return involved === undefined || other === undefined ? [] : [{ item, by: involved - other }];
  });
  if (both.length === 0) {
    return <span className="text-soft">both sides needed</span>;
  }
  return (
    <>
      {both.map(({ item, by }) => (
        <span key={item.item} className="block">
          {m.items.length > 1 && <span className="text-[14px] text-soft">{item.label} </span>}
          <b>{difference(by, item.item, item.unit)}</b>
        </span>
      ))}
    </>
  );
}

function difference(by: number, item: string, unit: string): string {
  if (by === 0) {
    return "the same";
  }
  if (item === "spinalLevel") {
    return levels(by);
  }
  return `${signed(by)}${unit === "degrees" ? "\u00b0" : ` ${unit}`}`;
}

function signed(by: number): string {
  return `${by > 0 ? "+" : "\u2212"}${plainNumber(Math.abs(Math.round(by * 10) / 10))}`;
}

/** Both sides against the visit before, and whether the change is more than measuring it twice could give. */
export function SinceLast(props: { measure: Measure }) {
  const { measure: m } = props;
  const { view } = useCaseContext();
  // The other side is worth a word only where it changed too.
  const changes = m.changes.filter((c) => c.side === view.intake.involvedSide || c.exceeds);
  if (changes.length === 0) {
    return <span className="text-soft">nothing to compare</span>;
  }
  return (
    <>
      {changes.map((c) => {
        const item = m.items.find((i) => i.item === c.item);
        const unit = item?.unit === "degrees" ? "\u00b0" : ` ${item?.unit}`;
        const shown = (value: number) =>
          c.item === "spinalLevel" ? levelName(Math.round(value)) : plainNumber(Math.round(value * 10) / 10);
        return (
          <span key={c.item + c.side} className="block">
            {sideName(c.side)}
            {m.items.length > 1 && `, ${item?.label}`}: {shown(c.before)} before, <b>{shown(c.now)}</b> now
            {c.exceeds === undefined ? (
              <span className="text-soft">, error not stated</span>
            ) : (
              <span className={c.exceeds ? "" : "text-soft"}>
                {c.exceeds ? ", more than " : ", within "}
                {ERROR_FROM[c.from ?? "trials"]} (±
                {plainNumber(c.error ?? 0)}
                {unit})
              </span>
            )}
          </span>
        );
      })}
    </>
  );
}

/** What the catalogue's criteria make of it, and what the numbers suggest when read together. */
export function Follows(props: { measure: Measure }) {
  const { view } = useCaseContext();
  const { measure: m } = props;
  const outcomes = view.examination.findings.filter(
    (f) =>
      m.criteria.includes(f.criterion) && f.side === view.intake.involvedSide && f.outcome !== "not-done",
  );
  return (
    <>
      {outcomes.map((f) => (
        <span key={f.criterion} className="flex items-baseline gap-1.5">
          <Mark outcome={f.outcome} size={12} />
          <span>
            {f.label}: <b>{outcomeWord(f.outcome).toLowerCase()}</b>
            <span className="text-soft">, {f.reason}</span>
          </span>
        </span>
      ))}
      {m.pattern && (
        <span className="block text-[15px]">
          {m.suggests ? (
            <>
              Read together, <b>{m.pattern}</b>: suggests {m.suggests}. A prompt, not weighed.
            </>
          ) : (
            `${capital(m.pattern)}.`
          )}
        </span>
      )}
    </>
  );
}
