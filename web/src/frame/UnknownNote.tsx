/** What is recorded and not known to the content in force: kept, readable, and weighing nothing. */
export function UnknownNote(props: { lines: string[] }) {
  if (props.lines.length === 0) {
    return null;
  }
  return (
    <section
      aria-label="Not in the content"
      className="border-b-[1.5px] border-line bg-panel px-5 py-1 text-[16px]"
    >
      <b>Recorded, and not in the content in force:</b> {props.lines.join("; ")}. It is kept and weighs
      nothing.
    </section>
  );
}
