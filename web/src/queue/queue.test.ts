import { describe, expect, it } from "vitest";
import type { Examination } from "../api/types";
import { ActQueue } from "./ActQueue";
import { type Act, examinationWith, type TapAct } from "./act";
import { pageStore } from "./store";

const saved = { readings: [], findings: [], standing: {} } as unknown as Examination;
const tap = (tapId: string, gapMm: number, test = "sulcus"): TapAct => ({
  kind: "tap",
  code: "HB-001",
  tapId,
  test,
  at: "",
  side: "left",
  changes: { gapMm },
  madeAt: 0,
});
const undo = (tapId: string): Act => ({ kind: "undo", code: "HB-001", tapId, madeAt: 0 });
const settled = () => new Promise((resolve) => setTimeout(resolve, 5));

describe("what is shown", () => {
  it("is what is saved with every tap that waits, the later one winning", () => {
    const shown = examinationWith(saved, [tap("a", 10), tap("b", 20)]);
    expect(shown.readings).toEqual([{ test: "sulcus", at: "", side: "left", values: { gapMm: 20 } }]);
    expect(shown.lastTap).toBe("b");
  });
  it("leaves out a waiting tap that was taken back, and brings back what it covered", () => {
    const shown = examinationWith(saved, [tap("a", 10), tap("b", 20), undo("b")]);
    expect(shown.readings[0]?.values).toEqual({ gapMm: 10 });
    expect(shown.lastTap).toBe("a");
  });
  it("offers no tap twice for taking back", () => {
    expect(examinationWith({ ...saved, lastTap: "z" }, [undo("z")]).lastTap).toBeUndefined();
  });
});

describe("the queue", () => {
  /** A server that can be cut off, slow to fail, or refuse; it keeps what got through. */
  const server = () => {
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
        throw new TypeError("refused");
      }
      got.push(`${act.kind} ${act.tapId}`);
      return saved;
    };
    const store = pageStore();
    const open = () =>
      new ActQueue(
        Promise.resolve(store),
        send,
        async (act, answer, moreFollow) => {
          answers.push(`${act.tapId}${answer ? "" : " refused"}${moreFollow ? ", more" : ""}`);
        },
        (e) => !(e instanceof TypeError),
        (then) => {
          later.push(then);
        },
      );
    return { got, answers, line, later, open };
  };

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
    expect(queue.snapshot()).toMatchObject({ cutOff: false, acts: [] });
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
  it("does not let a refused tap hold up the others", async () => {
    const { got, answers, line, open } = server();
    line.refuses = "a";
    const queue = open();
    queue.add(tap("a", 1));
    queue.add(tap("b", 2));
    await settled();
    expect(got).toEqual(["tap b"]);
    expect(answers).toEqual(["a refused, more", "b"]);
    expect(queue.snapshot().refused?.error.message).toBe("refused");
  });
});
