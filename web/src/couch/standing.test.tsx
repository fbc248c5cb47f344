// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { useState } from "react";
import { Outlet, Route, Routes } from "react-router";
import { afterEach, describe, expect, it } from "vitest";
import type { ConditionStanding, NextTest, Standing } from "../api/types";
import { page } from "../test/page";
import { suggested } from "./order/order";
import { StandingPanel } from "./StandingPanel";

afterEach(cleanup);

const test = (id: string) =>
  ({
    criterion: `${id}/pain`,
    test: id,
    testName: id,
    label: "Pain",
    minutes: 1,
    effects: [],
  }) as unknown as NextTest;

function candidate(id: string, more: Partial<ConditionStanding> = {}): ConditionStanding {
  return {
    id,
    name: id,
    rank: 1,
    pretest: 0.2,
    posttest: 0.3,
    low: 0.2,
    high: 0.4,
    lowNewClinic: 0.1,
    highNewClinic: 0.6,
    ruleOut: 0.05,
    act: 0.65,
    verdict: "undecided",
    borderline: false,
    weighed: true,
    group: "weighed",
    began: "base rate 30 %",
    rivals: [],
    aimed: { positive: 1, negative: 0, unclear: 0, words: "" },
    definitions: [],
    ...more,
  } as unknown as ConditionStanding;
}

const rival = (ifAbsent: number, held?: string) => [
  {
    condition: "frozen",
    name: "Frozen shoulder",
    pretest: 0.2,
    now: 0.51,
    ifAbsent,
    words: "Were it excluded.",
    held,
  },
];

function standing(more: Partial<Standing>): Standing {
  return {
    conditions: [candidate("cuff")],
    bands: "Wide and narrow, and no diagnosis beyond the candidates.",
    next: [test("apprehension"), test("arc")],
    advice: {},
    settled: false,
    left: [],
    ...more,
  };
}

const CATALOGUE = {
  tests: [{ id: "apprehension", shortName: "apprehension" }],
  conditions: [
    { id: "cuff", shortName: "Cuff tear" },
    { id: "frozen", shortName: "Frozen shoulder" },
  ],
};

function Panel(props: { standing: Standing; onGo: (test: string) => void }) {
  const [asked, setAsked] = useState(false);
  return <StandingPanel standing={props.standing} asked={asked} onAsk={setAsked} onGo={props.onGo} />;
}

function draw(given: Standing) {
  const gone: string[] = [];
  page(
    <Routes>
      <Route element={<Outlet context={{ catalogue: CATALOGUE }} />}>
        <Route path="/" element={<Panel standing={given} onGo={(id) => gone.push(id)} />} />
      </Route>
    </Routes>,
  );
  return { user: userEvent.setup(), gone };
}

describe("what is advised at the couch", () => {
  it("keeps the order of work until the examiner asks for more, and goes where it says", async () => {
    const given = standing({
      advice: { waits: "Range first: shoulder movements is planned and open.", first: "movements" },
    });
    const { user, gone } = draw(given);
    expect(screen.getByText(/Range first/)).toBeTruthy();
    expect(screen.queryByText(/apprehension/)).toBeNull();
    await user.click(screen.getByRole("button", { name: /Go to it/ }));
    await user.click(screen.getByRole("button", { name: "Show what would tell most" }));
    expect(screen.getByRole("heading", { name: /Next: apprehension/ })).toBeTruthy();
    await user.click(screen.getByRole("button", { name: /Go to it/ }));
    await user.click(screen.getByRole("button", { name: "Keep to what is advised" }));
    expect(screen.queryByText(/apprehension/)).toBeNull();
    expect(gone).toEqual(["movements", "apprehension"]);
    expect([suggested(given, false), suggested(given, true)]).toEqual(["movements", "apprehension"]);
  });

  it("says that only what can startle is left, and advises none of it", () => {
    draw(standing({ advice: {} }));
    expect(screen.getByText(/What is left can startle/)).toBeTruthy();
    expect(screen.queryByRole("button", { name: /Go to it/ })).toBeNull();
  });

  it("says when nothing is left", () => {
    draw(standing({ next: [], advice: {} }));
    expect(screen.getByText("All of the order is done")).toBeTruthy();
  });

  it("goes on in the order where nothing would move anything", () => {
    draw(standing({ next: [], advice: { waits: "This comes next in the order.", first: "movements" } }));
    expect(screen.getByText(/comes next in the order/)).toBeTruthy();
    expect(screen.getByRole("button", { name: /Go to it/ })).toBeTruthy();
    expect(screen.queryByRole("button", { name: /tell most/ })).toBeNull();
  });
});

describe("the standing at the couch", () => {
  it("says of one candidate at most what holds it down: the one it holds down most", () => {
    draw(
      standing({
        conditions: [
          candidate("cuff", { rivals: rival(0.4, "held down by biceps") }),
          candidate("labrum", { posttest: 0.25, rivals: rival(0.6, "held down by frozen shoulder") }),

          candidate("biceps", { rivals: rival(0.31) }),
        ],
      }),
    );
    expect(screen.getAllByText(/held down/).map((e) => e.textContent)).toEqual([
      "held down by Frozen shoulder",
    ]);
  });

  it("calls candidates by their short names, and by the whole ones where there are none", () => {
    draw(standing({ conditions: [candidate("cuff"), candidate("labrum")] }));
    expect(screen.getByText("Cuff tear").getAttribute("title")).toBe("cuff");
    expect(screen.getByText("labrum")).toBeTruthy();
  });

  it("tells those who do not see the rail both bands, the new clinic's first; what the marks mean, on demand", async () => {
    const { user } = draw(standing({}));
    expect(screen.queryByText(/no diagnosis beyond the candidates/)).toBeNull();
    await user.click(screen.getByRole("button", { name: "What the marks mean" }));
    expect(screen.getByRole("img").getAttribute("aria-label")).toMatch(
      /between 10.%.and 60.% in a new clinic, 20.% and 40.% on average/,
    );
    expect(screen.getByText(/no diagnosis beyond the candidates/)).toBeTruthy();
  });
});
