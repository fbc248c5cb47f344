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
  useEffect(() => pause.now, [pause]);
  return pause;
}
