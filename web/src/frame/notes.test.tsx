// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it } from "vitest";
import type { Catalogue, Examination } from "../api/types";
import type { TapAct } from "../queue/act";
import { actWords } from "../queue/actWords";
import { pageStore } from "../queue/store";
import { page } from "../test/page";
import { RefusedNote } from "./RefusedNote";
import { UnkeptNote } from "./UnkeptNote";
import { WaitingNote } from "./WaitingNote";

afterEach(cleanup);

const tap = (tapId: string, by = "tern"): TapAct => ({
  kind: "tap",
  code: "HB-001",
  tapId,
  test: "sulcus",
  at: "",
  side: "left",
  changes: { gapMm: 20 },
  madeAt: Date.now(),
  by,
});
const refusing = { send: () => Promise.reject(new Error("Case HB-001 is closed.")), canRetry: () => false };

describe("what was refused", () => {
  it("is listed with its reason for whoever made it, and is discarded one by one after a question", async () => {
    const user = userEvent.setup();
    const { queue } = page(<RefusedNote />, { queue: refusing });
    expect(screen.queryByRole("button")).toBeNull();
    queue.add(tap("a"));
    queue.add(tap("b"));
    queue.add(tap("c", "plover"));
    await user.click(await screen.findByRole("button", { name: "2 taps were refused" }));
    const dialog = await screen.findByRole("dialog");
    expect(within(dialog).getAllByText("Case HB-001 is closed.")).toHaveLength(2);
    const file = within(dialog).getByText("Write them into a file").getAttribute("href") ?? "";
    const written = JSON.parse(decodeURIComponent(file.slice(file.indexOf(",") + 1)));
    expect(written.taps.map((t: { tapId: string; why: string }) => [t.tapId, t.why])).toEqual([
      ["a", "Case HB-001 is closed."],
      ["b", "Case HB-001 is closed."],
    ]);
    await user.click(within(dialog).getAllByRole("button", { name: "Discard" })[0] as HTMLElement);
    expect(queue.snapshot().refused).toHaveLength(3);
    await user.click(within(dialog).getByRole("button", { name: "Discard this one" }));
    await waitFor(() => expect(queue.snapshot().refused.map((r) => r.act.tapId)).toEqual(["b", "c"]));
  });
  it("is sent again", async () => {
    const user = userEvent.setup();
    const sent: string[] = [];
    const line = { closed: true };
    const { queue } = page(<RefusedNote />, {
      queue: {
        canRetry: () => false,
        send: async (act) => {
          if (line.closed) {
            throw new Error("Case HB-001 is closed.");
          }
          sent.push(act.tapId);
          return {} as Examination;
        },
      },
    });
    queue.add(tap("a"));
    await user.click(await screen.findByRole("button", { name: "1 tap was refused" }));
    line.closed = false;
    await user.click(await screen.findByRole("button", { name: "Send again" }));
    await waitFor(() => expect(sent).toEqual(["a"]));
    expect(queue.snapshot().refused).toEqual([]);
  });
});

describe("the bar", () => {
  it("says how many taps wait, and when the device keeps none of them", async () => {
    const store = { ...pageStore(), add: () => Promise.reject(new Error("full")) };
    const { queue } = page(
      <>
        <WaitingNote />
        <UnkeptNote />
      </>,
      { store },
    );
    queue.add(tap("a"));
    expect(await screen.findByText("Waiting to save, 1 tap")).toBeTruthy();
    expect(await screen.findByText(/This device keeps nothing: 1 tap is in this/)).toBeTruthy();
    queue.add(tap("b"));
    expect(await screen.findByText("Waiting to save, 2 taps")).toBeTruthy();
    expect(await screen.findByText(/2 taps are in this/)).toBeTruthy();
  });
});

describe("a tap in words", () => {
  const PADS: { label: string; sets: TapAct["changes"] }[] = [
    { label: "Nothing found", sets: { "pain.present": false, "pain.familiar": false } },
    { label: "Their pain", sets: { "pain.present": true, "pain.familiar": true } },
    { label: "Another pain", sets: { "pain.present": true, "pain.familiar": false } },
    { label: "Guarded", sets: { "mark.guarded": true } },
  ];
  const catalogue = {
    tests: [
      { id: "neer", name: "Neer sign", boards: [{ at: "", label: "", pads: PADS }] },
      {
        id: "moves",
        name: "Movements",
        boards: [
          { at: "abduction", label: "Abduction hurts", pads: PADS },
          { at: "outward", label: "Outward turn lost", pads: [] },
        ],
      },
    ],
  } as unknown as Catalogue;
  const words = (changes: TapAct["changes"], test = "neer", at = "") =>
    actWords({ ...tap("a"), test, at, changes }, catalogue);

  it.each(PADS)("names $label where all that it sets was set, and no other pad", ({ label, sets }) => {
    expect(words(sets)).toBe(`HB-001: Neer sign, left, ${label}`);
    expect(words({ ...sets, gapMm: 5 })).toBe(`HB-001: Neer sign, left, ${label}, gapMm 5`);
  });
  it("says by its leaf what no pad of the place does", () => {
    expect(words({ "pain.familiar": false })).toBe("HB-001: Neer sign, left, pain familiar no");
    expect(words({ "pain.present": null, "mark.guarded": null })).toBe(
      "HB-001: Neer sign, left, pain present cleared, guarded cleared",
    );
    expect(words({ "pain.present": true, "pain.familiar": false }, "moves", "abduction")).toBe(
      "HB-001: Movements, Abduction hurts, left, Another pain",
    );
    expect(words({ "mark.guarded": true }, "moves", "outward")).toBe(
      "HB-001: Movements, Outward turn lost, left, guarded yes",
    );
  });
  it("does without the content, and says what was taken back", () => {
    expect(actWords(tap("a"), undefined)).toBe("HB-001: sulcus, left, gapMm 20");
    expect(actWords({ kind: "undo", code: "HB-001", tapId: "a", madeAt: 0 }, catalogue)).toBe(
      "HB-001: a tap taken back",
    );
  });
});
