// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { CaseView, Cluster, Examination } from "../../api/types";
import { drawCouch, inHand, made } from "../../test/couch";
import { FIGURES } from "../../test/figures";
import { serverOf } from "../../test/page";
import { countWords } from "./Clusters";

const TESTS = [
  made("look", "Looking", "standing-facing", { stage: "look" }),
  made("neer", "Neer", "sitting"),
  made("arc", "Arc", "sitting"),
  made("push", "Pushing", "supine"),
  made("pull", "Pulling", "supine"),
];
const CLUSTER: Cluster = {
  id: "three",
  name: "Three of three",
  condition: "ours",
  tests: ["neer", "push"],
  positives: 1,
  done: 1,
  members: 2,
  needed: 2,
  decided: false,
};
const found = (test: string) =>
  ({
    criterion: `${test}/it`,
    test,
    label: "it",
    side: "right",
    outcome: "negative",
    reason: "",
    assumed: false,
  }) as const;

beforeEach(() => {
  localStorage.clear();
  // A desk: the order stands beside the work.
  vi.stubGlobal("matchMedia", (query: string) => ({
    matches: false,
    media: query,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }));
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const SET = {
  id: "panel",
  name: "Labral panel",
  complaints: ["shoulder-pain"],
  tests: ["neer", "arc", "pull"],
  groups: [],
  before: [],
  stop: "leave the last where it is clear",
  note: "",
};

function couch(
  options: { examination?: Partial<Examination>; leftOut?: string[]; plan?: Partial<CaseView["plan"]> } = {},
) {
  const asked = serverOf({
    "GET /api/figures": () => ({ body: FIGURES }),
    "PUT /api/cases/HB-001/time": () => ({ status: 409, body: { status: 409, detail: "changed elsewhere" } }),
  });
  drawCouch(TESTS, {
    at: "?test=neer",
    examination: options.examination,
    sets: [SET],
    plan: {
      leftOut: (options.leftOut ?? []).map((test) => ({ test, why: "tells less a minute" })),
      ...options.plan,
    },
  });
  return { asked, order: within(screen.getByRole("navigation", { name: "Running order" })) };
}

const rows = () => [...document.querySelectorAll(".order-name")].map((e) => e.textContent);

describe("The running order", () => {
  it("stands by stage and position, and folds what is done until it is opened", async () => {
    const user = userEvent.setup();
    const { order } = couch({ examination: { findings: [found("look")] } });
    expect(order.getAllByRole("heading", { level: 2 }).map((h) => h.textContent)).toEqual([
      "+Look1 of 1, done",
      "\u2212Provoke4",
    ]);
    expect(rows()).toEqual(["Neer", "Arc", "Pushing", "Pulling"]);
    await user.click(order.getByRole("button", { name: /^\+? ?Look/, expanded: false }));
    expect(rows()[0]).toBe("Looking");
    expect(order.getAllByRole("heading", { level: 3 }).map((h) => h.textContent)).toEqual([
      "Standing, facing you",
      "Sitting",
      "Lying on the back",
    ]);
  });

  it("leaves out what there is no time for, says why, and lets it be done all the same", async () => {
    const user = userEvent.setup();
    const { order } = couch({ leftOut: ["arc", "pull"] });
    expect(rows()).toEqual(["Looking", "Neer", "Pushing"]);
    await user.click(await order.findByText("2 left out, 2 min"));
    expect(order.getAllByText("tells less a minute")).toHaveLength(2);
    await user.click(order.getByRole("button", { name: /^Pulling/ }));
    expect(inHand()).toBe("Pulling");
  });

  it("names the core of the visit beside what is left out", async () => {
    const user = userEvent.setup();
    const { order } = couch({
      leftOut: ["arc"],
      plan: { core: { tests: ["look", "neer"], places: [], first: "neer", because: "it splits the two" } },
    });
    await user.click(await order.findByText("1 left out, 1 min"));
    expect(order.getByText(/^Never left out:/).parentElement?.textContent).toBe(
      "Never left out: Looking, Neer. First of all Neer. Because: it splits the two.",
    );
  });

  it("walks a set through what is undone by Down alone, with its count", async () => {
    const user = userEvent.setup();
    const { order } = couch({ plan: { sets: ["panel"] }, examination: { findings: [found("arc")] } });
    await user.click(await order.findByRole("button", { name: /^Labral panel/ }));
    expect(rows()).toEqual(["Neer", "Arc", "Pulling"]);
    expect(order.getByText("1 of 3 done")).toBeTruthy();
    expect(order.getByText("leave the last where it is clear")).toBeTruthy();
    expect(inHand()).toBe("Neer");
    await user.keyboard("{ArrowDown}");
    expect(inHand()).toBe("Pulling");
    await user.click(order.getByRole("button", { name: "Back to the whole order" }));
    expect(rows()).toHaveLength(5);
  });

  it("counts what is blocked neither among what is left nor in its minutes", () => {
    const { order } = couch({
      examination: { findings: [found("look")], blocked: [{ test: "push", because: ["Recent fracture"] }] },
    });
    expect(order.getByText(/^3 of 5 left, about 3 min/).textContent).toContain("3 min, 1 blocked");
  });

  it("sends the minutes there are, and shows a refusal where they were chosen", async () => {
    const user = userEvent.setup();
    const { asked, order } = couch();
    await user.click(order.getByRole("radio", { name: "20" }));
    await waitFor(() => expect(asked.find((a) => a.method === "PUT")?.body).toMatchObject({ minutes: 20 }));
    expect((await order.findByRole("alert")).textContent).toContain("changed elsewhere");
  });

  it("says how far a score has come in points, and more than are wanted as what they are", () => {
    expect(countWords({ ...CLUSTER, progress: "17 of 26 points, line 12, 5 open" } as Cluster)).toBe(
      "17 of 26 points, line 12, 5 open",
    );
    expect(countWords({ ...CLUSTER, positives: 4, needed: 3, decided: true } as Cluster)).toBe(
      "4 positive, 3 wanted, decided",
    );
  });

  it("is a cluster's alone where it is asked for, with its count, and the whole again after it", async () => {
    const user = userEvent.setup();
    const { order } = couch({ examination: { clusters: [CLUSTER] } });
    expect(order.getByText("1 of 2 wanted positive, 1 open")).toBeTruthy();
    await user.click(order.getByRole("button", { name: /^Three of three/ }));
    expect(rows()).toEqual(["Neer", "Pushing"]);
    await user.click(order.getByRole("button", { name: "Back to the whole order" }));
    expect(rows()).toHaveLength(5);
  });
});
