import { notifyManager, type QueryClient } from "@tanstack/react-query";
import { createContext, useContext, useSyncExternalStore } from "react";
import { call, LOCKED, Problem, SIGNED_OUT } from "../api/client";
import { isOpen, showExamination } from "../api/queries";
import type { Examination, Session } from "../api/types";
import { ActQueue } from "./ActQueue";
import type { Act } from "./act";
import { deviceName } from "./device";
import type { ActStore } from "./store";

// What the server answered and what was on its way to it change as one. With the usual delay a page is drawn in between, as it was
// before the act, and a fast key acts on that.
notifyManager.setScheduler(queueMicrotask);

const TOO_MANY = 429;
/** Signed out or locked meanwhile: the acts wait. */
const WAIT_AND_TRY_AGAIN = [TOO_MANY, SIGNED_OUT, LOCKED];
const SERVER_FAILED = 500;

/** The page's one queue; what comes back goes into the cache. */
export function pageQueue(client: QueryClient, store: ActStore): ActQueue {
  const queue = new ActQueue(store, {
    send: (act) => call<Examination>(...request(act)),
    onAnswer: ({ code }, answer, moreFollow) => showExamination(client, code, answer, moreFollow),
    canRetry: (error) =>
      !(error instanceof Problem) ||
      error.status === 0 ||
      WAIT_AND_TRY_AGAIN.includes(error.status) ||
      error.status >= SERVER_FAILED,
    isMine: (act) => act.by === undefined || act.by === signedInName(client),
  });
  let open = false;
  client.getQueryCache().subscribe(({ query }) => {
    if (query.queryKey[0] === "session" && isOpen(client) !== open) {
      open = !open;
      if (open) {
        queue.load();
      }
    }
  });
  window.addEventListener("online", () => queue.load());
  return queue;
}

/** Who is signed in at this page. */
export function signedInName(client: QueryClient): string | undefined {
  return client.getQueryData<Session>(["session"])?.name;
}

/** The age is counted at sending, so that the clocks of two devices need not agree. */
function request(act: Act): [string, string, unknown, number | undefined] {
  const path = `/api/cases/${act.code}`;
  if (act.kind === "undo") {
    return [`${path}/undo`, "POST", { tapId: act.tapId }, act.caseId];
  }
  const { tapId, test, at, side, changes, visit } = act;
  const ageMillis = Math.max(0, Math.round(Date.now() - act.madeAt));
  const body = { tapId, test, at, side, changes, visit, device: deviceName(), ageMillis };
  return [`${path}/taps`, "POST", body, act.caseId];
}

export const QueueContext = createContext<ActQueue | undefined>(undefined);

export function useQueue() {
  const queue = useContext(QueueContext);
  if (!queue) {
    throw new Error("there is no queue above this component");
  }
  return { queue, state: useSyncExternalStore(queue.subscribe, queue.snapshot) };
}
