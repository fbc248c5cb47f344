import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { call, SESSION_CHANGED } from "../api/client";
import { changed } from "../api/stale";
import type { Session } from "../api/types";
import { alive } from "../offline/activity";
import { sessionOrKept } from "../offline/device";

const KEY = ["session"];

/** Who is signed in at this browser, and whether the screen is locked. */
export function useSession() {
  const client = useQueryClient();
  useEffect(() => {
    const ask = () => changed(client, "session");
    window.addEventListener(SESSION_CHANGED, ask);
    return () => window.removeEventListener(SESSION_CHANGED, ask);
  }, [client]);
  return useQuery({ queryKey: KEY, queryFn: () => sessionOrKept(() => call<Session>("/api/session")) });
}

interface SessionAct {
  path: string;
  method?: string;
  body?: object;
}

/** Signs in or out, locks or opens; what one person saw is not kept for the next. */
export function useSessionAct() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ path, method = "POST", body }: SessionAct) =>
      call<Session | undefined>(`/api/session${path}`, method, body),
    onSuccess: async (session) => {
      if (session?.state === "signed-in") {
        alive();
      }
      const before = client.getQueryData<Session>(KEY)?.name;
      if (before !== session?.name) {
        client.removeQueries({ predicate: (q) => q.queryKey[0] !== "session" });
      }
      if (session) {
        client.setQueryData(KEY, session);
      } else {
        await client.invalidateQueries({ queryKey: KEY });
      }
    },
  });
}
