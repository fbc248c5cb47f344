// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { useQuery } from "@tanstack/react-query";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import fc from "fast-check";
import { useState } from "react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { Problem } from "../api/client";
import { leavesAt, padChanges } from "../api/examination";
import { caseKey, showExamination } from "../api/queries";
import type {
  Board,
  CaseView,
  Catalogue,
  Changes,
  Dial,
  Examination,
  KeptTap,
  Leaves,
  Pad,
  Side,
} from "../api/types";
import type { Act } from "../queue/act";
import { page, serverOf } from "../test/page";
import { Blocked } from "./Blocked";
import { padKeys } from "./keys";
import { BothSides } from "./pads/BothSides";
import { type Block, laidOut, pairsFor } from "./pads/items";
import { NumberField } from "./pads/NumberField";
import { TapHistory } from "./TapHistory";
import { useTaps } from "./useTaps";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const PADS: Pad[] = [
  { id: "nothing", label: "Nothing found", hint: "", group: "sign", sets: { "pain.present": false } },
  {
    id: "their-pain",
    label: "Their pain",
    hint: "the pain they came with",
    group: "sign",
    sets: { "pain.present": true, "pain.familiar": true },
  },
  {
    id: "other-pain",
    label: "Other pain",
    hint: "",
    group: "sign",
    sets: { "pain.present": true, "pain.familiar": false },
  },
] as Pad[];
const BOARD = { at: "", label: "", pads: PADS, dials: [], picture: "" } as unknown as Board;

const GAP = {
  leaf: "gapMm",
  label: "Gap",
  unit: "mm",
  low: 0,
  high: 40,
  step: 5,
  quick: [5, 10, 20],
  decides: true,
} as Dial;

const NONE: Record<Side, Leaves> = { left: {}, right: {} };

function sides(options: { keysTo?: Side; leaves?: Record<Side, Leaves>; board?: Board } = {}) {
  const changed: [Side, Changes][] = [];
  const tapped: string[] = [];
  page(
    <BothSides
      board={options.board ?? BOARD}
      involved="right"
      side={options.keysTo ?? "right"}
      leaves={options.leaves ?? NONE}
      padKeys={padKeys({})}
      onSide={(side) => tapped.push(`keys to the ${side}`)}
      onPad={(side, pad) => tapped.push(`${side} ${pad.id}`)}
      onChange={(side, changes) => changed.push([side, changes])}
    />,
  );
  return { changed, tapped };
}
const affected = () => within(screen.getByRole("region", { name: "Right, affected side" }));
const other = () => within(screen.getByRole("region", { name: "Left, other side" }));
const words = (of: ReturnType<typeof within>) =>
  of.getAllByRole("button").map((b: HTMLElement) => b.textContent);

