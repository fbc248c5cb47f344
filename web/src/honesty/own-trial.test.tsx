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

const WAY = {
  logLoss: { value: 1.5432, within: 0.04 },
  saved: { value: 0.031, within: 0.2 },
  brier: { value: 0.0712, within: 0.0009 },
  intercept: { value: -0.4, within: 0.3 },
  slope: { value: 0 },
  inner: { value: 1, within: 0 },
  outer: { value: 0.9, within: 0.021 },
};
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
        { ...WAY, school: "independent", rightAtEighty: 16, statedAtEighty: 25 },
        { ...WAY, school: "sober", rightAtEighty: 5, statedAtEighty: 5 },
      ],
      points: { independent: [[0.8, 0.6]], "overlap-aware": [], sober: [[0.8, 0.75]] },
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
    // Digits end where the interval begins; five of five are no percentage; the other ways were not judged at all.
    expect(rows[0]).toEqual([
      "Sober",
      "1.54 ± 0.04",
      "+0.0 ± 0.2",
      "0.071 ± 0.001",
      "-0.4 ± 0.3",
      "too few",
      "5 of 5",
      "100 ± 0\u202f%",
      "90 ± 3\u202f%",
    ]);
    expect(rows[1]?.slice(1).every((cell) => cell === "none")).toBe(true);
    expect(rows[3]?.[6]).toBe("64\u202f% of 25");
    expect(screen.getByRole("img", { name: /^Sober: / })).toBeTruthy();
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
