// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { Route, Routes } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { page, serverOf } from "../../test/page";
import { OutcomesRoom } from "./OutcomesRoom";
import type { Foresight, Meeting, OwnRow, Rates } from "./queries";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const RESTS = { cases: 255, withOutcome: 100, simulated: 240, behind: 0 };
const share = (value: number) => ({ value, low: value - 0.1, high: value + 0.1 });

const ROW: OwnRow = {
  of: "neer/pain",
  cluster: false,
  name: "Neer sign",
  condition: "pain",
  conditionName: "Subacromial pain",
  region: "shoulder",
  tp: 14,
  fn: 5,
  fp: 6,
  tn: 12,
  positiveOnly: 0,
  negativeOnly: 8,
  positivesVerified: 1,
  negativesVerified: 0.68,
  small: false,
  mayLeave: true,
  sensitivity: share(0.74),
  specificity: share(0.67),
  positiveRatio: share(2.2),
  negativeRatio: share(0.4),
  correctedSensitivity: share(0.66),
  correctedSpecificity: share(0.75),
  halves: false,
  published: {
    sensitivity: share(0.8),
    specificity: share(0.52),
    positiveRatio: share(1.7),
    negativeRatio: share(0.4),
  },
  study: "no",
  sentence: "Verified were 20 of 20 positives and 17 of 25 negatives.",
};

const SMALL: OwnRow = {
  ...ROW,
  of: "hawkins/pain",
  name: "Hawkins sign",
  tp: 2,
  small: true,
  mayLeave: false,
};

const SCHOOL = { school: "differential", inForce: true, brier: 0.1 } as const;

const FORESIGHT: Foresight = {
  restsOn: RESTS,
  examiners: ["heron", "tern"],
  outcomes: 12,
  enough: false,
  sentence: "12 outcomes so far. Below 30 it cannot be said whether 70 % means 70 %.",
  program: {
    patients: 9,
    predictions: 12,
    brier: 0.2,
    reliability: 0.02,
    resolution: 0.05,
    uncertainty: 0.23,
    bins: [{ said: 0.7, was: 0.5, low: 0.2, high: 0.8, predictions: 6 }],
    conditions: [
      { condition: "pain", name: "Subacromial pain", predictions: 6, said: 0.7, was: 0.5, brier: 0.2 },
    ],
  },
  schools: [SCHOOL],
};

const RATES: Rates = {
  restsOn: RESTS,
  rows: [
    {
      complaint: "shoulder-pain",
      complaintName: "Shoulder pain",
      setting: "community",
      condition: "pain",
      conditionName: "Subacromial pain",
      start: 0.55,
      inForce: 0.55,
      cases: 45,
      known: 37,
      present: 19,
      rate: { value: 0.526, low: 0.4, high: 0.65 },
      elsewhere: false,
      taken: false,
    },
  ],
};

const MEETING: Meeting = {
  from: "2025-11-28",
  to: "2026-11-28",
  restsOn: { ...RESTS, behind: 3 },
  seen: [{ of: "Shoulder pain", people: 100 }],
  referred: [{ of: "MRI", people: 29 }],
  waiting: 24,
  late: 11,
  cameOut: [{ condition: "pain", name: "Subacromial pain", present: 29, absent: 16, said: 0.56 }],
  things: [{ kind: "waiting", words: "11 answers have been waited for.", weight: 3, of: "", condition: "" }],
};

function room(tab: string, server: Parameters<typeof serverOf>[0], role: "lead" | "clinician" = "lead") {
  const asked = serverOf(server);
  page(
    <Routes>
      <Route path="/outcomes/:tab?" element={<OutcomesRoom />} />
    </Routes>,
    { at: `/outcomes/${tab}`, session: { role } },
  );
  return asked;
}

const ACCURACY = { restsOn: RESTS, examiners: ["heron", "tern"], rows: [ROW, SMALL] };

