import type { QueryClient } from "@tanstack/react-query";
import { Problem } from "../api/client";
import { lookUpWith } from "../api/kept";
import type { Session } from "../api/types";
import { openDevice } from "../queue/store";
import { isIdle } from "./activity";
import { KeyRing } from "./keyring";
import { Shelf } from "./shelf";

export const device = openDevice();
// Where the browser keeps nothing, each use says so for itself.
device.catch(() => undefined);
export const keyRing = new KeyRing(device);
export const shelf = new Shelf(device, keyRing);

/** The session by the server's word, and without a network as it was here last, locked if nobody has used it for long. */
export async function sessionOrKept(ask: () => Promise<Session>): Promise<Session> {
  try {
    return await ask();
  } catch (error) {
    const known = error instanceof Problem && error.status === 0 ? await keyRing.restore() : undefined;
    if (!known) {
      throw error;
    }
    return isIdle(known.lockMinutes) ? { ...known, state: "locked" } : known;
  }
}

/** Keeps on the device what is open, for as long as it is. */
export function keepWhatIsOpen(client: QueryClient) {
  lookUpWith((key) => shelf.get(key));
  client.getQueryCache().subscribe(({ query, type }) => {
    if (type !== "updated" || query.state.status !== "success") {
      return;
    }
    if (query.queryKey[0] === "session") {
      const session = query.state.data as Session;
      if (session.state === "signed-in" && session.tapKey) {
        keyRing.begin(session);
      } else if (session.state !== "signed-in") {
        keyRing.end();
      }
    } else if (Shelf.keeps(query.queryKey)) {
      shelf.put(query.queryKey, query.state.data);
    }
  });
}
