// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { page } from "../test/page";
import { HonestyScreen } from "./HonestyScreen";

afterEach(cleanup);

describe("how right the program is", () => {
  it("shows what was measured for every clinic and every way to weigh, and says first where it is wrong", () => {
    page(<HonestyScreen />);
    const headings = screen.getAllByRole("heading").map((h) => h.textContent);
    expect(headings.indexOf("Where it is wrong")).toBeLessThan(
      headings.indexOf("Stated, and how many had it"),
    );
    const clinics = screen.getAllByRole("img", { name: /^Sober: / });
    expect(clinics).toHaveLength(6);
    for (const clinic of [
      "Mild: nothing else provokes",
      "Harsh: all of it, doubled",
      "Harsh otherwise: two thirds provoke, the first sign decides",
    ]) {
      const table = screen.getByRole("table", { name: clinic });
      // A row for each of the six ways, each with its share of statements of 80 % that were right.
      const rows = within(table).getAllByRole("row").slice(1);
      expect(rows).toHaveLength(6);
      expect(rows[0]?.textContent).toMatch(/sober.*\d %/);
    }
    expect(screen.getByRole("table", { name: "Until a verdict" })).toBeTruthy();
  });
});
