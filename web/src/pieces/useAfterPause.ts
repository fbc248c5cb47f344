import { useEffect, useLayoutEffect, useMemo, useRef } from "react";

/** Short enough that nothing typed is ever older than a second before it is saved. */
const PAUSE_MS = 600;

/** Does something with what was typed once there is a pause; at once when the field is left, and before it goes away. */
export function useAfterPause<T>(act: (value: T) => void): { in: (value: T) => void; now: () => void } {
  const latest = useRef(act);
  useLayoutEffect(() => {
    latest.current = act;
  });
  const waiting = useRef<{ value: T; timer: number }>(undefined);
  const pause = useMemo(() => {
    /** Acts on what waits, if anything does. */
    const now = () => {
      const held = waiting.current;
      if (held) {
        window.clearTimeout(held.timer);
        waiting.current = undefined;
        latest.current(held.value);
      }
    };
    return {
      in: (value: T) => {
        window.clearTimeout(waiting.current?.timer);
        waiting.current = { value, timer: window.setTimeout(now, PAUSE_MS) };
      },
      now,
    };
  }, []);
  useEffect(() => {
    // A page that is closed while something is typed asks first, and saves it meanwhile.
    const leaving = (event: BeforeUnloadEvent) => {
      if (waiting.current) {
        pause.now();
        event.preventDefault();
      }
    };
    window.addEventListener("beforeunload", leaving);
    return () => {
      window.removeEventListener("beforeunload", leaving);
      pause.now();
    };
  }, [pause]);
  return pause;
}
