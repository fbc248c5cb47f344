// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { useQuery } from "@tanstack/react-query";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
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
} from "../api/types";
import type { Act } from "../queue/act";
import { page, serverOf } from "../test/page";
import { Blocked } from "./Blocked";
import { DialRow } from "./DialRow";
import { SidePads } from "./SidePads";
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

function side(options: { involved: boolean; active?: boolean; leaves?: Leaves }) {
  const changed: Changes[] = [];
  const tapped: string[] = [];
  page(
    <SidePads
      side="right"
      name="Right"
      role={options.involved ? "affected side" : "other side"}
      involved={options.involved}
      active={options.active ?? options.involved}
      board={BOARD}
      leaves={options.leaves ?? {}}
      otherLeaves={{}}
      onActivate={() => undefined}
      onPad={(pad) => tapped.push(pad.id)}
      onChange={(changes) => changed.push(changes)}
    />,
  );
  return { changed, tapped };
}
const names = () => screen.getAllByRole("button").map((b) => b.textContent);

describe("the pads of a side", () => {
  it("are all there on the one that troubles, numbered for the keys, with what stands pressed", async () => {
    const user = userEvent.setup();
    const { tapped, changed } = side({
      involved: true,
      leaves: { "pain.present": true, "pain.familiar": true },
    });
    expect(names()).toEqual([
      "Nothing found1",
      "Their painthe pain they came with2",
      "Other pain3",
      "Can't tell.",
      "Not doneX",
    ]);
    const pressed = screen.getAllByRole("button", { pressed: true });
    expect(pressed.map((b) => b.textContent)).toEqual(["Their painthe pain they came with2"]);
    await user.click(screen.getByRole("button", { name: /Other pain/ }));
    await user.click(screen.getByRole("button", { name: /Can't tell/ }));
    expect(tapped).toEqual(["other-pain"]);
    expect(changed).toEqual([{ "mark.cannotTell": true }]);
  });
  it("are one tap for nothing found on the other side, until something was", async () => {
    const user = userEvent.setup();
    side({ involved: false, leaves: { "pain.present": false } });
    expect(names()).toEqual(["Nothing foundN", "Something foundopen the pads"]);
    await user.click(screen.getByRole("button", { name: /Something found/ }));
    expect(names()).toContain("Other pain");
    cleanup();
    side({ involved: false, leaves: { "pain.present": true, "pain.familiar": false } });
    expect(screen.getByRole("button", { name: "Other pain", pressed: true })).toBeTruthy();
  });
  it("take a mark off that stood", async () => {
    const user = userEvent.setup();
    const { changed } = side({ involved: true, leaves: { "mark.notDone": true } });
    await user.click(screen.getByRole("button", { name: /Not done/, pressed: true }));
    expect(changed).toEqual([{ "mark.notDone": null }]);
  });
});

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

function Row(props: { onSave: (value: number | null) => void }) {
  const [value, setValue] = useState<number>();
  const save = (next: number | null) => {
    props.onSave(next);
    setValue(next ?? undefined);
  };
  return <DialRow dial={GAP} sideName="Right" value={value} compact={false} onChange={save} />;
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
  lastTap: undefined,
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
                lastTap: act.kind === "tap" ? act.tapId : undefined,
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
