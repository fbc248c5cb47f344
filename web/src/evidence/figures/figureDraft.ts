import type { FigureChange, StudyRow } from "../../api/types";

/** A figure as it stands in the form: everything is text until it is sent. */
export interface Draft {
  kind: string;
  way: string;
  tp: string;
  fn: string;
  fp: string;
  tn: string;
  sensitivity: string;
  specificity: string;
  diseased: string;
  healthy: string;
  source: string;
  year: string;
  referenceStandard: string;
  population: string;
  bias: string;
  confidence: string;
  note: string;
  why: string;
}

/** A judgement is offered as counting for this many people on each side. */
const JUDGED_SIZE = "10";

export function emptyDraft(): Draft {
  return {
    kind: "study",
    way: "counts",
    tp: "",
    fn: "",
    fp: "",
    tn: "",
    sensitivity: "",
    specificity: "",
    diseased: "",
    healthy: "",
    source: "",
    year: String(new Date().getFullYear()),
    referenceStandard: "",
    population: "",
    bias: "unclear",
    confidence: "medium",
    note: "",
    why: "",
  };
}

export function draftOf(row: StudyRow): Draft {
  const text = (n: number | undefined) => (n === undefined ? "" : String(n));
  return {
    ...emptyDraft(),
    kind: row.kind,
    way: "printed",
    sensitivity: text(row.sensitivity.value),
    specificity: text(row.specificity?.value),
    diseased: text(row.diseased),
    healthy: text(row.healthy),
    source: row.source,
    year: String(row.year),
    referenceStandard: row.referenceStandard,
    population: row.population,
    bias: row.bias,
    confidence: row.confidence,
    note: row.note,
  };
}

const number = (text: string) => {
  const plain = text.trim().replace(",", ".");
  return plain === "" ? undefined : Number(plain);
};

const isNumber = (text: string) => text.trim() !== "" && Number.isFinite(number(text));

/** The four counts by their names in the form. */
export const COUNTS = {
  tp: "With it, positive",
  fn: "With it, negative",
  fp: "Without, positive",
  tn: "Without, negative",
} as const;
const LARGEST_JUDGEMENT = 30;

const byCounts = (draft: Draft) => draft.way === "counts" && draft.kind !== "judgement";

/** Whether there is enough to say what it comes to. */
export function isWhole(draft: Draft): boolean {
  const one = draft.kind === "sensitivity-only";
  const needed = byCounts(draft)
    ? [draft.tp, draft.fn, ...(one ? [] : [draft.fp, draft.tn])]
    : [draft.sensitivity, ...(one ? [] : [draft.specificity])];
  const sizes = draft.kind === "judgement" ? [size(draft, "diseased"), size(draft, "healthy")] : [];
  return [...needed, ...sizes, draft.year].every(isNumber);
}

function size(draft: Draft, side: "diseased" | "healthy"): string {
  return draft.kind === "judgement" && draft[side].trim() === "" ? JUDGED_SIZE : draft[side];
}

/** What cannot be sent as it stands, by the names in the form. */
export function faults(draft: Draft): string[] {
  const one = draft.kind === "sensitivity-only";
  if (byCounts(draft)) {
    return (["tp", "fn", "fp", "tn"] as const)
      .filter((name) => !(one && (name === "fp" || name === "tn")))
      .filter((name) => draft[name].trim() !== "" && !/^\d+$/.test(draft[name].trim()))
      .map((name) => `"${COUNTS[name]}" must be a whole number, 0 or more.`);
  }
  return (["diseased", "healthy"] as const)
    .filter((side) => {
      const people = number(size(draft, side));
      return (
        draft.kind === "judgement" && !(people !== undefined && people >= 1 && people <= LARGEST_JUDGEMENT)
      );
    })
    .map(
      (side) =>
        `A judgement may count for 1 to ${LARGEST_JUDGEMENT} people ${side === "diseased" ? "with the condition" : "without it"}.`,
    );
}

/** What is sent: the counts or the printed figures, never both. */
export function meant(draft: Draft): Omit<FigureChange, "criterion" | "condition"> {
  const one = draft.kind === "sensitivity-only";
  const figures = byCounts(draft)
    ? {
        counts: {
          tp: number(draft.tp) ?? 0,
          fn: number(draft.fn) ?? 0,
          fp: one ? 0 : (number(draft.fp) ?? 0),
          tn: one ? 0 : (number(draft.tn) ?? 0),
        },
      }
    : {
        sensitivity: number(draft.sensitivity),
        specificity: one ? undefined : number(draft.specificity),
        diseased: number(size(draft, "diseased")),
        healthy: one ? undefined : number(size(draft, "healthy")),
      };
  return {
    ...figures,
    kind: draft.kind,
    source: draft.source.trim() === "" ? undefined : draft.source,
    year: number(draft.year) ?? 0,
    referenceStandard: draft.referenceStandard,
    population: draft.population,
    bias: draft.bias,
    confidence: draft.confidence,
    note: draft.note,
    why: draft.why,
  };
}