describe("the pads of both sides", () => {
  it("are all there on the one that troubles, numbered for the keys, with what stands pressed", async () => {
    const user = userEvent.setup();
    const { tapped, changed } = sides({
      leaves: { left: {}, right: { "pain.present": true, "pain.familiar": true } },
    });
    expect(words(affected())).toEqual([
      "Can't tell.",
      "Not doneX",
      "Nothing found1",
      "Their pain the pain they came with2",
      "Other pain3",
    ]);
    const pressed = affected().getAllByRole("button", { pressed: true });
    expect(pressed.map((b) => b.textContent)).toEqual(["Their pain the pain they came with2"]);
    await user.click(affected().getByRole("button", { name: /Other pain/ }));
    await user.click(affected().getByRole("button", { name: /Can't tell/ }));
    expect(tapped).toEqual(["right other-pain"]);
    expect(changed).toEqual([["right", { "mark.cannotTell": true }]]);
  });

  it("are one tap for nothing found on the other side, until something was; then each stands beside its words", async () => {
    const user = userEvent.setup();
    const { tapped } = sides({ leaves: { left: { "pain.present": false }, right: {} } });
    expect(words(other())).toEqual(["Nothing foundN", "Something found"]);
    await user.click(other().getByRole("button", { name: "Something found" }));
    await user.click(other().getByRole("button", { name: "Other pain" }));
    expect(tapped).toEqual(["left other-pain"]);
    // Named by its words, and by the side it stands in; what is seen is whether it stands.
    expect(other().getByRole("button", { name: "Nothing found", pressed: true }).textContent).toContain(
      "\u2713",
    );
    cleanup();
    sides({ leaves: { left: { "pain.present": true, "pain.familiar": false }, right: {} } });
    expect(other().getByRole("button", { name: "Other pain", pressed: true })).toBeTruthy();
    // What was found is not folded away.
    expect(other().queryByRole("button", { name: "Fold the other side" })).toBeNull();
  });

  it("carry the numbers where the keys go", () => {
    sides({ keysTo: "left" });
    expect(other().getByRole("button", { name: "Their pain" }).textContent).toBe("L2");
    expect(affected().getByRole("button", { name: /^Their pain/ }).textContent).toBe(
      "Their pain the pain they came with",
    );
  });

  it("take a mark off that stood", async () => {
    const user = userEvent.setup();
    const { changed } = sides({ leaves: { left: {}, right: { "mark.notDone": true } } });
    await user.click(affected().getByRole("button", { name: /Not done/, pressed: true }));
    expect(changed).toEqual([["right", { "mark.notDone": null }]]);
  });

  it("have a key each, however many there are, and none twice", () => {
    const many = Array.from({ length: 24 }, (_, i) => ({
      id: `sign-${i}`,
      label: `Sign ${i}`,
      hint: "",
      group: "sign",
      sets: {},
    }));
    sides({ board: { ...BOARD, pads: many } as unknown as Board });
    const keys = affected()
      .getAllByRole("button", { name: /^Sign/ })
      .map((b) => b.querySelector(".pad-key")?.textContent);
    expect(keys).not.toContain(undefined);
    expect(new Set(keys).size).toBe(24);
  });

  it("put numbers of both sides into one card, each named by its side", async () => {
    const user = userEvent.setup();
    const { changed } = sides({
      board: { ...BOARD, dials: [GAP] } as unknown as Board,
      leaves: { left: { "pain.present": true, gapMm: 4 }, right: {} },
    });
    expect((screen.getByLabelText("Gap, Left, in mm") as HTMLInputElement).value).toBe("4");
    await user.type(screen.getByLabelText("Gap, Right, in mm"), "12{Enter}");
    expect(changed).toEqual([["right", { gapMm: 12 }]]);
  });
});

describe("how many facts stand side by side", () => {
  const items = (labels: string[]) =>
    [
      { heading: "", items: labels.map((label, i) => ({ id: `${i}`, label, hint: "" })) },
    ] as unknown as Block[];

  it("is three where they are few, and five only where that is lower", () => {
    expect(pairsFor(items(["Pain", "Click", "Weak"]))).toBe(3);
    expect(pairsFor(items(Array.from({ length: 10 }, () => "Pain")))).toBe(5);
    expect(
      pairsFor(items(Array.from({ length: 12 }, () => "In the upper forearm, over the radial tunnel"))),
    ).toBe(4);
  });

  it("leaves no two facts in one place, and begins every block in a row of its own", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 14 }), { minLength: 1, maxLength: 3 }), (sizes) => {
        const blocks = sizes.map((size, b) => ({
          heading: b === 0 ? "" : `block ${b}`,
          items: Array.from({ length: size }, (_, i) => ({ id: `${b} ${i}`, label: "Pain", hint: "" })),
        })) as unknown as Block[];
        const pairs = pairsFor(blocks);
        const { places, headings } = laidOut(blocks, pairs);
        const all = [...places.values()].map((p) => `${p.row} ${p.column}`);
        expect(new Set(all).size).toBe(sizes.reduce((sum, n) => sum + n, 0));
        for (const h of headings) {
          expect(h.row).toBeGreaterThan(2);
        }
      }),
    );
  });
});

function Row(props: { onSave: (value: number | null) => void }) {
  const [value, setValue] = useState<number>();
  const save = (next: number | null) => {
    props.onSave(next);
    setValue(next ?? undefined);
  };
  return (
    <NumberField
      dial={GAP}
      sideName="Right"
      short=""
      hasKeys
      value={value}
      quick={GAP.quick}
      steps
      onChange={save}
    />
  );
}

