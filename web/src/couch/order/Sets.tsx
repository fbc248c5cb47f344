import type { Catalogue } from "../../api/types";

/** Sets of tests that were put into the order as one, with how far each has come; any can be walked on its own. */
export function Sets(props: {
  sets: Catalogue["sets"];
  isDone: (test: string) => boolean;
  alone: string | undefined;
  onAlone: (set: string | undefined) => void;
}) {
  const chosen = props.sets.find((s) => s.id === props.alone);
  const count = (set: Catalogue["sets"][number]) =>
    `${set.tests.filter(props.isDone).length} of ${set.tests.length} done`;
  return (
    <section aria-label="Sets" className="border-b-[1.5px] border-line px-4 py-1.5 text-[14px] leading-tight">
      {chosen ? (
        <>
          <b className="text-[15px]">{chosen.name}</b>
          <span aria-live="polite" className="block text-[16px]">
            {count(chosen)}
          </span>
          {[chosen.stop, chosen.note].filter(Boolean).map((words) => (
            <span key={words} className="block">
              {words}
            </span>
          ))}
          <button type="button" className="min-h-8 underline" onClick={() => props.onAlone(undefined)}>
            Back to the whole order
          </button>
        </>
      ) : (
        props.sets.map((s) => (
          <button
            key={s.id}
            type="button"
            className="block min-h-8 w-full py-1 text-left"
            onClick={() => props.onAlone(s.id)}
          >
            <span className="underline">{s.name}</span>: <b>{count(s)}</b>
          </button>
        ))
      )}
    </section>
  );
}
