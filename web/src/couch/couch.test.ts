import { describe, expect, it } from "vitest";
import { isOn, leavesAt, padChanges, withChanges } from "../api/examination";
import type { Catalogue, Examination, Pad } from "../api/types";
import { commandOf, keyProblem } from "./keys";
import { begunBesides, runningOrder, testOutcome } from "./order/order";

const none = { ctrlKey: false, altKey: false, metaKey: false };
const place = { test: "neer", at: "", side: "right" } as const;
const theirPain: Pad = {
  id: "their-pain",
  label: "Their pain",
  hint: "",
  group: "sign",
  sets: { "pain.present": true, "pain.familiar": true },
};
const atTheFront: Pad = {
  id: "site-anterior",
  label: "At the front",
  hint: "",
  group: "site",
  sets: { "pain.site": ["anterior"] },
};
const blank = { readings: [], findings: [], canUndo: false, standing: {} } as unknown as Examination;

describe("pads of several codes at once", () => {
  it("come and go by themselves, beside what stands", () => {
    const both = { "pain.site": ["deep", "anterior"] };
    expect(isOn(atTheFront, both)).toBe(true);
    expect(padChanges(atTheFront, { "pain.site": ["deep"] })).toEqual(both);
    expect(padChanges(atTheFront, both)).toEqual({ "pain.site": ["deep"] });
    expect(padChanges(atTheFront, { "pain.site": ["anterior"] })).toEqual({ "pain.site": null });
  });
  it("take up what was recorded when there could be only one", () => {
    expect(isOn(atTheFront, { "pain.site": "anterior" })).toBe(true);
    expect(padChanges(atTheFront, { "pain.site": "deep" })).toEqual({ "pain.site": ["deep", "anterior"] });
  });
  it("say that there is pain where somebody had said that there was none", () => {
    expect(padChanges(atTheFront, { "pain.present": false })).toEqual({
      "pain.site": ["anterior"],
      "pain.present": true,
    });
  });
});

describe("keys", () => {
  it("number the pads from one", () => {
    expect(commandOf({ key: "1", ...none }, {})).toEqual({ kind: "pad", index: 0 });
    expect(commandOf({ key: "9", ...none }, {})).toEqual({ kind: "pad", index: 8 });
    expect(commandOf({ key: "0", ...none }, {})).toEqual({ kind: "pad", index: 9 });
    expect(commandOf({ key: "A", ...none }, {})).toEqual({ kind: "pad", index: 10 });
  });
  it("give a pad's key to a command that somebody put there, and the pad the next one", () => {
    const chosen = { undo: "4" };
    expect(commandOf({ key: "4", ...none }, chosen)).toEqual({ kind: "undo" });
    expect(commandOf({ key: "5", ...none }, chosen)).toEqual({ kind: "pad", index: 3 });
  });
  it("can be put elsewhere for the pads too, or do nothing at all but for what a pedal sends", () => {
    expect(commandOf({ key: "f", ...none }, { pads: "ajqf" })).toEqual({ kind: "pad", index: 3 });
    expect(commandOf({ key: "1", ...none }, { pads: "ajqf" })).toBeUndefined();
    for (const key of ["1", "z", " ", "?"]) {
      expect(commandOf({ key, ...none }, { off: true })).toBeUndefined();
    }
    expect(commandOf({ key: "PageDown", ...none }, { off: true })).toEqual({ kind: "next" });
  });
  it("are those a pedal sends, in either case of letters", () => {
    expect(commandOf({ key: "PageDown", ...none }, {})).toEqual({ kind: "next" });
    expect(commandOf({ key: "Z", ...none }, {})).toEqual({ kind: "undo" });
  });
  it("leave the browser its own", () => {
    expect(commandOf({ key: "z", ...none, ctrlKey: true }, {})).toBeUndefined();
    expect(commandOf({ key: "F5", ...none }, {})).toBeUndefined();
  });
  it("can be changed, and what a pedal sends stays", () => {
    const chosen = { next: "j" };
    expect(commandOf({ key: "J", ...none }, chosen)).toEqual({ kind: "next" });
    expect(commandOf({ key: "ArrowDown", ...none }, chosen)).toBeUndefined();
    expect(commandOf({ key: "PageDown", ...none }, chosen)).toEqual({ kind: "next" });
    expect(keyProblem("undo", "j", chosen)).toBe("J is taken: next test.");
    expect(keyProblem("undo", "Tab", {})).toContain("browser");
    expect(keyProblem("undo", "z", {})).toBeUndefined();
  });
});

describe("a pad", () => {
  it("sets its leaves, and clears them when tapped again", () => {
    const tapped = withChanges(blank, place, padChanges(theirPain, {}));
    const leaves = leavesAt(tapped, "neer", "", "right");
    expect(isOn(theirPain, leaves)).toBe(true);
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
  const test = (id: string, position: string, variants: object[] = []) => ({
    id,
    position,
    stage: "provoke",
    variants,
  });
  const standing = { name: "Standing", note: "", position: "standing-facing" };
  const catalogue = {
    tests: [
      test("lying", "supine"),
      test("standing", "standing-facing"),
      test("either", "sitting", [standing]),
      test("besides", "sitting"),
    ],
  } as unknown as Catalogue;
  const blocks = (tests: string[], variants = {}, examination = blank, leftOut: string[] = []) => {
    const plan = { tests, leftOut: leftOut.map((id) => ({ test: id, why: "tells less a minute" })) };
    return runningOrder(catalogue, plan, begunBesides(plan, examination), variants).map((b) =>
      b.tests.map((t) => t.id),
    );
  };

  it("keeps the plan's order, one block for each stay in a position", () => {
    expect(blocks(["standing", "either", "lying"])).toEqual([["standing"], ["either"], ["lying"]]);
    expect(blocks(["either", "besides", "lying", "standing"])).toEqual([
      ["either", "besides"],
      ["lying"],
      ["standing"],
    ]);
  });
  it("goes by the position of the department's variant", () => {
    expect(blocks(["standing", "either"], { either: "Standing" })).toEqual([["standing", "either"]]);
  });
  it("never hides a test that was begun", () => {
    const begun = withChanges(blank, { test: "besides", at: "", side: "left" }, { visible: true });
    expect(blocks(["lying"], {}, begun)).toEqual([["lying"], ["besides"]]);
    // Where it was planned, though there was no time for it.
    const plan = ["besides", "lying", "standing"];
    expect(blocks(plan, {}, blank, ["besides", "standing"])).toEqual([["lying"]]);
    expect(blocks(plan, {}, begun, ["besides", "standing"])).toEqual([["besides"], ["lying"]]);
  });
  it("shows a positive before an unclear before a negative", () => {
    const finding = (outcome: string) => ({ test: "lying", side: "left", outcome });
    const with3 = { ...blank, findings: ["negative", "unclear", "positive"].map(finding) } as Examination;
    expect(testOutcome(with3, "lying", "left")).toBe("positive");
    expect(testOutcome(with3, "lying", "right")).toBe("not-done");
  });
});
