// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, expect, it } from "vitest";
import type { ClinicalTest, Finding } from "../api/types";
import { Outcomes } from "./Outcomes";

afterEach(cleanup);

const TEST = {
  id: "valgus",
  criteria: [
    { id: "valgus/laxity", label: "Opens more", at: "" },
    { id: "valgus/pain", label: "Familiar pain", at: "" },
  ],
} as unknown as ClinicalTest;
const finding = (criterion: string, more: object) =>
  ({ criterion, test: "valgus", side: "right", reason: "", assumed: false, ...more }) as unknown as Finding;
const ASK = {
  at: "",
  question: "pain with it?",
  answers: [
    { label: "no", changes: { "pain.present": false } },
    { label: "their pain", changes: { "pain.present": true, "pain.familiar": true } },
    { label: "another", changes: { "pain.present": true, "pain.familiar": false } },
  ],
};

it("asks on its line what nobody said and would count, and says each answer as it would be tapped", async () => {
  const said: unknown[] = [];
  render(
    <Outcomes
      test={TEST}
      at=""
      findings={[
        finding("valgus/laxity", { outcome: "positive", reason: "loose" }),
        finding("valgus/pain", { outcome: "negative", reason: "no pain", assumed: true, ask: ASK }),
      ]}
      side="right"
      canUndo
      saving={false}
      onUndo={() => undefined}
      onHistory={() => undefined}
      onConfirm={() => undefined}
      onAnswer={(at, changes) => said.push({ at, changes })}
    />,
  );
  const asked = screen.getByRole("group", { name: "pain with it?" });
  expect(asked.closest("li")?.textContent).toContain("Familiar pain");
  for (const { label } of ASK.answers) {
    await userEvent.setup().click(screen.getByRole("button", { name: label }));
  }
  expect(said).toEqual(ASK.answers.map(({ changes }) => ({ at: "", changes })));
});
