import fc from "fast-check";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Examination } from "../api/types";
import { ActQueue, sameAct } from "./ActQueue";
import type { Act } from "./act";
import { type ActStore, pageStore } from "./store";

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

type Fault = "add" | "remove" | "addRefused" | "removeRefused";

const SLOW_MS = 20;
const later = async <T>(what: () => Promise<T>) => {
  const done = await what();
  await new Promise((resolve) => setTimeout(resolve, SLOW_MS));
  return done;
};

/** Everything that can go wrong around a queue: the line, the server's mind, the device, and the page itself. */
class World {
  readonly made: Act[] = [];
  /** What the server has, in the order it came. */
  readonly got: Act[] = [];
  /** What went with a page that had said that it alone has them. */
  readonly gone: Act[] = [];
  readonly refusedOnce: Act[] = [];
  line: "whole" | "cut" | "no answer" = "whole";
  closed = new Set<string>();
  broken = new Map<Fault, "throws" | "hangs" | "is slow">();
  /** What the device let go although nobody else had it. */
  readonly dropped: Act[] = [];
  private readonly device = pageStore();
  private retries: (() => void)[] = [];
  queue = this.open();

  private faulty(): ActStore {
    const through =
      (fault: Fault) =>
      (...args: never[]) => {
        const how = this.broken.get(fault);
        if (how === "throws") {
          return Promise.reject(new DOMException("full"));
        }
        if (how === "hangs") {
          return new Promise(() => undefined);
        }
        const whole = () => (this.device[fault] as (...a: never[]) => Promise<unknown>)(...args);
        return how === "is slow" ? later(whole) : whole();
      };
    const letGo = (fault: "remove" | "removeRefused") => async (key: number) => {
      const before = await this.onDevice();
      await (through(fault) as (k: number) => Promise<void>)(key);
      const after = await this.onDevice();
      this.dropped.push(
        ...before.filter((b) => ![...after, ...this.got].some((elsewhere) => sameAct(elsewhere, b))),
      );
    };
    return {
      ...this.device,
      add: through("add"),
      remove: letGo("remove"),
      addRefused: through("addRefused"),
      removeRefused: letGo("removeRefused"),
    } as ActStore;
  }

  private open() {
    return new ActQueue(this.faulty(), {
      send: async (act) => {
        await Promise.resolve();
        if (this.line === "cut") {
          throw new Error("cut off");
        }
        if (this.closed.has(act.code)) {
          this.refusedOnce.push(act);
          throw new TypeError(`${act.code} is closed`);
        }
        if (!this.got.some((g) => sameAct(g, act))) {
          this.got.push(act);
        }
        if (this.line === "no answer") {
          throw new Error("cut off");
        }
        return {} as Examination;
      },
      onAnswer: async () => undefined,
      canRetry: (e) => !(e instanceof TypeError),
      wait: (then) => {
        this.retries.push(then);
      },
      patienceMs: 50,
    });
  }

  tap(code: string) {
    const tapId = `t${this.made.length}`;
    const act: Act = {
      kind: "tap",
      code,
      tapId,
      test: "sulcus",
      at: "",
      side: "left",
      changes: { gapMm: this.made.length },
      madeAt: this.made.length,
    };
    this.made.push(act);
    this.queue.add(act);
  }

  takeBack(nth: number) {
    const taps = this.made.filter((m) => m.kind === "tap");
    const tap = taps[nth % Math.max(1, taps.length)];
    if (tap && !this.made.some((m) => m.kind === "undo" && m.tapId === tap.tapId)) {
      const act: Act = { kind: "undo", code: tap.code, tapId: tap.tapId, madeAt: this.made.length };
      this.made.push(act);
      this.queue.add(act);
    }
  }

  retry() {
    for (const then of this.retries.splice(0)) {
      then();
    }
  }

  async reload() {
    const { acts, unkept, refused } = this.queue.snapshot();
    const kept = await this.onDevice();
    const alone = [...acts, ...refused.map((r) => r.act)].filter((a) => !kept.some((k) => sameAct(k, a)));
    // The page had said how many taps it alone has.
    expect(alone.length).toBeLessThanOrEqual(unkept);
    this.gone.push(...alone);
    this.retries = [];
    this.queue = this.open();
  }

  private async onDevice() {
    return [...(await this.device.all()), ...(await this.device.allRefused())].map((k) => k.act);
  }

