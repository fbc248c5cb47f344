// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Account } from "../api/types";
import { DeleteCase } from "../people/DeleteCase";
import { PeopleScreen } from "../people/PeopleScreen";
import { page, SESSION, serverOf } from "../test/page";
import { LockScreen } from "./LockScreen";
import { SecretDialog } from "./SecretDialog";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const value = (field: HTMLElement) => (field as HTMLInputElement).value;

describe("the department's accounts", () => {
  const TERN: Account = {
    id: 4,
    version: 2,
    name: "tern",
    role: "clinician",
    active: true,
    secondFactor: true,
  };
  const screenOf = async (answer: (body: unknown) => { status?: number; body?: unknown }) => {
    const user = userEvent.setup();
    const asked = serverOf({
      "GET /api/people": () => ({ body: [TERN] }),
      "PUT /api/people/4": ({ body }) => answer(body),
      "POST /api/people": ({ body }) => answer(body),
    });
    page(<PeopleScreen />);
    await screen.findByText("tern", { selector: "th" });
    return { user, sent: () => asked.filter((a) => a.method !== "GET").map((a) => a.body) };
  };

  it("are changed one thing at a time, over the version that was seen", async () => {
    const { user, sent } = await screenOf(() => ({ body: TERN }));
    await user.selectOptions(screen.getByLabelText("Role of tern"), "auditor");
    await user.click(screen.getByRole("button", { name: "Close the account of tern" }));
    await user.click(screen.getByRole("button", { name: "Take the second factor of tern away" }));
    await waitFor(() => expect(sent()).toHaveLength(3));
    const same = { version: 2, role: "clinician", active: true };
    expect(sent()).toEqual([
      { ...same, role: "auditor" },
      { ...same, active: false },
      { ...same, dropSecondFactor: true },
    ]);
  });
  it("say what is wrong with a password, which stays as it was typed until it is taken", async () => {
    let refuses = true;
    const { user, sent } = await screenOf(() =>
      refuses ? { status: 422, body: { detail: "password: too easy to guess" } } : { body: TERN },
    );
    const password = screen.getByLabelText("New password of tern");
    await user.type(password, "four wet ropes");
    await user.click(screen.getByRole("button", { name: "Set" }));
    expect((await screen.findByRole("alert")).textContent).toContain("too easy to guess");
    expect(value(password)).toBe("four wet ropes");
    refuses = false;
    await user.type(password, " on the slipway");
    await user.click(screen.getByRole("button", { name: "Set" }));
    await waitFor(() => expect(value(password)).toBe(""));
    expect(sent().at(-1)).toMatchObject({ password: "four wet ropes on the slipway", version: 2 });
  });
  it("are made with a role, and nothing typed is lost where one is refused", async () => {
    let refuses = true;
    const { user, sent } = await screenOf(() =>
      refuses
        ? { status: 409, body: { detail: "There is already somebody called plover." } }
        : { status: 201, body: { ...TERN, id: 5, name: "plover" } },
    );
    await user.type(screen.getByLabelText("Name"), " plover ");
    await user.selectOptions(screen.getByLabelText("Role"), "student");
    expect(screen.getByText(/sees no patient's case/)).toBeTruthy();
    await user.type(screen.getByLabelText("First password"), "seven gulls over the pier");
    await user.click(screen.getByRole("button", { name: "Make the account" }));
    expect((await screen.findByRole("alert")).textContent).toContain("already somebody called plover");
    expect(value(screen.getByLabelText("First password"))).toBe("seven gulls over the pier");
    refuses = false;
    await user.click(screen.getByRole("button", { name: "Make the account" }));
    await waitFor(() => expect(value(screen.getByLabelText("Name"))).toBe(""));
    expect(sent().at(-1)).toEqual({ name: "plover", role: "student", password: "seven gulls over the pier" });
  });
});

describe("the locked screen", () => {
  const lock = async (session: Partial<typeof SESSION>, answer: (body: unknown) => object) => {
    const user = userEvent.setup();
    const asked = serverOf({
      "POST /api/session/unlock": ({ body }) => answer(body),
      "POST /api/session": ({ body }) => answer(body),
    });
    page(<LockScreen session={{ ...SESSION, state: "locked", ...session }} />, {
      session: { state: "locked" },
    });
    return { user, asked };
  };
  it("opens by a PIN, and a wrong one is gone from the field", async () => {
    const { user, asked } = await lock({ hasPin: true, secondFactor: true }, () => ({
      status: 422,
      body: { detail: "This is not the PIN." },
    }));
    expect(screen.queryByLabelText(/Code of your app/)).toBeNull();
    const pin = screen.getByLabelText("PIN");
    expect(document.activeElement).toBe(pin);
    await user.type(pin, "2468{Enter}");
    expect((await screen.findByRole("alert")).textContent).toContain("This is not the PIN.");
    expect(value(pin)).toBe("");
    expect(asked.at(-1)).toMatchObject({ path: "/api/session/unlock", body: { pin: "2468" } });
  });
  it("without a PIN opens by the password and, where there is one, the second factor", async () => {
    const { user, asked } = await lock({ secondFactor: true }, () => ({
      status: 401,
      body: { detail: "The code is wrong or was used already.", secondFactor: true },
    }));
    await user.type(screen.getByLabelText("Password"), "seven gulls");
    await user.type(screen.getByLabelText(/Code of your app/), "000000{Enter}");
    await screen.findByRole("alert");
    expect(asked.at(-1)?.body).toEqual({ name: "tern", password: "seven gulls", code: "000000" });
    // Only the code was wrong.
    expect(value(screen.getByLabelText("Password"))).toBe("seven gulls");
  });
});

describe("a new PIN", () => {
  it("takes the password, and forgets what was typed when it is closed", async () => {
    const user = userEvent.setup();
    const asked = serverOf({
      "PUT /api/session/pin": () => ({
        status: 422,
        body: { detail: "password: this is not your password" },
      }),
    });
    let closed = 0;
    page(<SecretDialog secret="pin" open onClose={() => closed++} />);
    await user.type(screen.getByLabelText("Your password"), "wrong");
    await user.type(screen.getByLabelText(/New PIN/), "2468");
    await user.click(screen.getByRole("button", { name: "Set the PIN" }));
    expect((await screen.findByRole("alert")).textContent).toContain("not your password");
    expect(asked.at(-1)?.body).toEqual({ password: "wrong", pin: "2468" });
    await user.keyboard("{Escape}");
    expect(closed).toBe(1);
    expect(value(screen.getByLabelText(/New PIN/))).toBe("");
    expect(screen.queryByRole("alert")).toBeNull();
  });
});

describe("deleting a case", () => {
  it("takes a reason, then the code once more, and can be left at either", async () => {
    const user = userEvent.setup();
    const asked = serverOf({
      "POST /api/cases/HB-001/deletion": ({ body }) =>
        (body as { sure: boolean }).sure
          ? { body: { confirmation: "c-1", retentionDays: 90 } }
          : { status: 422, body: { detail: "reason: this looks like a name", question: true } },
      "DELETE /api/cases/HB-001?confirmation=c-1": () => ({ status: 204 }),
    });
    page(<DeleteCase code="HB-001" open onClose={() => undefined} />);
    const dialog = screen.getByRole("dialog");
    await user.type(within(dialog).getByLabelText(/Why it is deleted/), "made twice by Old Tern");
    await user.click(within(dialog).getByRole("button", { name: "Go on" }));
    await user.click(await within(dialog).findByRole("button", { name: "Keep it all the same" }));
    const code = await within(dialog).findByLabelText(/Type HB-001 to delete it/);
    const done = within(dialog).getByRole("button", { name: "Delete it" }) as HTMLButtonElement;
    expect(done.disabled).toBe(true);
    await user.type(code, "HB-002");
    expect(done.disabled).toBe(true);
    expect(asked.some((a) => a.method === "DELETE")).toBe(false);
    await user.clear(code);
    await user.type(code, "hb-001");
    await user.click(done);
    await waitFor(() => expect(asked.at(-1)?.method).toBe("DELETE"));
  });
});
