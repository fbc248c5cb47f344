// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it } from "vitest";
import type { Intake } from "../api/types";
import { AgeField } from "./AgeField";
import { Steps } from "./Steps";

afterEach(cleanup);

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
