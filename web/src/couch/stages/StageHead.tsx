/** The name of a stage that is gone through as a whole, how far it is, and the ways on. */
export function StageHead(props: {
  name: string;
  done: number;
  of: number;
  /** What they are. */
  what: string;
  next: string | undefined;
  /** Nothing where nothing can be taken back. */
  onUndo: (() => void) | undefined;
  onNext: () => void;
  onNormal: () => void;
  onOneByOne: () => void;
}) {
  const rest = props.of - props.done;
  return (
    <div className="flex flex-none flex-wrap items-center gap-x-3 gap-y-1">
      <h2 className="m-0 text-[28px] leading-tight font-bold">{props.name}</h2>
      <span className="mr-auto text-[15px] text-soft">
        {props.done} of {props.of}
        <span className="sr-only"> {props.what}</span>.{" "}
        <button type="button" className="min-h-6 underline" onClick={props.onOneByOne}>
          Test by test
        </button>
        {props.onUndo && (
          <button type="button" className="ml-3 min-h-6 underline" onClick={props.onUndo}>
            Take back (Z)
          </button>
        )}
      </span>
      {rest > 0 && (
        <button type="button" className="action px-3 max-md:flex-1 max-md:px-1" onClick={props.onNormal}>
          The rest is normal <span className="font-normal max-xl:hidden">N</span>
        </button>
      )}
      {props.next && (
        <button
          type="button"
          className="action px-3 max-md:flex-1 max-md:px-1"
          data-quiet={rest > 0}
          onClick={props.onNext}
        >
          Next: {props.next} <span className="font-normal max-xl:hidden">Down</span>
        </button>
      )}
    </div>
  );
}
