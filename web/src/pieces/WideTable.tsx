import type { ReactNode } from "react";
import { Sideways } from "./Sideways";

/** A table under the heads of its columns. */
export function WideTable(props: {
  label: string;
  heads: string[];
  caption?: ReactNode;
  /** As wide as its content rather than its place. */
  narrow?: boolean;
  children: ReactNode;
}) {
  return (
    <Sideways label={props.label}>
      <table
        aria-label={props.label}
        className={props.narrow ? "border-collapse text-[16px]" : "w-full border-collapse text-[16px]"}
      >
        {props.caption && <caption className="pb-1 text-left">{props.caption}</caption>}
        <thead className="border-b-[1.5px] border-ink text-left text-[14px] text-soft">
          <tr>
            {props.heads.map((h) => (
              <th key={h} scope="col" className="pr-4 font-normal">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>{props.children}</tbody>
      </table>
    </Sideways>
  );
}
