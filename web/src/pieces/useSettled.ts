import { useEffect, useState } from "react";

const PAUSE_MS = 400;

/** The value once it has not changed for a moment, for what is asked of the server while somebody types. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), PAUSE_MS);
    return () => window.clearTimeout(timer);
  }, [value]);
  return settled;
}
