import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call } from "../api/client";
import type { DepartmentSettings } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { Toggles } from "../pieces/Toggles";
import { About } from "./About";

const SHARING = [
  { id: "own", label: "Examiner and those it is shared with" },
  { id: "all", label: "Everybody who keeps cases" },
];
const LOCKS = [2, 5, 10, 20, 60].map((m) => ({ id: String(m), label: `${m} minutes` }));
const SECOND_FACTOR = [
  { id: "off", label: "each one's own choice" },
  { id: "leads", label: "wanted from leads" },
  { id: "everybody", label: "wanted from everybody" },
] as const;
const RETENTIONS = [0, 30, 90, 365].map((d) => ({ id: String(d), label: d === 0 ? "at once" : `${d} days` }));

/** Who sees a case, when the screen locks, how long a deleted case stays, and how devices come in. */
export function Privacy(props: {
  settings: DepartmentSettings;
  onSave: (change: Partial<DepartmentSettings>) => void;
}) {
  const { settings, onSave } = props;
  const client = useQueryClient();
  const key = useQuery({
    queryKey: ["device-key"],
    queryFn: () => call<{ key: string }>("/api/settings/device-key"),
  });
  const renew = useMutation({
    mutationFn: () => call<{ key: string }>("/api/settings/device-key", "POST"),
    onSuccess: (made) => client.setQueryData(["device-key"], made),
  });
  return (
    <section className="flex flex-col gap-3">
      <Toggles
        label="A case can be opened by"
        value={settings.shareAll ? "all" : "own"}
        options={SHARING}
        onChange={(id) => onSave({ shareAll: id === "all" })}
      />
      <About
        name="shareAll"
        words={(v) => (v === "true" ? "everybody" : "the examiner and those it is shared with")}
      />
      <Toggles
        label="An idle screen locks after"
        value={String(settings.lockMinutes)}
        options={LOCKS}
        onChange={(id) => onSave({ lockMinutes: Number(id) })}
      />
      <About name="lockMinutes" words={(v) => `${v} minutes`} />
      <Toggles
        label="A deleted case is removed from the history after"
        value={String(settings.retentionDays)}
        options={RETENTIONS}
        onChange={(id) => onSave({ retentionDays: Number(id) })}
      />
      <About name="retentionDays" words={(v) => `${v} days`} />
      <Toggles
        label="A second factor, a code of one's own app beside the password, is"
        value={settings.secondFactor}
        options={SECOND_FACTOR}
        onChange={(id) => onSave({ secondFactor: id })}
      />
      <About name="secondFactor" words={(v) => SECOND_FACTOR.find((o) => o.id === v)?.label ?? v} />
      <div className="flex flex-wrap items-end gap-3">
        <label className="flex flex-col">
          Key that devices show to be let in
          <input className="field w-72" readOnly value={key.data?.key ?? ""} />
        </label>
        <button type="button" className="action" data-quiet="true" onClick={() => renew.mutate()}>
          Make a new one
        </button>
      </div>
      <ErrorNote error={key.error ?? renew.error} />
    </section>
  );
}
