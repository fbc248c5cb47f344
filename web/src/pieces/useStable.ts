import { useCallback, useLayoutEffect, useRef } from "react";

/** The same function at every drawing, which does what the latest one does: for what is drawn anew only where something changes. */
export function useStable<A extends unknown[]>(act: (...args: A) => void): (...args: A) => void {
  const latest = useRef(act);
  useLayoutEffect(() => {
    latest.current = act;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
