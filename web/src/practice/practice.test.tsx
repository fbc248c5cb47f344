// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { act, cleanup, fireEvent, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { Outlet, Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { HunchRail } from "../pieces/HunchRail";
import { drawCouch, made, press } from "../test/couch";
import { page, serverOf } from "../test/page";
import { Answer } from "./Answer";
import { DrillQuestion } from "./drills/DrillQuestion";
import type { Drill, DrillResult } from "./drills/queries";
import { HunchCurve } from "./HunchCurve";
import { HunchForm } from "./HunchForm";
import type { Encounter, HunchesOf, Reply } from "./queries";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const CANDIDATES = [
  { id: "tear", name: "Cuff tear", shortName: "Tear", rate: 0.12, onward: "ultrasound" },
  { id: "stiff", name: "Frozen shoulder", shortName: "Frozen", rate: 0.05, onward: "see again" },
];

const ENCOUNTER = {
  id: 7,
  own: true,
  ended: false,
  candidates: CANDIDATES,
  replies: [],
  before: { tear: 0.2, stiff: 0.05 },
  person: { involved: "right" },
} as unknown as Encounter;

const reply = (more: Partial<Reply>) =>
  ({ test: "neer", at: "", side: "right", seen: [], said: [], times: 1, ...more }) as Reply;

/** The patient at a place, as the frame gives it. */
function answered(more: Partial<Encounter>, server: Parameters<typeof serverOf>[0] = {}, hold?: number) {
  const context = {
    encounter: { ...ENCOUNTER, ...more },
    catalogue: { tests: [made("neer", "Neer", "sitting", { holdSeconds: hold })] },
  };
  const asked = serverOf(server);
  const recorded: unknown[] = [];
  page(
    <Routes>
      <Route element={<Outlet context={context} />}>
        <Route
          path="*"
          element={
            <Answer
              test="neer"
              at=""
              side="right"
              record={(side, changes) => recorded.push([side, changes])}
            />
          }
        />
      </Route>
    </Routes>,
  );
  return { asked, recorded };
}

