// @vitest-environment happy-dom
import { act, cleanup, render, screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { useState } from "react";
import { Link, MemoryRouter, Route, Routes } from "react-router";
import { afterEach, beforeAll, describe, expect, it } from "vitest";
import { SkipLink } from "../frame/SkipLink";
import { Announced } from "./Announced";
import { DialogFrame } from "./DialogFrame";
import { keepFocusTrail } from "./focusTrail";
import { PageHeading } from "./PageHeading";

beforeAll(keepFocusTrail);
afterEach(cleanup);

function WithDialog(props: { opener: "stays" | "goes" }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button">Before</button>
      {!(props.opener === "goes" && open) && (
        <button type="button" onClick={() => setOpen(true)}>
          Open
        </button>
      )}
      <DialogFrame open={open} onOpenChange={setOpen} title="A question" width={300}>
        <button type="button" onClick={() => setOpen(false)}>
          Close
        </button>
      </DialogFrame>
    </>
  );
}

describe("The focus", () => {
  it("goes back to what opened a dialog, or to where it was before that where it is gone", async () => {
    const user = userEvent.setup();
    const drawn = render(<WithDialog opener="stays" />);
    await user.click(screen.getByRole("button", { name: "Open" }));
    await user.click(screen.getByRole("button", { name: "Close" }));
    await waitFor(() => expect(document.activeElement?.textContent).toBe("Open"));
    drawn.unmount();
    render(<WithDialog opener="goes" />);
    await user.click(screen.getByRole("button", { name: "Before" }));
    await user.click(screen.getByRole("button", { name: "Open" }));
    await user.click(screen.getByRole("button", { name: "Close" }));
    await waitFor(() => expect(document.activeElement?.textContent).toBe("Before"));
  });

  it("is at the heading after a change of page, and stays where it is on the first one; the window has its name", async () => {
    const user = userEvent.setup();
    render(
      <MemoryRouter initialEntries={["/cases"]}>
        <Routes>
          <Route
            path="/cases"
            element={
              <>
                <PageHeading title="Cases" />
                <Link to="/cases/HB-002/weigh">Weigh</Link>
              </>
            }
          />
          <Route path="/cases/:code/weigh" element={<PageHeading title="Weigh">2 candidates</PageHeading>} />
        </Routes>
      </MemoryRouter>,
    );
    expect(document.title).toBe("Cases \u00b7 Lexicor");
    expect(document.activeElement).toBe(document.body);
    await user.click(screen.getByRole("link", { name: "Weigh" }));
    expect(document.activeElement?.textContent).toBe("2 candidates");
    expect(document.title).toBe("HB-002, Weigh \u00b7 Lexicor");
  });

  it("skips the bar and the lists to the work", async () => {
    const user = userEvent.setup();
    render(
      <MemoryRouter initialEntries={["/cases/HB-002/couch"]}>
        <SkipLink />
        <button type="button">In the bar</button>
        <main>
          <button type="button">In the list</button>
          <section data-work="true" aria-label="Work">
            <button type="button">A pad</button>
          </section>
        </main>
      </MemoryRouter>,
    );
    await user.tab();
    expect(document.activeElement?.textContent).toBe("To the current test");
    await user.keyboard("{Enter}");
    await user.tab();
    expect(document.activeElement?.textContent).toBe("A pad");
  });
});

describe("What is announced", () => {
  it("is what has changed, whole and once, and nothing at the start", () => {
    const said = () => screen.getByRole("status").textContent;
    const drawn = render(<Announced lines={["Painful arc, 8 of 24", "Full-thickness tear, 55 %"]} />);
    expect(said()).toBe("");
    const next = (...lines: string[]) => act(() => drawn.rerender(<Announced lines={lines} />));
    next("Painful arc, 8 of 24", "Full-thickness tear, 67 %");
    expect(said()).toBe("Full-thickness tear, 67 %");
    next("Drop arm, 9 of 24", "Full-thickness tear, 67 %");
    expect(said()).toBe("Drop arm, 9 of 24");
    next("Drop arm, 9 of 24", "Full-thickness tear, 67 %");
    expect(said()).toBe("Drop arm, 9 of 24");
  });
});
