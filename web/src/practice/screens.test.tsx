// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { Outlet, Route, Routes, useLocation } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { page, serverOf } from "../test/page";
import { DebriefScreen } from "./DebriefScreen";
import { HunchesScreen } from "./HunchesScreen";
import { MeetScreen } from "./MeetScreen";
import { PracticeHome } from "./PracticeHome";
import { StationDialog } from "./stations/StationDialog";
import { StationResults } from "./stations/StationResults";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const ENCOUNTER = {
  id: 7,
  own: true,
  ended: false,
  owner: "dunlin",
  complaintName: "Shoulder pain",
  seed: 41,
  person: {
    age: "46 to 64",
    dominant: "right",
    involved: "right",
    work: "mends nets on the quay",
    free: "sings in the harbour choir",
    opening: "It crept up.",
  },
  courtesies: [],
  questions: [
    { kind: "history", id: "history/night-pain", ask: "Shoulder pain at night" },
    {
      kind: "warning",
      id: "unwell",
      ask: "unexplained weight loss",
      yes: true,
      words: "I have lost weight.",
    },
  ],
};

const HUNCHES = {
  owner: "dunlin",
  names: { tear: "Cuff tear" },
  hunches: {
    patients: 3,
    hunches: 30,
    brier: 0.2,
    programBrier: 0.15,
    sentence: "When you say 80 %, it is so 6 times in 10 (14 hunches). That is too high.",
    tenths: [],
    regions: [{ of: "shoulder", hunches: 30, said: 0.4, was: 0.2, brier: 0.2 }],
    conditions: [{ of: "tear", hunches: 9, said: 0.2, was: 0.33, brier: 0.2 }],
    weeks: [{ monday: "2026-11-23", patients: 3, brier: 0.2, programBrier: 0.15 }],
  },
};

const Here = () => <output aria-label="Here">{useLocation().pathname}</output>;

/** A screen of a patient, as the frame gives it what it needs. */
function ofPatient(part: React.ReactNode, encounter: object, server: Parameters<typeof serverOf>[0]) {
  const asked = serverOf(server);
  page(
    <>
      <Here />
      <Routes>
        <Route element={<Outlet context={{ encounter }} />}>
          <Route path="/practice/patients/:id/*" element={part} />
        </Route>
        <Route path="*" element={null} />
      </Routes>
    </>,
    { at: "/practice/patients/7" },
  );
  return asked;
}

describe("Meeting a patient", () => {
  it("tells at once who it is, and the rest when it is asked", async () => {
    const asked = ofPatient(<MeetScreen />, ENCOUNTER, {
      "POST /api/practice/patients/7/deeds": () => ({ body: ENCOUNTER }),
    });
    expect(screen.getByText(/mends nets on the quay, sings in the harbour choir/)).toBeTruthy();
    expect(screen.getByText(/I have lost weight/)).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: "Shoulder pain at night?" }));
    await userEvent.click(screen.getByRole("button", { name: "May I examine you?" }));
    expect(asked.map((a) => a.body)).toMatchObject([
      { kind: "asked", question: "history", id: "history/night-pain" },
      { kind: "said", said: "permission" },
    ]);
  });

  it("asks nothing more of one who has gone", () => {
    ofPatient(<MeetScreen />, { ...ENCOUNTER, ended: true }, {});
    for (const button of screen.getAllByRole("button")) {
      expect((button as HTMLButtonElement).disabled).toBe(true);
    }
  });
});

