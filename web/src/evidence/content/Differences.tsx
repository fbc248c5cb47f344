import type { Line } from "../../api/types";
import { WideTable } from "../../pieces/WideTable";

/** What the department says otherwise than what came with Lexicor, side by side. */
export function Differences(props: { lines: Line[] }) {
  if (props.lines.length === 0) {
    return null;
  }
  return (
    <section aria-label="Other than shipped">
      <h2 className="m-0 text-[17px] font-bold">Other than shipped</h2>
      <WideTable label="Fields other than shipped" heads={["Field", "As shipped", "Here"]}>
        {props.lines.map((l) => (
          <tr key={l.field} className="border-b border-line align-top">
            <th scope="row" className="py-1 pr-4 text-left font-normal">
              {l.field}
            </th>
            <td className="py-1 pr-4 whitespace-pre-line text-soft">{l.before || "nothing"}</td>
            <td className="py-1 whitespace-pre-line">{l.after || "nothing"}</td>
          </tr>
        ))}
      </WideTable>
    </section>
  );
}
