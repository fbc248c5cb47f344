import { useCaseChange } from "../api/caseQueries";

import type { BlockedTest, Catalogue, Ladder } from "../api/types";
import { outcomeWord } from "../pieces/Mark";

interface LadderChange {
  ladder: string;
  answer: string | null;
}

/** Starts a ladder with an answer, or leaves it. */
export function useLadderChange(code: string) {
  return useCaseChange<LadderChange>(code, (c) => ({
    path: `ladders/${c.ladder}`,
    body: { answer: c.answer },
  }));
}

/** Ladders that fit: the one being walked with its next step, or the question that starts one. */
export function LadderBar(props: {
  code: string;
  ladders: Ladder[];
  catalogue: Catalogue;
  blocked: BlockedTest[];
  onGo: (test: string) => void;
}) {
  const walked = props.ladders.filter((l) => l.answer !== undefined);
  const fitting = props.ladders.filter((l) => l.answer === undefined && l.fits !== undefined);
  const row = (l: Ladder) => <LadderRow key={l.id} {...props} ladder={l} />;
  if (walked.length + fitting.length === 0) {
    return null;
  }
  return (
    <section aria-label="Ladders" className="mb-1 flex flex-none flex-col gap-1 text-[15px]">
      {walked.map(row)}
      {fitting.map(row)}
    </section>
  );
}

/** Ladders that point at a candidate, to be started without a finding that fits. */
export function OtherLadders(props: {
  code: string;
  ladders: Ladder[];
  catalogue: Catalogue;
  blocked: BlockedTest[];
  onGo: (test: string) => void;
}) {
  const others = props.ladders.filter((l) => l.answer === undefined && l.fits === undefined);
  if (others.length === 0) {
    return null;
  }
  return (
    <details className="text-[15px]">
      <summary className="min-h-6 text-soft underline decoration-dotted">
        {others.length === 1 ? "A ladder" : `${others.length} ladders`} for these candidates
      </summary>
      <div className="flex flex-col gap-1">
        {others.map((l) => (
          <LadderRow key={l.id} {...props} ladder={l} />
        ))}
      </div>
    </details>
  );
}

function asSentence(name: string): string {
  return name.endsWith("?") ? name : `${name}.`;
}

function LadderRow(props: {
  code: string;
  ladder: Ladder;
  catalogue: Catalogue;
  blocked: BlockedTest[];
  onGo: (test: string) => void;
}) {
  const { ladder, catalogue } = props;
  const change = useLadderChange(props.code);
  const testName = (id: string) => catalogue.tests.find((t) => t.id === id)?.name ?? id;
  const conditionName = (id: string) => catalogue.conditions.find((c) => c.id === id)?.name ?? id;
  const current = ladder.current;
  if (ladder.answer === undefined) {
    return (
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 rounded-md border-[1.5px] border-line bg-card pr-1 pl-3 [&_.choice]:min-h-10 [&_.choice]:text-[15px]">
        <span className="flex-1 leading-tight">
          <b>{asSentence(ladder.name)}</b> {ladder.question}
        </span>
        <span className="flex flex-wrap gap-1 py-0.5">
          {ladder.answers.map((answer) => (
            <button
              key={answer}
              type="button"
              className="choice"
              data-state={answer === ladder.fits ? "on" : "off"}
              onClick={() => change.mutate({ ladder: ladder.id, answer })}
            >
              {answer}
              {answer === ladder.fits ? ", as found" : ""}
            </button>
          ))}
        </span>
      </div>
    );
  }
  return (
    <div className="flex flex-wrap items-center gap-x-3 rounded-md border-[1.5px] border-teal bg-card px-3 py-1">
      <span className="flex-1">
        <b>{ladder.name.replace(/\?$/, "")}:</b> {ladder.answer}
        {ladder.taken.map((s) => (
          <span key={s.test}>
            {" → "}
            {testName(s.test)} {outcomeWord(s.outcome).toLowerCase()}
          </span>
        ))}
        {ladder.ended && (
          <span>
            {ladder.suspect.length > 0 && (
              <b>
                {" → "}suspect {ladder.suspect.map(conditionName).join(" or ")}.
              </b>
            )}{" "}
            {ladder.reading}
          </span>
        )}
        {current && ladder.unclear && ` → ${testName(current)} is unclear: do it again, or leave the ladder.`}
      </span>
      {current && (
        <button type="button" className="choice" onClick={() => props.onGo(current)}>
          Step {ladder.taken.length + 1}: {testName(current)}
          {props.blocked.some((b) => b.test === current && b.reason === undefined) && (
            <b className="text-stop"> blocked</b>
          )}
        </button>
      )}
      <button
        type="button"
        className="min-h-11 px-1 text-[15px] underline"
        onClick={() => change.mutate({ ladder: ladder.id, answer: null })}
      >
        Leave the ladder
      </button>
    </div>
  );
}
