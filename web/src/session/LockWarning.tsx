import { createPortal } from "react-dom";

/**
 * A minute before the screen locks: any key or tap keeps it open, and one that does nothing else is named. Above everything,
 * dialogs too.
 */
export function LockWarning() {
  return createPortal(
    <div
      role="alert"
      className="pointer-events-auto fixed inset-x-0 bottom-6 z-50 mx-auto w-fit max-w-[92vw] rounded-md border-2 border-amber bg-amber-wash px-5 py-3 text-[20px] text-ink"
    >
      <b>The screen locks within a minute.</b> Press Shift, or tap here, to stay.
    </div>,
    document.body,
  );
}
