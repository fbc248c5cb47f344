// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import { caseKey } from "../api/queries";
import type { CaseView } from "../api/types";
import { page, serverOf } from "../test/page";
import { VisitMenu } from "./VisitMenu";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

/** The menu of a case with visits of these days, one of them open. */
function menu(visits: string[], visit: number, recorded: boolean) {
  const view = {
    code: "HB-001",
    id: 1,
    version: 6,
    createdAt: "2026-11-01T09:00:00Z",
    visits,
    visit,
    examination: { readings: recorded ? [{}] : [] },
  } as unknown as CaseView;
  const saved = () => ({ body: { ...view, version: 7 } });
  const asked = serverOf({
    "POST /api/cases/HB-001/visits": saved,
    "PUT /api/cases/HB-001/visits/1/open": saved,
    "PUT /api/cases/HB-001/visits/2/day": saved,
    "DELETE /api/cases/HB-001/visits/2?version=6": saved,
  });
  const { client } = page(<VisitMenu view={view} />);
  client.setQueryData(caseKey("HB-001"), view);
  const user = userEvent.setup();
  const choose = async (item: string | RegExp) => {
    await user.click(screen.getByRole("button", { name: `Visit ${visit}` }));
    await user.click(await screen.findByRole("menuitem", { name: item }));
  };
  const sent = () =>
    asked.filter((a) => a.method !== "GET").map(({ method, path, body }) => ({ method, path, body }));
  return { user, choose, sent };
}

const DAYS = ["2026-11-12T09:00:00Z", "2026-11-20T09:00:00Z"];

describe("visits", () => {
  it("that are on paper are entered under their day", async () => {
    const { user, choose, sent } = menu(DAYS, 2, true);
    await choose("Enter an earlier visit from paper");
    const dialog = await screen.findByRole("dialog", { name: "When was the visit on paper?" });
    fireEvent.change(within(dialog).getByLabelText("Day"), { target: { value: "2026-09-03" } });
    await user.click(within(dialog).getByRole("button", { name: "Use this day" }));
    await waitFor(() =>
      expect(sent()).toEqual([
        { method: "POST", path: "/api/cases/HB-001/visits", body: { version: 6, day: "2026-09-03" } },
      ]),
    );
  });

  it("get another day, and none where the question is left", async () => {
    const { user, choose, sent } = menu(DAYS, 2, true);
    await choose("Change the day of this visit");
    await user.click(await screen.findByRole("button", { name: "Leave it" }));
    expect(sent()).toEqual([]);
    await choose("Change the day of this visit");
    fireEvent.change(await screen.findByLabelText("Day"), { target: { value: "2026-11-19" } });
    await user.click(screen.getByRole("button", { name: "Use this day" }));
    await waitFor(() =>
      expect(sent()).toEqual([
        { method: "PUT", path: "/api/cases/HB-001/visits/2/day", body: { version: 6, day: "2026-11-19" } },
      ]),
    );
  });

  it("are opened again, and the last one is taken back while nothing is recorded at it", async () => {
    const { choose, sent } = menu(DAYS, 2, false);
    await choose(/^Open visit 1, /);
    await waitFor(() => expect(sent()).toHaveLength(1));
    await choose("Take visit 2 back");
    await waitFor(() => expect(sent().map((s) => s.method)).toEqual(["PUT", "DELETE"]));
  });

  it("are not begun before something is recorded at the one that is open, nor taken back after", async () => {
    const disabled = async (recorded: boolean) => {
      menu(DAYS, 2, recorded);
      await userEvent.setup().click(screen.getByRole("button", { name: "Visit 2" }));
      const items = await screen.findAllByRole("menuitem");
      const off = items.filter((i) => i.hasAttribute("data-disabled")).map((i) => i.textContent);
      cleanup();
      return off;
    };
    expect(await disabled(false)).toEqual([
      "Begin visit 3: the same tests, nothing filled in",
      "Enter an earlier visit from paper",
    ]);
    expect(await disabled(true)).toEqual(["Take visit 2 back"]);
  });
});
