// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { Route, Routes } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { CaseSummary, MeasuredSide, MeasureItem } from "../api/types";
import { TrialsField } from "../measures/TrialsField";
import { page, serverOf } from "../test/page";
import { CasesScreen } from "./CasesScreen";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const summary = (n: number, testsDone: number): CaseSummary => ({
  code: `HB-${String(n).padStart(3, "0")}`,
  complaint: "shoulder-pain",
  complaintName: "Shoulder pain",
  involvedSide: "right",
  mechanism: "",
  updatedAt: "2026-11-20T10:00:00Z",
  testsDone,
  closed: false,
});
const CATALOGUE = {
  tests: [],
  complaints: [
    { id: "shoulder-pain", name: "Shoulder pain" },
    { id: "numb-hand", name: "Numb hand" },
  ],
  settings: [{ id: "community", label: "community" }],
};

describe("the cases", () => {
  it("go on where they are: to the questions before a test is done, and to the couch after", async () => {
    serverOf({
      "GET /api/catalogue": () => ({ body: CATALOGUE }),
      "GET /api/cases?search=&page=0": () => ({ body: [summary(1, 0), summary(2, 3)] }),
    });
    page(<CasesScreen />);
    const list = await screen.findByRole("list");
    await waitFor(() => expect(within(list).getAllByRole("link")).toHaveLength(2));
    expect(
      within(list)
        .getAllByRole("link")
        .map((l) => l.getAttribute("href")),
    ).toEqual(["/cases/HB-001/ask", "/cases/HB-002/couch"]);
    expect(list.textContent).toContain("not examined yet");
    expect(list.textContent).toContain("3 tests begun");
    expect(screen.queryByRole("button", { name: "Show earlier cases" })).toBeNull();
  });
  it("come fifty at a time, and are found by what was typed, as it was typed", async () => {
    const user = userEvent.setup();
    const fifty = Array.from({ length: 50 }, (_, i) => summary(i + 1, 0));
    serverOf({
      "GET /api/catalogue": () => ({ body: CATALOGUE }),
      "GET /api/cases?search=&page=0": () => ({ body: fifty }),
      "GET /api/cases?search=&page=1": () => ({ body: [summary(51, 0)] }),
      "GET /api/cases?search=%25&page=0": () => ({ body: [] }),
    });
    page(<CasesScreen />);
    await user.click(await screen.findByRole("button", { name: "Show earlier cases" }));
    expect(await screen.findByText("HB-051")).toBeTruthy();
    expect(screen.queryByRole("button", { name: "Show earlier cases" })).toBeNull();
    await user.type(screen.getByLabelText("Find a case by its code"), "%");
    expect(await screen.findByText("No code contains \u201c%\u201d.")).toBeTruthy();
  });
  it("begin with a complaint and a side, and a refused code is said with nothing lost", async () => {
    const user = userEvent.setup();
    const asked = serverOf({
      "GET /api/catalogue": () => ({ body: CATALOGUE }),
      "GET /api/cases?search=&page=0": () => ({ body: [] }),
      "POST /api/cases": ({ body }) => {
        const { code, sure } = body as { code?: string; sure: boolean };
        if (code === "HB-001") {
          return { status: 409, body: { detail: "code: you have a case HB-001 already" } };
        }
        return code === "HB-010190" && !sure
          ? { status: 422, body: { detail: "code: this looks like a date of birth", question: true } }
          : { status: 201, body: { code: code ?? "HB-013" } };
      },
    });
    page(
      <Routes>
        <Route path="/" element={<CasesScreen />} />
        <Route path="/cases/:code/ask" element={<p>asked about</p>} />
      </Routes>,
    );
    expect(await screen.findByText("No cases yet. Open the first one.")).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "New case" }));
    const dialog = await screen.findByRole("dialog");
    await user.selectOptions(within(dialog).getByLabelText("What brings the patient"), "numb-hand");
    await user.click(within(dialog).getByRole("radio", { name: "Left" }));
    const code = within(dialog).getByLabelText(/^Code/) as HTMLInputElement;
    await user.type(code, "hb-001");
    await user.click(within(dialog).getByRole("button", { name: "Open the case" }));
    expect((await within(dialog).findByRole("alert")).textContent).toContain(
      "you have a case HB-001 already",
    );
    expect(code.value).toBe("HB-001");
    await user.clear(code);
    await user.type(code, "HB-010190");
    await user.click(within(dialog).getByRole("button", { name: "Open the case" }));
    await user.click(await within(dialog).findByRole("button", { name: "Keep it all the same" }));
    expect(await screen.findByText("asked about")).toBeTruthy();
    expect(asked.filter((a) => a.method === "POST").at(-1)?.body).toEqual({
      code: "HB-010190",
      complaint: "numb-hand",
      involvedSide: "left",
      setting: "community",
      sure: true,
    });
  });

  it("begin at the couch at once where nothing is to be asked first", async () => {
    const user = userEvent.setup();
    serverOf({
      "GET /api/catalogue": () => ({ body: CATALOGUE }),
      "GET /api/settings": () => ({ body: { codePrefix: "HB" } }),
      "GET /api/cases?search=&page=0": () => ({ body: [] }),
      "POST /api/cases": () => ({ status: 201, body: { code: "HB-013" } }),
    });
    page(
      <Routes>
        <Route path="/" element={<CasesScreen />} />
        <Route path="/cases/HB-013/couch" element={<p>at the couch</p>} />
      </Routes>,
    );
    await user.click(await screen.findByRole("button", { name: "New case" }));
    await user.click(
      within(await screen.findByRole("dialog")).getByRole("button", { name: "Straight to the couch" }),
    );
    expect(await screen.findByText("at the couch")).toBeTruthy();
  });
});

