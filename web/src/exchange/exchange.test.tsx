// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { CaseImport } from "../api/types";
import { page, serverOf } from "../test/page";
import { BringIn } from "./BringIn";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const LOOKED: CaseImport = {
  id: "x",
  state: "looked",
  done: 3,
  of: 3,
  added: 2,
  changed: 0,
  same: 1,
  refused: 0,
  problem: "",
  doubts: [],
  blocked: [],
  cases: [
    { code: "HB-001", status: "new", why: "4 taps, 1 visit" },
    { code: "HB-002", status: "same", why: "" },
  ],
};

async function choose(answers: Parameters<typeof serverOf>[0]) {
  const user = userEvent.setup();
  const asked = serverOf(answers);
  page(<BringIn />);
  await user.upload(
    screen.getByLabelText(/Such a zip/),
    new File(["{}"], "cases.json", { type: "application/json" }),
  );
  return { user, asked };
}

describe("cases in", () => {
  it("are looked at, asked about, and brought in with the answers", async () => {
    const { user, asked } = await choose({
      "POST /api/exchange/import": () => ({
        body: {
          ...LOOKED,
          doubts: ["HB-001, what happened: looks like a name"],
          blocked: ["HB-001, visit 1: Jerk test"],
        },
      }),
      "POST /api/exchange/import/x": () => ({ body: { ...LOOKED, state: "done" } }),
    });
    expect(await screen.findByText("HB-001: new. 4 taps, 1 visit")).toBeTruthy();
    expect(screen.queryByText(/HB-002/)).toBeNull();
    await user.click(screen.getByRole("checkbox"));
    await user.type(screen.getByLabelText(/Why they were done/), "Done elsewhere before");
    await user.click(screen.getByRole("button", { name: "Bring them in" }));
    expect(await screen.findByText(/Brought in: 2 new, 0 gone on with/)).toBeTruthy();
    expect(asked.at(-1)?.body).toEqual({ sure: true, reason: "Done elsewhere before" });
  });
  it("show how far they are, and can be stopped", async () => {
    const under = { ...LOOKED, state: "bringing", done: 7, of: 30, cases: [] };
    const { user } = await choose({
      "POST /api/exchange/import": () => ({ body: LOOKED }),
      "POST /api/exchange/import/x": () => ({ body: under }),
      "GET /api/exchange/import/x": () => ({ body: { ...under, done: 12 } }),
      "DELETE /api/exchange/import/x": () => ({
        body: { ...under, state: "stopped", done: 12, added: 11, changed: 1 },
      }),
    });
    await user.click(await screen.findByRole("button", { name: "Bring them in" }));
    const bar = await screen.findByRole("progressbar");
    await waitFor(() => expect((bar as HTMLProgressElement).value).toBe(12), { timeout: 3000 });
    await user.click(screen.getByRole("button", { name: "Stop" }));
    expect(await screen.findByText("Stopped after 12 of 30.", { exact: false })).toBeTruthy();
    expect(screen.getByText(/choose the file again to go on/)).toBeTruthy();
  });
  it("stay out while one is refused", async () => {
    await choose({
      "POST /api/exchange/import": () => ({
        body: {
          ...LOOKED,
          refused: 1,
          cases: [{ code: "HB-003", status: "refused", why: "taps[0]: differs" }],
        },
      }),
    });
    expect(await screen.findByText("Nothing is brought in while a case is refused.")).toBeTruthy();
    expect(screen.queryByRole("button", { name: "Bring them in" })).toBeNull();
  });
});
