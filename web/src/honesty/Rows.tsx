import { WideTable } from "../pieces/WideTable";

/** A table as the bench writes it; the first column names the row. */
export interface Measured {
  header: string[];
  rows: string[][];
}

export function Rows(props: { table: Measured; label: string }) {
  const { table, label } = props;
  return (
    <WideTable label={label} heads={table.header} caption={<b className="text-[18px]">{label}</b>}>
      {table.rows.map((row) => (
        <tr key={row.join()} className="border-b border-line">
          {row.map((cell, i) => (
            <td key={table.header[i]} className="py-0.5 pr-4 align-top">
              {cell}
            </td>
          ))}
        </tr>
      ))}
    </WideTable>
  );
}
