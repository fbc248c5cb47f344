import { describe, expect, it } from "vitest";
import type { Examination } from "../api/types";
import { ActQueue } from "./ActQueue";
import { type Act, examinationWith, type TapAct } from "./act";
import { type ActStore, pageStore } from "./store";

const saved = { readings: [], findings: [], standing: {} } as unknown as Examination;
let clock = 0;
const tap = (tapId: string, gapMm: number, test = "sulcus"): TapAct => {
  clock += 1;
  return {
    kind: "tap",
    code: "HB-001",
    tapId,
    test,
    at: "",
    side: "left",
    changes: { gapMm },
    madeAt: clock,
  };
};
const undo = (tapId: string): Act => {
  clock += 1;
  return { kind: "undo", code: "HB-001", tapId, madeAt: clock };
};
const settled = () => new Promise((resolve) => setTimeout(resolve, 60));

describe("what is shown", () => {
  it("is what is saved with every tap that waits, the later one winning", () => {
    const shown = examinationWith(saved, [tap("a", 10), tap("b", 20)]);
    expect(shown.readings).toEqual([{ test: "sulcus", at: "", side: "left", values: { gapMm: 20 } }]);
    expect(shown.lastTaps.map((t) => t.tapId)).toEqual(["b", "a"]);
  });
  it("leaves out a waiting tap that was taken back, and brings back what it covered", () => {
    const shown = examinationWith(saved, [tap("a", 10), tap("b", 20), undo("b")]);
    expect(shown.readings[0]?.values).toEqual({ gapMm: 10 });
    expect(shown.lastTaps[0]?.tapId).toBe("a");
  });
  it("offers no tap twice for taking back", () => {
    const lastTaps = ["z", "y"].map((tapId) => ({ tapId, test: "neer", at: "", side: "left" as const }));
    expect(examinationWith({ ...saved, lastTaps }, [undo("z")]).lastTaps).toEqual(lastTaps.slice(1));
  });
});

/** A server that can be cut off, slow to fail, or refuse; it keeps what got through. */
function server(store: ActStore = pageStore()) {
  const got: string[] = [];
  const answers: string[] = [];
  const line = { cut: false, refuses: "" };
  const later: (() => void)[] = [];
  const send = async (act: Act) => {
    await Promise.resolve();
    if (line.cut) {
      throw new Error("cut off");
    }
    if (line.refuses === act.tapId) {
      throw new TypeError("the case is closed");
    }
    got.push(`${act.kind} ${act.tapId}`);
    return saved;
  };
  const open = () =>
    new ActQueue(store, {
      send,
      onAnswer: async (act, answer, moreFollow) => {
        answers.push(`${act.tapId}${answer ? "" : " refused"}${moreFollow ? ", more" : ""}`);
      },
      canRetry: (e) => !(e instanceof TypeError),
      wait: (then) => {
        later.push(then);
      },
      patienceMs: 20,
    });
  return { got, answers, line, later, open, store };
}

describe("the queue", () => {
  it("sends in the order made, also what comes while it is sending", async () => {
    const { got, open } = server();
    const queue = open();
    queue.add(tap("a", 1));
    queue.add(tap("b", 2));
    await settled();
    queue.add(undo("b"));
    await settled();
    expect(got).toEqual(["tap a", "tap b", "undo b"]);
    expect(queue.snapshot().acts).toEqual([]);
  });
  it("keeps what does not get through, says so, and sends it in order when the line is back", async () => {
    const { got, line, later, open } = server();
    const queue = open();
    line.cut = true;
    queue.add(tap("a", 1));
    queue.add(tap("b", 2));
    await settled();
    expect(queue.snapshot()).toMatchObject({ cutOff: true, acts: [{ tapId: "a" }, { tapId: "b" }] });
    line.cut = false;
    later.pop()?.();
    await settled();
    expect(got).toEqual(["tap a", "tap b"]);
    expect(queue.snapshot()).toMatchObject({ cutOff: false, acts: [], unkept: 0 });
  });
  it("is found again by the next page on this device", async () => {
    const { got, line, open } = server();
    line.cut = true;
    open().add(tap("a", 1));
    await settled();
    line.cut = false;
    const next = open();
    await settled();
    expect(got).toEqual(["tap a"]);
    expect(next.snapshot().acts).toEqual([]);
  });
});

