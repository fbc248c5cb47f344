import type { Examination } from "../api/types";
import type { Act } from "./act";
import type { ActStore, Kept, RefusedAct } from "./store";

const RETRY_AFTER_MS = 2000;
/** A device that does not answer for so long is taken not to keep anything. */
const PATIENCE_MS = 3000;

export interface QueueState {
  /** Made here or found on this device, and not yet with the server. */
  acts: Act[];
  /** Whether something did not get through and not everything has been sent since. */
  cutOff: boolean;
  /** How many of them this device could not keep: they last as long as the page. */
  unkept: number;
  /** What the server would not take. It stays until somebody sends it again or discards it. */
  refused: RefusedAct[];
  /** The last of those that nobody has acknowledged yet. */
  notice: { code: string; error: Error } | undefined;
}

interface Entry {
  act: Act;
  /** Where the device keeps it; absent while it does not. */
  key?: number;
  /** Whether the device was asked to keep it, and answered or failed. */
  settled: boolean;
  /** Whether the server has taken or refused it, and it is about to go from here. */
  answered?: boolean;
}

export const sameAct = (one: Act, other: Act) => one.kind === other.kind && one.tapId === other.tapId;

/** Sends an act; a failure says whether trying again can help. */
export type Send = (act: Act) => Promise<Examination>;

export interface QueueOptions {
  send: Send;
  /** With no answer where the server refused; told whether more for the same case will be sent. */
  onAnswer: (act: Act, answer: Examination | undefined, moreFollow: boolean) => Promise<void>;
  canRetry: (error: unknown) => boolean;
  wait?: (then: () => void) => void;
  /** Whose acts may be sent now: another's wait until they are signed in again. */
  isMine?: (act: Act) => boolean;
  patienceMs?: number;
}

/**
 * Keeps acts on the device and sends them one after another in the order they were made. Each has an id of its own, so that one
 * that got through without its answer can be sent again. Where the device fails to keep one, the page does and says so; nothing
 * that fails here holds up what comes after it.
 */
export class ActQueue {
  private state: QueueState = { acts: [], cutOff: false, unkept: 0, refused: [], notice: undefined };
  private readonly listeners = new Set<() => void>();
  private entries: Entry[] = [];
  /** What is done with, should the device fail to forget it. */
  private readonly done = new Set<string>();
  private writing: Promise<unknown>;
  private sending = false;
  private again = false;

