// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import type { ConditionStanding, LedgerRow, Reasons } from "../api/types";
import { page } from "../test/page";
import { Ledger } from "./Ledger";
import { Rivals } from "./Rivals";

afterEach(cleanup);

const CONDITION = {
  id: "tear",
  name: "Cuff tear",
  pretest: 0.3,
  posttest: 0.5,
  counted: 2,
  aimed: { words: "" },
  rivals: [
    {
      condition: "frozen",
      name: "Frozen shoulder",
      pretest: 0.2,
      now: 0.5,

      ifAbsent: 0.78,
      words: "With frozen shoulder excluded, this would stand at 78 %.",
    },
  ],
} as unknown as ConditionStanding;

const ROWS = [
  {
    id: "arc",
    kind: "finding",
    name: "Painful arc",
    family: "impingement",
    result: "positive",
    status: "counted",
    sources: [],
    sentence: "Counted.",
  },
  {
    id: "twist",
    kind: "finding",
    name: "Twist",
    family: "impingement",
    result: "positive",
    status: "set-aside",
    sources: [],
    sentence: "The others have already said it: frozen shoulder accounts for it.",
  },
] as unknown as LedgerRow[];

describe("what else would explain this", () => {
  it("names each rival with where this one would stand without it, on the rail's scale", () => {
    page(
      <Rivals
        condition={CONDITION}
        rows={ROWS}
        pull={{ factor: 1.65, words: "Three signs: believed by half." }}
      />,
    );
    const part = screen.getByRole("region", { name: "What else would explain this" });
    expect(part.textContent).toContain("Frozen shoulder, 20\u202f% before, 50\u202f% now");
    expect(part.textContent).toContain("this would stand at 78\u202f%");
    expect(part.textContent).toContain("Three signs: believed by half.");
    expect(within(part).getByRole("img").getAttribute("aria-label")).toMatch(/from 50.% to 78.%/);
    expect(within(part).getByRole("list", { name: "Set aside" }).textContent).toContain(
      "Twist positive The others have already said it: frozen shoulder accounts for it.",
    );
  });

  it("is left out where there is nothing to say, and says so where others change nothing", () => {
    const alone = { ...CONDITION, rivals: [] };
    const { container } = page(<Rivals condition={alone} rows={[]} pull={undefined} />);
    expect(container.textContent).toBe("");
    cleanup();
    page(<Rivals condition={alone} rows={ROWS} pull={undefined} />);
    expect(screen.getByText(/No other candidate changes it/)).toBeTruthy();
  });

  it("is a step of the ledger, from the findings alone to what the others leave of them", () => {
    const path: Reasons["path"] = [
      { id: "arc", from: 0.3, to: 0.7 },
      { id: "others", from: 0.7, to: 0.45, words: "What the other candidates explain" },
      { id: "clusters", from: 0.45, to: 0.5, words: "What clusters add beside their members" },
    ];
    page(<Ledger rows={ROWS.slice(0, 1)} path={path} condition={CONDITION} />);
    expect(screen.getAllByRole("img", { name: /^from/ }).map((s) => s.getAttribute("aria-label"))).toEqual([
      expect.stringMatching(/from 30.% to 70/),
      expect.stringMatching(/from 70.% to 45/),
      expect.stringMatching(/from 45.% to 50/),
    ]);
    expect(screen.getByText("What the other candidates explain")).toBeTruthy();
    expect(screen.getByText("What clusters add beside their members")).toBeTruthy();
  });
});
