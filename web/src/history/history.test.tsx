// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { Route, Routes } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { DeletedCase, DepartmentChange, Happened, HistoryPage, Role } from "../api/types";
import { page, serverOf } from "../test/page";
import { CaseHistory } from "./CaseHistory";
import { DepartmentHistory } from "./DepartmentHistory";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const OVERLAP: DepartmentChange = {
  subject: "Settings",
  at: "2026-11-20T10:00:00Z",
  who: "heron",
  what: "Settings",
  about: {},
  did: "changed",
  lines: [{ field: "overlap within a family", before: "0.45", after: "0.4" }],
  why: "ours overlap less",
};
const FIGURE: DepartmentChange = {
  subject: "Figures",
  at: "2026-11-19T10:00:00Z",
  who: "",
  what: "Neer sign, for SLAP tear: Harbour audit, 2024",
  about: { criterion: "neer/pain", condition: "slap-tear", test: "neer" },
  did: "changed",
  lines: [
    { field: "steps", before: "one\ntwo", after: "" },
    { field: "note", before: "", after: "counted anew" },
  ],
  why: "",
};
const paged = (changes: DepartmentChange[], more = false): HistoryPage => ({
  changes,
  more,
  subjects: ["Figures", "Settings"],
  people: ["heron", "plover"],
});
const DELETED: DeletedCase = {
  id: 7,
  code: "HB-007",
  deletedAt: "2026-11-19T10:00:00Z",
  deletedBy: "tern",
  reason: "made twice",
  until: "2027-02-17T10:00:00Z",
};

describe("the department's history", () => {
  it("says as text what was and what is, page by page", async () => {
    const user = userEvent.setup();
    serverOf({
      "GET /api/history?page=0": () => ({ body: paged([OVERLAP], true) }),
      "GET /api/history?page=1": () => ({ body: paged([FIGURE]) }),
    });
    page(<DepartmentHistory />, { session: { role: "auditor" } });
    const row = (await screen.findByText("0.45")).closest("tr") as HTMLElement;
    expect(row.textContent).toContain("overlap within a family: 0.45 before, 0.4 now");
    expect(row.textContent).toContain("Why: ours overlap less");
    const later = screen.getByRole("button", { name: "Later" }) as HTMLButtonElement;
    expect(later.disabled).toBe(true);
    await user.click(screen.getByRole("button", { name: "Earlier" }));
    const way = await screen.findByRole("link", { name: FIGURE.what });
    expect(way.getAttribute("href")).toBe("/evidence/pair?criterion=neer%2Fpain&condition=slap-tear");
    const figure = way.closest("tr") as HTMLElement;
    expect(figure.textContent).toContain("steps: taken away one; two");
    expect(figure.textContent).toContain("note: added counted anew");
    expect(figure.textContent).toContain("Lexicor");
    expect(later.disabled).toBe(false);
    expect((screen.getByRole("button", { name: "Earlier" }) as HTMLButtonElement).disabled).toBe(true);
  });
  it("is asked for by what one remembers, and taken away as it was asked for", async () => {
    const user = userEvent.setup();
    const asked = serverOf({
      "GET /api/history?page=0": () => ({ body: paged([OVERLAP, FIGURE]) }),
      "GET /api/history?who=heron&page=0": () => ({ body: paged([OVERLAP]) }),
      "GET /api/history?kind=Figures&who=heron&page=0": () => ({ body: paged([]) }),
    });
    page(<DepartmentHistory />, { session: { role: "auditor" } });
    await user.selectOptions(await screen.findByLabelText("Person"), "heron");
    await waitFor(() => expect(screen.queryByText(FIGURE.what)).toBeNull());
    await user.selectOptions(screen.getByLabelText("Kind"), "Figures");
    expect(await screen.findByText("Nothing of this kind was changed.")).toBeTruthy();
    expect(screen.getByRole("link", { name: "As CSV" }).getAttribute("href")).toBe(
      "/api/history/csv?kind=Figures&who=heron",
    );
    await user.click(screen.getByRole("button", { name: "Everything" }));
    expect(await screen.findByText(FIGURE.what)).toBeTruthy();
    expect(asked.some((a) => a.path.includes("kind=Figures"))).toBe(true);
  });
  it("lets a lead bring a deleted case back, and asks nobody else's server for one", async () => {
    const user = userEvent.setup();
    let deleted = [DELETED];
    const asked = serverOf({
      "GET /api/history?page=0": () => ({ body: paged([]) }),
      "GET /api/deleted-cases": () => ({ body: deleted }),
      "POST /api/deleted-cases/7/bring-back": () => {
        deleted = [];
        return { status: 204 };
      },
      "GET /api/session": () => ({ body: { state: "signed-in", name: "heron", role: "lead", demo: [] } }),
    });
    page(<DepartmentHistory />);
    const row = (await screen.findByText("HB-007")).closest("tr") as HTMLElement;
    expect(row.textContent).toContain("by tern");
    expect(row.textContent).toContain("made twice");
    await user.click(within(row).getByRole("button", { name: "Bring HB-007 back" }));
    await waitFor(() => expect(screen.queryByText("HB-007")).toBeNull());
    cleanup();
    asked.length = 0;
    page(<DepartmentHistory />, { session: { role: "auditor" } });
    await waitFor(() => expect(asked.map((a) => a.path)).toContain("/api/history?page=0"));
    expect(asked.map((a) => a.path)).not.toContain("/api/deleted-cases");
  });
});

