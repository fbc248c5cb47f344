import type { NextTest, Standing } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { minutes, percent } from "../pieces/format";
import { shortCondition, shortTest } from "./names";
import { nextShown } from "./order/order";

/** The test that would tell most, and what either result would do. */
export function NextTestCard(props: {
  standing: Standing;
  asked: boolean;
  onAsk: (asked: boolean) => void;
  onGo: (test: string) => void;
}) {
  const { standing, asked } = props;
  const { catalogue } = useCaseContext();
  const { advice, next: telling } = standing;
  const firstName = catalogue.tests.find((t) => t.id === advice.first)?.shortName;
  const shown = nextShown(standing, asked);
  const leads = advice.waits ?? (advice.test || !telling[0] ? undefined : "What is left can startle.");
  if (!shown && !leads) {
    return (
      <div className="rounded-lg border-2 border-line bg-card px-3.5 py-3 text-[16px]">
        <b>All of the order is done</b>, and no test left has a figure or a judgement that would move
        anything.
      </div>
    );
  }
  return (
    <div className="rounded-lg border-2 border-teal bg-card px-3 py-2 text-[16px]">
      {props.standing.settled && (
        <p className="m-0 mb-1.5 border-b border-line pb-1.5 text-[15px]">
          <b>Settled.</b> No test left can by itself carry an undecided diagnosis over one of its lines.
        </p>
      )}
      {shown && <Would standing={props.standing} next={shown} onGo={props.onGo} />}
      {leads && (
        <p className={shown ? "m-0 mt-1.5 border-t border-line pt-1 text-[14px] text-soft" : "m-0"}>
          {leads}{" "}
          {telling.length > 0 && (
            <button
              type="button"
              className="-my-2 py-2 underline"
              aria-pressed={asked}
              onClick={() => props.onAsk(!asked)}
            >
              {asked ? "Keep to what is advised" : "Show what would tell most"}
            </button>
          )}
        </p>
      )}
      {!shown && advice.first && <Go to={advice.first} words={firstName ?? "Go to it"} onGo={props.onGo} />}
    </div>
  );
}

/** One test and what either result would do. */
function Would(props: { standing: Standing; next: NextTest; onGo: (test: string) => void }) {
  const { catalogue } = useCaseContext();
  const { next } = props;
  const began = (id: string) => percent(props.standing.conditions.find((c) => c.id === id)?.pretest ?? 0);
  const firstDo = catalogue.tests.find((t) => t.id === next.firstDo);
  return (
    <>
      <h3 className="m-0 text-[18px] leading-tight font-bold" title={next.testName}>
        {props.standing.settled ? "Would tell most" : "Next"}:{" "}
        {shortTest(catalogue, next.test, next.testName)}{" "}
        <span className="text-[14px] font-normal text-soft">{minutes(next.minutes)}</span>
      </h3>
      <p className="m-0 text-[14px] text-soft">
        {next.label}
        {next.judged && "; judged, no study"}
      </p>
      <table className="w-full border-collapse text-[15px]">
        <thead className="text-[14px] text-soft">
          <tr>
            {["now", "positive", "negative"].map((h) => (
              <th key={h} scope="col" className="w-1/3 text-right font-normal">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        {next.effects.slice(0, 2).map((e) => (
          <tbody key={e.condition}>
            <tr>
              <th scope="rowgroup" colSpan={3} className="text-left leading-tight font-normal" title={e.name}>
                {shortCondition(catalogue, e.condition, e.name)}{" "}
                <span className="text-[14px] text-soft">began at {began(e.condition)}</span>
              </th>
            </tr>
            <tr className="leading-tight">
              <td className="text-right">{percent(e.now)}</td>
              <td className="text-right font-bold">{percent(e.ifPositive)}</td>
              <td className="text-right font-bold">{percent(e.ifNegative)}</td>
            </tr>
          </tbody>
        ))}
      </table>
      <Go
        to={firstDo?.id ?? next.test}
        words={firstDo ? `First: ${firstDo.shortName}` : "Go to it"}
        onGo={props.onGo}
      />
    </>
  );
}

function Go(props: { to: string; words: string; onGo: (test: string) => void }) {
  return (
    <button type="button" className="action mt-1.5 w-full text-left" onClick={() => props.onGo(props.to)}>
      {props.words} <span className="float-right font-normal">G</span>
    </button>
  );
}
