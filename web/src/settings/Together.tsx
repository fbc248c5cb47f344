import { type FormEvent, useState } from "react";
import type { DepartmentSettings } from "../api/types";

const MAX_ACTIVATION = 0.5;

/** What holds only where the candidates are weighed together. */
export function Together(props: {
  settings: DepartmentSettings;
  onSave: (change: { crossActivation: number; clusterShare: number }) => void;
}) {
  const [activation, setActivation] = useState(String(props.settings.crossActivation));
  const [share, setShare] = useState(String(props.settings.clusterShare));
  const [problem, setProblem] = useState("");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const crossActivation = Number(activation.replace(",", "."));
    const clusterShare = Number(share.replace(",", "."));
    if (!(crossActivation >= 0 && crossActivation <= MAX_ACTIVATION)) {
      setProblem(`Cross-activation: expected a number from 0 to ${MAX_ACTIVATION}.`);
    } else if (!(clusterShare >= 0 && clusterShare <= 1)) {
      setProblem("Share of a cluster: expected a number from 0 to 1.");
    } else {
      setProblem("");
      props.onSave({ crossActivation, clusterShare });
    }
  };
  return (
    <form className="flex flex-col gap-2" onSubmit={submit}>
      <h2 className="m-0 text-[17px] font-normal">Weighed together</h2>
      <div className="flex flex-wrap items-end gap-4">
        <label className="flex flex-col text-[16px]">
          Cross-activation
          <input
            className="field w-28"
            inputMode="decimal"
            value={activation}
            onChange={(e) => setActivation(e.target.value)}
          />
        </label>
        <label className="flex flex-col text-[16px]">
          Share of a cluster
          <input
            className="field w-28"
            inputMode="decimal"
            value={share}
            onChange={(e) => setShare(e.target.value)}
          />
        </label>
        <button type="submit" className="action">
          Use these shares
        </button>
      </div>
      {problem && (
        <p role="alert" className="m-0 text-[16px] text-stop">
          {problem}
        </p>
      )}
      <p className="m-0 text-[16px] text-soft">
        Cross-activation: how often a condition turns a test positive that clinicians know it to provoke,
        where nobody has published how often; 0.10 to begin with, {MAX_ACTIVATION} at most. Share of a
        cluster: a decided cluster and its members are two readings of the same results; by how much the
        cluster is believed beside them, 0.5 to begin with. Both are working assumptions.
      </p>
    </form>
  );
}
