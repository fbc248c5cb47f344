// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { KeyList } from "./KeyList";
import { BINDINGS, type ChosenKeys, type Command, chosenKeys, keepKeys, keyProblem } from "./keys";
import { useCommands } from "./useCommands";

beforeEach(() => localStorage.clear());
afterEach(cleanup);

function Couch(props: { chosen?: ChosenKeys; obey: (command: Command) => void }) {
  useCommands(props.chosen ?? {}, props.obey);
  return (
    <>
      <button type="button">Weigh</button>
      <input aria-label="Note" />
      <input type="checkbox" aria-label="Agreed" />
      <div role="dialog">
        <span>a dialog</span>
      </div>
    </>
  );
}

function Around(props: { obey: (command: Command) => void }) {
  useCommands({}, props.obey);
  return (
    <>
      <a href="#elsewhere">Elsewhere</a>
      <main>
        <button type="button">Their pain</button>
        <div role="radiogroup" aria-label="Where">
          <button type="button">Groove</button>
        </div>
        <details>
          <summary>More</summary>
        </details>
      </main>
    </>
  );
}

function Choosing(props: { onChosen: (chosen: ChosenKeys) => void }) {
  const [chosen, setChosen] = useState<ChosenKeys>({});
  const choose = (next: ChosenKeys) => {
    setChosen(next);
    props.onChosen(next);
  };
  return <KeyList open onOpenChange={() => undefined} chosen={chosen} onChoose={choose} />;
}

function couch(chosen?: ChosenKeys) {
  const obeyed: Command[] = [];
  const drawn = render(<Couch chosen={chosen} obey={(c) => obeyed.push(c)} />);
  return { obeyed, drawn };
}

describe("A key on the couch", () => {
  it("does what its line says, pads by their number, whatever the shift", () => {
    const { obeyed } = couch();
    for (const binding of BINDINGS) {
      for (const key of binding.keys) {
        fireEvent.keyDown(document.body, { key });
      }
    }
    expect(obeyed.map((c) => c.kind)).toEqual(BINDINGS.flatMap((b) => b.keys.map(() => b.kind)));
    fireEvent.keyDown(document.body, { key: "U", shiftKey: true });
    fireEvent.keyDown(document.body, { key: "3" });
    expect(obeyed.slice(-2)).toEqual([{ kind: "side" }, { kind: "pad", index: 2 }]);
  });

  it("is the browser's with Ctrl, Alt or Meta, and counts once while it is held", () => {
    const { obeyed } = couch();
    for (const with_ of ["ctrlKey", "altKey", "metaKey"]) {
      fireEvent.keyDown(document.body, { key: "z", [with_]: true });
    }
    fireEvent.keyDown(document.body, { key: "z", repeat: true });
    expect(obeyed).toEqual([]);
    expect(fireEvent.keyDown(document.body, { key: "z" })).toBe(false);
    expect(obeyed).toEqual([{ kind: "undo" }]);
  });

  it("is typed where one types, and rests under a dialog", () => {
    const { obeyed } = couch();
    fireEvent.keyDown(screen.getByLabelText("Note"), { key: "x" });
    fireEvent.keyDown(screen.getByText("a dialog"), { key: "x" });
    expect(obeyed).toEqual([]);
    fireEvent.keyDown(screen.getByLabelText("Agreed"), { key: "x" });
    expect(obeyed).toEqual([{ kind: "notDone" }]);
  });

  it("acts after a tap anywhere, and from what somebody went to by keyboard only where that does not take it", async () => {
    const user = userEvent.setup();
    const obeyed: string[] = [];
    const obey = (c: Command) => obeyed.push(c.kind === "pad" ? `pad ${c.index}` : c.kind);
    render(<Around obey={obey} />);
    // Tapped: the keys are the screen's, Space and arrows too.
    for (const name of ["Their pain", "Groove"]) {
      await user.click(screen.getByRole("button", { name }));
      await user.keyboard("1 {ArrowDown}");
    }
    await user.click(screen.getByText("More"));
    await user.keyboard("u");
    expect(obeyed).toEqual(["pad 0", "timer", "next", "pad 0", "timer", "next", "side"]);
    // By keyboard: not from a link or a summary, and what presses or moves there is that alone.
    obeyed.length = 0;
    screen.getByText("More").blur();
    await user.tab();
    expect(document.activeElement?.textContent).toBe("Elsewhere");
    await user.keyboard("1{PageDown}");
    await user.tab();
    await user.keyboard("2 ");
    await user.tab();
    await user.keyboard("3{ArrowDown}");
    await user.tab();
    await user.keyboard("4 ");
    expect(obeyed).toEqual(["next", "pad 1", "pad 2"]);
  });

  it("acts on what the key before it brought up, and no longer once the screen is left", () => {
    const first: string[] = [];
    const second: string[] = [];
    const drawn = render(<Couch obey={(c) => first.push(c.kind)} />);
    drawn.rerender(<Couch chosen={{ undo: "q" }} obey={(c) => second.push(c.kind)} />);
    fireEvent.keyDown(document.body, { key: "z" });
    fireEvent.keyDown(document.body, { key: "q" });
    drawn.unmount();
    fireEvent.keyDown(document.body, { key: "q" });
    expect(first).toEqual([]);
    expect(second).toEqual(["undo"]);
  });
});

