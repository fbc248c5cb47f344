import type { Line } from "../api/types";

/** Every field that a change touched, as text: what it was and what it is. */
export function Lines(props: {
  lines: Line[];
  /** Whether all of it is new, so that nobody has to say so of each. */
  fresh?: boolean;
}) {
  return (
    <>
      {props.lines.map((l) => (
        <span key={l.field} className="block">
          {l.field}:{" "}
          {l.before === "" ? (
            <>
              {!props.fresh && "added "}
              <b>{listed(l.after)}</b>
            </>
          ) : l.after === "" ? (
            <>
              taken away <span className="text-soft">{listed(l.before)}</span>
            </>
          ) : (
            <>
              <span className="text-soft">{listed(l.before)}</span> before, <b>{listed(l.after)}</b> now
            </>
          )}
        </span>
      ))}
    </>
  );
}

/** What is listed an item a line, in one. */
const listed = (value: string) => value.split("\n").join("; ");
