// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { FigureChange, ImportPreview, Pooled, StudyRow } from "../api/types";
import { shareTyped } from "../pieces/numeral";
import { page, serverOf } from "../test/page";
import { ExchangeTab } from "./ExchangeTab";
import { FigureForm } from "./figures/FigureForm";
import { draftOf, emptyDraft, faults, isWhole, meant } from "./figures/figureDraft";
import { RowActions } from "./figures/RowActions";
import { KeepDesign } from "./KeepDesign";
import { PooledNumbers } from "./PooledNumbers";
import { StudyTable } from "./StudyTable";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

/** Anything that has a reason with a capital letter is asked about once. */
const unlessNamed = (body: unknown, answer: unknown) => {
  const { why, sure } = body as { why: string; sure?: boolean };
  return /[A-Z]/.test(why) && !sure
    ? { status: 422, body: { detail: "why: this looks like a name", question: true } }
    : { body: answer };
};

const ROW: StudyRow = {
  source: "Harbour audit",
  year: 2025,
  kind: "study",
  sensitivity: { value: 0.8, low: 0.7, high: 0.9 },
  specificity: { value: 0.6, low: 0.5, high: 0.7 },
  diseased: 40,
  healthy: 50,
  referenceStandard: "arthroscopy",
  population: "hand clinic",
  bias: "low",
  confidence: "high",
  note: "",
  used: true,
  sensitivityShare: 0.25,
  specificityShare: 0.5,
  from: "changed",
  shipped: {
    source: "Printed study",
    year: 2001,
    sensitivity: 0.75,
    bias: "high",
    diseased: 20,
  },
  check: {
    state: "disputed",
    words: "disputed",
    by: "heron",
    on: "2026-11-20",
    note: "counts do not add up",
  },
  fingerprint: "f/1",
} as StudyRow;

