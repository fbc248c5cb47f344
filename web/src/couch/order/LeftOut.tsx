import type { CaseView, Catalogue } from "../../api/types";

/** What the time does not reach, each with the reason, and what is never left out; any of it can be done all the same. */
export function LeftOut(props: {
  leftOut: CaseView["plan"]["leftOut"];
  core: CaseView["plan"]["core"];
  catalogue: Catalogue;
  onChoose: (test: string) => void;
}) {
  const { core } = props;
  const test = (id: string) => props.catalogue.tests.find((t) => t.id === id);
  const name = (id: string) => test(id)?.shortName ?? id;
  const minutes = props.leftOut.reduce((sum, l) => sum + (test(l.test)?.minutes ?? 0), 0);
  return (
    <details className="border-t-[1.5px] border-line px-4 py-1 text-[14px]">
      <summary className="min-h-8 content-center text-soft">
        {props.leftOut.length} left out, {Math.round(minutes)} min
      </summary>
      {core && (
        <p className="m-0 py-1 leading-tight">
          <b>Never left out:</b> {core.tests.map(name).join(", ")}.{" "}
          {core.first && `First of all ${name(core.first)}. `}
          {core.because && <span className="text-soft">Because: {core.because}.</span>}
        </p>
      )}
      <ul className="m-0 list-none p-0">
        {props.leftOut.map((l) => (
          <li key={l.test}>
            <button
              type="button"
              className="min-h-8 py-1 text-left leading-tight"
              onClick={() => props.onChoose(l.test)}
            >
              <span className="underline">{name(l.test)}</span> <span className="text-soft">{l.why}</span>
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
