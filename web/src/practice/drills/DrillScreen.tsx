import { useEffect, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { TopBar } from "../../frame/TopBar";
import { ErrorNote } from "../../pieces/ErrorNote";
import { PageHeading } from "../../pieces/PageHeading";
import { DrillQuestion } from "./DrillQuestion";
import { KINDS } from "./kinds";
import { type DrillResult, useAnswer, useDrill } from "./queries";

const MINUTE_MS = 60_000;

/** Quick questions for a minute, or as long as one likes: those that are due first. */
export function DrillScreen() {
  const [params] = useSearchParams();
  const kind = params.get("kind") ?? undefined;
  const [number, setNumber] = useState(0);
  const [startedAt, setStartedAt] = useState(() => Date.now());
  const [count, setCount] = useState({ asked: 0, right: 0 });
  const [over, setOver] = useState(false);
  const drill = useDrill(number, kind);
  const answer = useAnswer();
  const result = answer.data;
  const say = (given: string) =>
    drill.data &&
    !answer.isPending &&
    !result &&
    answer.mutate(
      { kind: drill.data.kind, key: drill.data.key, answer: given },
      {
        onSuccess: (r: DrillResult) =>
          setCount((c) => ({ asked: c.asked + 1, right: c.right + (r.right ? 1 : 0) })),
      },
    );
  const next = () => {
    answer.reset();
    if (Date.now() - startedAt >= MINUTE_MS) {
      setOver(true);
    } else {
      setNumber(number + 1);
    }
  };
  const another = () => {
    setOver(false);
    setCount({ asked: 0, right: 0 });
    setStartedAt(Date.now());
    setNumber(number + 1);
  };
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if ((event.target as HTMLElement).closest("input, select, [role=dialog]")) {
        return;
      }
      const option = drill.data?.options[Number(event.key) - 1];
      if (!result && !over && option && drill.data?.map === undefined) {
        event.preventDefault();
        say(option.id);
      }
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  });
  return (
    <>
      <TopBar />
      <main className="mx-auto max-w-[900px] px-5 py-5">
        <div className="flex flex-wrap items-baseline gap-4">
          <PageHeading title="Quick questions" className="m-0 text-[28px] leading-tight font-bold" />
          <Link to="/practice" className="underline">
            Back
          </Link>
          <span role="status" className="ml-auto text-[16px] text-soft">
            {count.right} of {count.asked} right{kind ? `, ${KINDS[kind]?.toLowerCase()}` : ""}
            {drill.data && drill.data.due > 0 && `, ${drill.data.due} due`}
          </span>
        </div>
        <ErrorNote error={drill.error ?? answer.error} />
        {over ? (
          <section aria-label="The minute is over" className="mt-4 flex flex-col items-start gap-3">
            <p className="m-0 text-[20px]">
              The minute is over: <b>{count.right}</b> of {count.asked} right. What was not comes again in ten
              minutes, what was later and later.
            </p>
            <button type="button" className="action" onClick={another}>
              Another minute
            </button>
          </section>
        ) : (
          drill.data && (
            <DrillQuestion
              key={drill.data.key}
              drill={drill.data}
              result={result}
              busy={answer.isPending}
              onSay={say}
              onNext={next}
            />
          )
        )}
      </main>
    </>
  );
}
