import type { ImportPreview } from "../api/types";

/** Row by row what an import would do. */
export function ImportLines(props: { preview: ImportPreview }) {
  const { lines, added, changed, refused } = props.preview;
  const hidden = added + changed + refused - lines.length;
  if (lines.length === 0) {
    return null;
  }
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keyboard
    <section tabIndex={0} aria-label="What the import would do" className="max-h-96 overflow-auto">
      <table className="w-full border-collapse text-[15px]">
        <thead className="sticky top-0 border-b-[1.5px] border-ink bg-paper text-left text-[14px] text-soft">
          <tr>
            {["Line", "What", "Comes to", "Column", "Why, or what changes"].map((h) => (
              <th key={h} scope="col" className="pr-3 font-normal">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map((l, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a line may be refused for several reasons
            <tr key={i} className="border-b border-line align-top">
              <td className="pr-3">{l.line ?? l.file}</td>
              <td className="pr-3">{l.name}</td>
              <td className="pr-3">{l.status === "refused" ? <b>refused</b> : l.status}</td>
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
