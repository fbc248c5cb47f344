import { useQueue } from "../queue/useQueue";

/** Says when this device does not keep taps: they last as long as the page. */
export function UnkeptNote() {
  const { state } = useQueue();
  if (state.unkept === 0) {
    return null;
  }
  return (
    <p
      role="alert"
      className="m-0 border-b-[1.5px] border-amber bg-amber-wash px-5 py-1 text-[16px] font-bold text-amber"
    >
      This device keeps nothing: {state.unkept === 1 ? "1 tap is" : `${state.unkept} taps are`} in this page
      alone. Leave it open until they are saved.
    </p>
  );
}
