import type { Session } from "../api/types";
import type { Box, Cipher, DeviceDatabase } from "../queue/store";

const CURRENT = "current";
const IV_BYTES = 12;

/** Who was signed in here last, as far as the device may know it. */
type KnownSession = Omit<Session, "tapKey">;

/**
 * The key of whoever is signed in, by which everything of patients on this device is encrypted. The server gives it while the
 * session is open; the device keeps a handle that encrypts and decrypts and gives nobody its bytes, so that a page that is
 * loaded again without a network can go on. Locking and signing out take it away.
 */
export class KeyRing implements Cipher {
  private current: Promise<{ name: string; key: CryptoKey } | undefined> = Promise.resolve(undefined);

  constructor(private readonly device: Promise<DeviceDatabase>) {}

  /** The session is open: from now on its key is at hand. */
  begin(session: Session) {
    const { tapKey, ...known } = session;
    const name = session.name;
    if (!tapKey || !name || !globalThis.crypto?.subtle) {
      return;
    }
    this.current = (async () => {
      const bytes = Uint8Array.from(atob(tapKey), (c) => c.charCodeAt(0));
      const key = await crypto.subtle.importKey("raw", bytes, "AES-GCM", false, ["encrypt", "decrypt"]);
      await this.device
        .then((db) => db.put("keys", { name, key, session: known }, CURRENT))
        .catch(() => undefined);
      return { name, key };
    })();
  }

  /** Without a network: the session that was open here last, with its key; nothing where none was. */
  async restore(): Promise<KnownSession | undefined> {
    const kept = await this.device.then((db) => db.get("keys", CURRENT)).catch(() => undefined);
    if (!kept) {
      return undefined;
    }
    this.current = Promise.resolve({ name: kept.name, key: kept.key });
    return kept.session as KnownSession;
  }

  /** The session is locked or over: nothing on the device can be read from now on. */
  async end() {
    this.current = Promise.resolve(undefined);
    await this.device
      .then(async (db) => {
        await db.delete("keys", CURRENT);
        await db.clear("shelf");
      })
      .catch(() => undefined);
  }

  async close(value: unknown): Promise<Box> {
    const current = await this.current;
    if (!current) {
      throw new Error("nobody is signed in");
    }
    const iv = crypto.getRandomValues(new Uint8Array(IV_BYTES));
    const plain = new TextEncoder().encode(JSON.stringify(value));
    return {
      by: current.name,
      iv,
      data: await crypto.subtle.encrypt({ name: "AES-GCM", iv }, current.key, plain),
    };
  }

  async open<T>(box: Box): Promise<T | undefined> {
    const current = await this.current;
    if (!current || current.name !== box.by) {
      return undefined;
    }
    try {
      const plain = await crypto.subtle.decrypt({ name: "AES-GCM", iv: box.iv }, current.key, box.data);
      return JSON.parse(new TextDecoder().decode(plain)) as T;
    } catch {
      return undefined;
    }
  }
}
