// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { ContentForms, EntryView, FieldForm, Tried } from "../../api/types";
import { page, serverOf } from "../../test/page";
import { ContentTab } from "./ContentTab";
import { EntryEditor } from "./EntryEditor";
import { emptyOf, freeId, renamed, slug } from "./values";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const field = (
  type: FieldForm["type"],
  name: string,
  label: string,
  more: Partial<FieldForm> = {},
): FieldForm => ({
  type,
  name,
  label,
  hint: "",
  needed: true,
  vocabulary: "",
  parts: [],
  ...more,
});
const option = (id: string, label: string, more = {}) => ({
  id,
  label,
  meaning: "",
  group: "",
  kind: "",
  unit: "",
  codes: [],
  ...more,
});
const LABEL = field("text", "label", "What it is called");
const FORMS: ContentForms = {
  kinds: {
    condition: [
      field("text", "name", "Name"),
      field("id", "id", "Name in files and links"),
      field("choice", "region", "Region", { vocabulary: "region" }),
      field("text", "icd10", "ICD-10 code"),
      field("share", "act", "Act above"),
      field("flag", "traumaOnly", "Only after an injury", { needed: false }),
    ],
    judged: [
      field("choice", "criterion", "The sign", { vocabulary: "answer" }),
      field("choice", "condition", "Condition", { vocabulary: "condition" }),
      field("id", "id", "Name in files and links"),
      field("choice", "with", "There in those who have it", { vocabulary: "how-often" }),
      field("long", "because", "Because"),
    ],
    definition: [
      field("id", "id", "Name in files and links"),
      field("definition", "rule", "Asks for", { vocabulary: "answer" }),
    ],
    test: [
      field("text", "name", "Name"),
      field("id", "id", "Name in files and links"),
      field("choice-or-new", "family", "Family", { vocabulary: "family" }),
      field("choices", "readings", "Readings", { vocabulary: "reading" }),
      field("choices", "contraindications", "Not with", { vocabulary: "precaution" }),
      field("list", "sites", "Where it can hurt", { needed: false, parts: [field("id", "id", "Id"), LABEL] }),
      field("list", "criteria", "Criteria", {
        parts: [
          field("text", "label", "What is positive"),
          field("id", "id", "Id"),
          field("rule", "positiveWhen", "Positive when", { vocabulary: "leaf" }),
        ],
      }),
    ],
  },
  keys: { judged: ["criterion", "condition"] },
  vocabularies: {
    region: [option("wrist", "Wrist"), option("hand", "Hand")],
    family: [option("inspection", "Inspection", { meaning: "Look from the front" })],
    reading: [option("pain", "Pain"), option("gapMm", "Gap")],
    answer: [option("neer/pain", "Neer"), option("history/told", "What is told")],
    condition: [option("slap-tear", "SLAP tear")],
    "how-often": [option("usually", "usually"), option("seldom", "seldom")],
    precaution: Array.from({ length: 12 }, (_, i) =>
      option(`p${i}`, i === 7 ? "Recent surgery" : `Precaution ${i}`),
    ),
    leaf: [
      option("pain.familiar", "The familiar pain", { group: "pain", kind: "flag" }),
      option("pain.site", "Pain site", {
        group: "pain",
        kind: "codes",
        codes: [{ id: "deep", label: "Deep" }],
      }),
      option("gapMm", "Gap", { group: "gapMm", kind: "quantity", unit: "mm" }),
    ],
  },
} as unknown as ContentForms;

const ENTRY: EntryView = {
  kind: "condition",
  id: "slap-tear",
  version: 4,
  fields: { id: "slap-tear", name: "SLAP tear", region: "hand", icd10: "S43.4", act: 0.2, traumaOnly: false },
  shipped: {
    id: "slap-tear",
    name: "SLAP tear",
    region: "hand",
    icd10: "S43.4",
    act: 0.1,
    traumaOnly: false,
  },
  differences: [{ field: "Act above", before: "10 %", after: "20 %" }],
  why: "ours is higher",
} as unknown as EntryView;
const FINE: Tried = { problems: [], rules: [], outcomes: [] };

