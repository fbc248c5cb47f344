import { useId, useState } from "react";
import { Problem } from "../../api/client";
import { useCatalogue } from "../../api/queries";
import { DialogFrame } from "../../pieces/DialogFrame";
import { ErrorNote } from "../../pieces/ErrorNote";
import { SETTINGS, settingName } from "../../pieces/settings";
import { useHome } from "../queries";
import { DialogEnd } from "./DialogEnd";
import { type Station, type StationChange, type StationMark, useSaveStation } from "./queries";

const KINDS: [StationMark["kind"], string][] = [
  ["permission", "Permission asked"],
  ["exposure", "Both arms bared"],
  ["speakUp", "Asked to speak up"],
  ["otherSide", "Other side first"],
  ["neck", "Neck looked at"],
  ["safe", "A safe stop"],
  ["plan", "A plan that fits"],
];

const USUAL: StationMark[] = [
  { kind: "permission", points: 1 },
  { kind: "otherSide", points: 2 },
  { kind: "neck", points: 2 },
  { kind: "safe", points: 3 },
  { kind: "plan", points: 2 },
];

const MINUTES = [5, 8, 10, 15, 20, 30];
const POINTS = [1, 2, 3, 4, 5];

/** Composes a station: whose patient, how long, what is looked at, and for whom. */
export function StationDialog(props: {
  station: Station | undefined;
  students: string[];
  onClose: () => void;
}) {
  const { station } = props;
  const catalogue = useCatalogue().data;
  const home = useHome().data;
  const save = useSaveStation();
  const id = useId();
  const [draft, setDraft] = useState<StationChange>(() =>
    station
      ? { ...station, wish: station.wish }
      : {
          name: "",
          complaint: "shoulder-pain",
          setting: "community",
          minutes: 10,
          once: true,
          marks: USUAL,
          given: [],
        },
  );
  const complaint = catalogue?.complaints.find((c) => c.id === draft.complaint);
  const [test, setTest] = useState("");
  const change = (more: Partial<StationChange>) => setDraft({ ...draft, ...more });
  const points = (mark: StationMark, n: number) =>
    change({ marks: draft.marks.map((m) => (m === mark ? { ...m, points: n } : m)) });
  const hand = draft.wish?.conditions;
  const refused = save.error instanceof Problem ? save.error : null;
  return (
    <DialogFrame
      open
      onOpenChange={(open) => !open && props.onClose()}
      title={station ? "Change the station" : "Compose a station"}
      width={760}
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate({ ...draft, id: station?.id, version: station?.version }, { onSuccess: props.onClose });
        }}
      >
        <label className="flex flex-col gap-1" htmlFor={`${id}name`}>
          What it is called
          <input
            id={`${id}name`}
            className="field px-2"
            value={draft.name}
            onChange={(e) => change({ name: e.target.value })}
          />
        </label>
        <div className="grid grid-cols-3 gap-3 max-md:grid-cols-1">
          <label className="flex flex-col gap-1">
            Complaint
            <select
              className="field min-h-11 px-2"
              value={draft.complaint}
              onChange={(e) => change({ complaint: e.target.value, wish: undefined })}
            >
              {home?.complaints.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.name}
                </option>
              ))}
            </select>
          </label>
          <label className="flex flex-col gap-1">
            Setting
            <select
              className="field min-h-11 px-2"
              value={draft.setting}
              onChange={(e) => change({ setting: SETTINGS.find((s) => s === e.target.value) ?? "community" })}
            >
              {SETTINGS.map((s) => (
                <option key={s} value={s}>
                  {settingName(s)}
                </option>
              ))}
            </select>
          </label>
          <label className="flex flex-col gap-1">
            Minutes
            <select
              className="field min-h-11 px-2"
              value={draft.minutes}
              onChange={(e) => change({ minutes: Number(e.target.value) })}
            >
              {MINUTES.map((m) => (
                <option key={m}>{m}</option>
              ))}
            </select>
          </label>
        </div>
        <fieldset className="m-0 border-0 p-0">
          <legend className="p-0">What is there</legend>
          <div className="flex flex-wrap gap-1.5">
            <button
              type="button"
              className="choice min-h-9 px-3 py-0"
              aria-pressed={hand === undefined}
              data-state={hand === undefined ? "on" : "off"}
              onClick={() => change({ wish: undefined })}
            >
              Drawn
            </button>
            <button
              type="button"
              className="choice min-h-9 px-3 py-0"
              aria-pressed={hand?.length === 0}
              data-state={hand?.length === 0 ? "on" : "off"}
              onClick={() => change({ wish: wishFor([]) })}
            >
              Nothing of these
            </button>
            {complaint?.candidates.map((c) => {
              const on = hand?.includes(c) ?? false;
              return (
                <button
                  key={c}
                  type="button"
                  className="choice min-h-9 px-3 py-0 text-[15px]"
                  aria-pressed={on}
                  data-state={on ? "on" : "off"}
                  onClick={() =>
                    change({
                      wish: wishFor(
                        on ? (hand ?? []).filter((h) => h !== c) : [...(hand ?? []), c].slice(-2),
                      ),
                    })
                  }
                >
                  {catalogue?.conditions.find((k) => k.id === c)?.shortName ?? c}
                </button>
              );
            })}
          </div>
        </fieldset>
        <fieldset className="m-0 border-0 p-0">
          <legend className="p-0">What is looked at, and for how many points</legend>
          <ul className="m-0 grid list-none grid-cols-2 gap-x-4 p-0 max-md:grid-cols-1">
            {draft.marks.map((m) => {
              const name = markName(m, (t) => catalogue?.tests.find((x) => x.id === t)?.shortName ?? t);
              return (
                <li
                  key={`${m.kind} ${m.test ?? ""}`}
                  className="flex items-center gap-2 border-t border-line py-1"
                >
                  <span className="flex-1">{name}</span>
                  <select
                    className="field w-16 px-1"
                    aria-label={`Points: ${name}`}
                    value={m.points}
                    onChange={(e) => points(m, Number(e.target.value))}
                  >
                    {POINTS.map((n) => (
                      <option key={n}>{n}</option>
                    ))}
                  </select>
                  <button
                    type="button"
                    className="choice min-h-9 px-2 py-0 text-[15px]"
                    aria-label={`Leave out: ${name}`}
                    onClick={() => change({ marks: draft.marks.filter((x) => x !== m) })}
                  >
                    Leave out
                  </button>
                </li>
              );
            })}
          </ul>
          <div className="mt-2 flex flex-wrap items-center gap-1.5">
            {KINDS.filter(([k]) => draft.marks.every((m) => m.kind !== k)).map(([k, name]) => (
              <button
                key={k}
                type="button"
                className="choice min-h-9 px-2 py-0 text-[15px]"
                onClick={() => change({ marks: [...draft.marks, { kind: k, points: 1 }] })}
              >
                + {name}
              </button>
            ))}
            <select
              className="field min-h-9 max-w-[260px] px-2"
              aria-label="A test that has to be done"
              value={test}
              onChange={(e) => {
                setTest("");
                if (e.target.value && draft.marks.every((m) => m.test !== e.target.value)) {
                  change({ marks: [...draft.marks, { kind: "test", test: e.target.value, points: 2 }] });
                }
              }}
            >
              <option value="">+ A named test</option>
              {catalogue?.tests
                .filter((t) => complaint?.regions.includes(t.region))
                .map((t) => (
                  <option key={t.id} value={t.id}>
                    {t.shortName}
                  </option>
                ))}
            </select>
          </div>
        </fieldset>
        <fieldset className="m-0 border-0 p-0">
          <legend className="p-0">For whom</legend>
          <div className="flex flex-wrap gap-4">
            {props.students.map((s) => (
              <label key={s} className="flex min-h-9 items-center gap-2">
                <input
                  type="checkbox"
                  checked={draft.given.includes(s)}
                  onChange={(e) =>
                    change({
                      given: e.target.checked ? [...draft.given, s] : draft.given.filter((g) => g !== s),
                    })
                  }
                />
                {s}
              </label>
            ))}
            <label className="ml-auto flex min-h-9 items-center gap-2">
              <input
                type="checkbox"
                checked={draft.once}
                onChange={(e) => change({ once: e.target.checked })}
              />
              Sat once only
            </label>
          </div>
        </fieldset>
        <ErrorNote error={refused} />
        <DialogEnd busy={save.isPending} onCancel={props.onClose} />
      </form>
    </DialogFrame>
  );
}

const wishFor = (conditions: string[]) => ({ conditions, precautions: [], warnings: [] });

function markName(mark: StationMark, testName: (id: string) => string): string {
  return mark.test !== undefined
    ? testName(mark.test)
    : (KINDS.find(([k]) => k === mark.kind)?.[1] ?? mark.kind);
}
