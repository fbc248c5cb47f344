// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import { openDB } from "idb";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { Problem } from "../api/client";
import type { Session } from "../api/types";
import type { TapAct } from "../queue/act";
import { deviceStore, openDevice } from "../queue/store";
import { KeyRing } from "./keyring";
import { Shelf } from "./shelf";

const key = (fill: number) => btoa(String.fromCharCode(...new Array(32).fill(fill)));
const session = (name: string, fill: number) =>
  ({ state: "signed-in", name, role: "clinician", lockMinutes: 10, tapKey: key(fill) }) as Session;
const tap: TapAct = {
  kind: "tap",
  code: "HB-001",
  tapId: "a",
  test: "sulcus",
  at: "",
  side: "left",
  changes: { gapMm: 20 },
  madeAt: 1,
  by: "tern",
};

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
  localStorage.clear();
});

/** Everything that lies in the browser's database, as far as it can be read as text. */
async function lyingThere(): Promise<string> {
  const db = await openDB("lexicor");
  let all = "";
  for (const store of [...db.objectStoreNames]) {
    for (const value of await db.getAll(store)) {
      const seen = new TextDecoder("latin1");
      all += JSON.stringify(value, (_k, v) =>
        v instanceof ArrayBuffer || ArrayBuffer.isView(v) ? seen.decode(v as ArrayBuffer) : v,
      );
    }
  }
  db.close();
  return all;
}

describe("what waits on a device", () => {
  it("is encrypted for whoever made it, and for nobody else", async () => {
    const device = openDevice();
    const ring = new KeyRing(device);
    const store = deviceStore(device, ring);
    await expect(store.add(tap)).rejects.toThrow("nobody is signed in");
    ring.begin(session("tern", 1));
    await store.add(tap);
    await store.addRefused({ act: tap, why: "Case HB-001 is closed" });
    expect(await store.all()).toMatchObject([{ act: tap }]);
    expect(await store.allRefused()).toMatchObject([{ act: tap, why: "Case HB-001 is closed" }]);
    const there = await lyingThere();
    expect(there).toContain("tern");
    expect(there).not.toMatch(/HB-001|sulcus|gapMm|closed/);

    ring.begin(session("plover", 2));
    expect(await store.all()).toEqual([]);
    await ring.end();
    ring.begin(session("tern", 1));
    expect(await store.all()).toMatchObject([{ act: tap }]);
  });
  it("from before there was encryption is taken up and closed", async () => {
    const before = await openDB("lexicor", 1, {
      upgrade: (db) => {
        db.createObjectStore("acts", { autoIncrement: true });
      },
    });
    await before.add("acts", tap);
    before.close();
    const device = openDevice();
    const ring = new KeyRing(device);
    ring.begin(session("tern", 1));
    const store = deviceStore(device, ring);
    expect(await store.all()).toMatchObject([{ act: tap }]);
    expect(await lyingThere()).not.toContain("sulcus");
    expect(await store.all()).toMatchObject([{ act: tap }]);
  });
});

describe("without a network", () => {
  it("the session that was open goes on with its key, and a locked one has neither", async () => {
    const device = openDevice();
    const ring = new KeyRing(device);
    ring.begin(session("tern", 1));
    await deviceStore(device, ring).add(tap);

    const reloaded = new KeyRing(device);
    const known = await reloaded.restore();
    expect(known).toMatchObject({ name: "tern", state: "signed-in" });
    expect(known).not.toHaveProperty("tapKey");
    expect(await deviceStore(device, reloaded).all()).toMatchObject([{ act: tap }]);

    await reloaded.end();
    const locked = new KeyRing(device);
    expect(await locked.restore()).toBeUndefined();
    expect(await deviceStore(device, locked).all()).toEqual([]);
  });
  it("the shelf has one case, encrypted, until the session ends", async () => {
    const device = openDevice();
    const ring = new KeyRing(device);
    ring.begin(session("tern", 1));
    const shelf = new Shelf(device, ring);
    shelf.put(["case", "HB-001"], { code: "HB-001", mechanism: "slipped on the quay" });
    shelf.put(["case", "HB-002"], { code: "HB-002" });
    shelf.put(["catalogue"], { tests: [] });
    shelf.put(["figures"], { grips: {}, tests: [] });
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(await shelf.get(["case", "HB-001"])).toBeUndefined();
    expect(await shelf.get(["case", "HB-002"])).toEqual({ code: "HB-002" });
    expect(await shelf.get(["catalogue"])).toEqual({ tests: [] });
    expect(await shelf.get(["figures"])).toEqual({ grips: {}, tests: [] });
    expect(await lyingThere()).not.toMatch(/HB-00|quay/);
    await ring.end();
    expect(await lyingThere()).toBe("");
  });
  it("an answer of the server's counts before what is kept, and a refusal is not covered up", async () => {
    const { keyRing, shelf } = await import("./device");
    const { lookUpWith, orKept } = await import("../api/kept");
    lookUpWith((key) => shelf.get(key));
    keyRing.begin(session("tern", 1));
    shelf.put(["settings"], { version: 1 });
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(await orKept(["settings"], async () => ({ version: 2 }))).toEqual({ version: 2 });
    const failing = (status: number) => async () => {
      throw new Problem(status, "no", []);
    };
    expect(await orKept(["settings"], failing(0))).toEqual({ version: 1 });
    await expect(orKept(["settings"], failing(404))).rejects.toThrow("no");
    await expect(orKept(["catalogue"], failing(0))).rejects.toThrow("no");
  });
});

describe("signs of life", () => {
  it("are shared by the tabs of a browser", async () => {
    vi.resetModules();
    const { alive, isIdle } = await import("./activity");
    expect(isIdle(10, 1e12)).toBe(false);
    alive(1e12);
    expect(isIdle(10, 1e12 + 9 * 60_000)).toBe(false);
    expect(isIdle(10, 1e12 + 11 * 60_000)).toBe(true);
    // As another tab writes it.
    localStorage.setItem("lexicor.alive", String(1e12 + 5 * 60_000));
    expect(isIdle(10, 1e12 + 11 * 60_000)).toBe(false);
  });
});