  constructor(
    private readonly store: ActStore,
    private readonly options: QueueOptions,
  ) {
    this.writing = this.load();
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  snapshot = () => this.state;

  /** Takes up what this device keeps and this page does not know of, and sends it. */
  async load() {
    try {
      const kept = await this.patiently(this.store.all());
      const refused = await this.patiently(this.store.allRefused());
      for (const { key, act } of kept) {
        if (!this.entries.some((e) => sameAct(e.act, act)) && !this.done.has(name(act))) {
          this.entries.push({ act, key, settled: true });
        }
      }
      this.entries.sort((one, other) => one.act.madeAt - other.act.madeAt);
      const open = refused.filter((r) => !this.done.has(`refused ${name(r.act)}`));
      this.publish({ refused: eachOnce([...open, ...this.state.refused]) });
    } catch {
      // What the device cannot read now is asked for again when somebody signs in or the line is back.
    }
    await this.drain();
  }

  /** Shows at once; is sent as soon as it is kept, or cannot be. */
  add(act: Act) {
    this.enter(act);
  }

  private enter(
    act: Act,
    beforeSending: (kept: boolean) => Promise<void> = async () => undefined,
  ): Promise<unknown> {
    const entry: Entry = { act, settled: false };
    this.entries.push(entry);
    this.done.delete(name(act));
    this.publish();
    this.writing = this.writing
      .then(() => this.keep(entry))
      .then(() => beforeSending(entry.key !== undefined))
      .then(() => {
        entry.settled = true;
        this.publish();
        return this.drain();
      });
    return this.writing;
  }

  /** Sends what was refused once more. */
  async sendAgain(refused: RefusedAct) {
    this.done.add(`refused ${name(refused.act)}`);
    this.publish({ refused: this.state.refused.filter((r) => !sameAct(r.act, refused.act)) });
    if (this.entries.some((e) => sameAct(e.act, refused.act) && !e.answered)) {
      await this.drain();
      return;
    }
    // Kept among those on their way before it is taken from the refused; where it cannot be, not before it is sent.
    await this.enter(refused.act, async (kept) => {
      if (kept) {
        await this.letGo(refused.act);
      }
    });
  }

  /** Somebody has looked at it and lets it go. */
  async discard(refused: RefusedAct) {
    this.done.add(`refused ${name(refused.act)}`);
    this.done.add(name(refused.act));
    this.entries = this.entries.filter((e) => !sameAct(e.act, refused.act));
    this.publish({ refused: this.state.refused.filter((r) => !sameAct(r.act, refused.act)) });
    await this.letGo(refused.act);
    await this.takeOut(refused.act, this.store.all, this.store.remove);
  }

  /** However often the device keeps it: two tabs can each have been refused the same. */
  private letGo(act: Act) {
    return this.takeOut(act, this.store.allRefused, this.store.removeRefused);
  }

  private async takeOut(act: Act, all: () => Promise<Kept[]>, remove: (key: number) => Promise<void>) {
    try {
      const same = (await this.patiently(all())).filter((kept) => sameAct(kept.act, act));
      for (const { key } of same) {
        await this.patiently(remove(key));
      }
    } catch {
      // It comes up once more when the device is read anew.
    }
  }

  dismissNotice() {
    this.publish({ notice: undefined });
  }

  /** Sends what is there until nothing is left or nothing gets through. */
  async drain() {
    if (this.sending) {
      this.again = true;
      return;
    }
    this.sending = true;
    try {
      do {
        this.again = false;
        for (let next = this.next(); next; next = this.next()) {
          if (!(await this.sent(next))) {
            break;
          }
        }
      } while (this.again);
    } finally {
      this.sending = false;
    }
  }

  /** In the order they were made: one that is still being kept holds up those after it for a moment. */
  private next(): Entry | undefined {
    const first = this.entries.find((e) => this.isMine(e.act));
    return first?.settled ? first : undefined;
  }

  private async sent(entry: Entry): Promise<boolean> {
    let answer: Examination | undefined;
    try {
      answer = await this.options.send(entry.act);
    } catch (error) {
      if (this.options.canRetry(error)) {
        this.publish({ cutOff: true });
        const wait = this.options.wait ?? ((then) => setTimeout(then, RETRY_AFTER_MS));
        wait(() => this.drain());
        return false;
      }
      entry.answered = true;
      await this.setAside(entry, error as Error);
    }
    await this.options.onAnswer(entry.act, answer, this.moreFollow(entry.act)).catch(() => undefined);
    await this.forget(entry);
    if (answer && this.wasRefused(entry.act)) {
      await this.discard({ act: entry.act, why: "" });
    }
    return true;
  }

  /** Kept among the refused before it is taken from those on their way, so that at no moment it is in neither. */
  private async setAside(entry: Entry, error: Error) {
    const { act } = entry;
    const refused: RefusedAct = { act, why: error.message };
    if (!(await this.couldKeep(refused))) {
      // Among those on their way, if the device has it there, the next page finds it and is refused once more.
      refused.unkept = entry.key === undefined;
      entry.key = undefined;
    }
    this.done.delete(`refused ${name(act)}`);
    // What was read from the device meanwhile can hold it already.
    this.publish({ refused: eachOnce([...this.state.refused, refused]), notice: { code: act.code, error } });
  }

  private async couldKeep(refused: RefusedAct): Promise<boolean> {
    return this.patiently(this.store.addRefused(refused)).then(
      () => true,
      () => false,
    );
  }

  private async keep(entry: Entry) {
    try {
      entry.key = await this.patiently(this.store.add(entry.act));
    } catch {
      // It is sent all the same, and kept as long as the page is.
    }
    if (entry.key !== undefined) {
      await this.keepWhatWasNot();
    }
  }

  /** The device keeps again: so it does with what it would not. */
  private async keepWhatWasNot() {
    const answeredMeanwhile: { key: number; act: Act }[] = [];
    for (const entry of this.entries) {
      if (entry.settled && entry.key === undefined && !entry.answered) {
        const key = await this.patiently(this.store.add(entry.act)).catch(() => undefined);
        if (key !== undefined && this.entries.includes(entry) && !entry.answered) {
          entry.key = key;
        } else if (key !== undefined) {
          answeredMeanwhile.push({ key, act: entry.act });
        }
      }
    }
    for (const refused of this.state.refused.filter((r) => r.unkept)) {
      if (await this.couldKeep(refused)) {
        const kept = this.state.refused.map((r) =>
          sameAct(r.act, refused.act) ? { ...r, unkept: false } : r,
        );
        this.publish({ refused: kept });
      }
    }
    for (const { key, act } of answeredMeanwhile) {
      if (!this.state.refused.some((r) => r.unkept && sameAct(r.act, act))) {
        await this.patiently(this.store.remove(key)).catch(() => undefined);
      }
    }
  }

  private wasRefused(act: Act) {
    return this.done.has(`refused ${name(act)}`) || this.state.refused.some((r) => sameAct(r.act, act));
  }

  private async forget(entry: Entry) {
    this.done.add(name(entry.act));
    this.entries = this.entries.filter((e) => e !== entry);
    this.publish();
    if (entry.key !== undefined) {
      await this.patiently(this.store.remove(entry.key)).catch(() => undefined);
    }
  }

  private moreFollow(act: Act) {
    return this.entries.some((e) => e.act.code === act.code && this.isMine(e.act) && !sameAct(e.act, act));
  }

  private isMine(act: Act) {
    return this.options.isMine?.(act) ?? true;
  }

  private patiently<T>(answer: Promise<T>): Promise<T> {
    return Promise.race([
      answer,
      new Promise<never>((_, reject) => {
        setTimeout(() => reject(new Error("no answer")), this.options.patienceMs ?? PATIENCE_MS);
      }),
    ]);
  }

  private publish(change: Partial<QueueState> = {}) {
    const acts = this.entries.map((e) => e.act);
    const cutOff = change.cutOff ?? this.state.cutOff;
    const refused = change.refused ?? this.state.refused;
    this.state = {
      ...this.state,
      ...change,
      acts,
      unkept:
        this.entries.filter((e) => e.settled && e.key === undefined && !e.answered).length +
        refused.filter((r) => r.unkept).length,
      // Until everything has caught up, what is shown of the standing is a step behind.
      cutOff: cutOff && acts.length > 0,
    };
    for (const listener of this.listeners) {
      listener();
    }
  }
}

/** Of an act that was refused more than once, what was said last. */
const eachOnce = (refused: RefusedAct[]) =>
  refused.filter((r, i) => !refused.slice(i + 1).some((later) => sameAct(later.act, r.act)));

const name = (act: Act) => `${act.kind} ${act.tapId}`;
