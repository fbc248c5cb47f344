import type { Examination } from "../api/types";
import type { Act } from "./act";
import type { ActStore } from "./store";

const RETRY_AFTER_MS = 2000;

export interface QueueState {
  /** Made here or found on this device, and not yet with the server. */
  acts: Act[];
  /** Whether something did not get through and not everything has been sent since. */
  cutOff: boolean;
  /** What the server refused; it is not tried again. */
  refused: { code: string; error: Error } | undefined;
}

const same = (one: Act, other: Act) => one.kind === other.kind && one.tapId === other.tapId;

/** Sends an act; a failure says whether trying again can help. */
export type Send = (act: Act) => Promise<Examination>;

/**
 * Keeps acts on the device and sends them one after another in the order they were made. Each has an id of its own, so that one
 * that got through without its answer can be sent again.
 */
export class ActQueue {
  private state: QueueState = { acts: [], cutOff: false, refused: undefined };
  private readonly listeners = new Set<() => void>();
  private writing: Promise<unknown>;
  private sending = false;
  private again = false;

  constructor(
    private readonly store: Promise<ActStore>,
    private readonly send: Send,
    /** With no answer where the server refused; told whether more for the same case will be sent. */
    private readonly onAnswer: (
      act: Act,
      answer: Examination | undefined,
      moreFollow: boolean,
    ) => Promise<void>,
    private readonly canRetry: (error: unknown) => boolean,
    private readonly wait: (then: () => void) => void = (then) => setTimeout(then, RETRY_AFTER_MS),
    /** Whose acts may be sent now: another's wait until they are signed in again. */
    private readonly isMine: (act: Act) => boolean = () => true,
  ) {
    this.writing = this.store.then(async (s) => {
      this.set({ acts: [...(await s.all()), ...this.state.acts] });
      this.drain();
    });
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  snapshot = () => this.state;

  /** Shows at once; is sent as soon as it is kept. */
  add(act: Act) {
    this.set({ acts: [...this.state.acts, act] });
    this.writing = this.writing
      .then(() => this.store)
      .then((s) => s.add(act))
      .then(() => this.drain());
  }

  dismissRefusal() {
    this.set({ refused: undefined });
  }

  /** Sends what is kept until nothing is left or nothing gets through. */
  async drain() {
    if (this.sending) {
      this.again = true;
      return;
    }
    this.sending = true;
    try {
      const store = await this.store;
      const first = () => store.first(this.isMine);
      for (let next = await first(); next || this.again; next = await first()) {
        this.again = false;
        if (!next) {
          continue;
        }
        try {
          const answer = await this.send(next.act);
          await this.onAnswer(next.act, answer, this.moreFollow(next.act));
        } catch (error) {
          if (this.canRetry(error)) {
            this.set({ cutOff: true });
            this.wait(() => this.drain());
            return;
          }
          this.set({ refused: { code: next.act.code, error: error as Error } });
          await this.onAnswer(next.act, undefined, this.moreFollow(next.act));
        }
        await store.remove(next.key);
        this.forget(next.act);
      }
    } finally {
      this.sending = false;
    }
  }

  private moreFollow(act: Act) {
    return this.state.acts.some((a) => a.code === act.code && this.isMine(a) && !same(a, act));
  }

  private forget(act: Act) {
    const acts = this.state.acts.filter((a) => !same(a, act));
    // Until everything has caught up, what is shown of the standing is a step behind.
    this.set({ acts, cutOff: this.state.cutOff && acts.length > 0 });
  }

  private set(change: Partial<QueueState>) {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) {
      listener();
    }
  }
}
