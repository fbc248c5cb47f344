// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Board, ClinicalTest } from "../../api/types";
import { board, drawCouch, inHand, made, PADS, press } from "../../test/couch";
import { FIGURES } from "../../test/figures";
import { serverOf } from "../../test/page";

const TENDER = { id: "tender", label: "Tender", hint: "", group: "sign", sets: { tender: true } };
const NOT_TENDER = { ...PADS[0], sets: { tender: false } };
const felt = (at: string, label: string) =>
  ({ at, label, pads: [NOT_TENDER, TENDER, PADS[1]], dials: [] }) as unknown as Board;
const DIAL = { label: "Abduction", unit: "degrees", low: -10, high: 180, step: 5, quick: [], decides: true };

const TESTS: ClinicalTest[] = [
  made("feel", "Feeling along", "sitting", {
    stage: "feel",
    boards: [felt("groove", "Groove"), felt("joint", "Joint")],
  }),
  made("press", "Pressing", "sitting", { stage: "feel", boards: [felt("", "")] }),
  made("move", "Abduction", "standing-facing", {
    stage: "move",
    boards: [
      board("", "", [
        { ...DIAL, leaf: "rangeDeg.active", label: "Active" },
        { ...DIAL, leaf: "rangeDeg.passive", label: "Passive" },
      ]),
    ],
  }),
  made("push", "Pushing", "supine"),
];

const MEASURE = {
  id: "abduction",
  name: "Abduction",
  feeds: [{ test: "move", at: "" }],
  notes: ["endFeel"],
  moreIsWorse: false,
  involved: { notes: {} },
  other: { notes: {} },
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function couch(at = "?stage=feel", examination = {}) {
  const asked = serverOf({
    "GET /api/figures": () => ({ body: FIGURES }),
    "GET /api/cases/HB-001/measures": () => ({ body: { measures: [MEASURE], shortDegrees: 15 } }),
    "PUT /api/cases/HB-001/measures": () => ({
      status: 422,
      body: { title: "", status: 422, detail: "not so" },
    }),
  });
  return { asked, ...drawCouch(TESTS, { at, examination }) };
}

const place = (name: RegExp) => screen.findByRole("button", { name });

describe("Feeling as a whole", () => {
  it("shows every place in the order of the way, on its map or beside it", async () => {
    couch();
    expect(await place(/^1, Groove/)).toBeTruthy();
    expect(await place(/^2, Joint line/)).toBeTruthy();
    expect(await place(/^3, Pressing/)).toBeTruthy();
    expect(inHand()).toBe("Feel");
    expect(screen.getByText(/^0 of 3/)).toBeTruthy();
  });

  it("takes a tap on a place as tender there, and the next one back; more is said below", async () => {
    const user = userEvent.setup();
    const { waiting } = couch();
    await user.click(await place(/^2, Joint line/));
    expect(waiting()).toEqual(['feel joint right {"tender":true}']);
    const panel = screen.getByRole("region", { name: "2, Joint line" });
    await user.click(within(panel).getByRole("button", { name: /^Their pain/ }));
    expect(waiting()).toEqual(['feel joint right {"tender":true}', "feel joint right their-pain"]);
    await user.click(await place(/^2, Joint line/));
    expect(waiting().at(-1)).toBe('feel joint right {"tender":null}');
  });

  it("answers the rest by one key on both sides, leaving what is said, and takes all of it back by one", async () => {
    const user = userEvent.setup();
    const { waiting } = couch();
    await user.click(await place(/^1, Groove/));
    press("n");
    const normal = (where: string) => ["left", "right"].map((side) => `${where} ${side} {"tender":false}`);
    expect(waiting()).toEqual([
      'feel groove right {"tender":true}',
      'feel groove left {"tender":false}',
      ...normal("feel joint"),
      ...normal("press"),
    ]);
    expect(screen.getByText(/^3 of 3/)).toBeTruthy();
    expect(screen.queryByRole("button", { name: /The rest is normal/ })).toBeNull();
    press("z");
    expect(waiting()).toEqual(['feel groove right {"tender":true}']);
    press("z");
    expect(waiting()).toEqual([]);
  });

  it("only shows what was said of a place, until it is tapped again", async () => {
    const user = userEvent.setup();
    const { waiting } = couch("?stage=feel", {
      readings: [{ test: "feel", at: "groove", side: "right", values: { tender: false } }],
    });
    await user.click(await place(/^1, Groove/));
    expect(waiting()).toEqual([]);
    expect(screen.getAllByRole("button", { name: "Nothing found", pressed: true })).toHaveLength(1);
    press("u");
    await user.click(await place(/^3, Pressing/));
    expect(waiting()).toEqual(['press left {"tender":true}']);
  });

  it("leaves out what is blocked and says so", async () => {
    couch("?stage=feel", { blocked: [{ test: "press", because: ["Recent fracture"] }] });
    expect(await place(/^2, Joint line/)).toBeTruthy();
    expect(screen.queryByRole("button", { name: /^3, Pressing/ })).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: "Pressing" }));
    expect(await screen.findByRole("region", { name: "Blocked" })).toBeTruthy();
  });

  it("goes on by Down to the next stage, and from its tests one by one for whoever prefers that", async () => {
    couch("");
    expect(inHand()).toBe("Feel");
    press("ArrowDown");
    expect(await screen.findByRole("table")).toBeTruthy();
    expect(inHand()).toBe("Move");
    press("ArrowDown");
    expect(inHand()).toBe("Pushing");
    press("ArrowUp");
    expect(inHand()).toBe("Move");
    press("s");
    expect(inHand()).toBe("Abduction");
    press("ArrowUp");
    expect(inHand()).toBe("Pressing");
    press("s");
    expect(inHand()).toBe("Feel");
    press("o", "o");
    expect(await screen.findByRole("region", { name: "2, Joint line" })).toBeTruthy();
  });
});