describe("an entry of the content", () => {
  const edit = (isLead = true, tried: Tried = FINE) => {
    const user = userEvent.setup();
    const stored: string[] = [];
    const asked = serverOf({
      "POST /api/evidence/trials/condition/slap-tear": () => ({ body: tried }),
      "PUT /api/evidence/entries/condition/slap-tear": ({ body }) => {
        const { why, sure } = body as { why: string; sure?: boolean };
        return /[A-Z]/.test(why) && !sure
          ? { status: 422, body: { detail: "why: this looks like a name", question: true } }
          : { body: ENTRY };
      },
      "DELETE /api/evidence/entries/condition/slap-tear?version=4&why=shipped+is+right&sure=false": () => ({
        status: 204,
      }),
    });
    page(
      <EntryEditor
        entry={ENTRY}
        forms={FORMS}
        isLead={isLead}
        isNew={false}
        onStored={(id) => stored.push(id)}
        onGone={() => stored.push("")}
      />,
    );
    return { user, asked, stored };
  };

  it("is stored over the version that was seen, and says side by side what is other than shipped", async () => {
    const { user, asked } = edit();
    expect(screen.getByText("Changed by the department: ours is higher")).toBeTruthy();
    expect(screen.getByRole("rowheader", { name: "Act above" }).closest("tr")?.textContent).toBe(
      "Act above10 %20 %",
    );
    const act = screen.getByLabelText("Act above");
    await user.clear(act);
    await user.type(act, "15 %");
    await user.click(screen.getByLabelText("Only after an injury"));
    await user.selectOptions(screen.getByLabelText("Region"), "Wrist");
    await user.type(screen.getByLabelText(/Why/), "audit of the Hand Team");
    await user.click(screen.getByRole("button", { name: "Store the change" }));
    await user.click(await screen.findByRole("button", { name: "Keep it all the same" }));
    expect(await screen.findByText("Stored, and in force.")).toBeTruthy();
    expect(asked.filter((a) => a.method === "PUT").at(-1)?.body).toMatchObject({
      version: 4,
      fields: { act: 0.15, traumaOnly: true, name: "SLAP tear", region: "wrist" },
      why: "audit of the Hand Team",
      sure: true,
    });
  });
  it("says at the field what is wrong, and takes the correction", async () => {
    const problem = { path: "act", label: "Act above", message: "expected a probability, found often" };
    const { user, asked } = edit(true, { ...FINE, problems: [problem] });
    const act = screen.getByLabelText("Act above") as HTMLInputElement;
    await user.clear(act);
    await user.type(act, "often");
    await waitFor(() => expect(act.getAttribute("aria-invalid")).toBe("true"));
    expect(screen.getByRole("region", { name: "Before it can be stored" }).textContent).toContain(
      "Act above: expected a probability, found often",
    );
    await waitFor(() => expect(asked.at(-1)?.body).toMatchObject({ fields: { act: "often" } }));
    await user.clear(act);
    await user.type(act, "0,07");
    expect(act.value).toBe("0,07");
    await waitFor(() => expect(asked.at(-1)?.body).toMatchObject({ fields: { act: 0.07 } }));
  });
  it("is reset with a reason; whoever is no lead reads it alone", async () => {
    const { user, asked } = edit();
    await user.click(screen.getByRole("button", { name: "Reset to shipped" }));
    const dialog = await screen.findByRole("dialog");
    await user.type(within(dialog).getByLabelText(/Why/), "shipped is right");
    await user.click(within(dialog).getByRole("button", { name: "Reset it" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(asked.at(-1)?.method).toBe("DELETE");
    cleanup();
    edit(false);
    expect((screen.getAllByRole("group")[0] as HTMLFieldSetElement).disabled).toBe(true);
    expect(screen.queryByLabelText(/Why/)).toBeNull();
  });
});

describe("a new test", () => {
  it("is made by choosing: its ids follow its names, and what a rule asks for comes with it", async () => {
    const user = userEvent.setup();
    const asked = serverOf({
      "GET /api/evidence/entries": () => ({ body: { entries: [], unfit: [] } }),
      "GET /api/evidence/forms": () => ({ body: FORMS }),
      ...Object.fromEntries(
        ["h", "ha", "harbour", "harbour-press"].map((id) => [
          `POST /api/evidence/trials/test/${id}`,
          () => ({ body: FINE }),
        ]),
      ),
      "PUT /api/evidence/entries/test/harbour-press": () => ({ body: { ...ENTRY, kind: "test" } }),
    });
    page(<ContentTab isLead />, { at: "/?tab=content&kind=test" });
    await user.click(await screen.findByRole("button", { name: "A new one" }));
    await user.type(await screen.findByLabelText("Name"), "Harbour press");
    await user.selectOptions(screen.getByLabelText("Family"), "Inspection");
    expect(screen.getByText("Look from the front")).toBeTruthy();
    // Of many, one is found by a part of its name.
    await user.type(screen.getByLabelText("Find for Not with"), "surg{Enter}");
    expect(screen.getByRole("button", { name: "Take away Recent surgery from Not with" })).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "Add a criterion" }));
    await user.type(screen.getByLabelText("What is positive"), "Hurts");
    await user.click(screen.getByRole("button", { name: "Add what is recorded" }));
    await user.selectOptions(screen.getByLabelText("What is recorded"), "The familiar pain");
    await user.click(screen.getByRole("button", { name: "Add what is recorded" }));
    const [, second] = screen.getAllByLabelText("What is recorded");
    await user.selectOptions(second as HTMLElement, "Pain site");
    await user.click(screen.getByRole("button", { name: "Deep" }));
    await user.type(screen.getByLabelText("A new one for Pain site"), "Over the ribs");
    const group = screen.getByRole("group", { name: "Is one of" });
    await user.click(within(group).getByRole("button", { name: "Add" }));
    await user.click(screen.getByRole("button", { name: "Add a group" }));
    const recorded = screen.getAllByLabelText("What is recorded");
    await user.selectOptions(recorded.at(-1) as HTMLElement, "Gap (mm)");
    await user.type(screen.getByLabelText("mm"), "12,5");
    await user.type(screen.getByLabelText(/Why/), "taught here");
    await user.click(screen.getByRole("button", { name: "Add it" }));
    await waitFor(() => expect(asked.some((a) => a.method === "PUT")).toBe(true));
    expect(asked.find((a) => a.method === "PUT")?.body).toMatchObject({
      version: 0,
      fields: {
        id: "harbour-press",
        family: "inspection",
        contraindications: ["p7"],
        readings: ["pain", "gapMm"],
        sites: [{ id: "over-the-ribs", label: "Over the ribs" }],
        criteria: [
          {
            id: "harbour-press/hurts",
            label: "Hurts",
            positiveWhen: {
              all: [
                { reading: "pain.familiar", is: true },
                { reading: "pain.site", in: ["deep", "over-the-ribs"] },
                { any: [{ reading: "gapMm", atLeast: 12.5 }] },
              ],
            },
          },
        ],
      },
    });
  });
});