describe("The debrief", () => {
  it("names the truth, who was nearer, and leads every point to its place", async () => {
    ofPatient(
      <DebriefScreen />,
      { ...ENCOUNTER, ended: true },
      {
        "GET /api/practice/patients/7/debrief": () => ({
          body: {
            truth: "There was: Frozen shoulder.",
            judged: [
              {
                condition: "stiff",
                name: "Frozen shoulder",
                present: true,
                pretest: 0.1,
                before: 0.1,
                atEnd: 0.7,
                program: 0.5,
                asFelt: 0.8,
              },
            ],
            own: { brier: 0.1, bits: 0.5 },
            program: { brier: 0.2, bits: 0.6 },
            words: "Your probabilities were nearer.",
            points: [
              { kind: "reading", words: "Neer: otherwise.", test: "neer", at: "", side: "right" },
              { kind: "order", words: "Permission was not asked." },
            ],
            minutes: 6,
            bits: 0.4,
            bestBits: 0.9,
            changes: 2,
            bestChanges: 1,
            steps: [{ test: "neer", name: "Neer", bits: 0.4, minutes: 1 }],
            best: [],
            peeked: true,
            next: ["Frozen shoulder: see again"],
            planned: false,
          },
        }),
      },
    );
    expect(await screen.findByRole("heading", { name: "There was: Frozen shoulder." })).toBeTruthy();
    const row = screen.getByRole("row", { name: /Frozen shoulder/ });
    expect(row.textContent).toContain("as felt 80");
    expect(row.textContent).toContain("there");
    const links = screen.getAllByRole("link", { name: "On the couch" });
    expect(links.map((l) => l.getAttribute("href"))).toEqual(["/practice/patients/7/couch?test=neer&at="]);
    expect(screen.getByText(/You planned otherwise.*looked at on the way/)).toBeTruthy();
    expect(screen.getByText("0.90")).toBeTruthy();
  });
});

describe("The home", () => {
  const home = {
    today: {
      day: "2026-11-28",
      complaint: "wrist-ulnar",
      complaintName: "Little finger side wrist pain",
      setting: "sports",
      seed: 20785,
    },
    complaints: [{ id: "shoulder-pain", name: "Shoulder pain", region: "shoulder" }],
    open: [],
    ended: [],
    hunches: HUNCHES,
    students: [{ name: "dunlin", patients: 2, brier: 0.2, programBrier: 0.1 }],
  };
  const server = (begun: (body: unknown) => void) => ({
    "GET /api/practice/home": () => ({ body: home }),
    "GET /api/practice/stations": () => ({
      body: {
        made: [],
        students: [],
        toSit: [
          {
            id: 3,
            name: "Stiff",
            complaintName: "Shoulder pain",
            minutes: 10,
            once: true,
            sat: 0,
            ended: false,
            mayBegin: true,
          },
          {
            id: 4,
            name: "Done",
            complaintName: "Shoulder pain",
            minutes: 10,
            once: true,
            sat: 1,
            patient: 9,
            ended: true,
            mayBegin: false,
          },
        ],
      },
    }),
    "GET /api/practice/drills": () => ({ body: { due: 4, tallies: [] } }),
    "POST /api/practice/patients": (asked: { body: unknown }) => {
      begun(asked.body);
      return { status: 201, body: { id: 12 } };
    },
  });

  it("begins today's patient, or anybody, in one tap", async () => {
    const begun: unknown[] = [];
    serverOf(server((b) => begun.push(b)));
    page(
      <>
        <Here />
        <PracticeHome />
      </>,
      { at: "/practice" },
    );
    await userEvent.click(await screen.findByRole("button", { name: "Meet" }));
    await waitFor(() => expect(screen.getByLabelText("Here").textContent).toBe("/practice/patients/12"));
    await userEvent.click(screen.getByRole("button", { name: "specialist clinic" }));
    await userEvent.click(screen.getByRole("button", { name: "Shoulder pain" }));
    expect(begun).toEqual([
      { complaint: "wrist-ulnar", setting: "sports", seed: 20785 },
      { complaint: "shoulder-pain", setting: "specialist" },
    ]);
  });

  it("shows what waits, and leads a lead to each student", async () => {
    serverOf(server(() => undefined));
    page(<PracticeHome />, { at: "/practice" });
    expect(await screen.findByRole("button", { name: "Sit Stiff" })).toBeTruthy();
    expect(screen.queryByText("Done")).toBeNull();
    expect(screen.getByText("4 due")).toBeTruthy();
    expect(screen.getByRole("link", { name: "dunlin" }).getAttribute("href")).toBe(
      "/practice/hunches?of=dunlin",
    );
  });
});

