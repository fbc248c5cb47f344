import { useQuery } from "@tanstack/react-query";
import { call } from "../api/client";
import { useCatalogue } from "../api/queries";
import type { Then } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { percent, sideName } from "../pieces/format";
import { Mark, outcomeWord } from "../pieces/Mark";
import { Rail } from "../pieces/Rail";

const LEADING = 5;

/** How the case stood right after a tap. */
export function StoodThen(props: { code: string; tap: string | undefined }) {
  const { code, tap } = props;
  const then = useQuery({
    queryKey: ["stood-then", code, tap],
    queryFn: () => call<Then>(`/api/cases/${code}/history/at?tap=${tap}`),
    enabled: tap !== undefined,
    placeholderData: (previous) => previous,
  });
  const { data: catalogue } = useCatalogue();
  const findings = (then.data?.findings ?? []).filter((f) => f.outcome !== "not-done");
  const tests = [...new Set(findings.map((f) => f.test))];
  return (
    <section
      aria-label="As it stood then"
      className="min-h-0 overflow-auto border-l-[1.5px] border-line px-5 py-4 max-lg:border-l-0"
    >
      <ErrorNote error={then.error} />
      {!tap && <p className="text-soft">Choose a moment to see how the case stood right after it.</p>}
      {tap && then.data && (
        <>
          <h2 className="m-0 text-[20px] font-bold">
            {new Date(then.data.at).toLocaleString("en-GB")}, visit {then.data.visit}
          </h2>
          <ol className="m-0 list-none p-0">
            {then.data.conditions.slice(0, LEADING).map((c) => (
              <li key={c.id} className="pt-1 text-[16px]">
                <span className="flex justify-between gap-2">
                  <span>{c.name}</span>
                  <span className="shrink-0">
                    <span className="text-soft">{percent(c.pretest)} before, </span>
                    <b>{percent(c.posttest)}</b> then
                  </span>
                </span>
                <Rail values={c} width={370} />
              </li>
            ))}
          </ol>
          <ul className="m-0 mt-3 list-none p-0 text-[15px]">
            {tests.map((test) => (
              <li key={test} className="py-0.5">
                {catalogue?.tests.find((t) => t.id === test)?.name ?? test}
                {findings
                  .filter((f) => f.test === test)
                  .map((f) => (
                    <span key={f.criterion + f.side} className="flex items-baseline gap-1.5 pl-3">
                      <Mark outcome={f.outcome} size={12} />
                      <span>
                        {f.label}, {sideName(f.side).toLowerCase()}:{" "}
                        <b>{outcomeWord(f.outcome).toLowerCase()}</b>
                      </span>
                    </span>
                  ))}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
