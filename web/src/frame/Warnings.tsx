import type { RaisedWarning } from "../api/types";

/** The warning signs of the case, above everything on every screen and on paper. */
export function Warnings(props: { raised: RaisedWarning[] }) {
  if (props.raised.length === 0) {
    return null;
  }
  return (
    <div role="alert" className="bg-stop px-5 py-1.5 text-[17px] font-semibold text-on-dark">
      {props.raised.map((w) => (
        <p key={w.id} className="m-0">
          {w.message} <span className="font-normal">({w.because})</span>
        </p>
      ))}
    </div>
  );
}