describe("A whole stage", () => {
  it("takes the last tap back and shows all taps without a keyboard too", async () => {
    const user = userEvent.setup();
    const { asked, waiting } = couch();
    expect(screen.queryByRole("button", { name: /^Take back/ })).toBeNull();
    await user.click(await place(/^2, Joint line/));
    await user.click(screen.getByRole("button", { name: /^Take back/ }));
    expect(waiting()).toEqual([]);
    press("t");
    expect(await screen.findByRole("dialog", { name: /^All taps/ })).toBeTruthy();
    expect(asked.some((a) => a.path.endsWith("/taps"))).toBe(true);
  });

  it("records on nothing but what it shows, whatever test its address names", async () => {
    const { waiting } = couch("?stage=feel&test=push");
    await place(/^1, Groove/);
    press("1", "x");
    expect(waiting()).toEqual([]);
  });
});

describe("Moving as a whole", () => {
  it("has its first movement in hand: its pads have their keys at once", async () => {
    const { waiting } = couch("?stage=move");
    expect(await screen.findByRole("region", { name: /Abduction/ })).toBeTruthy();
    press("2");
    expect(waiting()).toEqual(["move right their-pain"]);
  });

  it("takes numbers of both sides in one table, and asks for passive where active is short", async () => {
    const user = userEvent.setup();
    const { waiting } = couch("?stage=move");
    const field = (name: string) => screen.findByLabelText(new RegExp(`^${name}`));
    await user.type(await field("Active, Abduction, Left"), "170{Enter}");
    await user.type(await field("Active, Abduction, Right"), "150{Enter}");
    await waitFor(() =>
      expect(waiting()).toEqual(['move left {"rangeDeg.active":170}', 'move right {"rangeDeg.active":150}']),
    );
    await waitFor(() => expect(screen.getAllByText("short")).toHaveLength(1));
    await user.type(await field("Passive, Abduction, Right"), "200{Enter}");
    expect((await screen.findByRole("alert")).textContent).toContain("expected -10 to 180");
    expect(waiting()).toHaveLength(2);
  });

  it("sets the angle on the drawing by the arrow keys as well, and says what it is", async () => {
    const { waiting } = couch("?stage=move", {
      readings: [{ test: "move", at: "", side: "right", values: { "rangeDeg.active": 90 } }],
    });
    const drawn = await screen.findByRole("slider", { name: "Abduction, Right, active" });
    expect(drawn.getAttribute("aria-valuetext")).toBe("90 degrees");
    fireEvent.keyDown(drawn, { key: "ArrowRight" });
    expect(waiting()).toEqual(['move right {"rangeDeg.active":95}']);
  });

  it("keeps the end feel with the measure", async () => {
    const user = userEvent.setup();
    const { asked } = couch("?stage=move");
    await user.selectOptions(await screen.findByLabelText("End feel, Abduction, Right"), "firm");
    await waitFor(() =>
      expect(asked.find((a) => a.method === "PUT")?.body).toMatchObject({
        measure: "abduction",
        side: "right",
        changes: { endFeel: "firm" },
      }),
    );
    expect((await screen.findByRole("alert")).textContent).toContain("not so");
  });
});
