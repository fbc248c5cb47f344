// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it } from "vitest";
import type { ConditionStanding } from "../api/types";
import { rankedAndApart } from "../pieces/ranked";
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
    apart: false,
    rivals: [],
    aimed: { positive: 0, negative: 0, unclear: 0, words: "nothing examined" },
    definitions: [],
    ...more,
  } as unknown as ConditionStanding;
}

const UNWEIGHABLE = standing("frozen", {
  pretest: 0.4,
  posttest: 0.4,
  apart: true,
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
    const apart = screen.getByRole("region", { name: "Not weighable" });
    const frozen = within(apart).getByRole("button");
    expect(frozen.textContent).toContain("3 of 4 tests positive");
    expect(frozen.textContent).toContain("Stiffness as defined: met");
    expect(frozen.textContent).not.toContain("Late stage");
    await userEvent.setup().click(frozen);
    expect(chosen).toEqual(["frozen"]);
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
    const all = [UNWEIGHABLE, standing("w", { weighed: true }), standing("a", { apart: true })];
    const { ranked, apart } = rankedAndApart(all);
    expect(ranked.map((c) => c.id)).toEqual(["w"]);
    expect(apart.map((c) => c.id)).toEqual(["frozen", "a"]);
  });
});
