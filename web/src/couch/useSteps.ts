import { useState } from "react";

const STEPS_HIDDEN = "lexicor.steps-hidden";
/** Below this height the pads need the room; who wants the steps opens them. */
const LOW_SCREEN_PX = 780;

export interface Folding {
  hidden: boolean;
  fold: (hide: boolean) => void;
}

/** Whether the steps of tests are folded away, kept on this device. */
export function useSteps(): Folding {
  const [hidden, setHidden] = useState(() => {
    const chosen = localStorage.getItem(STEPS_HIDDEN);
    return chosen === null ? window.innerHeight < LOW_SCREEN_PX : chosen === "yes";
  });
  const fold = (hide: boolean) => {
    setHidden(hide);
    localStorage.setItem(STEPS_HIDDEN, hide ? "yes" : "no");
  };
  return { hidden, fold };
}