describe("Hunches", () => {
  it("are told by region and condition in words, and over the weeks", async () => {
    serverOf({ "GET /api/practice/hunches": () => ({ body: HUNCHES }) });
    page(<HunchesScreen />, { at: "/practice/hunches" });
    const row = await screen.findByRole("row", { name: /Shoulder/ });
    expect(row.textContent).toContain("too high");
    expect(screen.getByRole("row", { name: /Cuff tear/ }).textContent).toContain("too low");
    expect(screen.getByRole("row", { name: /23 November/ }).textContent).toContain("0.200");
  });
});

describe("Stations", () => {
  const catalogue = {
    complaints: [{ id: "shoulder-pain", candidates: ["tear", "stiff", "biceps"], regions: ["shoulder"] }],
    conditions: [
      { id: "tear", shortName: "Tear" },
      { id: "stiff", shortName: "Frozen" },
      { id: "biceps", shortName: "Biceps" },
    ],
    tests: [{ id: "neer", shortName: "Neer", region: "shoulder" }],
  };

  it("are composed by choosing: two conditions at most, marks with points, for whom", async () => {
    const saved: unknown[] = [];
    serverOf({
      "GET /api/catalogue": () => ({ body: catalogue }),
      "GET /api/practice/home": () => ({
        body: { complaints: [{ id: "shoulder-pain", name: "Shoulder pain" }] },
      }),
      "POST /api/practice/stations": (asked) => {
        saved.push(asked.body);
        return { status: 201, body: {} };
      },
    });
    const closed = vi.fn();
    page(<StationDialog station={undefined} students={["dunlin"]} onClose={closed} />);
    const dialog = within(await screen.findByRole("dialog"));
    await userEvent.type(dialog.getByLabelText("What it is called"), "Stiff");
    for (const name of ["Tear", "Frozen", "Biceps"]) {
      await userEvent.click(await dialog.findByRole("button", { name }));
    }
    await userEvent.selectOptions(dialog.getByLabelText("A test that has to be done"), "neer");
    await userEvent.click(dialog.getByRole("button", { name: "Leave out: Neck looked at" }));
    await userEvent.selectOptions(dialog.getByLabelText("Points: Neer"), "4");
    await userEvent.click(dialog.getByLabelText("dunlin"));
    await userEvent.click(dialog.getByRole("button", { name: "Keep it" }));
    await waitFor(() => expect(closed).toHaveBeenCalled());
    expect(saved[0]).toMatchObject({
      name: "Stiff",
      wish: { conditions: ["stiff", "biceps"] },
      given: ["dunlin"],
      once: true,
    });
    const marks = (saved[0] as { marks: { kind: string; test?: string; points: number }[] }).marks;
    expect(marks.map((m) => m.kind)).not.toContain("neck");
    expect(marks).toContainEqual({ kind: "test", test: "neer", points: 4 });
  });

  it("show everybody's points with the reasons, and go out as a table", async () => {
    serverOf({
      "GET /api/practice/stations/3/results": () => ({
        body: {
          id: 3,
          name: "Stiff",
          complaintName: "Shoulder pain",
          points: 6,
          marks: ["Permission", "Neer"],
          sittings: [
            {
              patient: 9,
              person: "dunlin",
              endedAt: "2026-11-28T09:00:00Z",
              marked: [
                { kind: "permission", label: "Permission", points: 2, got: 2, words: "Asked." },
                { kind: "test", label: "Neer", points: 4, got: 2, words: "Neer: otherwise." },
              ],
              got: 4,
              points: 6,
              minutes: 8.25,
              brier: 0.1,
              programBrier: 0.2,
            },
          ],
        },
      }),
    });
    page(
      <Routes>
        <Route path="/practice/:room/:key" element={<StationResults />} />
      </Routes>,
      { at: "/practice/results/3" },
    );
    const row = await screen.findByRole("row", { name: /dunlin/ });
    expect(row.textContent).toContain("2 of 4");
    expect(screen.getByText("Neer: otherwise.")).toBeTruthy();
    expect(screen.getByRole("link", { name: /CSV/ }).getAttribute("href")).toBe(
      "/api/practice/stations/3/results.csv",
    );
  });
});
