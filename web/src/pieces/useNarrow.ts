import { useSyncExternalStore } from "react";

/** As wide as a telephone held upright, or a page magnified to that. */
const NARROW = "(width < 48rem)";

const subscribe = (changed: () => void) => {
  const query = window.matchMedia(NARROW);
  query.addEventListener("change", changed);
  return () => query.removeEventListener("change", changed);
};

/** Whether there is room for one thing beside another. */
export const useNarrow = () => useSyncExternalStore(subscribe, () => window.matchMedia(NARROW).matches);