describe("names", () => {
  it("become ids that are free, and a renamed test takes its criteria with it", () => {
    expect(slug("D\u00e9j\u00e0 vu: 2nd (left)")).toBe("deja-vu-2nd-left");
    expect(freeId("pain", ["pain", "pain-2"])).toBe("pain-3");
    const test = { id: "neer", criteria: [{ id: "neer/pain" }, { id: "other/pain" }] };
    expect(renamed("test", test, "neer-seated")).toEqual({
      id: "neer-seated",
      criteria: [{ id: "neer-seated/pain" }, { id: "other/pain" }],
    });
    expect(emptyOf(FORMS.kinds.condition ?? [])).toEqual({
      id: "",
      name: "",
      region: "",
      icd10: "",
      act: null,
    });
  });
});

describe("a sign judged in words", () => {
  it("is named by what it is about, and tried on the textbook patients before it is stored", async () => {
    const user = userEvent.setup();
    const asked = serverOf({
      "POST /api/evidence/trials/judged/": () => ({ body: FINE }),
      "POST /api/evidence/trials/judged/neer/pain%3A": () => ({ body: FINE }),
      "POST /api/evidence/trials/judged/neer/pain/slap-tear": () => ({ body: FINE }),
      "POST /api/evidence/patient-trials/judged/neer/pain/slap-tear": () => ({
        body: {
          patients: 24,
          otherwise: [
            { id: "torn-cuff", before: [], after: ["slap-tear is expected first, and stands at place 2"] },
          ],
        },
      }),
    });
    page(
      <EntryEditor
        entry={
          {
            kind: "judged",
            id: "",
            version: 0,
            fields: { criterion: "", condition: "", id: "", with: "", because: "" },
            differences: [],
          } as unknown as EntryView
        }
        forms={FORMS}
        isLead
        isNew
        onStored={() => undefined}
        onGone={() => undefined}
      />,
    );
    await user.selectOptions(screen.getByRole("combobox", { name: "The sign" }), "neer/pain");
    await user.selectOptions(screen.getByRole("combobox", { name: "Condition" }), "slap-tear");
    expect(screen.getByText("In files and links: neer/pain/slap-tear")).toBeTruthy();
    const button = screen.getByRole("button", { name: "Try it on the textbook patients" });
    await waitFor(() => expect((button as HTMLButtonElement).disabled).toBe(false));
    await user.click(button);
    expect(await screen.findByText("One textbook patient would be read otherwise.")).toBeTruthy();
    expect(screen.getByText("torn cuff").closest("li")?.textContent).toContain("stands at place 2");
    expect(asked.at(-1)?.body).toMatchObject({ fields: { id: "neer/pain/slap-tear" } });
  });
});

describe("what findings have to come to together", () => {
  it("is written by choosing, and may say what must not hold", async () => {
    const user = userEvent.setup();
    const asked = serverOf({ "POST /api/evidence/trials/definition/ours": () => ({ body: FINE }) });
    const last = () => (asked.at(-1)?.body as { fields?: { rule: unknown } } | undefined)?.fields?.rule;
    page(
      <EntryEditor
        entry={
          {
            kind: "definition",
            id: "ours",
            version: 1,
            fields: { id: "ours", rule: { any: ["neer/pain", { not: { all: ["history/told"] } }] } },
            differences: [],
          } as unknown as EntryView
        }
        forms={FORMS}
        isLead
        isNew={false}
        onStored={() => undefined}
        onGone={() => undefined}
      />,
    );
    const [first, , second] = screen.getAllByRole("checkbox", { name: "must not hold" });
    expect((first as HTMLInputElement).checked).toBe(false);
    expect((second as HTMLInputElement).checked).toBe(true);
    await user.click(first as HTMLElement);
    await user.click(second as HTMLElement);
    await waitFor(() => expect(last()).toEqual({ any: [{ not: "neer/pain" }, { all: ["history/told"] }] }));
  });
});
