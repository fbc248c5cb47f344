// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Catalogue, Changes, ClinicalTest, Examination, Leaves } from "../api/types";
import { page, serverOf } from "../test/page";
import { AddTest } from "./plan/AddTest";
import { TestBand } from "./TestBand";
import { TestNotes } from "./TestNotes";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const REGROWTH = {
  test: "along-the-nerve",
  nerves: ["ulnar nerve", "digital nerve"],
  landmarks: ["the scar"],
  limbPositions: ["elbow straight"],
};
const test = (id: string) =>
  ({
    id,
    notes: [
      { id: "portal-scars", label: "Portal scars" },
      { id: "bruising", label: "Bruising" },
    ],
    boards: [{ at: "groove" }],
  }) as unknown as ClinicalTest;
const having = (id: string, leaves: Leaves) =>
  ({ readings: [{ test: id, at: "groove", side: "left", values: leaves }] }) as unknown as Examination;

/** Notes whose ticks are kept as the couch keeps them. */
function Kept(props: { id: string; kept: Leaves; onChange: (changes: Changes) => void }) {
  const [leaves, setLeaves] = useState(props.kept);
  return (
    <TestNotes
      code="HB-001"
      test={test(props.id)}
      examination={having(props.id, leaves)}
      side="left"
      visit={2}
      regrowth={REGROWTH}
      onChange={(changes) => {
        props.onChange(changes);
        const known = Object.entries({ ...leaves, ...changes }).filter(([, v]) => v !== null);
        setLeaves(Object.fromEntries(known) as Leaves);
      }}
    />
  );
}

/** The notes of a test before a server that asks about every free text. */
function notes(id: string, kept: Leaves = {}) {
  const changed: Changes[] = [];
  const asked = serverOf({
    "POST /api/cases/HB-001/taps": ({ body }) =>
      (body as { sure: boolean }).sure
        ? { body: having(id, kept) }
        : { status: 422, body: { detail: "changes.mark.note: this looks like a name", question: true } },
  });
  page(<Kept id={id} kept={kept} onChange={(changes) => changed.push(changes)} />);
  return { changed, asked, user: userEvent.setup() };
}

/** The band of a test, with notes or, on a blocked one, without. */
function Band(props: { notes?: boolean }) {
  const [hidden, setHidden] = useState(false);
  const shown = { ...test("look"), name: "Look", steps: ["Bare both arms."], watchFor: [], unreliableIf: [] };
  return (
    <TestBand
      test={shown}
      side="left"
      folding={{ hidden, fold: setHidden }}
      notes={props.notes === false ? undefined : <Kept id="look" kept={{}} onChange={() => undefined} />}
      noted={0}
      notesFirst={false}
    />
  );
}

describe("what stands beside the figure", () => {
  it("keeps what is being written in the notes while something else is read, and while it is folded away", async () => {
    const user = userEvent.setup();
    serverOf({
      "POST /api/cases/HB-001/taps": () => ({ status: 422, body: { detail: "a name?", question: true } }),
    });
    page(<Band />);
    await user.click(screen.getByRole("tab", { name: "Notes" }));
    await user.type(screen.getByLabelText(/In words/), "seen by Mr Wader");
    await user.click(screen.getByRole("tab", { name: "How to do it" }));
    expect(screen.getByText("Bare both arms.")).toBeTruthy();
    await user.click(screen.getByRole("button", { name: /^Fold/ }));
    await user.click(screen.getByRole("button", { name: /How to do it \(H\)/ }));
    await user.click(screen.getByRole("tab", { name: "Notes" }));
    expect((screen.getByLabelText(/In words/) as HTMLInputElement).value).toBe("seen by Mr Wader");
    // What was asked while nobody looked is still asked.
    expect((await screen.findByRole("alert")).textContent).toContain("a name?");
  });

  it("has no notes on a test that must not be done", () => {
    page(<Band notes={false} />);
    expect(screen.queryByRole("tab", { name: "Notes" })).toBeNull();
    expect(screen.getByText("Bare both arms.")).toBeTruthy();
  });
});

