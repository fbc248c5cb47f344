// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { caseKey } from "../api/queries";
import type {
  CandidateChoice,
  CaseView,
  Catalogue,
  ConditionStanding,
  Intake,
  LedgerRow,
  Standing,
  Supposition,
  Weighed,
} from "../api/types";
import { CandidateRow } from "../ask/CandidateRow";
import { Sending } from "../report/Sending";
import { page, serverOf } from "../test/page";
import { NOTHING_SUPPOSED } from "./supposing";
import { WhatIfTab } from "./WhatIfTab";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const INTAKE = {
  setting: "community",
  highBias: undefined,
  candidates: [
    { condition: "slap-tear", suspicion: "as-usual" },
    { condition: "cuff-tear", suspicion: "as-usual" },
  ],
} as unknown as Intake;
const VIEW = { code: "HB-001", id: 1, version: 6, intake: INTAKE } as unknown as CaseView;
const CATALOGUE = {
  ageBands: [{ id: "30-45", label: "30 to 45" }],
  suspicions: [
    { id: "unlikely", label: "Unlikely" },
    { id: "as-usual", label: "As usual" },
    { id: "likely", label: "Likely" },
  ],
  complaints: [{ id: "thrower-shoulder", baseRates: { "slap-tear": { community: 0.1 } } }],
  conditions: [{ id: "slap-tear", name: "SLAP tear", baseRates: { community: 0.05 } }],
} as unknown as Catalogue;
const ROWS = [
  { id: "obrien/pain", kind: "finding", name: "Pain in the first position", result: "positive" },
  { id: "speed/pain", kind: "finding", name: "Pain on lifting", result: "negative" },
  { id: "cluster", kind: "cluster", name: "Three of them", result: "positive" },
] as unknown as LedgerRow[];

function Tab(props: { onSupposed: (s: Supposition) => void; school?: string }) {
  const [supposition, setSupposition] = useState<Supposition>(NOTHING_SUPPOSED);
  return (
    <WhatIfTab
      view={VIEW}
      weighed={{ method: { highBias: "corrected", school: props.school } } as unknown as Weighed}
      condition={{ id: "slap-tear", name: "SLAP tear" } as unknown as ConditionStanding}
      catalogue={CATALOGUE}
      rows={ROWS}
      supposition={supposition}
      onSuppose={(s) => {
        props.onSupposed(s);
        setSupposition(s);
      }}
      error={null}
    />
  );
}

describe("supposing", () => {
  it("changes nothing of the case, holds only what differs from it, and goes back in one step", async () => {
    const user = userEvent.setup();
    const asked = serverOf({});
    const supposed: Supposition[] = [];
    page(<Tab onSupposed={(s) => supposed.push(s)} />);
    const asIf = screen.getByLabelText("Findings as if");
    const findings = within(asIf).getAllByRole("listitem");
    expect(findings.map((f) => f.textContent)).toEqual([
      expect.stringContaining("Pain in the first position"),
      expect.stringContaining("Pain on lifting"),
    ]);
    const obrien = findings[0] as HTMLElement;
    const asItIs = screen.getByRole("button", { name: "As it is" }) as HTMLButtonElement;
    expect(asItIs.disabled).toBe(true);
    await user.click(within(obrien).getByRole("radio", { name: "Negative" }));
    expect(supposed.at(-1)).toEqual({ outcomes: { "obrien/pain": "negative" }, suspicions: {} });
    await user.click(within(obrien).getByRole("radio", { name: "Positive" }));
    expect(supposed.at(-1)).toEqual(NOTHING_SUPPOSED);
    await user.click(screen.getByRole("radio", { name: "Much" }));
    await user.click(screen.getByRole("radio", { name: "Likely" }));
    expect(supposed.at(-1)).toEqual({
      outcomes: {},
      suspicions: { "slap-tear": "likely" },
      familyOverlap: 0.75,
      generalOverlap: 0.33,
    });
    await user.click(asItIs);
    expect(supposed.at(-1)).toEqual(NOTHING_SUPPOSED);
    expect(asked).toEqual([]);
  });
  it("tries the two shares where the candidates are weighed together, and nowhere else", async () => {
    const user = userEvent.setup();
    const supposed: Supposition[] = [];
    page(<Tab onSupposed={(s) => supposed.push(s)} school="differential" />);
    await user.click(screen.getByRole("radio", { name: "1 in 4" }));
    await user.click(screen.getByRole("radio", { name: "In full" }));
    expect(supposed.at(-1)).toEqual({ outcomes: {}, suspicions: {}, crossActivation: 0.25, clusterShare: 1 });
    cleanup();
    page(<Tab onSupposed={() => undefined} school="overlap-aware" />);
    expect(screen.queryByRole("radio", { name: "1 in 4" })).toBeNull();
  });
  it("keeps suspicion and way in the case on request, over the version seen, and what else was supposed stays", async () => {
    const user = userEvent.setup();
    const supposed: Supposition[] = [];
    const asked = serverOf({
      "PUT /api/cases/HB-001/intake": ({ body }) => ({
        body: { ...VIEW, version: 7, intake: (body as { intake: Intake }).intake },
      }),
    });
    const { client } = page(<Tab onSupposed={(s) => supposed.push(s)} />);
    client.setQueryData(caseKey("HB-001"), VIEW);
    const keep = screen.getByRole("button", { name: /Keep suspicion/ }) as HTMLButtonElement;
    await user.click(screen.getByRole("radio", { name: "Much" }));
    expect(keep.disabled).toBe(true);
    await user.click(screen.getByRole("radio", { name: "Unlikely" }));
    await user.click(keep);
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]?.body).toEqual({
      version: 6,
      intake: {
        ...INTAKE,
        candidates: [
          { condition: "slap-tear", suspicion: "unlikely" },
          { condition: "cuff-tear", suspicion: "as-usual" },
        ],
      },
    });
    expect(supposed.at(-1)).toEqual({
      outcomes: {},
      suspicions: {},
      familyOverlap: 0.75,
      generalOverlap: 0.33,
    });
    await waitFor(() => expect(client.getQueryData<CaseView>(caseKey("HB-001"))?.version).toBe(7));
  });
});