describe("a case's history", () => {
  const TAP: Happened = {
    at: "2026-11-20T10:00:00Z",
    who: "tern",
    kind: "tap",
    what: "Sulcus sign, right",
    lines: [{ field: "Gap", before: "5 mm", after: "20 mm" }],
    tap: "t-1",
    visit: 1,
    canBringBack: true,
    broughtIn: true,
  };
  const shown = (role: Role) => {
    let happened: Happened[] = [
      { ...TAP, kind: "opened", what: "The case", lines: [], canBringBack: false, broughtIn: false },
      TAP,
    ];
    const asked = serverOf({
      "GET /api/catalogue": () => ({ body: { tests: [{ id: "sulcus", name: "Sulcus sign" }] } }),
      "GET /api/cases/HB-001/history": () => ({ body: happened }),
      "POST /api/cases/HB-001/history/bring-back": () => {
        happened = happened.map((h) => ({ ...h, canBringBack: false }));
        return { body: {} };
      },
      "GET /api/cases/HB-001/history/at?tap=t-1": () => ({
        body: {
          at: TAP.at,
          visit: 1,
          readings: [],
          conditions: [],
          findings: [
            { test: "sulcus", criterion: "sulcus/gap", label: "Gap", side: "right", outcome: "positive" },
            { test: "jerk", criterion: "jerk/pain", label: "Pain", side: "right", outcome: "not-done" },
          ],
        },
      }),
    });
    page(
      <Routes>
        <Route path="/cases/:code/history" element={<CaseHistory />} />
      </Routes>,
      { session: { role }, at: "/cases/HB-001/history" },
    );
    return asked;
  };
  it("says who brought a tap in from a file, the latest first, and how the case stood after it", async () => {
    const user = userEvent.setup();
    shown("lead");
    const items = await screen.findAllByRole("listitem");
    expect(items[0]?.textContent).toContain("Sulcus sign, right recorded, brought in from a file");
    expect(items[0]?.textContent).toContain("tern");
    expect(items[1]?.textContent).toContain("The case opened");
    expect(items[1]?.textContent).not.toContain("from a file");
    await user.click(screen.getByRole("button", { name: "As it stood then" }));
    const then = screen.getByLabelText("As it stood then");
    await within(then).findByText(/visit 1/);
    expect(then.textContent).toContain("Sulcus sign");
    expect(then.textContent).toContain("Gap, right: positive");
    expect(then.textContent).not.toContain("jerk");
  });
  it("brings a reading back as a new tap, for whoever may change the case", async () => {
    const user = userEvent.setup();
    const asked = shown("clinician");
    await user.click(await screen.findByRole("button", { name: "Bring back what was there" }));
    await waitFor(() =>
      expect(screen.queryByRole("button", { name: "Bring back what was there" })).toBeNull(),
    );
    const sent = asked.find((a) => a.method === "POST")?.body as { tap: string; tapId: string };
    expect(sent.tap).toBe("t-1");
    expect(sent.tapId).toMatch(/^[0-9a-f-]{36}$/);
    cleanup();
    shown("auditor");
    await screen.findAllByRole("listitem");
    expect(screen.queryByRole("button", { name: "Bring back what was there" })).toBeNull();
    expect(screen.queryByRole("link", { name: "Back to the case" })).toBeNull();
  });
});