describe("content in", () => {
  const LOOKED: ImportPreview = {
    id: "i",
    state: "looked",
    added: 1,
    changed: 1,
    same: 4,
    refused: 0,
    missing: 1,
    remarks: ["The columns are separated by semicolons; decimals have a comma."],
    done: 0,
    lines: [
      {
        file: "accuracy.csv",
        line: 3,
        name: "neer/pain",
        status: "changed",
        why: "sensitivity: 0.75 becomes 0.8",
      },
      {
        file: "accuracy.csv",
        name: "neer/pain, ours 2020",
        status: "missing",
        why: "if it goes, the history keeps it",
        fingerprint: "abc",
      },
    ],
  };
  const choose = async (answers: Parameters<typeof serverOf>[0]) => {
    const user = userEvent.setup();
    const asked = serverOf(answers);
    page(<ExchangeTab isLead />);
    await user.upload(screen.getByLabelText(/A table of figures/), new File(["x"], "accuracy.csv"));
    return { user, asked };
  };

  it("is looked at line by line, and applied with a reason", async () => {
    let state = "applying";
    const { user, asked } = await choose({
      "POST /api/evidence/import": () => ({ body: LOOKED }),
      "POST /api/evidence/import/i": ({ body }) => unlessNamed(body, null),
      "GET /api/evidence/import/i": () => {
        const answer = { ...LOOKED, state, done: state === "applying" ? 1 : 2 };
        state = "applied";
        return { body: answer };
      },
    });
    expect((await screen.findByText(/sensitivity: 0.75 becomes 0.8/)).closest("tr")?.textContent).toContain(
      "neer/pain",
    );
    expect(screen.getByRole("status").textContent).toContain(
      "1 new, 1 changed, 4 the same already, 0 refused",
    );
    expect(screen.getByText(/separated by semicolons/)).toBeTruthy();
    expect(screen.getByText(/1 row of the department's is no longer in the file/)).toBeTruthy();
    const ours = screen.getByLabelText(/take it away: neer\/pain, ours 2020/);
    expect((ours as HTMLInputElement).checked).toBe(false);
    await user.click(ours);
    await user.type(screen.getByLabelText(/Why/), "audit of the Hand Team");
    await user.click(screen.getByRole("button", { name: "Apply all of it" }));
    await user.click(await screen.findByRole("button", { name: "Keep it all the same" }));
    expect(((await screen.findByRole("progressbar")) as HTMLProgressElement).max).toBe(2);
    expect(await screen.findByText("Applied: 2 stored, and in force.")).toBeTruthy();
    expect(
      asked.filter((a) => a.path === "/api/evidence/import/i" && a.method === "POST").map((a) => a.body),
    ).toEqual([
      { why: "audit of the Hand Team", sure: false, goes: ["abc"] },
      { why: "audit of the Hand Team", sure: true, goes: ["abc"] },
    ]);
  });
  it("is not applied while a line of it is refused, or by anybody but a lead", async () => {
    await choose({ "POST /api/evidence/import": () => ({ body: { ...LOOKED, refused: 1 } }) });
    expect(await screen.findByText(/Nothing is applied while a row is refused/)).toBeTruthy();
    expect(screen.queryByRole("button", { name: "Apply all of it" })).toBeNull();
    cleanup();
    page(<ExchangeTab isLead={false} />);
    expect(screen.queryByLabelText(/A table of figures/)).toBeNull();
    const user = userEvent.setup();
    await user.click(screen.getByRole("radio", { name: "semicolons" }));
    await user.click(screen.getByRole("radio", { name: "0,07" }));
    expect(screen.getByRole("link", { name: "All figures as CSV" }).getAttribute("href")).toBe(
      "/api/evidence/accuracy.csv?separator=semicolon&decimal=comma&mark=true",
    );
  });
});

describe("a figure of the department's", () => {
  it("stands beside what it covers, and who disputes it is named", () => {
    page(<StudyTable studies={[ROW]} />);
    const row = screen.getByText(/Harbour audit, 2025/).closest("tr") as HTMLElement;
    expect(row.textContent).toContain(
      "changed by the department; shipped: sensitivity 0.75, specificity none, with 20, without not known, bias high, source Printed study, 2001",
    );
    expect(row.textContent).toContain("0.80 (0.70 to 0.90)");
    expect(row.textContent).toMatch(/[Dd]isputed.*heron/);
  });
  it("is reset with a reason, which may look like a name if it is none", async () => {
    const user = userEvent.setup();
    const paths: string[] = [];
    const reset = (sure: boolean) => `DELETE /api/evidence/figures/f/1?why=not+by+Old+Salt&sure=${sure}`;
    serverOf({
      [reset(false)]: ({ path }) => {
        paths.push(path);
        return { status: 422, body: { detail: "why: this looks like a name", question: true } };
      },
      [reset(true)]: ({ path }) => {
        paths.push(path);
        return { status: 204 };
      },
    });
    page(<RowActions row={ROW} criterion="neer/pain" condition="subacromial-pain" />);
    await user.click(screen.getByRole("button", { name: /^Reset/ }));
    const dialog = await screen.findByRole("dialog");
    await user.type(within(dialog).getByLabelText(/Why/), "not by Old Salt");
    await user.click(within(dialog).getByRole("button", { name: "Reset it" }));
    await user.click(await within(dialog).findByRole("button", { name: "Keep it all the same" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(paths).toHaveLength(2);
  });
  it("is sent as it was typed, by counts or as printed and never by both", () => {
    const counted = {
      ...emptyDraft(),
      tp: "12",
      fn: "3",
      fp: "4,5",
      tn: "20",
      sensitivity: "0.9",
      year: "2025",
    };
    expect(isWhole(counted)).toBe(true);
    expect(meant(counted)).toMatchObject({ counts: { tp: 12, fn: 3, fp: 4.5, tn: 20 } });
    expect(meant(counted)).not.toHaveProperty("sensitivity");
    expect(isWhole({ ...counted, tn: "" })).toBe(false);
    expect(isWhole({ ...counted, tn: "", kind: "sensitivity-only" })).toBe(true);
    const printed: Partial<FigureChange> = meant(draftOf(ROW));
    expect(printed).toMatchObject({ sensitivity: 0.8, specificity: 0.6, diseased: 40, healthy: 50 });
    expect(printed).not.toHaveProperty("counts");
    // A judgement is no study: it has a size of its own, which is offered.
    expect(meant({ ...draftOf(ROW), kind: "judgement", diseased: "", healthy: "" })).toMatchObject({
      diseased: 10,
      healthy: 10,
    });
  });
  it("worked out of a cluster is kept with a name, a threshold and a reason", async () => {
    const user = userEvent.setup();
    const design = {
      condition: "slap-tear",
      criteria: ["a", "b", "c"],
      points: { a: 3, b: 2 },
      familyOverlap: 0.4,
      generalOverlap: 0.2,
    };
    const asked = serverOf({ "POST /api/evidence/clusters": ({ body }) => unlessNamed(body, {}) });
    page(<KeepDesign design={design} lines={[1, 2, 3, 4, 5, 6]} most={6} />);
    await user.click(screen.getByText(/Keep one as/));
    await user.type(screen.getByLabelText("Name"), "Quay three");
    await user.selectOptions(screen.getByLabelText("At least"), "5");
    await user.type(screen.getByLabelText(/Why/), "for the Climbing Wall");
    await user.click(screen.getByRole("button", { name: "Keep it" }));
    await user.click(await screen.findByRole("button", { name: "Keep it all the same" }));
    expect(await screen.findByText(/labelled designed/)).toBeTruthy();
    expect(asked.at(-1)?.body).toEqual({
      name: "Quay three",
      design,
      atLeast: 5,
      why: "for the Climbing Wall",
      sure: true,
    });
  });
});

describe("a figure that cannot be", () => {
  it("is said by the names in the form, before it is sent", () => {
    const counts = { ...emptyDraft(), tp: "12", fn: "4", fp: "three", tn: "-1" };
    expect(faults(counts)).toEqual({
      fp: '"Without, positive" must be a whole number, 0 or more',
      tn: '"Without, negative" must be a whole number, 0 or more',
    });
    expect(faults({ ...counts, kind: "sensitivity-only" })).toEqual({});
    expect(faults(emptyDraft())).toEqual({});
    const judged = { ...emptyDraft(), kind: "judgement", diseased: "31", healthy: "" };
    expect(faults(judged)).toEqual({
      diseased: "A judgement may count for 1 to 30 people with the condition",
    });
    const printed = {
      ...emptyDraft(),
      way: "printed",
      sensitivity: "7",
      specificity: "7 %",
      diseased: "12.5",
    };
    expect(Object.keys(faults({ ...printed, year: String(new Date().getFullYear() + 1) }))).toEqual([
      "sensitivity",
      "diseased",
      "year",
    ]);
  });
  it("takes a proportion however it is typed", () => {
    for (const [typed, share] of [
      ["7 %", 0.07],
      ["0.07", 0.07],
      ["0,07", 0.07],
      ["72,5%", 0.725],
      [".5", 0.5],
    ] as const) {
      expect(meant({ ...emptyDraft(), way: "printed", sensitivity: typed }).sensitivity).toBe(share);
    }
    expect(shareTyped("most")).toBeNaN();
    expect(shareTyped("%")).toBeNaN();
  });
  it("can be corrected where it was refused, whoever refused it", async () => {
    const user = userEvent.setup();
    serverOf({
      "POST /api/evidence/figures/preview": () => ({ body: { sensitivity: 0.5, warnings: [] } }),
      "POST /api/evidence/figures": () => ({
        status: 422,
        body: {
          detail: "source: missing",
          errors: [{ field: "source", message: "missing; expected authors" }],
        },
      }),
    });
    page(<FigureForm criterion="neer/pain" condition="slap-tear" open onClose={() => undefined} />);
    const positive = screen.getByLabelText("With it, positive");
    await user.type(positive, "abc");
    expect(positive.getAttribute("aria-invalid")).toBe("true");
    await user.clear(positive);
    await user.type(positive, "8");
    expect(positive.getAttribute("aria-invalid")).toBeNull();
    await user.click(screen.getByRole("button", { name: "Add it" }));
    const source = screen.getByLabelText("Source: authors and journal");
    await waitFor(() => expect(source.getAttribute("aria-invalid")).toBe("true"));
    expect(screen.getAllByText("missing; expected authors")).toHaveLength(1);
  });
});

describe("pooled figures", () => {
  const share = (value: number) => ({ value, low: value - 0.1, high: value + 0.1 });
  const POOLED = {
    method: "univariate",
    studies: 1,
    judgements: 1,
    people: 90,
    sensitivity: share(0.7),
    specificity: share(0.6),
    newClinicSensitivity: share(0.5),
    newClinicSpecificity: share(0.4),
    positive: share(1.75),
    negative: share(0.5),
    newClinicPositive: { value: 1.75, low: 0.9, high: 3.2 },
    newClinicNegative: { value: 0.5, low: 0.2, high: 1.1 },
  } as unknown as Pooled;
  it("stand as numbers, with what a new clinic may find", () => {
    page(<PooledNumbers pooled={POOLED} withoutHighBias={undefined} />);
    const row = screen.getByRole("rowheader", { name: "A positive multiplies the odds by" }).closest("tr");
    expect(row?.textContent).toBe("A positive multiplies the odds by1.751.65 to 1.850.90 to 3.20");
  });
  it("stand below the rows, and a judgement has no people", () => {
    const judgement = { ...ROW, kind: "judgement", diseased: 8, healthy: 8, from: "added" } as StudyRow;
    page(<StudyTable studies={[judgement]} pooled={POOLED} />);
    expect(screen.getByText("counts for 8 and 8, nobody was examined")).toBeTruthy();
    expect(screen.getByRole("rowheader", { name: "Weighed with" }).closest("tr")?.textContent).toContain(
      "0.70 (0.60 to 0.80)",
    );
  });
});
