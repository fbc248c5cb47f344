// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { Outlet, Route, Routes, useLocation } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Board, CaseView, Catalogue, ClinicalTest, DepartmentSettings, Examination } from "../api/types";
import type { Act } from "../queue/act";
import { page } from "../test/page";
import { CouchScreen } from "./CouchScreen";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const PADS = [
  { id: "nothing", label: "Nothing found", hint: "", group: "sign", sets: { "pain.present": false } },
  {
    id: "their-pain",
    label: "Their pain",
    hint: "",
    group: "sign",
    sets: { "pain.present": true, "pain.familiar": true },
  },
];
const ANGLE = {
  leaf: "rangeDeg",
  label: "Angle",
  unit: "degrees",
  low: 0,
  high: 180,
  step: 5,
  quick: [60, 90],
};

const board = (at: string, label: string, dials: unknown[] = []) =>
  ({ at, label, pads: PADS, dials, picture: "" }) as unknown as Board;

function made(id: string, name: string, position: string, more: Partial<ClinicalTest> = {}) {
  return {
    id,
    name,
    aliases: [],
    region: "shoulder",
    kind: "provocation",
    family: id,
    position,
    minutes: 1,
    provocation: 1,
    bothSides: false,
    steps: ["Say what will happen."],
    criteria: [],
    boards: [board("", "")],
    unreliableIf: [],
    watchFor: [],
    notes: [],
    contraindications: [],
    after: [],
    variants: [],
    informs: [],
    ...more,
  } as unknown as ClinicalTest;
}

const TESTS = [
  made("look", "Looking at both", "standing-back"),
  made("arc", "Painful arc", "standing-facing", { boards: [board("", "", [ANGLE])] }),
  made("feel", "Feeling along", "sitting", { boards: [board("groove", "Groove"), board("joint", "Joint")] }),
  made("push", "Pushing", "supine", { provocation: 3 }),
];

const EXAMINATION = {
  readings: [],
  findings: [],
  ladders: [],
  variants: [],
  blocked: [],
  warnings: [],
  unknown: [],
  standing: {
    conditions: [],
    next: [{ test: "feel", testName: "Feeling along", label: "Groove", minutes: 1, effects: [] }],
    advice: { test: { test: "feel", testName: "Feeling along", label: "Groove", minutes: 1, effects: [] } },
    bands: "Wide and narrow.",
    left: [],
    settled: false,
    rankingDependsOnSchool: false,
  },
} as unknown as Examination;

function Here() {
  return <output aria-label="Here">{useLocation().pathname}</output>;
}

/** What waits on the page of the couch that was drawn last. */
let waiting: () => string[] = () => [];

/** The couch of a right shoulder; what is recorded is answered by nobody and so shows as it was tapped. */
function couch(examination: Partial<Examination> = {}) {
  const acts: Act[] = [];
  const context = {
    view: {
      code: "HB-001",
      id: 1,
      visits: ["2026-11-20T10:00:00Z"],
      visit: 1,
      intake: { involvedSide: "right" },
      plan: { own: false, tests: TESTS.map((t) => t.id) },
      examination: { ...EXAMINATION, ...examination },
    } as unknown as CaseView,
    catalogue: { tests: TESTS, precautions: [], conditions: [], ladders: [] } as unknown as Catalogue,
    settings: { variants: {} } as unknown as DepartmentSettings,
  };
  const { queue } = page(
    <>
      <Here />
      <Routes>
        <Route element={<Outlet context={context} />}>
          <Route path="/cases/HB-001/couch" element={<CouchScreen />} />
          <Route path="/cases/HB-001/weigh" element={<h1>Weighed</h1>} />
        </Route>
      </Routes>
    </>,
    {
      at: "/cases/HB-001/couch",
      queue: {
        send: (act: Act) => {
          acts.push(act);
          return new Promise(() => undefined);
        },
      },
    },
  );
  waiting = () =>
    queue.snapshot().acts.flatMap((a) => (a.kind === "tap" ? [`${a.test} ${a.side} ${pad(a.changes)}`] : []));
  return acts;
}

const pad = (changes: object) => PADS.find((p) => JSON.stringify(p.sets) === JSON.stringify(changes))?.id;

const press = (...keys: string[]) => {
  for (const key of keys) {
    fireEvent.keyDown(document.body, { key });
  }
};
const test = () =>
  within(screen.getByLabelText("Current test")).getByRole("heading", { level: 2 }).textContent;

describe("The couch by its keys alone", () => {
  it("goes through the running order and stops at its ends", () => {
    couch();
    expect(test()).toBe("Looking at both");
    press("ArrowUp");
    expect(test()).toBe("Looking at both");
    press("PageDown", "ArrowDown");
    expect(test()).toBe("Feeling along");
    press("ArrowDown", "ArrowDown", "ArrowDown");
    expect(test()).toBe("Pushing");
    press("g");
    expect(test()).toBe("Feeling along");
  });

  it("records a pad on the test that is up, however fast the keys come", async () => {
    const acts = couch();
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
    expect(test()).toBe("Feeling along");
    expect(screen.getAllByRole("button", { name: /Nothing found/, pressed: true })).toHaveLength(1);
  });

  it("goes to the side that was chosen, and back to the affected one with the next test", async () => {
    couch();
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
    const acts = couch();
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
    const acts = couch({
      blocked: [{ test: "push", because: ["Recent fracture"] }] as unknown as Examination["blocked"],
    });
    press("ArrowDown", "ArrowDown", "ArrowDown");
    expect(test()).toBe("Pushing");
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
