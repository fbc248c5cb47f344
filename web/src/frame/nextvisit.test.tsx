// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { CaseView } from "../api/types";
import { page, serverOf } from "../test/page";
import { NextVisit } from "./NextVisit";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const NINE_DAYS_MS = 9 * 24 * 3600 * 1000;
const earlier = new Date(Date.now() - NINE_DAYS_MS).toISOString();
const READING = { test: "neer", at: "", side: "right", values: {} };

const view = (more: Partial<CaseView>) =>
  ({
    code: "HB-001",
    visits: [earlier],
    visit: 1,
    examination: { readings: [READING] },
    ...more,
  }) as unknown as CaseView;
const offered = (more: Partial<CaseView> = {}) => {
  page(<NextVisit view={view(more)} />);
  const is = screen.queryByRole("button", { name: /^Begin visit/ }) !== null;
  cleanup();
  return is;
};

describe("The next visit", () => {
  it("is offered where the latest one is of another day, recorded and open", () => {
    expect(offered()).toBe(true);
    expect(offered({ visits: [new Date().toISOString()] })).toBe(false);
    expect(offered({ visits: [earlier, earlier] })).toBe(false);
    expect(offered({ closedAt: earlier })).toBe(false);
    expect(offered({ examination: { readings: [] } as unknown as CaseView["examination"] })).toBe(false);
  });

  it("begins by one tap", async () => {
    const asked = serverOf({ "POST /api/cases/HB-001/visits": () => ({ body: view({ visit: 2 }) }) });
    const user = userEvent.setup();
    page(<NextVisit view={view({})} />);
    await user.click(screen.getByRole("button", { name: "Begin visit 2" }));
    await waitFor(() => expect(asked.some((a) => a.method === "POST")).toBe(true));
  });

  it("says why where it cannot begin", async () => {
    serverOf({
      "POST /api/cases/HB-001/visits": () => ({
        status: 409,
        body: { status: 409, detail: "Case HB-001 was closed meanwhile." },
      }),
    });
    const user = userEvent.setup();
    page(<NextVisit view={view({})} />);
    await user.click(screen.getByRole("button", { name: "Begin visit 2" }));
    expect((await screen.findByRole("alert")).textContent).toContain("closed meanwhile");
  });
});
