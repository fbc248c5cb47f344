// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { DepartmentSettings, Role } from "../api/types";
import { page, serverOf } from "../test/page";
import { SettingsScreen } from "./SettingsScreen";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const SETTINGS: DepartmentSettings = {
  version: 3,
  school: "overlap-aware",
  highBias: "corrected",
  judgements: "weigh",
  familyOverlap: 0.45,
  generalOverlap: 0.2,
  crossActivation: 0.1,
  clusterShare: 0.5,
  schoolSeen: true,
  deficitPercent: 15,
  shortDegrees: 10,
  headStartPercent: 10,
  shareAll: false,
  lockMinutes: 10,
  retentionDays: 90,
  checkedOnly: false,
  recordSystem: "",
  insideHost: "",
  secondFactor: "off",
  codePrefix: "HB",
  timeZone: "",
  why: "",
  errors: {},
  variants: {},
};

/** The screen over a server that keeps settings, and asks about reasons with a capital letter. */
async function settingsScreen(role: Role = "lead", stored: Partial<DepartmentSettings> = {}) {
  const user = userEvent.setup();
  let kept = { ...SETTINGS, ...stored };
  const asked = serverOf({
    "GET /api/settings": () => ({ body: kept }),
    "GET /api/settings/since": () => ({
      body: {
        lockMinutes: { at: "2026-11-12T09:00:00Z", who: "plover", before: "5", why: "" },
        school: {
          at: "2026-10-01T09:00:00Z",
          who: "heron",
          before: "independent",
          why: "agreed at the meeting",
        },
      },
    }),
    "GET /api/settings/device-key": () => ({ body: { key: "k" } }),
    "GET /api/catalogue": () => ({ body: { tests: [], regions: [], complaints: [], settings: [] } }),
    "GET /api/settings/honesty": () => ({ body: { state: "none", clinics: [] } }),
    "PUT /api/settings?sure=false": ({ body }) => {
      const change = body as DepartmentSettings;
      if (change.recordSystem.startsWith("http://")) {
        const refusal = { field: "recordSystem", message: "expected an address that begins with https://" };
        return { status: 422, body: { detail: "recordSystem: ...", errors: [refusal] } };
      }
      if (/[A-Z]/.test(change.why)) {
        return { status: 422, body: { detail: "why: this looks like a name", question: true } };
      }
      kept = { ...change, why: "", version: kept.version + 1 };
      return { body: kept };
    },
    "PUT /api/settings?sure=true": ({ body }) => {
      kept = { ...(body as DepartmentSettings), why: "", version: kept.version + 1 };
      return { body: kept };
    },
  });
  page(<SettingsScreen />, { session: { role } });
  await screen.findByText("Overlap between findings");
  return { user, saved: () => asked.filter((a) => a.method === "PUT").map((a) => a.body) };
}