describe("what the server refuses", () => {
  it("does not hold up the others, and stays with its reason, on the next page too", async () => {
    const { got, answers, line, open } = server();
    line.refuses = "a";
    const queue = open();
    queue.add(tap("a", 1));
    queue.add(tap("b", 2));
    await settled();
    expect(got).toEqual(["tap b"]);
    expect(answers).toEqual(["a refused, more", "b"]);
    expect(queue.snapshot().notice?.error.message).toBe("the case is closed");
    expect(queue.snapshot().refused).toMatchObject([{ act: { tapId: "a" }, why: "the case is closed" }]);
    const next = open();
    await settled();
    expect(next.snapshot().refused).toMatchObject([{ act: { tapId: "a" }, why: "the case is closed" }]);
  });
  it("is sent again on request, and is gone from the list once it got through", async () => {
    const { got, line, open, store } = server();
    line.refuses = "a";
    const queue = open();
    queue.add(tap("a", 1));
    await settled();
    const again = () => queue.sendAgain(queue.snapshot().refused[0] as never);
    await again();
    await settled();
    expect(queue.snapshot().refused).toHaveLength(1);
    line.refuses = "";
    await again();
    await settled();
    expect(got).toEqual(["tap a"]);
    expect(queue.snapshot().refused).toEqual([]);
    expect(await store.allRefused()).toEqual([]);
    expect(await store.all()).toEqual([]);
  });
  it("is listed once, however often the device is read or another tab was refused the same", async () => {
    const { line, open, store } = server();
    const slow = { ...store };
    let queue: ActQueue | undefined;
    // The line is back, and the device is read, between its keeping the refused act and its saying so.
    slow.addRefused = async (refused) => {
      const key = await store.addRefused(refused);
      await queue?.load();
      return key;
    };
    const one = server(slow);
    one.line.refuses = "a";
    queue = one.open();
    const act = tap("a", 1);
    queue.add(act);
    await settled();
    await store.addRefused({ act, why: "the case is closed" });
    await queue.load();
    expect(queue.snapshot().refused).toHaveLength(1);
    line.refuses = "a";
    const next = open();
    await settled();
    expect(next.snapshot().refused).toHaveLength(1);
    await next.discard(next.snapshot().refused[0] as never);
    expect(await store.allRefused()).toEqual([]);
  });
  it("is refused no longer when another way it got through", async () => {
    const { got, open, store } = server();
    const act = tap("a", 1);
    // The page ended between keeping it among the refused and taking it from those on their way.
    await store.add(act);
    await store.addRefused({ act, why: "the case is closed" });
    const queue = open();
    await settled();
    expect(got).toEqual(["tap a"]);
    expect(queue.snapshot().refused).toEqual([]);
    expect(await store.allRefused()).toEqual([]);
  });
  it("goes only when somebody discards that one", async () => {
    const { line, open, store } = server();
    line.refuses = "a";
    const queue = open();
    queue.add(tap("a", 1));
    await settled();
    line.refuses = "b";
    queue.add(tap("b", 1));
    await settled();
    const [first] = queue.snapshot().refused;
    await queue.discard(first as never);
    expect(queue.snapshot().refused.map((r) => r.act.tapId)).toEqual(["b"]);
    expect((await store.allRefused()).map((r) => r.act.tapId)).toEqual(["b"]);
  });
  it("is not sent once it was discarded, should it be on its way as well", async () => {
    const { got, line, later, open, store } = server();
    const act = tap("a", 1);
    await store.add(act);
    await store.addRefused({ act, why: "the case is closed" });
    line.cut = true;
    const queue = open();
    await settled();
    expect(queue.snapshot()).toMatchObject({ acts: [{ tapId: "a" }], refused: [{ act: { tapId: "a" } }] });
    await queue.discard(queue.snapshot().refused[0] as never);
    line.cut = false;
    later.pop()?.();
    await queue.load();
    expect(got).toEqual([]);
    expect(queue.snapshot()).toMatchObject({ acts: [], refused: [] });
    expect([...(await store.all()), ...(await store.allRefused())]).toEqual([]);
  });
});

describe("a device that fails", () => {
  type Fault = "add" | "all" | "remove" | "addRefused";
  const failing = (how: "throws" | "hangs", ...faults: Fault[]) => {
    const store = pageStore();
    const broken = { on: true };
    const wrapped = { ...store };
    for (const fault of faults) {
      const whole = store[fault] as (...args: unknown[]) => Promise<unknown>;
      (wrapped as Record<string, unknown>)[fault] = (...args: unknown[]) => {
        if (!broken.on) {
          return whole(...args);
        }
        return how === "throws" ? Promise.reject(new DOMException("full")) : new Promise(() => undefined);
      };
    }
    return { store: wrapped, broken };
  };

  it.each([["throws"], ["hangs"]] as const)(
    "that %s at adding holds up nothing, and the page says so",
    async (how) => {
      const { store, broken } = failing(how, "add");
      const { got, line, later, open } = server(store);
      line.cut = true;
      const queue = open();
      queue.add(tap("a", 1));
      queue.add(tap("b", 2));
      await settled();
      expect(queue.snapshot()).toMatchObject({ unkept: 2, cutOff: true });
      // It keeps again: so it does with what it would not.
      broken.on = false;
      queue.add(tap("c", 3));
      await settled();
      expect(queue.snapshot().unkept).toBe(0);
      expect(await store.all()).toHaveLength(3);
      line.cut = false;
      later.pop()?.();
      await settled();
      expect(got).toEqual(["tap a", "tap b", "tap c"]);
      expect(await store.all()).toEqual([]);
    },
  );
  it.each([["throws"], ["hangs"]] as const)("that %s at reading sends what is made now", async (how) => {
    const { store } = failing(how, "all");
    const { got, open } = server(store);
    open().add(tap("a", 1));
    await settled();
    expect(got).toEqual(["tap a"]);
  });
  it.each([["throws"], ["hangs"]] as const)(
    "that %s at removing sends each once and goes on",
    async (how) => {
      const { store } = failing(how, "remove");
      const { got, open } = server(store);
      const queue = open();
      queue.add(tap("a", 1));
      queue.add(tap("b", 2));
      await settled();
      await queue.load();
      expect(got).toEqual(["tap a", "tap b"]);
      expect(queue.snapshot().acts).toEqual([]);
    },
  );
  it("that cannot keep what was refused has it on the page", async () => {
    const { store } = failing("throws", "addRefused");
    const { line, open } = server(store);
    line.refuses = "a";
    const queue = open();
    queue.add(tap("a", 1));
    await settled();
    expect(queue.snapshot().refused).toMatchObject([{ act: { tapId: "a" } }]);
  });
});
