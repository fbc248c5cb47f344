import type { CaseImport } from "../api/types";

/** What has to be answered before it is brought in: texts that look like a name, and tests that a precaution forbids. */
export function Questions(props: {
  found: CaseImport;
  sure: boolean;
  onSure: (sure: boolean) => void;
  reason: string;
  onReason: (reason: string) => void;
}) {
  const { doubts, blocked } = props.found;
  return (
    <>
      {doubts.length > 0 && (
        <fieldset className="m-0 border-2 border-amber p-3 text-[16px]">
          <legend className="px-1 font-bold">Looks like what has no place in the record</legend>
          <ul className="m-0 mb-2 pl-5">
            {doubts.map((d) => (
              <li key={d}>{d}</li>
            ))}
          </ul>
          <label className="flex min-h-12 items-center gap-2">
            <input
              type="checkbox"
              className="size-6"
              checked={props.sure}
              onChange={(e) => props.onSure(e.target.checked)}
            />
            None of it is; bring it in as it is
          </label>
        </fieldset>
      )}
      {blocked.length > 0 && (
        <fieldset className="m-0 border-2 border-stop p-3 text-[16px]">
          <legend className="px-1 font-bold">Readings on tests that a precaution forbids</legend>
          <ul className="m-0 mb-2 pl-5">
            {blocked.map((b) => (
              <li key={b}>{b}</li>
            ))}
          </ul>
          <label className="flex flex-col">
            Why they were done all the same, 10 letters or more; it is kept with each of them
            <input className="field" value={props.reason} onChange={(e) => props.onReason(e.target.value)} />
          </label>
        </fieldset>
      )}
    </>
  );
}
