import type { ImportPreview } from "../api/types";

/** Row by row what an import would do; a row of ours that the file has no more goes where it is ticked. */
export function ImportLines(props: {
  preview: ImportPreview;
  /** Fingerprints of the ticked rows. */
  going: string[];
  onGoing: (going: string[]) => void;
}) {
  const { going, onGoing } = props;
  const { lines, added, changed, refused, missing } = props.preview;
  const hidden = added + changed + refused + missing - lines.length;
  if (lines.length === 0) {
    return null;
  }
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keyboard
    <section tabIndex={0} aria-label="What the import would do" className="max-h-96 overflow-auto">
      <table className="w-full border-collapse text-[15px]">
        <thead className="sticky top-0 border-b-[1.5px] border-ink bg-paper text-left text-[14px] text-soft">
          <tr>
            {["Row", "What", "Comes to", "Column", "What would do, or what changes"].map((h) => (
              <th key={h} scope="col" className="pr-3 font-normal">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map((l, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a row may be refused for several reasons
            <tr key={i} className="border-b border-line align-top">
              <td className="pr-3">{l.line ?? l.file}</td>
              <td className="pr-3">{l.name}</td>
              <td className="pr-3">
                {l.status === "refused" ? (
                  <b>refused</b>
                ) : l.fingerprint ? (
                  <GoesBox
                    name={l.name}
                    ticked={going.includes(l.fingerprint)}
                    onChange={(ticked) =>
                      onGoing([
                        ...going.filter((f) => f !== l.fingerprint),
                        ...(ticked ? [l.fingerprint ?? ""] : []),
                      ])
                    }
                  />
                ) : (
                  l.status
                )}
              </td>
              <td className="pr-3">{l.column}</td>
              <td>{l.why}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {hidden > 0 && <p className="m-0 text-soft">And {hidden} more.</p>}
    </section>
  );
}

function GoesBox(props: { name: string; ticked: boolean; onChange: (ticked: boolean) => void }) {
  return (
    <span className="flex flex-col">
      no longer in the file
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          className="size-5"
          checked={props.ticked}
          onChange={(e) => props.onChange(e.target.checked)}
        />
        take it away<span className="sr-only">: {props.name}</span>
      </label>
    </span>
  );
}
