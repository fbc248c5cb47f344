import { useEffect, useLayoutEffect, useRef } from "react";
import { type ChosenKeys, type Command, commandOf } from "./keys";

/** Where something is typed or chosen, keys belong to that alone. */
const TAKES_KEYS = "input:not([type=checkbox]), textarea, select, [role=dialog], [role=menu]";

/** What Space presses where somebody went to it by keyboard. */
const PRESSED = "button, summary, a, input, [role=button], [role=tab]";

/**
 * Listens to the keys while the screen is up, except where something is being typed or a dialog is open. A tap anywhere leaves the
 * keys and the pedal to the screen, whatever it focused; to somebody who goes about by keyboard a single key never acts from a
 * link, a summary, or from outside the screen.
 */
export function useCommands(chosen: ChosenKeys, obey: (command: Command) => void) {
  const latest = useRef({ chosen, obey });
  // Before the next key can arrive: a fast second key must act on what the first one brought up.
  useLayoutEffect(() => {
    latest.current = { chosen, obey };
  });
  useEffect(() => {
    let wentByKeys = false;
    const tapped = () => {
      wentByKeys = false;
    };
    const listen = (event: KeyboardEvent) => {
      if (event.key === "Tab") {
        wentByKeys = true;
      }
      const target = event.target as HTMLElement;
      if (target.closest(TAKES_KEYS) || (wentByKeys && isAnothers(event, target))) {
        return;
      }
      const command = commandOf(event, latest.current.chosen);
      if (command && !event.repeat) {
        event.preventDefault();
        // Neither a group of choices nor a button that was tapped makes anything of it.
        event.stopPropagation();
        latest.current.obey(command);
      }
    };
    window.addEventListener("keydown", listen, true);
    window.addEventListener("pointerdown", tapped, true);
    return () => {
      window.removeEventListener("keydown", listen, true);
      window.removeEventListener("pointerdown", tapped, true);
    };
  }, []);
}

/** Whether a key belongs to what somebody went to by keyboard. */
function isAnothers(event: KeyboardEvent, target: HTMLElement): boolean {
  if (event.key === " ") {
    return target.closest(PRESSED) !== null;
  }
  if (event.key.startsWith("Arrow")) {
    return target.closest("[role=radiogroup], [role=tablist], [role=slider]") !== null;
  }
  return event.key.length === 1 && (target.closest("a, summary") !== null || isOutside(target));
}

const isOutside = (target: HTMLElement) => target !== document.body && target.closest("main") === null;
