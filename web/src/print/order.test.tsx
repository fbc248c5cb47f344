// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, within } from "@testing-library/react";
import { Outlet, Route, Routes } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { board, contextOf, made } from "../test/couch";
import { FIGURES } from "../test/figures";
import { page, serverOf } from "../test/page";
import { OrderScreen } from "./OrderScreen";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const DIALS = [
  { label: "Strength of the fear, 0 to 10", unit: "", decides: true },
  { label: "Lag", unit: "degrees", decides: true },
  { label: "For the record alone", unit: "N", decides: false },
];
const TESTS = ["neer", "arc", "push", "pull"].map((id) =>
  made(id, id, "sitting", id === "pull" ? { boards: [board("", "", DIALS)] } : {}),
);

const ASKED = { asked: ["fell", "wakes"], opened: { fell: ["hand"] }, more: ["old", "strap"] };
const question = (id: string) => ({ id, ask: `${id}?` });

/** A visit in short time with a set in it, one test blocked and one gone ahead with. */
function paper() {
  serverOf({
    "GET /api/figures": () => ({ body: FIGURES }),
    "GET /api/cases/HB-001/asked": () => ({ body: ASKED }),
  });
  const context = contextOf(TESTS, {
    plan: {
      leftOut: [{ test: "arc", why: "tells less a minute" }],
      core: { tests: ["neer", "push"], places: [], first: "neer", because: "it splits the question" },
      sets: ["panel"],
    },
    sets: [
      {
        id: "panel",
        name: "Labral panel",
        complaints: [],
        tests: ["neer", "pull"],
        groups: [],
        before: [],
        stop: "",
        note: "",
      },
    ],
    examination: {
      blocked: [
        { test: "push", because: ["Recent fracture"] },
        { test: "pull", because: ["Recent fracture"], reason: "Healed on the picture of today" },
      ],
    },
  });
  const intake = { involvedSide: "right", precautions: ["fracture"], answers: { fell: true, strap: false } };
  Object.assign(context.view, { intake });
  Object.assign(context.catalogue, {
    history: ["fell", "hand", "wakes", "old", "strap"].map(question),
    precautions: [
      { id: "fracture", label: "Recent fracture" },
      { id: "wound", label: "Open wound" },
    ],
  });
  page(
    <Routes>
      <Route element={<Outlet context={context} />}>
        <Route path="/" element={<OrderScreen />} />
      </Route>
    </Routes>,
  );
}

describe("A visit on paper", () => {
  it("has room for both sides of what is to be done, and says of what is blocked why instead", () => {
    paper();
    const provoke = within(screen.getByRole("region", { name: "Provoke" }));
    const [neer, push, pull] = provoke.getAllByRole("listitem").map((row) => within(row));
    expect(provoke.getAllByRole("listitem")).toHaveLength(3);
    expect(neer?.getByText("Left")).toBeTruthy();
    expect(neer?.getByText("Nothing found · Their pain")).toBeTruthy();
    expect(push?.getByText(/by recent fracture/).textContent).toBe("Blocked by recent fracture.");
    expect(push?.queryByText("Left")).toBeNull();
    expect(pull?.getByText(/done all the same: Healed/)).toBeTruthy();
    expect(pull?.getByText("Right")).toBeTruthy();
    expect(
      pull?.getByText("Nothing found · Their pain · Strength of the fear, 0 to 10 · Lag (degrees)"),
    ).toBeTruthy();
  });
  it("says what the core is, what a set put in, and what was left out and why", () => {
    paper();
    const provoke = within(screen.getByRole("region", { name: "Provoke" }));
    expect(provoke.getAllByRole("listitem").map((row) => row.querySelector("b + span")?.textContent)).toEqual(
      ["Core, first of all, Labral panel", "Core", "Labral panel"],
    );
    expect(screen.getByText("Labral panel, 0 of 2 done.", { exact: false })).toBeTruthy();
    expect(screen.getByRole("region", { name: "Left out" }).textContent).toContain(
      "arc (tells less a minute).",
    );
  });
  it("asks what is asked, with what is known already, and what may stop a test", async () => {
    paper();
    const ask = within(await screen.findByRole("region", { name: "Ask" }));
    expect(ask.getAllByRole("listitem").map((row) => row.textContent)).toEqual([
      "fell?Yes",
      "hand?Yes / No",
      "wakes?Yes / No",
      "strap?No",
    ]);
    const before = within(screen.getByRole("region", { name: "Before touching" }));
    expect(before.getAllByRole("listitem").map((row) => row.textContent)).toEqual([
      "✓Holds:  Recent fracture",
      " Open wound",
    ]);
  });
});
