import { useCallback, useSyncExternalStore } from "react";

/** As wide as a telephone held upright, or a page magnified to that: one thing beside another has no room. */
export const NARROW = "(width < 48rem)";

/** An upright tablet or less: there is no room for lists at both sides of the work. */
export const UPRIGHT = "(width < 68rem)";

/** Whether the window is so. */
export function useMedia(query: string): boolean {
  const subscribe = useCallback(
    (changed: () => void) => {
      const list = window.matchMedia(query);
      list.addEventListener("change", changed);
      return () => list.removeEventListener("change", changed);
    },
    [query],
  );
  return useSyncExternalStore(subscribe, () => window.matchMedia(query).matches);
}
