import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { Act } from "./act";

/** Something encrypted, by whom it can be opened. */
export interface Box {
  by: string;
  iv: Uint8Array<ArrayBuffer>;
  data: ArrayBuffer;
}

/** Closes and opens boxes with the key of whoever is signed in. */
export interface Cipher {
  /** Fails while nobody is signed in. */
  close(value: unknown): Promise<Box>;
  /** Nothing where the box is another's. */
  open<T>(box: Box): Promise<T | undefined>;
}

export interface Kept {
  key: number;
  act: Act;
}

/** An act that the server would not take. */
export interface RefusedAct {
  act: Act;
  why: string;
  /** Whether the page alone has it, since the device could not keep it. */
  unkept?: boolean;
}

/** Acts kept on this device, in the order they were made: those on their way, and those that were refused. */
export interface ActStore {
  add(act: Act): Promise<number>;
  all(): Promise<Kept[]>;
  remove(key: number): Promise<void>;
  addRefused(refused: RefusedAct): Promise<number>;
  allRefused(): Promise<(RefusedAct & { key: number })[]>;
  removeRefused(key: number): Promise<void>;
}

export interface DeviceSchema extends DBSchema {
  /** Before there was encryption an act lay here as it is. */
  acts: { key: number; value: Box | Act };
  refused: { key: number; value: Box };
  /** The key of whoever is signed in; nothing can read its bytes. */
  keys: { key: string; value: { name: string; key: CryptoKey; session: unknown } };
  /** What is needed to go on without a network. */
  shelf: { key: string; value: Box };
}

export type DeviceDatabase = IDBPDatabase<DeviceSchema>;

const VERSION = 2;

/** This browser's own database; fails where the browser keeps nothing. */
export async function openDevice(): Promise<DeviceDatabase> {
  return openDB<DeviceSchema>("lexicor", VERSION, {
    upgrade: (opened, before) => {
      if (before < 1) {
        opened.createObjectStore("acts", { autoIncrement: true });
      }
      opened.createObjectStore("refused", { autoIncrement: true });
      opened.createObjectStore("keys");
      opened.createObjectStore("shelf");
    },
    // Another tab with a newer version must not wait for this one.
    blocking: (_before, _after, event) => (event.target as IDBDatabase).close(),
  });
}

const isBox = (value: Box | Act): value is Box => "data" in value;

/** Keeps acts encrypted; those of others stay closed. */
export function deviceStore(device: Promise<DeviceDatabase>, cipher: Cipher): ActStore {
  return {
    add: async (act) => (await device).add("acts", await cipher.close(act)),
    all: async () => {
      const db = await device;
      const kept: Kept[] = [];
      for (const key of await db.getAllKeys("acts")) {
        const value = await db.get("acts", key);
        if (value && isBox(value)) {
          const act = await cipher.open<Act>(value);
          if (act) {
            kept.push({ key, act });
          }
        } else if (value) {
          kept.push({ key, act: value });
          const box = await cipher.close(value).catch(() => undefined);
          if (box && (value.by === undefined || value.by === box.by)) {
            await db.put("acts", box, key);
          }
        }
      }
      return kept;
    },
    remove: async (key) => (await device).delete("acts", key),
    addRefused: async ({ act, why }) => (await device).add("refused", await cipher.close({ act, why })),
    allRefused: async () => {
      const db = await device;
      const all: (RefusedAct & { key: number })[] = [];
      for (const key of await db.getAllKeys("refused")) {
        const box = await db.get("refused", key);
        const refused = box && (await cipher.open<RefusedAct>(box));
        if (refused) {
          all.push({ ...refused, key });
        }
      }
      return all;
    },
    removeRefused: async (key) => (await device).delete("refused", key),
  };
}

/** Lasts as long as the page. */
export function pageStore(): ActStore {
  let last = 0;
  const acts = new Map<number, Act>();
  const refused = new Map<number, RefusedAct>();
  const put = <T>(into: Map<number, T>, value: T) => {
    last += 1;
    into.set(last, value);
    return last;
  };
  return {
    add: async (act) => put(acts, act),
    all: async () => [...acts].map(([key, act]) => ({ key, act })),
    remove: async (key) => {
      acts.delete(key);
    },
    addRefused: async (one) => put(refused, one),
    allRefused: async () => [...refused].map(([key, one]) => ({ ...one, key })),
    removeRefused: async (key) => {
      refused.delete(key);
    },
  };
}