describe("a measured number", () => {
  const row = () => {
    const saved: (number | null)[] = [];
    page(<Row onSave={(value) => saved.push(value)} />);
    return { saved, field: screen.getByLabelText("Gap, Right, in mm") as HTMLInputElement };
  };

  it("is typed with a comma, stepped within its range, or one of the quick ones, which is taken off again", async () => {
    const user = userEvent.setup();
    const { saved, field } = row();
    await user.type(field, "12,5{Enter}");
    await user.click(screen.getByRole("button", { name: "Gap more" }));
    await user.click(screen.getByRole("button", { name: "Gap 20 mm" }));
    await user.click(screen.getByRole("button", { name: "Gap 20 mm", pressed: true }));
    expect(saved).toEqual([12.5, 17.5, 20, null]);
    await user.type(field, "39{Enter}");
    await user.click(screen.getByRole("button", { name: "Gap more" }));
    expect(saved.at(-1)).toBe(40);
  });
  it("is replaced by what is typed on it, and saved a moment after it was typed, though the field is never left", async () => {
    const user = userEvent.setup();
    const { saved, field } = row();
    await user.type(field, "12{Enter}");
    await user.click(field);
    await user.keyboard("8");
    expect(field.value).toBe("8");
    await waitFor(() => expect(saved.at(-1)).toBe(8));
    expect(document.activeElement).toBe(field);
  });
  it("out of range is refused with the range, stays as typed, and is not saved as something else", async () => {
    const user = userEvent.setup();
    const { saved, field } = row();
    for (const wrong of ["45", "-1", "ten"]) {
      await user.clear(field);
      await user.type(field, `${wrong}{Enter}`);
      expect(screen.getByRole("alert").textContent).toBe("Gap: expected 0 to 40 mm.");
      expect(field.value).toBe(wrong);
      expect(field.getAttribute("aria-invalid")).toBe("true");
    }
    expect(saved.filter((s) => s !== null)).toEqual([]);
  });
});

describe("a test that must not be done", () => {
  it("takes a written reason to go ahead, which may look like a name if it is none", async () => {
    const user = userEvent.setup();
    const ahead: [string, boolean][] = [];
    const blocked = { test: "jerk", because: ["Known recent subluxation"] };
    const go = (error: Error | null) =>
      page(<Blocked blocked={blocked} onGoAhead={(why, sure) => ahead.push([why, sure])} error={error} />);
    go(null);
    expect(screen.getByLabelText("Blocked").textContent).toContain("known recent subluxation");
    await user.type(screen.getByRole("textbox"), "  too short ");
    await user.click(screen.getByRole("button", { name: "Go ahead all the same" }));
    expect(screen.getByRole("alert").textContent).toContain("at least 10 letters");
    expect(ahead).toEqual([]);
    await user.clear(screen.getByRole("textbox"));
    await user.type(screen.getByRole("textbox"), " asked for by the surgeon ");
    await user.click(screen.getByRole("button", { name: "Go ahead all the same" }));
    expect(ahead).toEqual([["asked for by the surgeon", false]]);
    cleanup();
    go(new Problem(422, "reason: this looks like a name", [], true));
    await user.type(screen.getByRole("textbox"), "asked for by Old Salt");
    await user.click(screen.getByRole("button", { name: "Keep it all the same" }));
    expect(ahead.at(-1)).toEqual(["asked for by Old Salt", true]);
  });
});

const EXAMINATION = {
  readings: [],
  findings: [],
  standing: {},
  lastTaps: [],
} as unknown as Examination;
const VIEW = {
  code: "HB-001",
  id: 11,
  visits: ["2026-11-20T10:00:00Z"],
  visit: 1,
  examination: EXAMINATION,
} as CaseView;

