import { useEffect, useLayoutEffect, useRef } from "react";
import { type Command, commandOf } from "./keys";

/** Listens to the keys while the screen is up, except where something is being typed or a dialog is open. */
export function useCommands(obey: (command: Command) => void) {
  const latest = useRef(obey);
  // Before the next key can arrive: a fast second key must act on what the first one brought up.
  useLayoutEffect(() => {
    latest.current = obey;
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (target.closest("input, textarea, select, [role=dialog], [role=radiogroup]")) {
        return;
      }
      const command = commandOf(event);
      if (command) {
        event.preventDefault();
        latest.current(command);
      }
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
}
