// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { Outlet, Route, Routes } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { page, serverOf } from "../test/page";
import { OutcomeScreen } from "./OutcomeScreen";
import type { Outcome } from "./queries";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const OUTCOME: Outcome = {
  simulated: false,
  conditions: [
    {
      id: "tear",
      name: "Cuff tear",
      shortName: "Tear",
      start: 0.12,
      known: {
        present: true,
        reference: "mri",
        referenceWords: "MRI",
        since: "2026-10-02",
        of: 2,
      },
      foreseen: { visit: 1, pretest: 0.12, shown: 0.41, hunch: 0.6 },
    },
    { id: "stiff", name: "Frozen shoulder", shortName: "Frozen", start: 0.1 },
  ],
  others: [{ id: "cyst", name: "Ganglion" }],
  notes: [
    {
      id: 5,
      reference: "mri",
      referenceWords: "MRI",
      on: "2026-10-02",
      answers: [{ condition: "tear", name: "Cuff tear", cameOut: "present" }],
      note: "",
      madeBy: "tern",
      madeAt: "2026-10-03T09:00:00Z",
      reports: [],
    },
  ],
  referrals: [
    {
      id: 8,
      reference: "nerve-study",
      words: "referred for a nerve study 7 weeks ago",
      on: "2026-10-10",
      about: "",
      madeBy: "tern",
      waiting: true,
      why: "",
    },
  ],
  colleagues: ["plover"],
};

const PATH = "/api/cases/HB-1/outcome";

function open(outcome: Outcome, server: Parameters<typeof serverOf>[0] = {}) {
  const asked = serverOf({ [`GET ${PATH}`]: () => ({ body: outcome }), ...server });
  page(
    <Routes>
      <Route element={<Outlet context={{ view: { code: "HB-1" } }} />}>
        <Route path="*" element={<OutcomeScreen />} />
      </Route>
    </Routes>,
  );
  return asked;
}

const button = (name: string | RegExp) => screen.getByRole("button", { name });

describe("What came out", () => {
  it("says what is known by what, and what was thought before", async () => {
    open(OUTCOME);
    const conditions = within(await screen.findByRole("region", { name: "Conditions" }));
    expect(conditions.getByText(/, MRI, strongest of 2/).textContent).toContain("present");
    expect(conditions.getByText(/the program said 41 %/).textContent).toContain("the examiner 60");
    expect(conditions.getByText("not known")).toBeTruthy();
  });

  it("notes a reference with what it said, asks what looks like a name again, and keeps it as typed", async () => {
    let tries = 0;
    const asked = open(OUTCOME, {
      [`POST ${PATH}/notes`]: () =>
        tries++ === 0
          ? { status: 422, body: { detail: "note: this looks like a name", question: true, errors: [] } }
          : { body: OUTCOME },
    });
    const form = within(await screen.findByRole("form", { name: "Note what came out" }));
    expect((button("Note it") as HTMLButtonElement).disabled).toBe(true);
    await userEvent.selectOptions(form.getByLabelText("By what"), "follow-up");
    await userEvent.selectOptions(form.getByLabelText("Something else came out"), "cyst");
    await userEvent.click(within(form.getByLabelText("Ganglion: what it said")).getByText("Present"));
    await userEvent.click(within(form.getByLabelText("Frozen shoulder: what it said")).getByText("Absent"));
    await userEvent.type(form.getByLabelText("In words, without names"), "By Dr Harbour");
    await userEvent.click(button("Note it"));
    await userEvent.click(await screen.findByRole("button", { name: "Keep it all the same" }));
    await waitFor(() => expect(asked.filter((a) => a.method === "POST")).toHaveLength(2));
    const sent = asked.filter((a) => a.method === "POST").map((a) => a.body as Record<string, unknown>);
    expect(sent[1]).toMatchObject({
      reference: "follow-up",
      months: 6,
      answers: { cyst: "present", stiff: "absent" },
      note: "By Dr Harbour",
      sure: true,
    });
    await waitFor(() => expect((button("Note it") as HTMLButtonElement).disabled).toBe(true));
  });

  it("takes a note back, gives a referral up for a reason, and asks a colleague", async () => {
    const asked = open(OUTCOME, {
      [`DELETE ${PATH}/notes/5`]: () => ({
        body: { ...OUTCOME, notes: [{ ...OUTCOME.notes[0], takenBackBy: "tern" }] },
      }),
      [`PUT ${PATH}/referrals/8`]: () => ({ body: OUTCOME }),
      "POST /api/cases/HB-1/second": () => ({
        body: { ...OUTCOME, second: { examiner: "plover", done: false } },
      }),
    });
    await userEvent.click(await screen.findByRole("button", { name: "Take it back" }));
    expect(await screen.findByText(/Taken back by tern/)).toBeTruthy();
    await userEvent.click(button("No answer will come"));
    await userEvent.type(screen.getByLabelText("Why, for the history"), "Moved away");
    await userEvent.click(button("Stop waiting"));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    await userEvent.selectOptions(screen.getByLabelText(/Have somebody else examine/), "plover");
    await userEvent.click(button("Ask"));
    expect(await screen.findByText(/plover is asked to examine this patient as well, blind/)).toBeTruthy();
    expect(asked.filter((a) => a.method !== "GET").map((a) => a.body)).toEqual([
      undefined,
      { why: "Moved away", sure: false },
      { examiner: "plover" },
    ]);
  });

  it("keeps only the hunches that were moved", async () => {
    const asked = open(OUTCOME, { [`PUT ${PATH}/hunches`]: () => ({ body: OUTCOME }) });
    await userEvent.click(await screen.findByRole("button", { name: /Say what you think/ }));
    const rail = screen.getByRole("slider", { name: "How likely: Frozen" }) as HTMLInputElement;
    rail.focus();
    const { fireEvent } = await import("@testing-library/react");
    fireEvent.change(rail, { target: { value: "46" } });
    await userEvent.click(button("That is what I think"));
    await waitFor(() => expect(asked.some((a) => a.method === "PUT")).toBe(true));
    expect(asked.find((a) => a.method === "PUT")?.body).toEqual({ probabilities: { stiff: 0.5 } });
  });

  it("has nothing to note of a second examination", async () => {
    open({ ...OUTCOME, secondOf: "HB-0" });
    expect(await screen.findByText(/second examination of HB-0/)).toBeTruthy();
    expect(screen.queryByRole("form", { name: "Note what came out" })).toBeNull();
  });
});
