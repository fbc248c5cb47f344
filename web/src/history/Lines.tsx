import type { Line } from "../api/types";

/** Every field that a change touched, before and after. */
export function Lines(props: { lines: Line[] }) {
  return (
    <>
      {props.lines.map((l) => (
        <span key={l.field} className="block">
          {l.field}: {l.before && <s className="text-soft">{l.before}</s>}{" "}
          {l.after ? <b>{l.after}</b> : "nothing"}
        </span>
      ))}
    </>
  );
}
