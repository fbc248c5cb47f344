import type { Cipher, DeviceDatabase } from "../queue/store";

const CASE = "case";

/** What the couch needs to go on without a network: the content, the settings and the one open case, encrypted. */
export class Shelf {
  private writing: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly device: Promise<DeviceDatabase>,
    private readonly cipher: Cipher,
  ) {}

  /** Whether something of that name is kept. */
  static keeps(key: readonly unknown[]): boolean {
    return ["catalogue", "figures", "settings", CASE].includes(String(key[0]));
  }

  /** One case at a time: another one takes its place. */
  put(key: readonly unknown[], value: unknown) {
    this.writing = this.writing
      .then(async () => {
        const box = await this.cipher.close({ key, value });
        await (await this.device).put("shelf", box, String(key[0]));
      })
      .catch(() => undefined);
  }

  async get<T>(key: readonly unknown[]): Promise<T | undefined> {
    try {
      const box = await (await this.device).get("shelf", String(key[0]));
      const kept = box && (await this.cipher.open<{ key: unknown[]; value: T }>(box));
      return kept && JSON.stringify(kept.key) === JSON.stringify(key) ? kept.value : undefined;
    } catch {
      return undefined;
    }
  }
}
