import { Link } from "react-router";
import type { CaseSummary, ConditionStanding } from "../api/types";
import { percent, sideName, time } from "../pieces/format";
import { Rail } from "../pieces/Rail";

const RAIL_WIDTH = 330;

/** One case: what it is about, and where its leading condition began and stands. */
export function CaseLine(props: { summary: CaseSummary }) {
  const c = props.summary;
  return (
    <li className="border-b border-line">
      <Link
        to={`/cases/${c.code}/${c.testsDone === 0 ? "ask" : "couch"}`}
        className="grid min-h-[68px] grid-cols-[96px_1fr_auto] items-center gap-5 py-1.5 hover:bg-panel max-md:grid-cols-[96px_1fr]"
      >
        <span className="rounded border-[1.5px] border-ink px-2 py-0.5 text-center">{c.code}</span>
        <span>
          <span className="text-[18px] font-semibold">
            {c.complaintName}, {sideName(c.involvedSide).toLowerCase()}
          </span>
          <span className="block text-[15px] text-soft">
            {c.mechanism || "Nothing noted yet"} · {progress(c.testsDone)} · {time(c.updatedAt)}
          </span>
        </span>
        {c.leading && c.testsDone > 0 && <Leading condition={c.leading} />}
      </Link>
    </li>
  );
}

/** What the findings point to most: on its rail, or in words where there are no figures to weigh it by. */
function Leading(props: { condition: ConditionStanding }) {
  const { condition: c } = props;
  const met = c.definitions.find((d) => d.state === "met");
  return (
    <span className="w-[330px] max-md:hidden">
      <span className="flex items-end justify-between gap-2 text-[16px] leading-tight">
        <span>{c.name}</span>
        {c.weighed && (
          <span className="shrink-0">
            <span className="text-soft">{percent(c.pretest)} before, </span>
            <b>{percent(c.posttest)}</b> now
          </span>
        )}
      </span>
      {c.weighed ? (
        <Rail values={c} width={RAIL_WIDTH} />
      ) : (
        <span className="block text-[14px] leading-tight text-soft">{met?.words ?? c.aimed.words}</span>
      )}
    </span>
  );
}

function progress(tests: number): string {
  if (tests === 0) {
    return "not examined yet";
  }
  return tests === 1 ? "1 test begun" : `${tests} tests begun`;
}
