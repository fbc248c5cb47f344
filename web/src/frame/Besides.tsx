import { useSaveIntake } from "../api/caseQueries";
import type { Examination } from "../api/types";

/** Conditions that a positive speaks for and that nobody made a candidate: added with one tap, and weighed from then on. */
export function Besides(props: { code: string; besides: Examination["besides"] }) {
  const save = useSaveIntake(props.code);
  const add = (condition: string) =>
    save.mutate({
      change: (now) =>
        now.candidates.some((c) => c.condition === condition)
          ? now
          : { ...now, candidates: [...now.candidates, { condition, suspicion: "as-usual" }] },
    });
  if (props.besides.length === 0) {
    return null;
  }
  return (
    <section
      aria-label="No candidate yet"
      className="rounded-lg border-[1.5px] border-amber bg-card px-3 py-2 text-[15px]"
    >
      <h3 className="m-0 text-[15px] font-bold">Speaks for what is no candidate</h3>
      <ul className="m-0 list-none p-0">
        {props.besides.map((b) => (
          <li key={b.condition} className="mt-1 leading-tight">
            {b.finding}:{" "}
            <button
              type="button"
              className="choice min-h-8 px-2 py-0.5 text-left"
              disabled={save.isPending}
              onClick={() => add(b.condition)}
            >
              Add {b.name}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
