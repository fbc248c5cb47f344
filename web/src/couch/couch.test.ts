import { describe, expect, it } from "vitest";
import type { Catalogue, Examination, Pad } from "../api/types";
import { isOn, leavesAt, padChanges, withChanges } from "./examination";
import { commandOf } from "./keys";
import { runningOrder, testOutcome } from "./order";

const none = { ctrlKey: false, altKey: false, metaKey: false };
const place = { test: "neer", at: "", side: "right" } as const;
const theirPain: Pad = {
  id: "their-pain",
  label: "Their pain",
  hint: "",
  sets: { "pain.present": true, "pain.familiar": true },
};
const blank = { readings: [], findings: [], canUndo: false, standing: {} } as unknown as Examination;

describe("keys", () => {
  it("number the pads from one", () => {
    expect(commandOf({ key: "1", ...none })).toEqual({ kind: "pad", index: 0 });
    expect(commandOf({ key: "9", ...none })).toEqual({ kind: "pad", index: 8 });
    expect(commandOf({ key: "0", ...none })).toBeUndefined();
  });
  it("are those a pedal sends, in either case of letters", () => {
    expect(commandOf({ key: "PageDown", ...none })).toEqual({ kind: "next" });
    expect(commandOf({ key: "Z", ...none })).toEqual({ kind: "undo" });
  });
  it("leave the browser its own", () => {
    expect(commandOf({ key: "z", ...none, ctrlKey: true })).toBeUndefined();
    expect(commandOf({ key: "p", ...none })).toBeUndefined();
  });
});

describe("a pad", () => {
  it("sets its leaves, and clears them when tapped again", () => {
    const tapped = withChanges(blank, place, padChanges(theirPain, {}));
    const leaves = leavesAt(tapped, "neer", "", "right");
    expect(isOn(theirPain, leaves)).toBe(true);
    expect(tapped.canUndo).toBe(true);
    const again = withChanges(tapped, place, padChanges(theirPain, leaves));
    expect(again.readings).toEqual([]);
  });
  it("replaces the pad that says otherwise and leaves other sides alone", () => {
    const left = withChanges(blank, { ...place, side: "left" }, { "pain.present": false });
    const first = withChanges(left, place, theirPain.sets);
    const changed = withChanges(first, place, { "pain.familiar": false });
    expect(isOn(theirPain, leavesAt(changed, "neer", "", "right"))).toBe(false);
    expect(leavesAt(changed, "neer", "", "left")).toEqual({ "pain.present": false });
  });
});

describe("the running order", () => {
  const test = (id: string, position: string, informs: string[]) => ({
    id,
    position,
    informs,
    region: "shoulder",
  });
  const catalogue = {
    tests: [
      test("lying", "supine", ["tear"]),
      test("standing", "standing-facing", ["tear"]),
      test("silent", "sitting", []),
      test("other", "sitting", ["instability"]),
    ],
  } as unknown as Catalogue;
  const ids = (everything: boolean, examination = blank) =>
    runningOrder(catalogue, ["shoulder"], ["tear"], examination, everything).flatMap((b) =>
      b.tests.map((t) => t.id),
    );

  it("goes by position and keeps what tells something of the candidates", () => {
    expect(ids(false)).toEqual(["standing", "lying"]);
    expect(ids(true)).toEqual(["standing", "silent", "other", "lying"]);
  });
  it("never hides a test that was begun", () => {
    const begun = withChanges(blank, { test: "silent", at: "", side: "left" }, { visible: true });
    expect(ids(false, begun)).toEqual(["standing", "silent", "lying"]);
  });
  it("shows a positive before an unclear before a negative", () => {
    const finding = (outcome: string) => ({ test: "lying", side: "left", outcome });
    const with3 = { ...blank, findings: ["negative", "unclear", "positive"].map(finding) } as Examination;
    expect(testOutcome(with3, "lying", "left")).toBe("positive");
    expect(testOutcome(with3, "lying", "right")).toBe("not-done");
  });
});
