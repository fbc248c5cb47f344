import { Link } from "react-router";
import { ErrorNote } from "../pieces/ErrorNote";
import { capital } from "../pieces/format";
import { PageHeading } from "../pieces/PageHeading";
import { usePracticeContext } from "./context";
import { type Courtesy, type Question, useDeed } from "./queries";

const COURTESIES: [Courtesy, string][] = [
  ["permission", "May I examine you?"],
  ["speakUp", "Speak up at any pain"],
  ["bare", "Bare both arms, please"],
];

const GROUPS: [Question["kind"], string][] = [
  ["history", "What happened, what brings it on"],
  ["precaution", "What would forbid some tests"],
  ["warning", "Warning signs"],
];

/** The patient comes in: what one is told at once, what one asks, and what is said before anything is touched. */
export function MeetScreen() {
  const { encounter } = usePracticeContext();
  const { person } = encounter;
  const deed = useDeed(`${encounter.id}`);
  const may = encounter.own && !encounter.ended;
  const said = (what: Courtesy) => encounter.courtesies.find((c) => c.what === what);
  return (
    <main className="mx-auto flex min-h-0 w-full max-w-[1240px] flex-1 flex-col gap-3 overflow-auto px-5 py-4 flow:overflow-visible">
      <PageHeading title="Meet" className="m-0 text-[24px] leading-tight font-bold">
        {encounter.complaintName}, {person.involved} side
      </PageHeading>
      <p className="m-0 max-w-[70ch] text-[18px] leading-snug">
        {person.age}, {person.dominant}-handed, {person.work}, {person.free}. “{person.opening}”
      </p>
      <ErrorNote error={deed.error} onDismiss={deed.reset} />
      <div className="flex flex-wrap items-center gap-2">
        {COURTESIES.map(([what, words]) => {
          const answer = said(what);
          return answer ? (
            <span key={what} className="text-[16px]">
              <span className="text-soft">{words}</span>{" "}
              {what === "bare" ? answer.words : `“${answer.words}”`}
            </span>
          ) : (
            <button
              key={what}
              type="button"
              className="choice px-3"
              disabled={!may}
              onClick={() => deed.mutate({ kind: "said", said: what })}
            >
              {words}
            </button>
          );
        })}
        <Link to={`/practice/patients/${encounter.id}/couch`} className="action ml-auto flex items-center">
          To the couch
        </Link>
      </div>
      <div className="grid grid-cols-3 gap-4 max-xl:grid-cols-2 max-md:grid-cols-1">
        {GROUPS.map(([kind, name]) => (
          <section key={kind} aria-label={name}>
            <h2 className="m-0 mb-1 text-[18px] font-bold">{name}</h2>
            <ul className="m-0 list-none p-0">
              {encounter.questions
                .filter((q) => q.kind === kind)
                .map((q) => (
                  <li key={q.id} className="border-t border-line py-0.5">
                    {q.words === undefined ? (
                      <button
                        type="button"
                        className="min-h-9 w-full text-left text-[15px] leading-tight underline decoration-dotted disabled:no-underline"
                        disabled={!may}
                        onClick={() => deed.mutate({ kind: "asked", question: q.kind, id: q.id })}
                      >
                        {question(q.ask)}
                      </button>
                    ) : (
                      <p className="m-0 py-1 text-[15px] leading-tight">
                        <span className="text-soft">{question(q.ask)}</span>{" "}
                        <b data-yes={q.yes} className="data-[yes=true]:text-teal">
                          “{q.words}”
                        </b>
                      </p>
                    )}
                  </li>
                ))}
            </ul>
          </section>
        ))}
      </div>
    </main>
  );
}

const question = (ask: string) => `${capital(ask)}?`;
