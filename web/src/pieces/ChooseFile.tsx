import type { ReactNode } from "react";

/** A file to be looked at; nothing is stored before its outcome was seen. */
export function ChooseFile(props: {
  words: string;
  accept: string;
  /** Told of every choice, also of none. */
  onChoose: (file: File | undefined) => void;
}) {
  return (
    <label className="flex flex-col text-[16px]">
      {props.words}; nothing is stored before you have seen what it does
      <input
        type="file"
        accept={props.accept}
        className="field py-2"
        onChange={(e) => props.onChoose(e.target.files?.[0])}
      />
    </label>
  );
}

interface Looked {
  added: number;
  changed: number;
  same: number;
  refused: number;
}

/** What bringing a looked-at file in would do, and the way to do it where nothing in it is refused. */
export function LookedAt(props: {
  found: Looked;
  /** What a change of what is here is called. */
  changed: string;
  lines: ReactNode;
  refused: string;
  /** Whether there is something to do although nothing in the file is new or changed. */
  mayApply?: boolean;
  children: ReactNode;
}) {
  const { found } = props;
  return (
    <>
      <p role="status" className="m-0 text-[17px]">
        <b>{found.added}</b> new, <b>{found.changed}</b> {props.changed}, <b>{found.same}</b> the same
        already, <b>{found.refused}</b> refused.
      </p>
      {props.lines}
      {found.refused > 0 ? (
        <p className="m-0 text-[16px]">{props.refused}</p>
      ) : (
        (found.added + found.changed > 0 || props.mayApply) && props.children
      )}
    </>
  );
}