describe("Our own accuracy", () => {
  it("shows the first table whole, says which is small, and opens another", async () => {
    room("accuracy", { "GET /api/outcomes/accuracy": () => ({ body: ACCURACY }) });
    const whole = within(await screen.findByRole("region", { name: "Neer sign for Subacromial pain" }));
    expect(whole.getByText("74 % (64 to 84)")).toBeTruthy();
    expect(whole.getByText("66 % (56 to 76)")).toBeTruthy();
    expect(whole.getByRole("img").textContent).toContain("Published, sensitivity 0.80");
    expect(whole.getByText(/17 of 25 negatives/)).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: "Hawkins sign" }));
    const small = within(screen.getByRole("region", { name: "Hawkins sign for Subacromial pain" }));
    expect(small.getByText(/Too few to say much/)).toBeTruthy();
    expect(small.queryByRole("button", { name: "Weigh with it" })).toBeNull();
  });

  it("asks for the slice that is chosen, and makes a study of it for a reason", async () => {
    const asked = room("accuracy", {
      "GET /api/outcomes/accuracy": () => ({ body: ACCURACY }),
      "GET /api/outcomes/accuracy?examiner=tern": () => ({ body: ACCURACY }),
      "POST /api/outcomes/accuracy/study": () => ({ status: 204 }),
    });
    await userEvent.selectOptions(await screen.findByLabelText("Examiner"), "tern");
    await waitFor(() => expect(asked.map((a) => a.path)).toContain("/api/outcomes/accuracy?examiner=tern"));
    await userEvent.click(screen.getByRole("button", { name: "Weigh with it" }));
    await userEvent.type(screen.getByLabelText("Why, for the history"), "Agreed on Monday");
    await userEvent.click(screen.getByRole("button", { name: "Make it a study" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(asked.find((a) => a.method === "POST")?.body).toEqual({
      of: "neer/pain",
      condition: "pain",
      on: true,
      why: "Agreed on Monday",
      sure: false,
    });
  });

  it("leaves taking over to the leads", async () => {
    room("accuracy", { "GET /api/outcomes/accuracy": () => ({ body: ACCURACY }) }, "clinician");
    await screen.findByRole("region", { name: "Neer sign for Subacromial pain" });
    expect(screen.queryByRole("button", { name: "Weigh with it" })).toBeNull();
  });
});

describe("Base rates", () => {
  it("are taken over one by one, by a lead, for a reason", async () => {
    const asked = room("rates", {
      "GET /api/outcomes/rates": () => ({ body: RATES }),
      "POST /api/outcomes/rates": () => ({ body: RATES }),
    });
    await userEvent.click(await screen.findByRole("button", { name: /^Take over 53/ }));
    expect(screen.getByRole("dialog").textContent).toContain("closed cases keep what they had");
    await userEvent.type(screen.getByLabelText("Why, for the history"), "Agreed on Monday");
    await userEvent.click(screen.getByRole("button", { name: "Take it over" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(asked.find((a) => a.method === "POST")?.body).toMatchObject({
      complaint: "shoulder-pain",
      setting: "community",
      condition: "pain",
    });
  });
});

describe("Were we right", () => {
  it("says what it cannot say of too few, and ranks nothing", async () => {
    room("right", {
      "GET /api/outcomes/foresight": () => ({ body: FORESIGHT }),
      "GET /api/catalogue": () => ({ body: { complaints: [] } }),
    });
    expect(await screen.findByText(/12 outcomes so far/)).toBeTruthy();
    expect(screen.getByRole("img").textContent).toMatch(/so 50.% of 6/);
    expect(screen.queryByRole("table", { name: "Ways to weigh" })).toBeNull();
    expect(screen.queryByRole("table", { name: "By condition" })).toBeNull();
  });

  it("sets the ways to weigh side by side when there is enough", async () => {
    room("right", {
      "GET /api/outcomes/foresight": () => ({
        body: {
          ...FORESIGHT,
          outcomes: 40,
          enough: true,
          schools: [
            SCHOOL,
            {
              school: "independent",
              inForce: false,
              brier: 0.15,
              behind: { value: 0.05, low: -0.01, high: 0.1 },
            },
          ],
        },
      }),
      "GET /api/catalogue": () => ({ body: { complaints: [] } }),
    });
    const ways = within(await screen.findByRole("table", { name: "Ways to weigh" }));
    expect(ways.getByText(/Weighed together/).textContent).toContain("in force");
    expect(ways.getByText("0.050 (\u22120.010 to 0.100), may be chance")).toBeTruthy();
  });
});

describe("For the meeting", () => {
  it("says what to change first, where to look, and that something is still being worked out", async () => {
    room("meeting", {
      "GET /api/outcomes/meeting": () => ({ body: MEETING }),
      "GET /api/catalogue": () => ({ body: { complaints: [] } }),
    });
    const things = within(await screen.findByRole("region", { name: "Three things to change" }));
    expect(things.getByRole("link", { name: "Look at it" }).getAttribute("href")).toBe("/outcomes/waiting");
    expect(screen.getByText(/Still being worked out: 3/)).toBeTruthy();
    expect(screen.getByText(/24 still wait for an answer, 11 of them/)).toBeTruthy();
  });
});

describe("Agreement and waiting", () => {
  it("greys what rests on few, and leads to the case that waits", async () => {
    room("agreement", {
      "GET /api/outcomes/agreement": () => ({
        body: {
          pairs: 3,
          criteria: [
            {
              criterion: "neer/pain",
              name: "Neer sign",
              both: 0,
              first: 0,
              second: 0,
              neither: 3,
              observed: 1,
              adjusted: share(0.8),
              small: true,
            },
          ],
          measures: [],
        },
      }),
      "GET /api/outcomes/waiting": () => ({
        body: [
          {
            code: "HB-3",
            complaint: "Shoulder pain",
            reference: "mri",
            words: "referred for an MRI 9 weeks ago",
            about: "",
            on: "2026-09-26",
            weeks: 9,
            late: true,
          },
        ],
      }),
    });
    expect(await screen.findByText("cannot be said")).toBeTruthy();
    expect(screen.getByText("Neer sign, few")).toBeTruthy();
    await userEvent.click(screen.getByRole("tab", { name: "Waiting for an answer" }));
    const waits = await screen.findByRole("link", { name: /HB-3/ });
    expect(waits.getAttribute("href")).toBe("/cases/HB-3/outcome");
    expect(waits.textContent).toContain("longer than usual");
  });
});
