import { useSaveIntake } from "../api/caseQueries";

import type {
  CaseView,
  Catalogue,
  ConditionStanding,
  LedgerRow,
  Outcome,
  Supposition,
  Weighed,
} from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { Toggles } from "../pieces/Toggles";
import { WAYS } from "../pieces/ways";
import { isSupposed, NOTHING_SUPPOSED } from "./supposing";

const OUTCOMES = [
  { id: "positive", label: "Positive" },
  { id: "negative", label: "Negative" },
  { id: "not-done", label: "Left out" },
] as const;
const OVERLAPS = [
  { id: "0", label: "None" },
  { id: "0.2", label: "Little" },
  { id: "0.45", label: "As usual" },
  { id: "0.75", label: "Much" },
];
const ACTIVATIONS = [
  { id: "0", label: "Never" },
  { id: "0.1", label: "1 in 10" },
  { id: "0.25", label: "1 in 4" },
  { id: "0.5", label: "1 in 2" },
];
const SHARES = [
  { id: "0", label: "Not at all" },
  { id: "0.5", label: "By half" },
  { id: "1", label: "In full" },
];
/** The general overlap that goes with an overlap within families, in the proportion of the usual ones. */
const GENERAL: Record<string, number> = { "0": 0, "0.2": 0.09, "0.45": 0.2, "0.75": 0.33 };

/** Suppose a finding otherwise, another pretest, overlap or way; the ghost on the rails shows the result. */
export function WhatIfTab(props: {
  view: CaseView;
  weighed: Weighed;
  condition: ConditionStanding;
  catalogue: Catalogue;
  rows: LedgerRow[];
  supposition: Supposition;
  onSuppose: (supposition: Supposition) => void;
  error: Error | null;
}) {
  const { supposition: s, onSuppose, condition, view } = props;
  const save = useSaveIntake(view.code);
  const findings = props.rows.filter(
    (r) => r.kind === "finding" && (r.result === "positive" || r.result === "negative"),
  );
  const suspicion = view.intake.candidates.find((c) => c.condition === condition.id)?.suspicion ?? "";
  const setOutcome = (row: LedgerRow, outcome: Outcome) => {
    const { [row.id]: _, ...others } = s.outcomes;
    onSuppose({ ...s, outcomes: outcome === row.result ? others : { ...others, [row.id]: outcome } });
  };
  const keepable = Object.keys(s.suspicions).length > 0 || s.highBias !== undefined;
  const keep = () => {
    save.mutate({
      change: (intake) => ({
        ...intake,
        highBias: s.highBias ?? intake.highBias,
        candidates: intake.candidates.map((c) => ({
          ...c,
          suspicion: s.suspicions[c.condition] ?? c.suspicion,
        })),
      }),
    });
    const { highBias: _, ...rest } = s;
    onSuppose({ ...rest, suspicions: {} });
  };
  const together = (key: "crossActivation" | "clusterShare", label: string, options: typeof SHARES) => (
    <Toggles
      label={label}
      value={s[key] === undefined ? "" : String(s[key])}
      options={options}
      mayClear
      onChange={(value) => {
        const { [key]: _, ...rest } = s;
        onSuppose(value === "" ? rest : { ...rest, [key]: Number(value) });
      }}
    />
  );
  return (
    <div className="flex flex-col gap-3">
      <p className="m-0 text-[16px]">
        Nothing here is stored. The dashed mark on every rail shows where it would stand.
      </p>
      <ErrorNote error={props.error ?? save.error} />
      <Toggles
        label={`Suspicion of ${condition.name} before testing`}
        value={s.suspicions[condition.id] ?? suspicion}
        options={props.catalogue.suspicions}
        onChange={(step) => {
          const { [condition.id]: _, ...others } = s.suspicions;
          onSuppose({ ...s, suspicions: step === suspicion ? others : { ...others, [condition.id]: step } });
        }}
      />
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        <Toggles
          label="Overlap between findings"
          value={s.familyOverlap === undefined ? "" : String(s.familyOverlap)}
          options={OVERLAPS}
          mayClear
          onChange={(value) => {
            const { familyOverlap: _, generalOverlap: __, ...rest } = s;
            onSuppose(
              value === ""
                ? rest
                : { ...rest, familyOverlap: Number(value), generalOverlap: GENERAL[value] ?? 0 },
            );
          }}
        />
        {(props.weighed.method.school === "differential" || props.weighed.method.school === "sober") && (
          <>
            {together("crossActivation", "Others provoke a test without figures", ACTIVATIONS)}
            {together("clusterShare", "Clusters believed beside their members", SHARES)}
          </>
        )}
        <Toggles
          label="Studies at high risk of bias"
          value={s.highBias ?? props.weighed.method.highBias}
          options={WAYS}
          onChange={(way) => {
            const { highBias: _, ...rest } = s;
            onSuppose(way === props.weighed.method.highBias ? rest : { ...rest, highBias: way });
          }}
        />
      </div>
      <section aria-label="Findings as if">
        <h3 className="m-0 text-[18px] font-bold">Findings as if they were</h3>
        {findings.length === 0 && <p className="m-0 text-soft">None recorded yet.</p>}
        <ul className="m-0 list-none p-0">
          {findings.map((r) => (
            <li
              key={r.id}
              className="flex flex-wrap items-center justify-between gap-2 border-t border-line py-1"
            >
              <span className="text-[16px]">{r.name}</span>
              <Toggles
                label={r.name}
                hideLabel
                value={s.outcomes[r.id] ?? (r.result as Outcome)}
                options={OUTCOMES}
                onChange={(outcome) => setOutcome(r, outcome)}
              />
            </li>
          ))}
        </ul>
      </section>
      <div className="flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="action disabled:opacity-60"
          data-quiet="true"
          disabled={!isSupposed(s)}
          onClick={() => onSuppose(NOTHING_SUPPOSED)}
        >
          As it is
        </button>
        <button type="button" className="action disabled:opacity-60" disabled={!keepable} onClick={keep}>
          Keep suspicion and way in the case
        </button>
        <span className="text-[15px] text-soft">
          A finding is changed at the couch, overlap and the shares under Settings.
        </span>
      </div>
    </div>
  );
}
