// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { components } from "../api/schema";
import { page, serverOf } from "../test/page";
import { ReviewTab } from "./ReviewTab";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const REVIEW: components["schemas"]["YearlyReview"] = {
  from: "2025-11-28",
  to: "2026-11-28",
  cases: 240,
  simulated: 240,
  behind: 0,
  rows: 233,
  checkedRows: 3,
  unchecked: [
    {
      criterion: "neer/pain",
      name: "Neer sign",
      condition: "slap-tear",
      conditionName: "SLAP tear",
      rows: 3,
      unchecked: 2,
      disputed: 1,
      used: 57,
    },
  ],
  gained: [],
  neverDone: Array.from({ length: 30 }, (_, i) => ({ id: `t${i}`, name: `Test ${i}`, region: "hand" })),
  silent: [{ id: "adson", name: "Adson test", cases: 22, silent: 21 }],
};

describe("the yearly review", () => {
  it("leads to every figure and test it names, and says where there is nothing", async () => {
    const user = userEvent.setup();
    const asked = serverOf({
      "GET /api/outcomes/review": () => ({ body: REVIEW }),
      "GET /api/outcomes/review?from=2026-01-01": () => ({
        body: { ...REVIEW, from: "2026-01-01", cases: 1 },
      }),
    });
    page(<ReviewTab />);
    expect(await screen.findByText(/From 28 Nov 2025 to 28 Nov 2026: 240 cases; 240 of all/)).toBeTruthy();
    expect(screen.getByText(/^230 of 233 rows/)).toBeTruthy();
    const neer = screen.getByRole("link", { name: "Neer sign" });
    expect(neer.getAttribute("href")).toBe("/evidence/pair?criterion=neer%2Fpain&condition=slap-tear");
    expect(neer.closest("tr")?.textContent).toBe("Neer signSLAP tear2 of 3157");
    expect(screen.getByRole("link", { name: "Adson test" }).getAttribute("href")).toBe(
      "/evidence?tab=content&kind=test&entry=adson",
    );
    expect(screen.getByText("No pair gained a study by an import.")).toBeTruthy();
    const never = within(screen.getByRole("region", { name: "Tests that nobody did" }));
    expect(never.getAllByRole("link")).toHaveLength(12);
    await user.click(never.getByRole("button", { name: "All 30" }));
    expect(never.getAllByRole("link")).toHaveLength(30);
    await user.type(never.getByLabelText("Find"), "test 29");
    expect(never.getAllByRole("link").map((l) => l.textContent)).toEqual(["Test 29"]);
    const day = screen.getByLabelText("Looking back to");
    fireEvent.change(day, { target: { value: "2026-01-01" } });
    await waitFor(() => expect(asked.some((a) => a.path.endsWith("?from=2026-01-01"))).toBe(true));
    expect(await screen.findByText(/From 1 Jan 2026.*: 1 case;/)).toBeTruthy();
  });
});
