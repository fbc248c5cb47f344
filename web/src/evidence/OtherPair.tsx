import { useState } from "react";
import { Link } from "react-router";
import type { Catalogue } from "../api/types";
import { pairAddress } from "./address";

/** The way to a pair that has no figure yet, to add one. */
export function OtherPair(props: { catalogue: Catalogue }) {
  const { tests, conditions } = props.catalogue;
  const [criterion, setCriterion] = useState("");
  const [condition, setCondition] = useState("");
  return (
    <details className="mt-4 text-[16px] print:hidden">
      <summary className="min-h-8">A pair that has no figure yet</summary>
      <div className="flex flex-wrap items-end gap-3 pt-2">
        <label className="flex flex-col">
          Criterion
          <select className="field w-96" value={criterion} onChange={(e) => setCriterion(e.target.value)}>
            <option value="">choose</option>
            {tests.map((t) => (
              <optgroup key={t.id} label={t.name}>
                {t.criteria.map((c) => (
                  <option key={c.id} value={c.id}>
                    {c.label}
                  </option>
                ))}
              </optgroup>
            ))}
          </select>
        </label>
        <label className="flex flex-col">
          For
          <select className="field w-80" value={condition} onChange={(e) => setCondition(e.target.value)}>
            <option value="">choose</option>
            {conditions.map((c) => (
              <option key={c.id} value={c.id}>
                {c.name}
              </option>
            ))}
          </select>
        </label>
        {criterion && condition && (
          <Link className="action inline-flex items-center" to={pairAddress(criterion, condition)}>
            Go to the pair
          </Link>
        )}
      </div>
    </details>
  );
}
