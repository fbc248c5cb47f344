/** What cannot be, beside the field that it was typed into; nothing where there is nothing to say. */
export function FieldProblem(props: { words: string }) {
  return (
    props.words && (
      <p role="alert" className="m-0 text-[16px] text-stop">
        {props.words}
      </p>
    )
  );
}