describe("A key of one's own", () => {
  it("is refused with the reason when the browser or another command has it", () => {
    expect(keyProblem("undo", "Escape", {})).toContain("belongs to the browser");
    expect(keyProblem("undo", "N", {})).toBe(
      "N is taken: other side: nothing found; of a whole stage: the rest is normal.",
    );
    expect(keyProblem("undo", "PageDown", {})).toBe("Page down is taken: next test.");
    expect(keyProblem("undo", "z", {})).toBeUndefined();
    // What somebody moved away from is free again, and what they moved to is not.
    expect(keyProblem("undo", "n", { otherSideNormal: "m" })).toBeUndefined();
    expect(keyProblem("undo", "m", { otherSideNormal: "m" })).toContain("M is taken");
  });

  it("stays on the device; what is no list of keys is as at first", () => {
    keepKeys({ undo: "q" });
    expect(chosenKeys()).toEqual({ undo: "q" });
    localStorage.setItem("lexicor.keys", "{not so");
    expect(chosenKeys()).toEqual({});
  });

  it("is chosen by pressing it, after a refused one too; Escape leaves the old one; all go back in one step", async () => {
    const user = userEvent.setup();
    let now: ChosenKeys = {};
    render(
      <Choosing
        onChosen={(chosen) => {
          now = chosen;
        }}
      />,
    );
    const change = screen.getByRole("button", { name: "Change the key: take the last tap back" });
    await user.click(change);
    expect(change.textContent).toBe("Press a key");
    await user.keyboard("w");
    expect(screen.getByRole("alert").textContent).toBe("W is taken: weigh.");
    expect(now).toEqual({});
    await user.keyboard("Q");
    expect(now).toEqual({ undo: "q" });
    expect(screen.getByRole("alert").textContent).toBe("");
    await user.click(change);
    await user.keyboard("{Escape}");
    expect(now).toEqual({ undo: "q" });
    expect(screen.getByText("Keys on this screen")).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "All as at first" }));
    expect(now).toEqual({});
  });

  it("can be those of the pads, each of them once and none that a command has", async () => {
    const user = userEvent.setup();
    let now: ChosenKeys = {};
    render(
      <Choosing
        onChosen={(chosen) => {
          now = chosen;
        }}
      />,
    );
    const field = screen.getByLabelText("The pads in order, on the marked side");
    // A key pressed as the list comes up is not typed over them.
    await waitFor(() => expect(document.activeElement).not.toBe(document.body));
    expect(document.activeElement).not.toBe(field);
    await user.clear(field);
    await user.type(field, "ajaz");
    await user.tab();
    expect(screen.getByRole("alert").textContent).toBe("A stands twice.");
    expect(now).toEqual({});
    await user.clear(field);
    await user.type(field, "ajz");
    await user.tab();
    expect(screen.getByRole("alert").textContent).toBe("Z is taken: take the last tap back.");
    await user.clear(field);
    await user.type(field, "AJFK");
    await user.tab();
    expect(now).toEqual({ pads: "ajfk" });
    await user.click(screen.getByRole("checkbox", { name: /Single keys/ }));
    expect(now).toEqual({ pads: "ajfk", off: true });
  });
});
