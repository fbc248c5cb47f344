import type { DepartmentSettings } from "../api/types";
import { NumberForm } from "./NumberForm";

const MAX_ACTIVATION = 0.5;

/** What holds only where the candidates are weighed together. */
export function Together(props: {
  settings: DepartmentSettings;
  onSave: (change: { crossActivation: number; clusterShare: number }) => void;
}) {
  const { settings } = props;
  return (
    <NumberForm
      heading="Weighed together"
      fields={[
        { key: "crossActivation", label: "Cross-activation", value: settings.crossActivation },
        { key: "clusterShare", label: "Share of a cluster", value: settings.clusterShare },
      ]}
      button="Use these shares"
      problemsOf={({ crossActivation, clusterShare }) => ({
        ...(!(crossActivation >= 0 && crossActivation <= MAX_ACTIVATION) && {
          crossActivation: `Expected a number from 0 to ${MAX_ACTIVATION}`,
        }),
        ...(!(clusterShare >= 0 && clusterShare <= 1) && {
          clusterShare: "Expected a number from 0 to 1",
        }),
      })}
      onSave={props.onSave}
    >
      Cross-activation: how often a condition turns a test positive that clinicians know it to provoke, where
      nobody has published how often; 0.10 to begin with, {MAX_ACTIVATION} at most. Share of a cluster: a
      decided cluster and its members are two readings of the same results; by how much the cluster is
      believed beside them, 0.5 to begin with. Both are working assumptions.
    </NumberForm>
  );
}
