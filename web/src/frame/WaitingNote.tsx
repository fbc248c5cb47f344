import { useQueue } from "../queue/useQueue";

/** Says when taps wait on this device because the server cannot be reached. */
export function WaitingNote() {
  const { state } = useQueue();
  const n = state.acts.length;
  return (
    <span role="status" className="flex-none">
      {state.cutOff && n > 0 && (
        <b className="rounded bg-amber-wash px-2 py-1 text-[16px] text-amber">
          Waiting to save, {n} {n === 1 ? "tap" : "taps"}
        </b>
      )}
    </span>
  );
}
