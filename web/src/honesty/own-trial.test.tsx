// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Trial } from "../api/types";
import { page, serverOf } from "../test/page";
import { OwnTrial } from "./OwnTrial";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const WAY = { logLoss: 1.5, brier: 0.07, intercept: -0.4, slope: 0.8, inner: 0.7, outer: 0.9 };
const RUNNING: Trial = {
  state: "running",
  progress: 0.25,
  complaint: "Elbow pain",
  setting: "sports",
  clinics: [],
  problem: "",
};
const DONE: Trial = {
  ...RUNNING,
  state: "done",
  progress: 1,
  clinics: [
    {
      clinic: "mild",
      patients: 350,
      ways: [
        { ...WAY, school: "independent", rightAtEighty: 0.64 },
        { ...WAY, school: "differential" },
      ],
      points: { independent: [[0.8, 0.6]], "overlap-aware": [], differential: [[0.8, 0.75]] },
    },
  ],
};

/** The part over a server whose trials are at an end when they are asked for again. */
function trials(answers: { begun?: { status?: number; body?: unknown }; later?: Trial } = {}) {
  let isBegun = false;
  return serverOf({
    "GET /api/catalogue": () => ({
      body: {
        complaints: [
          { id: "a", name: "Arm pain" },
          { id: "e", name: "Elbow pain" },
        ],
        settings: [
          { id: "community", label: "Community" },
          { id: "sports", label: "Sports" },
        ],
      },
    }),
    "GET /api/settings/honesty": () => ({
      body: isBegun ? (answers.later ?? DONE) : { ...RUNNING, state: "none" },
    }),
    "POST /api/settings/honesty": () => {
      isBegun = true;
      return answers.begun ?? { status: 202, body: RUNNING };
    },
  });
}

async function begin() {
  const user = userEvent.setup();
  page(<OwnTrial />);
  await screen.findByRole("option", { name: "Elbow pain" });
  await user.selectOptions(screen.getByRole("combobox", { name: "Complaint" }), "Elbow pain");
  await user.click(screen.getByRole("radio", { name: "Sports" }));
  await user.click(screen.getByRole("button", { name: "Try it" }));
}

describe("a trial with the department's own base rates", () => {
  it("is begun for a complaint and a setting, shows how far it is, and then every way in every clinic", async () => {
    const asked = trials();
    await begin();
    const bar = await screen.findByRole("progressbar", { name: /Elbow pain, sports/ });
    expect(bar.getAttribute("value")).toBe("0.25");
    expect(screen.getByRole("button", { name: "Try it" }).hasAttribute("disabled")).toBe(true);
    expect(asked.filter((a) => a.method === "POST").map((a) => a.body)).toEqual([
      { complaint: "e", setting: "sports" },
    ]);
    const table = await screen.findByRole("table", { name: "mild: 350 patients" }, { timeout: 5000 });
    const rows = within(table)
      .getAllByRole("row")
      .slice(1)
      .map((r) =>
        within(r)
          .getAllByRole("cell")
          .map((c) => c.textContent),
      );
    expect(rows).toHaveLength(6);
    // Nothing was stated at 80 % by the first; the second way was not judged at all.
    expect(rows[0]).toEqual([
      "Weighed together",
      "1.500",
      "0.070",
      "-0.40, 0.80",
      "none",
      "70\u202f%",
      "90\u202f%",
    ]);
    expect(rows[1]?.slice(1)).toEqual(["none", "none", "none", "none", "none", "none"]);
    expect(rows[2]?.[4]).toBe("64\u202f%");
    expect(screen.getByRole("img", { name: /^Weighed together: / })).toBeTruthy();
    expect(screen.queryByRole("progressbar")).toBeNull();
  });

  it("says why it cannot be tried, and shows the one that somebody else began", async () => {
    trials({ begun: { status: 409, body: { detail: "A trial is running already." } }, later: RUNNING });
    await begin();
    expect(await screen.findByText("A trial is running already.")).toBeTruthy();
    expect(await screen.findByRole("progressbar")).toBeTruthy();
  });

  it("says why nothing came of it", async () => {
    trials({ later: { ...RUNNING, state: "failed", problem: "There is nothing to try." } });
    await begin();
    expect((await screen.findByRole("alert", {}, { timeout: 5000 })).textContent).toBe(
      "There is nothing to try.",
    );
  });
});
