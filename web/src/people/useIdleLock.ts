import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import type { Session } from "../api/types";
import { useSessionAct } from "./useSession";

const LOOK_EVERY_MS = 5_000;
const SIGNS_OF_LIFE = ["pointerdown", "keydown", "wheel", "touchstart"] as const;

/** Locks the screen after so many minutes without a tap or a key. Cut off from the server it locks here all the same. */
export function useIdleLock(session: Session | undefined) {
  const client = useQueryClient();
  const { mutate } = useSessionAct();
  const minutes = session?.state === "signed-in" ? session.lockMinutes : 0;
  useEffect(() => {
    if (minutes === 0) {
      return;
    }
    let last = Date.now();
    const alive = () => {
      last = Date.now();
    };
    const look = setInterval(() => {
      if (Date.now() - last > minutes * 60_000) {
        client.setQueryData<Session>(["session"], (seen) => seen && { ...seen, state: "locked" });
        mutate({ path: "/lock" });
      }
    }, LOOK_EVERY_MS);
    for (const sign of SIGNS_OF_LIFE) {
      window.addEventListener(sign, alive, { passive: true });
    }
    return () => {
      clearInterval(look);
      for (const sign of SIGNS_OF_LIFE) {
        window.removeEventListener(sign, alive);
      }
    };
  }, [minutes, mutate, client]);
}