describe("trials of a measure", () => {
  const GRIP: MeasureItem = {
    leaf: "gripKg",
    label: "Grip",
    unit: "kg",
    trials: 3,
    low: 0,
    high: 120,
    usualLow: 2,
    usualHigh: 80,
  } as unknown as MeasureItem;
  const field = (values?: MeasuredSide["values"][string]) => {
    const saved: [number[], boolean][] = [];
    page(
      <TrialsField label="Right" item={GRIP} values={values} onSave={(t, sure) => saved.push([t, sure])} />,
    );
    return {
      saved,
      trial: (n: string) => screen.getByLabelText(`Right, ${n} trial, in kg`) as HTMLInputElement,
    };
  };

  it("are saved as typed; one out of range is refused, an unusual one is asked about", async () => {
    const user = userEvent.setup();
    const { saved, trial } = field();
    await user.type(trial("first"), "32,5{Enter}");
    expect(saved).toEqual([[[32.5], false]]);
    await user.type(trial("second"), "300{Enter}");
    expect(screen.getByRole("alert").textContent).toBe("Expected 0 to 120 kg.");
    expect(trial("second").value).toBe("300");
    expect(saved).toHaveLength(1);
    await user.clear(trial("second"));
    await user.type(trial("second"), "99{Enter}");
    expect(screen.getByRole("alert").textContent).toContain("99 kg is unusual. Is it meant?");
    expect(saved).toHaveLength(1);
    await user.click(screen.getByRole("button", { name: "Yes, keep it" }));
    expect(saved.at(-1)).toEqual([[32.5, 99], true]);
  });
  it("that are kept are shown with what they come to, and leaving them saves nothing", async () => {
    const user = userEvent.setup();
    const { saved, trial } = field({
      trials: [30, 34],
      mean: 32,
      best: 34,
      variationPercent: 8.8,
      uneven: true,
    } as never);
    expect(trial("second").value).toBe("34");
    expect(document.body.textContent).toContain("mean 32.0, best 34, varies 9\u202f%");
    expect(document.body.textContent).toContain("perhaps once more, rested?");
    await user.click(trial("first"));
    await user.tab();
    expect(saved).toEqual([]);
    await user.clear(trial("second"));
    await user.tab();
    expect(saved).toEqual([[[30], false]]);
  });
});