describe("notes for the record", () => {
  it("hold several observations, and taking the last one away leaves nothing recorded", async () => {
    const { changed, user } = notes("look");
    const scars = screen.getByRole("button", { name: "Portal scars" });
    await user.click(scars);
    await user.click(screen.getByRole("button", { name: "Bruising" }));
    expect(scars.getAttribute("aria-pressed")).toBe("true");
    await user.click(scars);
    await user.click(screen.getByRole("button", { name: "Bruising" }));
    expect(changed).toEqual([
      { "mark.seen": ["portal-scars"] },
      { "mark.seen": ["portal-scars", "bruising"] },
      { "mark.seen": ["bruising"] },
      { "mark.seen": null },
    ]);
  });

  it("are asked about where they look like a name, and kept as typed when confirmed", async () => {
    const { asked, user } = notes("look");
    await user.type(screen.getByLabelText(/In words/), "seen by Mr Wader");
    await user.tab();
    expect((await screen.findByRole("alert")).textContent).toContain("looks like a name");
    await user.click(screen.getByRole("button", { name: "Keep it all the same" }));
    await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
    const sent = asked.filter((a) => a.method === "POST").map((a) => a.body);
    expect(sent).toHaveLength(2);
    expect(sent[1]).toMatchObject({
      test: "look",
      at: "groove",
      side: "left",
      visit: 2,
      changes: { "mark.note": "seen by Mr Wader" },
      sure: true,
    });
  });

  it("stand as they were written, and are not sent again unchanged", async () => {
    const { asked, user } = notes("look", { "mark.note": "numb after the cast" });
    const box = screen.getByLabelText(/In words/) as HTMLInputElement;
    expect(box.value).toBe("numb after the cast");
    await user.click(box);
    await user.tab();
    expect(asked.filter((a) => a.method === "POST")).toEqual([]);
  });

  it("say at the regrowing nerve alone which nerve, from where and how the limb lies", async () => {
    const { changed, user } = notes("along-the-nerve", { "regrowth.landmark": "the old scar" });
    await user.selectOptions(await screen.findByLabelText("Nerve tapped"), "digital nerve");
    // What was noted under earlier content stays to be chosen.
    expect((screen.getByLabelText("Measured from") as HTMLSelectElement).value).toBe("the old scar");
    await user.selectOptions(screen.getByLabelText("Measured from"), "not noted");
    expect(changed).toEqual([{ "regrowth.nerve": "digital nerve" }, { "regrowth.landmark": null }]);
    cleanup();
    notes("look", { "mark.note": "x" });
    await screen.findByLabelText(/In words/);
    expect(screen.queryByLabelText("Nerve tapped")).toBeNull();
  });
});

describe("the search for a test", () => {
  const CATALOGUE = {
    tests: [
      { id: "one", name: "Compression in flexion", region: "wrist", aliases: ["Carpal squeeze"] },
      { id: "two", name: "Grip", region: "hand", aliases: [] },
    ],
  } as unknown as Catalogue;

  it("finds by another name and says it, adds with one tap, and says what is in the list already", async () => {
    const added: string[] = [];
    const user = userEvent.setup();
    page(<AddTest catalogue={CATALOGUE} plan={["two"]} onAdd={(id) => added.push(id)} />);
    const search = screen.getByLabelText("Add a test");
    await user.type(search, "SQUEEZE");
    await user.click(screen.getByRole("button", { name: "Add Compression in flexion Carpal squeeze" }));
    expect(added).toEqual(["one"]);
    await user.clear(search);
    await user.type(search, "hand");
    expect(screen.getByText("Grip: already in the list")).toBeTruthy();
    expect(screen.queryByRole("button")).toBeNull();
    await user.clear(search);
    await user.type(search, "toe");
    expect(screen.getByText("No match.")).toBeTruthy();
  });
});
