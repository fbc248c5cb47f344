import { fireEvent, screen, within } from "@testing-library/react";
import { Outlet, Route, Routes, useLocation } from "react-router";
import type { Board, CaseView, Catalogue, ClinicalTest, DepartmentSettings, Examination } from "../api/types";
import { CouchScreen } from "../couch/CouchScreen";
import type { Practised } from "../frame/CaseFrame";
import type { Act } from "../queue/act";
import { page } from "./page";

/** Pads that every made-up place has. */
export const PADS = [
  { id: "nothing", label: "Nothing found", hint: "", group: "sign", sets: { "pain.present": false } },
  {
    id: "their-pain",
    label: "Their pain",
    hint: "",
    group: "sign",
    sets: { "pain.present": true, "pain.familiar": true },
  },
];

export const board = (at: string, label: string, dials: unknown[] = []) =>
  ({ at, label, pads: PADS, dials, picture: "" }) as unknown as Board;

export function made(id: string, name: string, position: string, more: Partial<ClinicalTest> = {}) {
  return {
    id,
    name,
    shortName: name,
    aliases: [],
    region: "shoulder",
    kind: "provocation",
    stage: "provoke",
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

const STANDING = {
  conditions: [],
  next: [],
  advice: {},
  bands: "Wide and narrow.",
  left: [],
  settled: false,
  rankingDependsOnSchool: false,
} as unknown as Examination["standing"];

export const EXAMINATION: Examination = {
  readings: [],
  findings: [],
  standing: STANDING,
  lastTaps: [],
  clusters: [],
  ladders: [],
  variants: [],
  blocked: [],
  careful: [],
  warnings: [],
  besides: [],
  unknown: [],
};

function Here() {
  return <output aria-label="Here">{useLocation().pathname}</output>;
}

interface Drawn {
  examination?: Partial<Examination>;
  plan?: Partial<CaseView["plan"]>;
  /** Sets of tests that there are. */
  sets?: Catalogue["sets"];
  /** What else its address says. */
  at?: string;
  /** Where the patient is a simulated one. */
  practice?: Practised;
}

/** The case of a right shoulder, as its screens are given it. */
export const contextOf = (tests: ClinicalTest[], options: Drawn) => ({
  view: {
    code: "HB-001",
    id: 1,
    visits: ["2026-11-20T10:00:00Z"],
    visit: 1,
    intake: { involvedSide: "right" },
    plan: { own: false, tests: tests.map((t) => t.id), leftOut: [], sets: [], ...options.plan },
    examination: { ...EXAMINATION, ...options.examination },
  } as unknown as CaseView,
  catalogue: {
    tests,
    precautions: [],
    conditions: [],
    ladders: [],
    sets: options.sets ?? [],
  } as unknown as Catalogue,
  settings: { variants: {} } as unknown as DepartmentSettings,
  practice: options.practice,
});

/** The couch of a right shoulder; what is recorded is answered by nobody and so shows as it was tapped. */
export function drawCouch(tests: ClinicalTest[], options: Drawn = {}) {
  const acts: Act[] = [];
  const context = contextOf(tests, options);
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
      at: `/cases/HB-001/couch${options.at ?? ""}`,
      queue: {
        send: (act: Act) => {
          acts.push(act);
          return new Promise(() => undefined);
        },
      },
    },
  );
  return {
    /** What was sent; only the first, since nobody answers. */
    acts,
    /** The taps that stand, each by its test, place and side and the pad or the readings that it sets. */
    waiting: () => {
      const back = new Set(queue.snapshot().acts.flatMap((a) => (a.kind === "undo" ? [a.tapId] : [])));
      return queue
        .snapshot()
        .acts.flatMap((a) =>
          a.kind === "tap" && !back.has(a.tapId)
            ? [[a.test, a.at, a.side, padOf(a.changes)].filter((w) => w !== "").join(" ")]
            : [],
        );
    },
  };
}

const padOf = (changes: object) =>
  PADS.find((p) => JSON.stringify(p.sets) === JSON.stringify(changes))?.id ?? JSON.stringify(changes);

export const press = (...keys: string[]) => {
  for (const key of keys) {
    fireEvent.keyDown(document.body, { key });
  }
};

/** What is in hand. */
export const inHand = () =>
  within(screen.getByLabelText("Current test")).getByRole("heading", { level: 2 }).textContent;
