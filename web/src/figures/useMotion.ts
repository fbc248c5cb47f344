import { useEffect, useRef, useState } from "react";

const LASTS_MS = 1400;

/** Where the movement stands, from 0 to 1; and to show it once. Whoever wants no motion sees where it starts, and again where it ends. */
export function useMotion(): { moment: number; play: () => void } {
  const [moment, setMoment] = useState(1);
  const frame = useRef(0);
  useEffect(() => () => cancelAnimationFrame(frame.current), []);
  const play = () => {
    cancelAnimationFrame(frame.current);
    if (window.matchMedia("(prefers-reduced-motion: reduce)").matches) {
      setMoment((now) => (now < 1 ? 1 : 0));
      return;
    }
    let began: number | undefined;
    const step = (at: number) => {
      began ??= at;
      const share = Math.min(1, (at - began) / LASTS_MS);
      // Slowly off and slowly to rest.
      setMoment(share < 1 ? (1 - Math.cos(Math.PI * share)) / 2 : 1);
      if (share < 1) {
        frame.current = requestAnimationFrame(step);
      }
    };
    frame.current = requestAnimationFrame(step);
  };
  return { moment, play };
}