describe("a candidate", () => {
  it("has the usual base rate until this case gets its own, which is more than nothing and less than all", async () => {
    const user = userEvent.setup();
    const changes: CandidateChoice[] = [];
    const row = (choice: CandidateChoice) =>
      page(
        <ul>
          <CandidateRow
            choice={choice}
            intake={INTAKE}
            catalogue={CATALOGUE}
            standing={
              {
                pretest: 0.02,
                start: {
                  baseRate: 0.05,
                  steps: [{ by: "age", odds: 0.4, because: "a series of 1990" }],
                  held: false,
                },
              } as Standing["conditions"][number]
            }
            onChange={(c) => changes.push(c)}
            onRemove={() => undefined}
          />
        </ul>,
      );
    row({ condition: "slap-tear", suspicion: "as-usual" });
    expect(screen.getByText(/your suspicion ×1: 2/).textContent).toContain("×0.4");
    expect(screen.getByText("(a series of 1990)")).toBeDefined();
    await user.click(screen.getByRole("radio", { name: "Likely" }));
    expect(changes.at(-1)).toEqual({ condition: "slap-tear", suspicion: "likely" });
    await user.click(screen.getByRole("button", { name: /^base rate 5/ }));
    const rate = await screen.findByLabelText(/This case/);
    for (const wrong of ["0", "100", "often"]) {
      await user.clear(rate);
      await user.type(rate, `${wrong}{Enter}`);
      expect(screen.getByRole("alert").textContent).toContain("more than 0 and less than 100 %");
    }
    expect(changes).toHaveLength(1);
    await user.clear(rate);
    await user.type(rate, "12,5{Enter}");
    expect(changes.at(-1)?.baseRate).toBe(0.125);
    cleanup();
    row({ condition: "slap-tear", suspicion: "as-usual", baseRate: 0.125 });
    await user.click(screen.getByRole("button", { name: /^own base rate 1/ }));
    await user.click(await screen.findByRole("button", { name: /^Usual, 5/ }));
    expect(changes.at(-1)?.baseRate).toBeUndefined();
  });
});

describe("a case on its way", () => {
  it("says what became of every sending, and cannot be sent where no record system is set", async () => {
    const user = userEvent.setup();
    const sendings = [
      {
        id: 3,
        state: "waiting",
        madeAt: "2026-11-20T10:00:00Z",
        tries: 2,
        error: "It did not answer in time.",
      },
      { id: 2, state: "sent", madeAt: "2026-11-19T10:00:00Z", sentAt: "2026-11-19T10:01:00Z", tries: 1 },
      { id: 1, state: "refused", madeAt: "2026-11-18T10:00:00Z", tries: 1, error: "Its answer was 422." },
    ];
    let outbox = { address: "", sendings: [] as typeof sendings };
    serverOf({
      "GET /api/cases/HB-001/outbox": () => ({ body: outbox }),
      "POST /api/cases/HB-001/outbox": () => ({ body: { ...outbox, sendings } }),
    });
    page(<Sending code="HB-001" />);
    expect(await screen.findByText(/No record system is set/)).toBeTruthy();
    expect(screen.queryByRole("button")).toBeNull();
    cleanup();
    outbox = { address: "https://records.example/fhir", sendings: [] };
    page(<Sending code="HB-001" />);
    await user.click(await screen.findByRole("button", { name: "Send to the record system" }));
    const lines = await screen.findAllByRole("listitem");
    expect(lines.map((l) => l.textContent?.split(/[ .]/)[0])).toEqual(["Waiting", "Arrived", "Refused"]);
    expect(lines[0]?.textContent).toContain("2 tries. It did not answer in time.");
    expect(lines[2]?.textContent).toContain("Its answer was 422.");
  });
});
