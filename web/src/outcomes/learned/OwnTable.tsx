import { useState } from "react";
import { Link } from "react-router";
import { ReasonDialog } from "../../pieces/ReasonDialog";
import { useSession } from "../../session/useSession";
import { OwnForest } from "./OwnForest";
import { type OwnRow, useStudy } from "./queries";
import { figureWords, shareWords } from "./words";

/** One table whole: its counts, its figures raw and corrected, and the published ones on one plot. */
export function OwnTable(props: { row: OwnRow }) {
  const { row: r } = props;
  return (
    <section
      aria-label={`${r.name} for ${r.conditionName}`}
      className="flex flex-col gap-2 rounded-lg border-[1.5px] border-line bg-card px-4 py-3"
    >
      <h2 className="m-0 text-[20px] leading-tight font-bold">
        {r.name} for {r.conditionName}
      </h2>
      <div className="grid grid-cols-[auto_1fr] items-start gap-6 max-lg:grid-cols-1">
        <Counts row={r} />
        <OwnForest row={r} />
      </div>
      <dl
        className={`m-0 grid grid-cols-[repeat(auto-fit,minmax(340px,1fr))] gap-x-6 text-[16px] ${r.small ? "text-soft" : ""}`}
      >
        <Pair name="Sensitivity, of the verified" words={shareWords(r.sensitivity)} />
        <Pair name="Sensitivity, corrected" words={shareWords(r.correctedSensitivity)} />
        <Pair name="Positive ratio" words={figureWords(r.positiveRatio)} />
        <Pair name="Specificity, of the verified" words={shareWords(r.specificity)} />
        <Pair name="Specificity, corrected" words={shareWords(r.correctedSpecificity)} />
        <Pair name="Negative ratio" words={figureWords(r.negativeRatio)} />
      </dl>
      <p className="m-0 text-[16px]">
        {r.small && <b>Too few to say much: fewer than ten with it, or without. </b>}
        {r.sentence}
        {r.halves && " A cell is empty, so half a person was added to each of the verified ones."}
      </p>
      <InEvidence row={r} />
    </section>
  );
}

function Pair(props: { name: string; words: string }) {
  return (
    <div className="flex justify-between gap-3 border-t border-line py-0.5">
      <dt>{props.name}</dt>
      <dd className="m-0 whitespace-nowrap">{props.words}</dd>
    </div>
  );
}

function Counts(props: { row: OwnRow }) {
  const { row: r } = props;
  const line = (name: string, present: number, absent: number, unknown: number) => (
    <tr className="border-t border-line">
      <th scope="row" className="pr-4 text-left font-normal">
        {name}
      </th>
      <td className="pr-4 text-right">{present}</td>
      <td className="pr-4 text-right">{absent}</td>
      <td className="text-right text-soft">{unknown}</td>
    </tr>
  );
  return (
    <table aria-label="People counted" className="border-collapse text-[17px]">
      <thead className="text-left text-[14px] text-soft">
        <tr>
          <th scope="col">
            <span className="sr-only">Result</span>
          </th>
          <th scope="col" className="pr-4 text-right font-normal">
            present
          </th>
          <th scope="col" className="pr-4 text-right font-normal">
            absent
          </th>
          <th scope="col" className="text-right font-normal">
            not verified
          </th>
        </tr>
      </thead>
      <tbody>
        {line("Positive", r.tp, r.fp, r.positiveOnly)}
        {line("Negative", r.fn, r.tn, r.negativeOnly)}
      </tbody>
    </table>
  );
}

const ASK = {
  on: {
    title: "Weigh with our own cases",
    words:
      "The verified ones become one more study, labelled Own cases. It weighs in open cases like any other; closed cases keep what they had. It stays at this count until somebody brings it up to date.",
    done: "Make it a study",
  },
  again: {
    title: "Bring our own study up to date",
    words: "The count of now takes the place of the one before. It is to be checked again.",
    done: "Bring it up to date",
  },
  off: {
    title: "No longer weigh with our own cases",
    words: "The study is taken out of the evidence. Closed cases keep what they had.",
    done: "Take it out",
  },
} as const;

/** A lead puts the table among the studies; it follows as cases come in only when a lead says so again. */
function InEvidence(props: { row: OwnRow }) {
  const { row: r } = props;
  const isLead = useSession().data?.role === "lead";
  const study = useStudy();
  const [asking, setAsking] = useState<keyof typeof ASK>();
  const is = r.study;
  return (
    <div className="flex flex-wrap items-center gap-3 text-[16px] print:hidden">
      <span className="text-soft">
        {is === "no"
          ? "Not weighed with: it stands beside the evidence."
          : is === "as-it-is"
            ? "Weighed with, as one more study."
            : "Weighed with as one more study, at an earlier count."}
      </span>
      <Link
        className="flex min-h-8 items-center underline"
        to={`/evidence/pair?${new URLSearchParams({ criterion: r.of, condition: r.condition })}`}
        hidden={r.cluster}
      >
        The evidence
      </Link>
      {isLead && (
        <>
          {is === "no" && r.mayLeave && (
            <button type="button" className="choice px-3" onClick={() => setAsking("on")}>
              Weigh with it
            </button>
          )}
          {is === "no" && !r.mayLeave && (
            <span className="text-soft">Before each count is of five people it cannot be a study.</span>
          )}
          {is === "earlier" && (
            <button type="button" className="choice px-3" onClick={() => setAsking("again")}>
              Bring it up to date
            </button>
          )}
          {is !== "no" && (
            <button type="button" className="choice px-3" onClick={() => setAsking("off")}>
              Take it out
            </button>
          )}
        </>
      )}
      {asking && (
        <ReasonDialog
          {...ASK[asking]}
          open
          error={study.error}
          busy={study.isPending}
          onClose={() => {
            study.reset();
            setAsking(undefined);
          }}
          onReason={(why, sure) =>
            study.mutate(
              { of: r.of, condition: r.condition, on: asking !== "off", why, sure },
              { onSuccess: () => setAsking(undefined) },
            )
          }
        />
      )}
    </div>
  );
}
