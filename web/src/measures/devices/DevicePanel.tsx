import { useState } from "react";
import { type MeasureChange, useSimulate } from "../../api/caseQueries";
import type { Measure, Side } from "../../api/types";
import { ErrorNote } from "../../pieces/ErrorNote";
import { plainNumber, sideName } from "../../pieces/format";
import { Toggles } from "../../pieces/Toggles";
import { withTrial } from "../typed";
import { Curve } from "./Curve";
import { keptTrials, nextTarget, targetKey, targetsOf } from "./targets";
import { useDevices } from "./useDevices";

const SIMULATED_TARGETS: Record<string, number> = { dynamometer: 80, grip: 30, inclinometer: 90 };
const TAKES = [
  { id: "plateau", label: "plateau" },
  { id: "peak", label: "peak" },
];

/** What a device measures, live; each trial is taken into the measures or measured again. */
const KINDS: Record<string, string> = { grip: "grip dynamometer", dynamometer: "hand-held dynamometer" };

export function DevicePanel(props: {
  kind: "dynamometer" | "grip" | "inclinometer";
  measures: Measure[];
  involved: Side;
  onSave: (change: MeasureChange) => void;
}) {
  const { kind, involved } = props;
  const { devices, curve, trial, cutOff, dealtWith } = useDevices();
  const simulate = useSimulate();
  const [aim, setAim] = useState(String(SIMULATED_TARGETS[kind]));
  const [dropped, setDropped] = useState(false);
  const [takes, setTakes] = useState("plateau");
  const [chosen, setChosen] = useState<string>();
  const [wanted, setWanted] = useState(false);
  const device = devices.find((d) => d.kind === kind);
  const targets = targetsOf(kind, props.measures, involved);
  const target = nextTarget(
    targets,
    targets.find((t) => targetKey(t) === chosen),
    involved,
  );
  const found =
    trial && (device?.id === trial.device || trial.unit === target?.item.unit) ? trial : undefined;
  const value = found ? (takes === "peak" ? found.peak : found.plateau) : 0;
  const accept = () => {
    if (target) {
      props.onSave({
        measure: target.measure.id,
        side: target.side,
        changes: { [target.item.item]: withTrial(target.item, keptTrials(target, involved), value) },
        // The device measured it; there is no slip of the pen to ask about.
        sure: true,
      });
      setChosen(targetKey(target));
    }
    dealtWith();
  };
  if (targets.length === 0) {
    return null;
  }
  if (!device && !found && !wanted) {
    return (
      <p className="mt-0 mb-3 flex items-center gap-3 text-[16px]">
        No {KINDS[kind] ?? kind} connected.
        <button type="button" className="choice" onClick={() => setWanted(true)}>
          Use a device
        </button>
      </p>
    );
  }
  return (
    <section aria-label="Device" className="mb-3 rounded-md border-[1.5px] border-line bg-panel p-3">
      <ErrorNote error={simulate.error} onDismiss={simulate.reset} />
      <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
        <div className="flex w-[330px] flex-col gap-2">
          <p className="m-0 text-[16px]" role="status">
            {device ? (
              <>
                <b>{device.name}</b>{" "}
                {device.connected ? "is measuring" : "has fallen silent; waiting for it to come back"}
              </>
            ) : (
              `No ${KINDS[kind] ?? kind} connected.`
            )}
            {cutOff && " The line to Lexicor is lost; it comes back by itself."}
          </p>
          <label className="flex flex-col text-[15px]">
            The next trial goes to
            <select
              className="field"
              value={target ? targetKey(target) : ""}
              onChange={(e) => setChosen(e.target.value)}
            >
              {targets.map((t) => (
                <option key={targetKey(t)} value={targetKey(t)}>
                  {t.measure.name}
                  {t.measure.items.length > 1 ? `, ${t.item.label}` : ""}, {sideName(t.side).toLowerCase()}:{" "}
                  {keptTrials(t, involved).length} of {t.item.trials}
                </option>
              ))}
            </select>
          </label>
        </div>
        <Curve
          samples={device ? curve.filter((s) => s.device === device.id) : []}
          unit={device?.unit ?? ""}
        />
        {found ? (
          <div className="flex flex-col gap-2" role="status">
            <p className="m-0 text-[17px]">
              Peak <b>{plainNumber(Math.round(found.peak * 10) / 10)}</b>, plateau{" "}
              <b>{plainNumber(Math.round(found.plateau * 10) / 10)}</b> {found.unit}
              {found.unit === "degrees" ? "" : " "}over {found.seconds.toFixed(1)} s
              {!found.complete && (
                <b className="block text-amber">The connection was lost within it: better repeated.</b>
              )}
            </p>
            <Toggles label="Take its" value={takes} options={TAKES} onChange={setTakes} />
            <div className="flex gap-2">
              <button type="button" className="action" onClick={accept}>
                Take it
              </button>
              <button type="button" className="action" data-quiet="true" onClick={dealtWith}>
                Repeat it
              </button>
            </div>
          </div>
        ) : (
          !device && (
            <form
              className="flex flex-wrap items-end gap-3 text-[15px]"
              onSubmit={(e) => {
                e.preventDefault();
                simulate.mutate({ kind, target: Number(aim.replace(",", ".")), trials: 3, dropped });
              }}
            >
              <label className="flex flex-col">
                Simulated at about
                <input
                  className="field w-[90px]"
                  inputMode="decimal"
                  value={aim}
                  onChange={(e) => setAim(e.target.value)}
                />
              </label>
              <label className="flex min-h-12 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-6"
                  checked={dropped}
                  onChange={(e) => setDropped(e.target.checked)}
                />
                loses its line once
              </label>
              <button type="submit" className="action" data-quiet="true" disabled={simulate.isPending}>
                Start a simulated {kind}
              </button>
            </form>
          )
        )}
      </div>
    </section>
  );
}
