// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import type { Role } from "../api/types";
import { page } from "../test/page";
import { Rooms } from "./Rooms";

afterEach(cleanup);

const WAYS: [Role, string[]][] = [
  ["lead", ["Cases", "Evidence", "Outcomes", "Practice", "Settings", "People", "History"]],
  ["clinician", ["Cases", "Evidence", "Outcomes", "Practice", "Settings"]],
  ["auditor", ["Evidence", "History"]],
  ["student", ["Practice"]],
];

it.each(WAYS)("a %s finds the ways to what they may see, and to nothing else", (role, ways) => {
  page(<Rooms />, { session: { role } });
  expect(screen.queryAllByRole("link").map((l) => l.textContent)).toEqual(ways);
});

it("marks the room one is in, from any place within it", () => {
  page(<Rooms />, { at: "/evidence/pair" });
  const here = screen.getAllByRole("link").filter((l) => l.getAttribute("aria-current") === "page");
  expect(here.map((l) => l.textContent)).toEqual(["Evidence"]);
});