  async settle() {
    await vi.advanceTimersByTimeAsync(1000);
  }

  check() {
    const { acts, refused } = this.queue.snapshot();
    for (const act of this.made) {
      const places = [
        this.got.some((g) => sameAct(g, act)),
        acts.some((a) => sameAct(a, act)),
        refused.some((r) => sameAct(r.act, act)),
        this.gone.some((g) => sameAct(g, act)),
      ];
      expect(places, `${act.kind} ${act.tapId} is somewhere`).toContain(true);
    }
    expect(this.dropped).toEqual([]);
    // Listed once each.
    expect(new Set(refused.map((r) => `${r.act.kind} ${r.act.tapId}`)).size).toBe(refused.length);
    expect(new Set(acts.map((a) => `${a.kind} ${a.tapId}`)).size).toBe(acts.length);
    // What was never refused comes in the order it was made.
    const straight = this.got.filter((g) => !this.refusedOnce.some((r) => sameAct(r, g)));
    expect(straight.map((g) => g.madeAt)).toEqual(straight.map((g) => g.madeAt).sort((a, b) => a - b));
  }
}

const codes = fc.constantFrom("HB-001", "HB-002");
const happenings = fc.oneof(
  { weight: 6, arbitrary: codes.map((code) => ["tap", code] as const) },
  { weight: 2, arbitrary: fc.nat(9).map((n) => ["take back", n] as const) },
  { weight: 3, arbitrary: fc.constantFrom("whole", "cut", "no answer").map((l) => ["line", l] as const) },
  { weight: 2, arbitrary: codes.map((code) => ["close", code] as const) },
  { weight: 2, arbitrary: codes.map((code) => ["open again", code] as const) },
  {
    weight: 2,
    arbitrary: fc
      .tuple(
        fc.constantFrom<Fault>("add", "remove", "addRefused", "removeRefused"),
        fc.constantFrom("throws" as const, "hangs" as const, "is slow" as const, undefined),
      )
      .map((f) => ["device", f] as const),
  },
  { weight: 2, arbitrary: fc.constant(["reload", 0] as const) },
  { weight: 2, arbitrary: fc.constant(["read the device", 0] as const) },
  { weight: 4, arbitrary: fc.nat(3).map((n) => ["send again", n] as const) },
  { weight: 4, arbitrary: fc.constant(["settle", 0] as const) },
);
type Happening = typeof happenings extends fc.Arbitrary<infer T> ? T : never;

async function happen(world: World, [what, which]: Happening) {
  switch (what) {
    case "tap":
      world.tap(which);
      break;
    case "take back":
      world.takeBack(which);
      break;
    case "line":
      world.line = which;
      world.retry();
      break;
    case "close":
      world.closed.add(which);
      break;
    case "open again":
      world.closed.delete(which);
      break;
    case "device": {
      const [fault, how] = which;
      if (how) {
        world.broken.set(fault, how);
      } else {
        world.broken.delete(fault);
      }
      break;
    }
    case "reload":
      await world.settle();
      await world.reload();
      break;
    case "read the device":
      void world.queue.load();
      break;
    case "send again": {
      const all = world.queue.snapshot().refused;
      const refused = all[which % Math.max(1, all.length)];
      if (refused) {
        void world.queue.sendAgain(refused);
      }
      break;
    }
    case "settle":
      await world.settle();
      world.check();
  }
}

it("loses no tap whatever happens, and in the end everything is with the server", async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(happenings, { maxLength: 40, size: "max" }), async (all) => {
      const world = new World();
      for (const one of all) {
        await happen(world, one);
      }
      await world.settle();
      world.check();

      world.line = "whole";
      world.closed.clear();
      world.broken.clear();
      world.retry();
      await world.settle();
      for (const refused of world.queue.snapshot().refused) {
        void world.queue.sendAgain(refused);
      }
      await world.settle();
      world.check();
      expect(world.queue.snapshot()).toMatchObject({ acts: [], refused: [], unkept: 0, cutOff: false });
      const here = world.made.filter((m) => !world.gone.some((g) => sameAct(g, m)));
      expect(here.filter((m) => !world.got.some((g) => sameAct(g, m)))).toEqual([]);
    }),
    { numRuns: 1500 },
  );
}, 120_000);
