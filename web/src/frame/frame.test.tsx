// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { page } from "../test/page";
import { ContentNote } from "./ContentNote";
import { Stoppable } from "./Stopped";
import { UnknownNote } from "./UnknownNote";

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

function Broken(): never {
  throw new Error("no ladders");
}

describe("content that does not fit", () => {
  it("is said to everybody, and to a lead with the way to mend it", async () => {
    page(<ContentNote />, { session: { contentUnfit: true, role: "lead" } });
    expect((await screen.findByRole("link")).getAttribute("href")).toBe("/evidence?tab=content");
    cleanup();
    page(<ContentNote />, { session: { contentUnfit: true, role: "clinician" } });
    expect(screen.queryByRole("link")).toBeNull();
    expect(screen.getByRole("status").textContent).toContain("A lead can mend it.");
    cleanup();
    page(<ContentNote />);
    expect(screen.queryByRole("status")).toBeNull();
  });
  it("leaves what was recorded readable", () => {
    page(<UnknownNote lines={["boat-grip, right: Pain yes", "candidate own-pain"]} />);
    expect(screen.getByLabelText("Not in the content").textContent).toContain(
      "boat-grip, right: Pain yes; candidate own-pain",
    );
  });
});

describe("a part that fails to draw", () => {
  it("does not take what is around it along, and says that the taps are kept", () => {
    vi.spyOn(console, "error").mockImplementation(() => undefined);
    page(
      <>
        <p>the bar</p>
        <Stoppable>
          <Broken />
        </Stoppable>
      </>,
    );
    expect(screen.getByText("the bar")).toBeTruthy();
    expect(screen.getByRole("alert").textContent).toContain("Every tap is kept");
    expect(screen.getByRole("button", { name: "Load it again" })).toBeTruthy();
  });
});
