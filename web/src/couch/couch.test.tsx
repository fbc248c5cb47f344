// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Examination } from "../api/types";
import { board, drawCouch, EXAMINATION, inHand, made, press } from "../test/couch";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const ANGLE = {
  leaf: "rangeDeg",
  label: "Angle",
  unit: "degrees",
  low: 0,
  high: 180,
  step: 5,
  quick: [60, 90],
};

const TESTS = [
  made("look", "Looking at both", "standing-back"),
  made("arc", "Painful arc", "standing-facing", { boards: [board("", "", [ANGLE])] }),
  made("feel", "Feeling along", "sitting", { boards: [board("groove", "Groove"), board("joint", "Joint")] }),
  made("push", "Pushing", "supine", { provocation: 3 }),
];

const NEXT = { test: "feel", testName: "Feeling along", label: "Groove", minutes: 1, effects: [] };

const standing = {
  ...EXAMINATION.standing,
  next: [NEXT],
  advice: { test: NEXT },
} as unknown as Examination["standing"];

const couch = (examination: Partial<Examination> = {}) =>
  drawCouch(TESTS, { examination: { standing, ...examination } });

describe("The couch by its keys alone", () => {
  it("goes through the running order and stops at its ends", () => {
    couch();
    expect(inHand()).toBe("Looking at both");
    press("ArrowUp");
    expect(inHand()).toBe("Looking at both");
    press("PageDown", "ArrowDown");
    expect(inHand()).toBe("Feeling along");
    press("ArrowDown", "ArrowDown", "ArrowDown");
    expect(inHand()).toBe("Pushing");
    press("g");
    expect(inHand()).toBe("Feeling along");
  });

  it("records a pad on the test that is up, however fast the keys come", async () => {
    const { acts } = couch();
    press("ArrowDown", "2", "ArrowDown", "1");
    await waitFor(() => expect(acts.length).toBeGreaterThan(0));
    expect(acts[0]).toMatchObject({
      kind: "tap",
      code: "HB-001",
      caseId: 1,
      test: "arc",
      side: "right",
      changes: { "pain.present": true, "pain.familiar": true },
    });
    // The second waits behind the first, and shows already where it was made.
    expect(inHand()).toBe("Feeling along");
    expect(screen.getAllByRole("button", { name: /Nothing found/, pressed: true })).toHaveLength(1);
  });

  it("goes to the side that was chosen, and back to the affected one with the next test", async () => {
    const { waiting } = couch();
    press("u", "1", "ArrowDown", "1", "u", "2", "n");
    await waitFor(() =>
      expect(waiting()).toEqual([
        "look left nothing",
        "arc right nothing",
        "arc left their-pain",
        "arc left nothing",
      ]),
    );
  });

  it("goes from place to place of one test, each with readings of its own", async () => {
    const { acts } = couch();
    press("ArrowDown", "ArrowDown", "o", "2");
    await waitFor(() => expect(acts[0]).toMatchObject({ test: "feel", at: "joint" }));
    press("o");
    expect(screen.getByRole("radio", { name: "Groove", checked: true })).toBeTruthy();
    expect(screen.queryAllByRole("button", { pressed: true, name: /Their pain/ })).toHaveLength(0);
  });

  it("reminds to speak up behind the patient: by itself where the test stands there, elsewhere when asked", () => {
    couch();
    const reminder = () => screen.queryByText(/You cannot see the face/) !== null;
    expect(reminder()).toBe(true);
    press("ArrowDown");
    expect(reminder()).toBe(false);
    press("b");
    expect(reminder()).toBe(true);
    press("ArrowDown");
    expect(reminder()).toBe(false);
    press("ArrowUp", "ArrowUp", "b");
    expect(reminder()).toBe(false);
  });

  it("says that what can hurt can hurt, and records nothing on what is blocked until it is gone ahead with", async () => {
    const { acts } = couch({
      blocked: [{ test: "push", because: ["Recent fracture"] }] as unknown as Examination["blocked"],
    });
    press("ArrowDown", "ArrowDown", "ArrowDown");
    expect(inHand()).toBe("Pushing");
    expect(screen.getByText(/Can hurt or startle/)).toBeTruthy();
    expect(screen.getByText(/recent fracture/i)).toBeTruthy();
    press("2", "n", "x", ".");
    expect(screen.queryByRole("button", { name: /Their pain/ })).toBeNull();
    press("ArrowUp", "2");
    await waitFor(() => expect(acts).toHaveLength(1));
    expect(acts[0]).toMatchObject({ test: "feel" });
  });

  it("leaves for the weighing, and shows its keys", async () => {
    const user = userEvent.setup();
    couch();
    press("?");
    expect(await screen.findByRole("dialog", { name: "Keys on this screen" })).toBeTruthy();
    await user.keyboard("{Escape}");
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    press("w");
    expect(screen.getByLabelText("Here").textContent).toBe("/cases/HB-001/weigh");
  });
});
