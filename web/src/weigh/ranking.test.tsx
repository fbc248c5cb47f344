// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it } from "vitest";
import type { ConditionStanding } from "../api/types";
import { listed, waitingTitle } from "../pieces/ranked";
import { page } from "../test/page";
import { Ranking } from "./Ranking";

afterEach(cleanup);

function standing(id: string, more: Partial<ConditionStanding> = {}): ConditionStanding {
  return {
    id,
    name: id,
    rank: 1,
    pretest: 0.2,
    posttest: 0.2,
    low: 0.1,
    high: 0.3,
    ruleOut: 0.05,
    act: 0.65,
    verdict: "needs more",
    borderline: false,
    weighed: false,
    group: "untouched",
    began: "base rate 20 %",
    rivals: [],
    aimed: { positive: 0, negative: 0, unclear: 0, words: "nothing examined" },
    definitions: [],
    ...more,
  } as unknown as ConditionStanding;
}

const UNWEIGHABLE = standing("frozen", {
  pretest: 0.4,
  posttest: 0.4,
  group: "found",
  aimed: { positive: 3, negative: 1, unclear: 0, words: "3 of 4 tests positive" },
  definitions: [
    { id: "stiff", state: "met", words: "Stiffness as defined: met" },
    { id: "late", state: "open", words: "Late stage: open" },
  ],
} as unknown as Partial<ConditionStanding>);

describe("the ranking", () => {
  it("never puts a base rate alone above what was weighed", async () => {
    const chosen: string[] = [];
    page(
      <Ranking
        conditions={[
          UNWEIGHABLE,
          standing("cuff", { weighed: true, posttest: 0.3, probabilityFirst: 0.8, rank: 2 }),
        ]}
        ghosts={{ cuff: 0.12 }}
        chosen="cuff"
        onChoose={(id) => chosen.push(id)}
      />,
    );
    const weighed = within(screen.getAllByRole("list")[0] as HTMLElement).getAllByRole("button");
    expect(weighed.map((b) => b.textContent)).toEqual([expect.stringContaining("2. cuff")]);
    expect(weighed[0]?.textContent).toContain("ranked first in 80 % of simulations".replace(" %", "\u202f%"));
    expect(weighed[0]?.textContent).toContain("as supposed");
    const apart = screen.getByRole("region", { name: "Found, no figures" });
    const frozen = within(apart).getByRole("button");
    expect(frozen.textContent).toContain("3 of 4 tests positive");
    expect(frozen.textContent).toContain("Stiffness as defined: met");
    expect(frozen.textContent).not.toContain("Late stage");
    await userEvent.setup().click(frozen);
    expect(chosen).toEqual(["frozen"]);
  });

  it("shows a part under its whole, what has to be settled, and the folded parts with their number", async () => {
    page(
      <Ranking
        conditions={[
          standing("cuff", {
            weighed: true,
            group: "weighed",
            verdict: "settle first",
            settle: { first: [], words: "Settle first: tear (31 %): drop arm tells most of it." },
          } as unknown as Partial<ConditionStanding>),
          standing("tear", {
            weighed: true,
            group: "weighed",
            under: "cuff",
            marked: "diagnosed by its sign (drop arm)",
          }),
          standing("slap"),
          standing("gout"),
        ]}
        ghosts={{}}
        chosen={undefined}
        onChoose={() => undefined}
      />,
    );
    expect(screen.getByText(/Settle first: tear/)).toBeTruthy();
    expect(screen.getByText("diagnosed by its sign (drop arm)").closest("li")?.className).toContain(
      "border-l",
    );
    const untouched = screen.getByRole("region", { name: "Not touched yet" });
    expect(untouched.querySelector("details")?.open).toBe(false);
    await userEvent.setup().click(within(untouched).getByText("Not touched yet (2)"));
    expect(within(untouched).getAllByRole("button")).toHaveLength(2);
  });

  it("says what stood before in the place of a share that today's tests did not touch", () => {
    page(
      <Ranking
        conditions={[
          standing("cuff", {
            last: { visit: 1, posttest: 0.15, words: "not tested today, last 15 % on 12 November" },
          } as unknown as Partial<ConditionStanding>),
        ]}
        ghosts={{}}
        chosen={undefined}
        onChoose={() => undefined}
      />,
    );
    const line = screen.getByRole("button").textContent;
    expect(line).toContain("not tested today, last 15 % on 12 November");
    expect(line).not.toContain("simulations");
  });

  it("loses no candidate, whichever stand apart", () => {
    const earlier = { visit: 1, posttest: 0.15, words: "last 15 %" } as ConditionStanding["last"];
    const all = [
      standing("w", { weighed: true, group: "weighed" }),
      UNWEIGHABLE,
      standing("a", { group: "untouched" }),
      standing("e", { group: "untouched", last: earlier }),
      standing("n", { group: "negative" }),
      standing("f", { weighed: true, group: "fell" }),
      standing("r", { weighed: true, group: "raised" }),
      standing("p", { weighed: true, group: "raised", under: "w" }),
    ];
    const parts = listed(all);
    const ids = (some: ConditionStanding[]) => some.map((c) => c.id);
    expect(ids(parts.weighed)).toEqual(["w", "e", "p"]);
    expect(ids(parts.fell)).toEqual(["f"]);
    expect(ids(parts.found)).toEqual(["frozen"]);
    expect(ids(parts.waiting)).toEqual(["a", "r"]);
    expect(waitingTitle(parts.waiting)).toBe("Not touched, or still below the line");
    expect(ids(parts.negative)).toEqual(["n"]);
    expect(Object.values(parts).flat()).toHaveLength(all.length);
  });
});