/** The least of a couch: one pad, what stands, and the way back. */
function Couch() {
  const { data: view } = useQuery({
    queryKey: caseKey("HB-001"),
    queryFn: async () => VIEW,
    initialData: VIEW,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const taps = useTaps(view);
  const leaves = leavesAt(taps.examination, "neer", "", "right");
  return (
    <>
      <button
        type="button"
        onClick={() =>
          taps.record({ test: "neer", at: "", side: "right", changes: padChanges(PADS[1] as Pad, leaves) })
        }
      >
        Their pain
      </button>
      <button type="button" onClick={taps.undo}>
        Back
      </button>
      <output>{JSON.stringify(leaves)}</output>
      <p>{taps.saving ? "Saving" : "Saved"}</p>
      {taps.error && <p role="alert">{taps.error.message}</p>}
    </>
  );
}

describe("taps", () => {
  const stands = () => JSON.parse(screen.getByRole("status").textContent ?? "");

  it("show before the server has answered, name the case that is meant, and are taken back in their turn", async () => {
    const user = userEvent.setup();
    const sent: Act[] = [];
    let answer = (): void => undefined;
    const { client } = page(<Couch />, {
      queue: {
        send: (act) => {
          sent.push(act);
          return new Promise((resolve) => {
            answer = () =>
              resolve({
                ...EXAMINATION,
                readings:
                  act.kind === "tap"
                    ? [
                        {
                          test: "neer",
                          at: "",
                          side: "right",
                          values: { "pain.present": true, "pain.familiar": true },
                        },
                      ]
                    : [],
                lastTaps:
                  act.kind === "tap" ? [{ tapId: act.tapId, test: "neer", at: "", side: "right" }] : [],
              } as Examination);
          });
        },
        onAnswer: ({ code }, got, more) => showExamination(client, code, got, more),
      },
    });
    await user.click(screen.getByRole("button", { name: "Their pain" }));
    expect(stands()).toEqual({ "pain.present": true, "pain.familiar": true });
    expect(screen.getByText("Saving")).toBeTruthy();
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({
      kind: "tap",
      code: "HB-001",
      caseId: 11,
      visit: 1,
      by: "tern",
      test: "neer",
    });
    answer();
    await screen.findByText("Saved");
    expect(stands()).toEqual({ "pain.present": true, "pain.familiar": true });
    await user.click(screen.getByRole("button", { name: "Back" }));
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1]).toMatchObject({ kind: "undo", caseId: 11, tapId: sent[0]?.tapId });
    answer();
    await screen.findByText("Saved");
    expect(stands()).toEqual({});
  });
  it("that are refused show no longer, and say why", async () => {
    const user = userEvent.setup();
    const { queue } = page(<Couch />, {
      queue: {
        send: async () => {
          throw new Problem(409, "Case HB-001 is closed.", []);
        },
        canRetry: () => false,
      },
    });
    await user.click(screen.getByRole("button", { name: "Their pain" }));
    expect((await screen.findByRole("alert")).textContent).toBe("Case HB-001 is closed.");
    await screen.findByText("Saved");
    expect(stands()).toEqual({});
    expect(queue.snapshot().refused).toHaveLength(1);
  });
  it("are listed as they were made, whoever's device it was, and those taken back are marked", async () => {
    const kept = [
      {
        tapId: "1",
        test: "neer",
        at: "",
        side: "left",
        visit: 1,
        tappedAt: "2026-11-20T10:00:00Z",
        device: "",
        takenBack: true,
        changes: { "pain.present": false },
      },
      {
        tapId: "2",
        test: "gone",
        at: "",
        side: "right",
        visit: 2,
        tappedAt: "2026-11-21T10:00:00Z",
        device: "x",
        takenBack: false,
        changes: { gapMm: 12, "mark.notDone": null },
      },
    ] as unknown as KeptTap[];
    serverOf({ "GET /api/cases/HB-001/taps": () => ({ body: kept }) });
    const catalogue = { tests: [{ id: "neer", name: "Neer sign" }] } as Catalogue;
    page(<TapHistory code="HB-001" catalogue={catalogue} open onOpenChange={() => undefined} />);
    await screen.findByText("Neer sign");
    const rows = within(screen.getByLabelText("Taps")).getAllByRole("row").slice(1);
    const cells = rows.map((r) =>
      within(r)
        .getAllByRole("cell")
        .slice(1)
        .map((c) => c.textContent),
    );
    expect(cells).toEqual([
      ["2", "another device", "gone", "Right", "gapMm 12, notDone cleared"],
      ["1", "not noted", "Neer sign", "Left", "pain present no (taken back)"],
    ]);
  });
});
