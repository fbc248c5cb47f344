import { useEffect, useMemo, useRef } from "react";

/** Short enough that nothing typed is ever older than a second before it is saved. */
const PAUSE_MS = 600;

/** Does something with what was typed once there is a pause, at once when asked to, and before the field goes away. */
export function useAfterPause<T>(act: (value: T) => void) {
  const latest = useRef(act);
  latest.current = act;
  const waiting = useRef<{ value: T; timer: number }>(undefined);
  const pause = useMemo(() => {
    const take = () => {
      const held = waiting.current;
      if (held) {
        window.clearTimeout(held.timer);
        waiting.current = undefined;
      }
      return held;
    };
    return {
      in: (value: T) => {
        take();
        waiting.current = {
          value,
          timer: window.setTimeout(() => {
            waiting.current = undefined;
            latest.current(value);
          }, PAUSE_MS),
        };
      },
      /** Only what was typed and not yet acted on. */
      now: (value: T) => {
        if (take()) {
          latest.current(value);
        }
      },
      flush: () => {
        const held = take();
        if (held) {
          latest.current(held.value);
        }
      },
    };
  }, []);
  useEffect(() => pause.flush, [pause]);
  return pause;
}
