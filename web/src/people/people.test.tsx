// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { act, cleanup, screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { SecondFactorSetup } from "../session/SecondFactorSetup";
import { SessionGate } from "../session/SessionGate";
import { SignIn } from "../session/SignIn";
import { page, SESSION, serverOf } from "../test/page";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe("an idle screen", () => {
  const idle = (minutes: number) =>
    act(async () => {
      await vi.advanceTimersByTimeAsync(minutes * 60_000);
    });

  it("warns a minute before, is put off by any key, tells the server, and then has nothing left on it", async () => {
    vi.useFakeTimers();
    const asked = serverOf({
      "POST /api/session/alive": () => ({ body: SESSION }),
      "POST /api/session/lock": () => ({ body: { ...SESSION, state: "locked" } }),
    });
    const { client } = page(
      <SessionGate>
        <p>HB-001 and its readings</p>
      </SessionGate>,
    );
    await idle(8.9);
    expect(screen.queryByRole("alert")).toBeNull();
    await idle(0.5);
    expect(screen.getByRole("alert").textContent).toContain("locks within a minute");
    act(() => {
      window.dispatchEvent(new KeyboardEvent("keydown", { key: "Shift" }));
    });
    await idle(0.5);
    expect(screen.queryByRole("alert")).toBeNull();
    expect(asked.map((a) => a.path)).toEqual(["/api/session/alive"]);
    await idle(10);
    expect(screen.queryByText(/HB-001/)).toBeNull();
    expect(screen.getByRole("heading").textContent).toBe("Locked");
    expect(asked.at(-1)?.path).toBe("/api/session/lock");
    expect(client.getQueryData(["session"])).toMatchObject({ state: "locked" });
  });

  it("stays open while another tab is used", async () => {
    vi.useFakeTimers();
    serverOf({ "POST /api/session/alive": () => ({ body: SESSION }) });
    page(
      <SessionGate>
        <p>HB-001</p>
      </SessionGate>,
    );
    for (let minute = 0; minute < 25; minute++) {
      await idle(1);
      localStorage.setItem("lexicor.alive", String(Date.now()));
    }
    expect(screen.getByText("HB-001")).toBeTruthy();
  });
});

describe("signing in", () => {
  it("asks for a code once the server does, and keeps what was typed", async () => {
    const user = userEvent.setup();
    const asked = serverOf({
      "POST /api/session": ({ body }) =>
        (body as { code?: string }).code
          ? { body: SESSION }
          : { status: 401, body: { detail: "The code is wanted as well.", secondFactor: true } },
    });
    page(<SignIn demo={[]} />, { session: { state: "signed-out", name: undefined } });
    await user.type(screen.getByLabelText("Name"), "tern");
    await user.type(screen.getByLabelText(/^Password/), "seven gulls");
    expect(screen.queryByLabelText(/Code of your app/)).toBeNull();
    await user.click(screen.getByRole("button", { name: "Sign in" }));
    await user.type(await screen.findByLabelText(/Code of your app/), "123456");
    await user.click(screen.getByRole("button", { name: "Sign in" }));
    await waitFor(() => expect(asked).toHaveLength(2));
    expect(asked[1]?.body).toEqual({ name: "tern", password: "seven gulls", code: "123456" });
  });
});

describe("a second factor", () => {
  it("is set up by password, picture and code, and tells its codes once", async () => {
    const user = userEvent.setup();
    serverOf({
      "POST /api/session/second-factor": ({ body }) =>
        (body as { password: string }).password === "right"
          ? { body: { secret: "ABCDEFGH", picture: ["10", "01"] } }
          : { status: 422, body: { detail: "password: this is not your password" } },
      "POST /api/session/second-factor/begin": () => ({ body: { codes: ["abcde-fghjk", "mnpqr-stuvw"] } }),
      "GET /api/session": () => ({ body: { ...SESSION, secondFactor: true } }),
    });
    page(<SecondFactorSetup />);
    const password = screen.getByLabelText(/Your password/);
    await user.type(password, "wrong");
    await user.click(screen.getByRole("button", { name: "Go on" }));
    expect((await screen.findByRole("alert")).textContent).toContain("not your password");
    await user.clear(password);
    await user.type(password, "right");
    await user.click(screen.getByRole("button", { name: "Go on" }));
    expect((await screen.findByRole("img")).querySelector("path")?.getAttribute("d")).toBe(
      "M0 0h1v1h-1zM1 1h1v1h-1z",
    );
    expect(screen.getByText("ABCD EFGH", { exact: false })).toBeTruthy();
    await user.type(screen.getByLabelText("Code that the app shows"), "123456");
    await user.click(screen.getByRole("button", { name: "Switch it on" }));
    expect(await screen.findByText("abcde-fghjk")).toBeTruthy();
  });
});
