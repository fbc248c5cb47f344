// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Catalogue, Intake, Told } from "../api/types";
import { page, serverOf } from "../test/page";
import { AgeField } from "./AgeField";
import { withComplaints } from "./complaints";
import { History } from "./History";
import { Steps } from "./Steps";
import { ToldFields } from "./ToldFields";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("the age", () => {
  it("is kept in whole years when the field is left; a birthday is refused with the reason and stays to be mended", async () => {
    const user = userEvent.setup();
    const kept: (number | undefined)[] = [];
    render(<AgeField value={undefined} onSave={(age) => kept.push(age)} />);
    const field = screen.getByLabelText("Age in years");
    for (const [typed, words] of [
      ["12.3.1984", "no dates of birth are kept"],
      ["1984-03-12", "no dates of birth are kept"],
      ["1984", "no dates of birth are kept"],
      ["121", "from 0 to 120"],
      ["about 40", "from 0 to 120"],
    ] as const) {
      await user.clear(field);
      await user.type(field, typed);
      await user.tab();
      expect(screen.getByText(new RegExp(words))).toBeDefined();
      expect(field).toHaveProperty("value", typed);
    }
    expect(kept).toEqual([]);
    await user.clear(field);
    await user.type(field, "17");
    await user.tab();
    expect(kept).toEqual([17]);
    expect(screen.queryByRole("alert")).toBeNull();
  });
});

describe("the steps of a pretest", () => {
  it("stand in one line with the person they are about, and say where they come from and where they end", () => {
    render(
      <Steps
        start={{
          baseRate: 0.003,
          steps: [
            { by: "age", odds: 0.1, because: "weight lifters" },
            { by: "sex", odds: 0.05, because: "almost only men" },
            { by: "suspicion", odds: 2, because: "" },
          ],
          held: true,
        }}
        pretest={0.0005}
        intake={{ age: 71, sex: "female" } as Intake}
        ages={[]}
      />,
    );
    const line = screen.getByText(/age 71/);
    expect(line.textContent).toContain("age 71 ×0.1, female ×0.05, your suspicion ×2: 0.1");
    expect(line.textContent).toContain("steps go no farther");
    expect(screen.getByText("(weight lifters; almost only men)")).toBeDefined();
  });
});

describe("the questions", () => {
  const question = (id: string, notches = {}, informs: string[] = []) => ({
    id,
    ask: `${id}?`,
    notches,
    informs,
  });
  const CATALOGUE = {
    conditions: [{ id: "tunnel", name: "Tunnel" }],
    history: [
      question("wakes", { tunnel: 2 }, ["tunnel"]),
      question("shakes", { tunnel: 1 }),
      question("leans"),
      question("strap"),
    ],
  } as unknown as Catalogue;

  it("stand as they are asked, with what a yes opened below it, and the rest behind; what was answered stays in sight", async () => {
    const user = userEvent.setup();
    serverOf({
      "GET /api/cases/HB-001/asked": () => ({
        body: { asked: ["wakes"], opened: { wakes: ["shakes"] }, more: ["leans", "strap"] },
      }),
    });
    const given: Record<string, boolean>[] = [];
    const intake = {
      answers: { wakes: true, shakes: true, strap: false },
      candidates: [{ condition: "tunnel" }],
    };
    page(
      <History
        view={{ code: "HB-001", version: 3, intake: intake as unknown as Intake }}
        catalogue={CATALOGUE}
        onAnswer={(answers) => given.push(answers)}
      />,
    );
    const group = (ask: string) => screen.getByRole("radiogroup", { name: ask });
    const row = (ask: string) => group(ask).closest<HTMLElement>("[data-below]") as HTMLElement;
    const words = (ask: string) => row(ask).firstElementChild?.textContent;
    await screen.findByRole("radiogroup", { name: "wakes?" });
    // Its answer is weighed by its figures, so that it prompts no step of suspicion; the other one does.
    expect(words("wakes?")).toBe("wakes?");
    expect(words("shakes?")).toBe("shakes?Tunnel: more likely?");
    expect(row("wakes?").dataset.below).toBe("false");
    expect(row("shakes?").dataset.below).toBe("true");
    const behind = screen.getByText("More questions: 1").closest("details") as HTMLElement;
    expect(behind.contains(row("leans?"))).toBe(true);
    expect(behind.contains(row("strap?"))).toBe(false);
    await user.click(within(group("leans?")).getByText("No"));
    await user.click(within(group("wakes?")).getByText("Yes"));
    expect(given).toEqual([
      { wakes: true, shakes: true, strap: false, leans: false },
      { shakes: true, strap: false },
    ]);
  });
});

describe("what is told in a few words", () => {
  it("is kept as each field is left; a pain over ten is refused in its place, and what is emptied is said no more", async () => {
    const user = userEvent.setup();
    const kept: (Told | undefined)[] = [];
    render(<ToldFields told={{ duration: "six weeks" }} onSave={(told) => kept.push(told)} />);
    await user.type(screen.getByLabelText("What eases it"), "rest ");
    await user.tab();
    const worst = screen.getByLabelText("Pain at worst, 0 to 10");
    await user.type(worst, "11");
    await user.tab();
    expect(screen.getByText("A whole number from 0 to 10.")).toBeTruthy();
    expect(worst).toHaveProperty("value", "11");
    await user.clear(worst);
    await user.type(worst, "7");
    await user.tab();
    await user.click(screen.getByText("Gradually"));
    await user.clear(screen.getByLabelText("For how long"));
    await user.tab();
    expect(kept).toEqual([
      { duration: "six weeks", eases: "rest" },
      { duration: "six weeks", painAtWorst: 7 },
      { duration: "six weeks", onset: "gradual" },
      undefined,
    ]);
  });
});

describe("what brings the patient", () => {
  const CATALOGUE = {
    complaints: [
      { id: "stiff", candidates: ["frozen", "neck"] },
      { id: "numb", candidates: ["tunnel", "neck"] },
      { id: "cold", candidates: ["artery"] },
    ],
  } as unknown as Catalogue;
  const usual = (condition: string) => ({ condition, suspicion: "as-usual" });
  const intake = (...candidates: object[]) => ({ complaint: "stiff", candidates }) as unknown as Intake;

  it("joins the candidates of two, each once, and what was said of one stays said", () => {
    const neck = { condition: "neck", suspicion: "more-likely" };
    const both = withComplaints(CATALOGUE, intake(usual("frozen"), neck), "stiff", "numb");
    expect(both.candidates).toEqual([usual("frozen"), neck, usual("tunnel")]);
    expect(withComplaints(CATALOGUE, both, "stiff", undefined).candidates).toEqual([usual("frozen"), neck]);
  });

  it("lets go of what nobody said anything of, and of nothing else", () => {
    const rated = { condition: "frozen", suspicion: "as-usual", baseRate: 0.2 };
    const own = usual("ganglion");
    const changed = withComplaints(CATALOGUE, intake(rated, usual("neck"), own), "cold", undefined);
    expect(changed.complaint).toBe("cold");
    expect(changed.candidates).toEqual([usual("artery"), rated, own]);
  });
});
