import { useState } from "react";
import type { DepartmentSettings, EvidenceIndex } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { factor, percent } from "../pieces/format";
import { WideTable } from "../pieces/WideTable";
import { useSession } from "../session/useSession";
import { conditionsOf } from "./conditions";
import { KeepDesign } from "./KeepDesign";
import { ThresholdPlot } from "./plots/ThresholdPlot";
import { useDesign } from "./queries";

const MOST = 12;
const MOST_POINTS = 10;

/** Choose criteria of one condition and see what counting them, or their points, would be worth, for every line at once. */
export function Workbench(props: { index: EvidenceIndex; settings: DepartmentSettings }) {
  const weighable = props.index.pairs.filter((p) => p.status === "weighable" && p.test !== undefined);
  const byCondition = conditionsOf(weighable).filter(
    ([id]) => weighable.filter((p) => p.condition === id).length > 1,
  );
  const [condition, setCondition] = useState(byCondition[0]?.[0] ?? "");
  const [criteria, setCriteria] = useState<string[]>([]);
  const [family, setFamily] = useState(props.settings.familyOverlap);
  const [general, setGeneral] = useState(props.settings.generalOverlap);
  const [points, setPoints] = useState<Record<string, number>>({});
  const request = { condition, criteria, points, familyOverlap: family, generalOverlap: general };
  const design = useDesign(request);
  const isLead = useSession().data?.role === "lead";
  const offered = weighable.filter((p) => p.condition === condition);
  const toggle = (id: string) => {
    const kept = Object.entries(points).filter(([c]) => c !== id);
    setPoints(Object.fromEntries(kept));
    setCriteria(criteria.includes(id) ? criteria.filter((c) => c !== id) : [...criteria, id].slice(0, MOST));
  };
  const isScore = Object.values(points).some((p) => p !== 1);
  const shown = criteria.length > 1 ? design.data : undefined;
  return (
    <div className="flex flex-col gap-4">
      <p className="m-0 max-w-[900px] text-[16px] text-soft">
        A count of findings that overlap is worth less than it seems. This works out sensitivity, specificity
        and likelihood ratios of "at least k of n", or of a score with points, from the members' own figures
        and their overlap. Designed, not published: nobody has tried it on patients.
      </p>
      <div className="flex flex-wrap items-end gap-4">
        <label className="flex flex-col text-[16px]">
          Condition
          <select
            className="field"
            value={condition}
            onChange={(e) => {
              setCondition(e.target.value);
              setCriteria([]);
              setPoints({});
            }}
          >
            {byCondition.map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <Slider
          label="Overlap within a family"
          value={family}
          most={0.9}
          onChange={(v) => {
            setFamily(v);
            setGeneral(Math.min(general, v));
          }}
        />
        <Slider label="Between any two" value={general} most={family} onChange={setGeneral} />
      </div>
      <fieldset className="m-0 grid grid-cols-3 gap-x-4 border-0 p-0 max-lg:grid-cols-1">
        <legend className="p-0 text-[16px]">Criteria counted, 2 to {MOST}</legend>
        {offered.map((p) => (
          <div key={p.criterion} className="flex min-h-12 flex-col">
            <label className="flex min-h-12 items-center gap-2 text-[16px]">
              <input
                type="checkbox"
                className="size-6 shrink-0"
                checked={criteria.includes(p.criterion)}
                onChange={() => toggle(p.criterion)}
              />
              {p.name}
            </label>
            {criteria.includes(p.criterion) && (
              <Slider
                label="Points"
                name={`Points for ${p.name}`}
                value={points[p.criterion] ?? 1}
                least={1}
                most={MOST_POINTS}
                step={1}
                onChange={(v) => setPoints({ ...points, [p.criterion]: v })}
              />
            )}
          </div>
        ))}
      </fieldset>
      <ErrorNote error={design.error} />
      {shown && isLead && (
        <KeepDesign design={request} lines={shown.rules.map((r) => r.atLeast)} most={shown.most} />
      )}
      {shown && (
        <div className="flex flex-wrap items-start gap-6">
          <ThresholdPlot design={shown} />
          <WideTable
            narrow
            label={isScore ? "Lines of the score" : "Thresholds"}
            heads={[
              "At least",
              "Sensitivity",
              "Specificity",
              "If positive",
              "If negative",
              ...(shown.rules[0]?.fromBaseRates.map((b) => `From ${percent(b.pretest)}`) ?? []),
            ]}
            caption={
              <span className="text-soft">
                {isScore ? "Each line that can be reached" : "Each threshold"}, beside the same if no two
                tests had anything in common; and where it would lead from three base rates, positive and
                negative.
              </span>
            }
          >
            {shown.rules.map((r) => (
              <tr key={r.atLeast} className="border-b border-line">
                <th scope="row" className="pr-4 text-left font-semibold">
                  {r.atLeast} of {shown.most}
                  {isScore && " points"}
                </th>
                {[
                  [r.worth.sensitivity.toFixed(2), r.independent.sensitivity.toFixed(2)],
                  [r.worth.specificity.toFixed(2), r.independent.specificity.toFixed(2)],
                  [factor(r.worth.lrPositive), factor(r.independent.lrPositive)],
                  [factor(r.worth.lrNegative), factor(r.independent.lrNegative)],
                ].map(([own, alone], i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: four columns that stay where they are
                  <td key={i} className="pr-4">
                    <b>{own}</b> <span className="text-soft">({alone})</span>
                  </td>
                ))}
                {r.fromBaseRates.map((b) => (
                  <td key={b.pretest} className="pr-4">
                    {percent(b.ifPositive)}, {percent(b.ifNegative)}
                  </td>
                ))}
              </tr>
            ))}
          </WideTable>
        </div>
      )}
    </div>
  );
}

function Slider(props: {
  label: string;
  /** What it is called where the label alone does not say of what. */
  name?: string;
  value: number;
  least?: number;
  most: number;
  step?: number;
  onChange: (value: number) => void;
}) {
  const { step = 0.05 } = props;
  return (
    <label className="flex flex-col text-[16px]">
      {props.label}: {props.value.toFixed(step < 1 ? 2 : 0)}
      <input
        type="range"
        className="h-12 w-52"
        aria-label={props.name}
        min={props.least ?? 0}
        max={props.most}
        step={step}
        value={props.value}
        onChange={(e) => props.onChange(Number(e.target.value))}
      />
    </label>
  );
}
