import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { call } from "../api/client";
import { changed } from "../api/stale";
import type { Session } from "../api/types";
import { alive, isIdle, lastAlive, onLockedElsewhere, tellLocked } from "../offline/activity";
import { useSessionAct } from "./useSession";

const LOOK_EVERY_MS = 1_000;
const TELL_EVERY_MS = 10_000;
const WARN_BEFORE_MS = 60_000;
const SIGNS_OF_LIFE = ["pointerdown", "keydown", "wheel", "touchstart"] as const;

/**
 * Locks the screen after so many minutes without a tap or a key in any tab. The server's clock counts, and is told of signs of
 * life; cut off from it the screen locks here all the same.
 *
 * @returns whether it locks within a minute
 */
export function useIdleLock(session: Session | undefined): boolean {
  const client = useQueryClient();
  const { mutate } = useSessionAct();
  const [soon, setSoon] = useState(false);
  const minutes = session?.state === "signed-in" ? session.lockMinutes : 0;
  useEffect(() => {
    if (minutes === 0) {
      setSoon(false);
      return;
    }
    alive();
    let told = Date.now();
    const note = () => alive();
    const look = setInterval(() => {
      const idleFor = Date.now() - lastAlive();
      if (isIdle(minutes)) {
        // What is being typed is saved as it is when one leaves the field.
        (document.activeElement as HTMLElement | null)?.blur();
        client.setQueryData<Session>(["session"], (seen) => seen && { ...seen, state: "locked" });
        mutate({ path: "/lock" });
        tellLocked();
      } else if (lastAlive() > told && Date.now() - told >= TELL_EVERY_MS) {
        told = Date.now();
        call("/api/session/alive", "POST").catch(() => undefined);
      }
      setSoon(minutes * 60_000 - idleFor <= Math.min(WARN_BEFORE_MS, minutes * 30_000));
    }, LOOK_EVERY_MS);
    for (const sign of SIGNS_OF_LIFE) {
      window.addEventListener(sign, note, { passive: true, capture: true });
    }
    const stop = onLockedElsewhere(() => changed(client, "session"));
    return () => {
      clearInterval(look);
      stop();
      for (const sign of SIGNS_OF_LIFE) {
        window.removeEventListener(sign, note, { capture: true });
      }
    };
  }, [minutes, mutate, client]);
  return soon && minutes > 0;
}