describe("what every case hangs on", () => {
  it("is changed once a reason is given, and not before", async () => {
    const { user, saved } = await settingsScreen();
    await user.click(screen.getByRole("radio", { name: "Each counts in full" }));
    const dialog = await screen.findByRole("dialog");
    expect(dialog.textContent).toContain("This changes every case");
    expect(saved()).toEqual([]);
    await user.type(within(dialog).getByLabelText(/Why/), "agreed at the meeting");
    await user.click(within(dialog).getByRole("button", { name: "Change it" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(saved()).toEqual([{ ...SETTINGS, school: "independent", why: "agreed at the meeting" }]);
    expect(screen.getByRole("radio", { name: "Each counts in full" }).getAttribute("aria-checked")).toBe(
      "true",
    );
  });
  it("stays as it was where no reason is given after all", async () => {
    const { user, saved } = await settingsScreen();
    await user.click(screen.getByRole("radio", { name: "365 days" }));
    await screen.findByRole("dialog");
    await user.keyboard("{Escape}");
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(saved()).toEqual([]);
    expect(screen.getByRole("radio", { name: "90 days" }).getAttribute("aria-checked")).toBe("true");
  });
  it("asks about a reason that looks like a name, and keeps it if it is meant", async () => {
    const { user, saved } = await settingsScreen();
    const family = screen.getByLabelText("Within a family");
    await user.clear(family);
    await user.type(family, "0,3");
    await user.click(screen.getByRole("button", { name: "Use these" }));
    const dialog = await screen.findByRole("dialog");
    await user.type(within(dialog).getByLabelText(/Why/), "agreed by the Hand Team");
    await user.click(within(dialog).getByRole("button", { name: "Change it" }));
    expect((await within(dialog).findByRole("alert")).textContent).toContain("looks like a name");
    await user.click(within(dialog).getByRole("button", { name: "Keep it all the same" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(saved().at(-1)).toMatchObject({ familyOverlap: 0.3, why: "agreed by the Hand Team" });
    expect((screen.getByLabelText("Within a family") as HTMLInputElement).value).toBe("0.3");
  });
});

describe("everything else", () => {
  it("is saved at once, and what is being typed elsewhere stays", async () => {
    const { user, saved } = await settingsScreen();
    const typed = screen.getByLabelText("Within a family") as HTMLInputElement;
    await user.type(typed, "1");
    await user.click(screen.getByRole("radio", { name: "20 minutes" }));
    await user.click(screen.getByRole("radio", { name: "wanted from leads" }));
    await waitFor(() => expect(saved()).toHaveLength(2));
    expect(saved()[1]).toMatchObject({ lockMinutes: 20, secondFactor: "leads", version: 4 });
    expect((screen.getByLabelText("Within a family") as HTMLInputElement).value).toBe("0.451");
    expect(screen.queryByRole("dialog")).toBeNull();
  });
  it("is refused where it was typed, and what was typed stays", async () => {
    const { user, saved } = await settingsScreen();
    const general = screen.getByLabelText("Between any two findings");
    await user.clear(general);
    await user.type(general, "0.5");
    await user.click(screen.getByRole("button", { name: "Use these" }));
    expect(screen.getByRole("alert").textContent).toContain("from 0 to the overlap within a family");
    expect((general as HTMLInputElement).value).toBe("0.5");
    const grip = screen.getByLabelText("Grip, kg");
    await user.type(grip, "400");
    await user.click(within(grip.closest("form") as HTMLElement).getByRole("button"));
    expect(screen.getAllByRole("alert").at(-1)?.textContent).toBe(
      "Expected a number from 0 to 40, or nothing",
    );
    expect(grip.getAttribute("aria-invalid")).toBe("true");
    expect(saved()).toEqual([]);
  });
  it("of the record system is saved on leaving a field that changed", async () => {
    const { user, saved } = await settingsScreen();
    await user.click(screen.getByPlaceholderText("https://"));
    await user.tab();
    expect(saved()).toEqual([]);
    await user.type(screen.getByLabelText(/Its host/), "records.quay");
    await user.tab();
    await waitFor(() => expect(saved()).toHaveLength(1));
    expect(saved()[0]).toMatchObject({ insideHost: "records.quay", recordSystem: "" });
  });
  it("says at its field what the server refuses, once, and keeps what was typed", async () => {
    const { user } = await settingsScreen();
    const address = screen.getByPlaceholderText("https://") as HTMLInputElement;
    await user.type(address, "http://elsewhere");
    await user.tab();
    const alert = await screen.findByRole("alert");
    expect(alert.textContent).toBe("expected an address that begins with https://");
    expect(alert.closest("section")).toBe(address.closest("section"));
    expect(address.value).toBe("http://elsewhere");
  });
  it("says of each setting what it changes, since when and by whom it is so", async () => {
    await settingsScreen();
    expect(
      await screen.findByText(
        /Every screen of the department.* Since 12 Nov 2026, by plover; 5 minutes before\./,
      ),
    ).toBeTruthy();
    expect(
      screen.getByText(/Since 1 Oct 2026, by heron; Each counts in full before \(agreed at the meeting\)\./),
    ).toBeTruthy();
    expect(screen.getByText(/Cases made from now on.* As it came with Lexicor\./)).toBeTruthy();
  });
  it("can be read by everybody and changed by leads alone", async () => {
    const { user, saved } = await settingsScreen("clinician");
    expect(screen.getByText(/set by its leads/)).toBeTruthy();
    expect(screen.queryByText(/second factor/i)).toBeNull();
    expect((screen.getByRole("group") as HTMLFieldSetElement).disabled).toBe(true);
    await user.click(screen.getByRole("radio", { name: "Clusters only" }));
    expect(screen.queryByRole("dialog")).toBeNull();
    expect(saved()).toEqual([]);
  });
});

describe("Codes and days", () => {
  it("are kept as typed, a prefix that no code could have is refused beside its field and nothing sent", async () => {
    const { user, saved } = await settingsScreen();
    const codes = within(screen.getByRole("region", { name: "Codes and days" }));
    const prefix = codes.getByLabelText("Codes of new cases begin with");
    for (const wrong of ["hb", "HARBO", "H1", ""]) {
      await user.clear(prefix);
      if (wrong !== "") {
        await user.type(prefix, wrong);
      }
      await user.click(codes.getByRole("button", { name: "Keep codes and zone" }));
      expect(codes.getByRole("alert").textContent).toContain("up to four capital letters");
    }
    expect(saved()).toHaveLength(0);
    await user.clear(prefix);
    await user.type(prefix, "QUAY");
    await user.type(codes.getByLabelText(/Time zone/), " Europe/Lisbon ");
    await user.click(codes.getByRole("button", { name: "Keep codes and zone" }));
    await waitFor(() => expect(codes.queryByRole("alert")).toBeNull());
    await waitFor(() => expect(saved()).toHaveLength(1));
    expect(saved()[0]).toMatchObject({
      codePrefix: "QUAY",
      timeZone: "Europe/Lisbon",
      school: "overlap-aware",
    });
  });
});

describe("weighing together", () => {
  it("is told to a department of an earlier time once, and its shares are changed for a reason within their limits", async () => {
    const { user, saved } = await settingsScreen("lead", { schoolSeen: false });
    await user.click(
      within(screen.getByRole("complementary", { name: "A new way to weigh" })).getByRole("button"),
    );
    await waitFor(() => expect(screen.queryByRole("complementary")).toBeNull());
    expect(saved()).toEqual([{ ...SETTINGS, schoolSeen: true }]);

    const field = screen.getByLabelText("Cross-activation");
    await user.clear(field);
    await user.type(field, "0.6");
    await user.click(screen.getByRole("button", { name: "Use these shares" }));
    expect(screen.getByRole("alert").textContent).toContain("from 0 to 0.5");
    await user.clear(field);
    await user.type(field, "0,25");
    await user.click(screen.getByRole("button", { name: "Use these shares" }));
    const dialog = await screen.findByRole("dialog");
    await user.type(within(dialog).getByLabelText(/Why/), "we looked at our own figures");
    await user.click(within(dialog).getByRole("button", { name: "Change it" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(saved()[1]).toMatchObject({ crossActivation: 0.25, clusterShare: 0.5 });
  });

  it("counts as known once a way was chosen", async () => {
    const { user, saved } = await settingsScreen("lead", { schoolSeen: false });
    await user.click(screen.getByRole("radio", { name: "Weighed together" }));
    const dialog = await screen.findByRole("dialog");
    await user.type(within(dialog).getByLabelText(/Why/), "agreed at the meeting");
    await user.click(within(dialog).getByRole("button", { name: "Change it" }));
    await waitFor(() => expect(saved()).toHaveLength(1));
    expect(saved()[0]).toMatchObject({ school: "differential", schoolSeen: true });
  });
});
