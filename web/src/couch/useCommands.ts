import { useEffect, useLayoutEffect, useRef } from "react";
import { type ChosenKeys, type Command, commandOf } from "./keys";

/** Listens to the keys while the screen is up, except where something is being typed or a dialog is open. */
export function useCommands(chosen: ChosenKeys, obey: (command: Command) => void) {
  const latest = useRef({ chosen, obey });
  // Before the next key can arrive: a fast second key must act on what the first one brought up.
  useLayoutEffect(() => {
    latest.current = { chosen, obey };
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (target.closest("input:not([type=checkbox]), textarea, select, [role=dialog], [role=radiogroup]")) {
        return;
      }
      // Somebody who went to a button by keyboard presses it with Space.
      if (
        event.key === " " &&
        target.closest("button, summary, a, input") &&
        target.matches(":focus-visible")
      ) {
        return;
      }
      const command = commandOf(event, latest.current.chosen);
      if (command && !event.repeat) {
        event.preventDefault();
        latest.current.obey(command);
      }
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
}
