import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { Act } from "./act";

interface Schema extends DBSchema {
  acts: { key: number; value: Act };
}

/** Acts kept on this device until the server has them, in the order they were made. */
export interface ActStore {
  add(act: Act): Promise<void>;
  /** The first that is to be sent. */
  first(isMine: (act: Act) => boolean): Promise<{ key: number; act: Act } | undefined>;
  all(): Promise<Act[]>;
  remove(key: number): Promise<void>;
}

/** Where the browser refuses to keep anything, acts last as long as the page. */
export async function deviceStore(): Promise<ActStore> {
  try {
    return storeIn(
      await openDB<Schema>("lexicor", 1, {
        upgrade: (opened) => {
          opened.createObjectStore("acts", { autoIncrement: true });
        },
      }),
    );
  } catch {
    return pageStore();
  }
}

export function pageStore(): ActStore {
  let last = 0;
  const acts = new Map<number, Act>();
  return {
    add: async (act) => {
      last += 1;
      acts.set(last, act);
    },
    first: async (isMine) => {
      const entry = [...acts].find(([, act]) => isMine(act));
      return entry && { key: entry[0], act: entry[1] };
    },
    all: async () => [...acts.values()],
    remove: async (key) => {
      acts.delete(key);
    },
  };
}

function storeIn(db: IDBPDatabase<Schema>): ActStore {
  return {
    add: async (act) => {
      await db.add("acts", act);
    },
    first: async (isMine) => {
      let cursor = await db.transaction("acts").store.openCursor();
      while (cursor && !isMine(cursor.value)) {
        cursor = await cursor.continue();
      }
      return cursor ? { key: cursor.key, act: cursor.value } : undefined;
    },
    all: () => db.getAll("acts"),
    remove: (key) => db.delete("acts", key),
  };
}