describe("The patient", () => {
  it("is not touched before somebody has said what they think", () => {
    answered({ before: undefined });
    expect(screen.getByText(/Before you touch anything/)).toBeTruthy();
    expect(screen.queryByRole("button", { name: /Do it/ })).toBeNull();
  });

  it("stands as the pads stand, left at the left, and is done on the side that is asked for", async () => {
    const { asked } = answered({}, { "POST /api/practice/patients/7/deeds": () => ({ body: ENCOUNTER }) });
    const buttons = screen.getAllByRole("button", { name: /^Do it/ });
    expect(buttons.map((b) => b.getAttribute("aria-label"))).toEqual([
      "Do it: Left, other side",
      "Do it: Right, affected side",
    ]);
    await userEvent.click(buttons[0] as HTMLElement);
    expect(asked[0]?.body).toMatchObject({ kind: "did", test: "neer", at: "", side: "left" });
  });

  it("shows what hurts only to whoever looks, and Enter looks", async () => {
    const { asked } = answered(
      { replies: [reply({ seen: ["Full strength."] })] },
      { "POST /api/practice/patients/7/deeds": () => ({ body: ENCOUNTER }) },
    );
    expect(screen.getByText("Full strength.")).toBeTruthy();
    expect(screen.getByRole("button", { name: /Look at the face/ })).toBeTruthy();
    await act(async () => fireEvent.keyDown(document.body, { key: "Enter" }));
    expect(asked[0]?.body).toMatchObject({ kind: "looked" });
  });

  it("says what it showed, and offers no look at what came before the last", () => {
    answered({
      replies: [reply({ side: "left" }), reply({ shown: ["\u201cThere, that's it.\u201d"] })],
    });
    expect(screen.getByText(/There, that's it/)).toBeTruthy();
    expect(screen.getByText("The face was not looked at.")).toBeTruthy();
    expect(screen.queryByRole("button", { name: /Look at the face/ })).toBeNull();
  });

  it("lets the seconds of a symptom be noted in one tap", async () => {
    const { recorded } = answered({ replies: [reply({ shown: [], afterSeconds: 22, held: 60 })] }, {}, 60);
    await userEvent.click(screen.getByRole("button", { name: "Note 22 s" }));
    expect(recorded).toEqual([["right", { onsetSeconds: 22 }]]);
  });

  it("of a test that is held answers when the symptom comes, at double speed in half the time", async () => {
    vi.useFakeTimers({ now: 1_000_000, shouldAdvanceTime: true });
    localStorage.setItem("lexicor.clock-double", "yes");
    const held = reply({ shown: [], said: ["It prickles."], afterSeconds: 22, held: 60 });
    const server = { "POST /api/practice/patients/7/deeds": () => ({ body: ENCOUNTER }) };
    answered({ replies: [held] }, server, 60);
    expect(screen.getByText("It prickles.")).toBeTruthy();
    await act(async () =>
      fireEvent.click(screen.getByRole("button", { name: "Do it again: Right, affected side" })),
    );
    await act(() => vi.advanceTimersByTimeAsync(6_000));
    expect(screen.queryByText("It prickles.")).toBeNull();
    expect(Number.parseInt(screen.getByRole("timer").textContent ?? "", 10)).toBeGreaterThanOrEqual(12);
    await act(() => vi.advanceTimersByTimeAsync(6_000));
    expect(screen.getByText("It prickles.")).toBeTruthy();
  });

  it("that has gone answers nothing more", () => {
    answered({ ended: true, replies: [reply({ shown: [] })] });
    expect(screen.queryByRole("button")).toBeNull();
  });
});

const Answers = () => <p>Answered here</p>;
const Hunches = () => <p>Hunches here</p>;

describe("The couch of a simulated patient", () => {
  const practice = (over: boolean) => ({ over, Answer: Answers, Panel: Hunches });

  it("has the patient's answers beside the pads, the hunches for the standing, and takes no way to the weighing", () => {
    const { waiting } = drawCouch([made("neer", "Neer", "sitting")], { practice: practice(false) });
    expect(screen.getByText("Answered here")).toBeTruthy();
    expect(screen.getByText("Hunches here")).toBeTruthy();
    expect(screen.queryByRole("region", { name: "Standing" })).toBeNull();
    press("2", "w");
    expect(waiting()).toEqual(["neer right their-pain"]);
    expect(screen.getByLabelText("Here").textContent).toBe("/cases/HB-001/couch");
  });

  it("records nothing of one who has gone", () => {
    const { waiting } = drawCouch([made("neer", "Neer", "sitting")], { practice: practice(true) });
    press("2", "n", ".", "x");
    expect(waiting()).toEqual([]);
  });
});

describe("A hunch", () => {
  it("is dragged along the log-odds and says whole percents", () => {
    const said: number[] = [];
    page(<HunchRail name="Tear" value={0.12} from={0.12} fromWords="usual" onChange={(p) => said.push(p)} />);
    const rail = screen.getByRole("slider", { name: "How likely: Tear" });
    expect(rail.getAttribute("aria-valuetext")).toBe("12\u202f%");
    for (const step of ["0", "46", "92"]) {
      fireEvent.change(rail, { target: { value: step } });
    }
    expect(said).toEqual([0.01, 0.5, 0.99]);
  });

  it("begins at what is usual, and at the end where it was before, with a plan beside it", async () => {
    const said: unknown[] = [];
    const form = (atEnd: boolean) => (
      <HunchForm
        encounter={ENCOUNTER}
        atEnd={atEnd}
        error={null}
        busy={false}
        onSay={(...what) => said.push(what)}
      />
    );
    page(form(false));
    await userEvent.click(screen.getByRole("button", { name: "That is what I think" }));
    expect(said).toEqual([[{ tear: 0.12, stiff: 0.05 }, undefined]]);
    cleanup();
    page(form(true));
    await userEvent.selectOptions(screen.getByLabelText("What comes next?"), "tear");
    await userEvent.click(screen.getByRole("button", { name: /hear the truth/ }));
    expect(said[1]).toEqual([{ tear: 0.2, stiff: 0.05 }, "tear"]);
  });

  it("is drawn beside how often it was so, in words for whoever does not see it", () => {
    const of = {
      owner: "dunlin",
      names: {},
      hunches: {
        patients: 12,
        hunches: 90,
        brier: 0.12,
        programBrier: 0.1,
        sentence: "When you say 80 %, it is so 6 times in 10 (14 hunches). That is too high.",
        tenths: [{ from: 0.8, to: 0.9, hunches: 14, said: 0.8, was: 0.57, low: 0.33, high: 0.79 }],
        regions: [],
        conditions: [],
        weeks: [],
      },
    } as unknown as HunchesOf;
    page(<HunchCurve of={of} />);
    expect(screen.getByRole("img").textContent).toContain("said 80\u202f%, so 57\u202f% of 14");
    expect(screen.getByText(/6 times in 10/)).toBeTruthy();
  });
});

describe("A quick question", () => {
  const DRILL = {
    kind: "separate",
    key: "k",
    ask: "Which test tells them apart?",
    details: ["Shoulder pain"],
    options: [
      { id: "a", label: "Neer" },
      { id: "b", label: "Speed" },
    ],
    due: 0,
    again: false,
  } as unknown as Drill;

  const asked = (drill: Drill, result?: DrillResult) => {
    const said: string[] = [];
    const next = vi.fn();
    page(
      <DrillQuestion drill={drill} result={result} busy={false} onSay={(a) => said.push(a)} onNext={next} />,
    );
    return { said, next };
  };

  it("takes one of its options", async () => {
    const { said } = asked(DRILL);
    await userEvent.click(screen.getByRole("button", { name: /Speed/ }));
    expect(said).toEqual(["b"]);
  });

  it("says what is right and why, and the next is a key away", async () => {
    const { said, next } = asked(DRILL, {
      right: false,
      answer: "a",
      why: "It moves the odds by 1.4 bits.",
      dueAt: "2026-11-28T10:00:00Z",
    });
    expect(within(screen.getByRole("status")).getByText("Not so.")).toBeTruthy();
    await userEvent.keyboard("{Enter}");
    expect(next).toHaveBeenCalledOnce();
    await userEvent.click(screen.getByRole("button", { name: /Speed/ }));
    expect(said).toEqual([]);
  });

  it("about a base rate takes a guess on the rail and then shows the people", async () => {
    const rate = { ...DRILL, kind: "baseRate", options: [] } as Drill;
    const { said } = asked(rate);
    fireEvent.change(screen.getByRole("slider"), { target: { value: "92" } });
    await userEvent.click(screen.getByRole("button", { name: "That is my guess" }));
    expect(said).toEqual(["99"]);
    cleanup();
    asked(rate, {
      right: false,
      answer: "31.4",
      why: "31 %.",
      dueAt: "2026-11-28T10:00:00Z",
      people: { outOf: 100, with: 10, positiveWith: 9, positiveWithout: 20 },
    });
    expect(screen.getByRole("img").getAttribute("aria-label")).toBe(
      "Of 100, 10 have it; 9 of those and 20 of the others are positive",
    );
  });
});
