import { useState } from "react";
import { useSettings } from "../api/queries";
import type { DepartmentSettings, HighBias, SchoolId } from "../api/types";
import { TopBar } from "../frame/TopBar";
import { OwnTrial } from "../honesty/OwnTrial";
import { ErrorNote } from "../pieces/ErrorNote";
import { NewWay } from "../pieces/NewWay";
import { PageHeading } from "../pieces/PageHeading";
import { besides } from "../pieces/problems";
import { ReasonDialog } from "../pieces/ReasonDialog";
import { SCHOOLS } from "../pieces/schools";
import { Toggles } from "../pieces/Toggles";
import { WAYS } from "../pieces/ways";
import { useSession } from "../session/useSession";
import { About, RefusedContext } from "./About";
import { ABOUT } from "./about";
import { ClinicFields } from "./ClinicFields";
import { ERRORS, Measuring } from "./Measuring";
import { Overlaps } from "./Overlaps";
import { Privacy } from "./Privacy";
import { useSaveSettings } from "./queries";
import { RecordSystem } from "./RecordSystem";
import { Together } from "./Together";
import { Variants } from "./Variants";

const FOR_A_REASON = new Set([
  "school",
  "highBias",
  "judgements",
  "checkedOnly",
  "familyOverlap",
  "generalOverlap",
  "crossActivation",
  "clusterShare",
  "retentionDays",
]);

const SCHOOL_WORDS: Record<SchoolId, string> = {
  sober:
    "A figure is believed by as much as another clinic would find it again, so one thin, flattering study moves less than a large one; and the answer lies half way between each candidate by itself and all together. Starting choice.",
  differential:
    "Candidates explain each other's findings: what a frozen shoulder makes hurt counts less for a cuff tear. Overlap is counted, and a decided cluster is believed beside its members.",
  "overlap-aware":
    "Each candidate by itself: tests that provoke the same tissue in the same way share what they say, and a decided cluster speaks for its members.",
  independent:
    "Every finding's likelihood ratio is multiplied as if no two tests had anything in common. Tends to be too sure of itself.",
  "strongest-per-family":
    "Of each family of tests only the strongest finding counts; the rest of it is left aside.",
  "published-clusters": "Decided clusters alone count; single findings wait until a cluster is decided.",
};

const CHECKS = [
  { id: "all", label: "All" },
  { id: "checked", label: "Those checked against their source" },
];

const JUDGED = [
  { id: "weigh", label: "Weigh where there is no study" },
  { id: "leftOut", label: "Stand beside" },
] as const;

const WAY_WORDS: Record<HighBias, string> = {
  corrected:
    "First descriptions, and patients against healthy volunteers, are lowered by what such designs inflated on average, and held less certain.",
  asPrinted: "Their figures count as published, like any other study's.",
  leftOut: "They are not used; a finding with no other study is listed as left out.",
};

/** What is refused of these is said beside them. */
const AT_FIELDS = [...Object.keys(ABOUT), ...ERRORS.map((e) => `errors.${e.name}`)];

const labelOf = (options: readonly { id: string; label: string }[]) => (value: string) =>
  options.find((o) => o.id === value)?.label ?? value;

const measured = (s: DepartmentSettings) => [s.deficitPercent, s.shortDegrees, s.headStartPercent, s.errors];

/** How the department weighs. Every change saves by itself and holds for all cases. */
export function SettingsScreen() {
  const settings = useSettings();
  const save = useSaveSettings();
  const current = settings.data;
  const [asked, setAsked] = useState<Partial<DepartmentSettings>>();
  // What every case hangs on is changed for a reason, and confirmed.
  const change = (wanted: Partial<DepartmentSettings>) =>
    Object.keys(wanted).some((key) => FOR_A_REASON.has(key)) ? setAsked(wanted) : save.mutate(wanted);
  const mayChange = useSession().data?.role === "lead";
  return (
    <>
      <TopBar />
      <main className="mx-auto flex max-w-[860px] flex-col gap-6 px-5 py-5">
        <PageHeading title="How the department works" className="m-0 text-[28px] leading-tight font-bold" />
        <ErrorNote
          error={settings.error ?? (asked ? null : besides(save.error, AT_FIELDS))}
          onDismiss={save.error ? save.reset : undefined}
        />
        {!mayChange && (
          <p className="m-0 text-soft">How the department works is set by its leads; here it can be read.</p>
        )}
        {current && (
          <RefusedContext.Provider value={asked ? null : save.error}>
            <fieldset disabled={!mayChange} className="m-0 flex flex-col gap-6 border-0 p-0">
              <NewWay settings={current} onKeep={() => change({ schoolSeen: true })} />
              <section>
                <Toggles
                  label="Rankings follow this way to weigh; the other five stand beside it"
                  value={current.school}
                  options={SCHOOLS}
                  onChange={(school) => change({ school, schoolSeen: true })}
                />
                <p className="my-2 text-[16px] text-soft">{SCHOOL_WORDS[current.school]}</p>
                <About name="school" words={labelOf(SCHOOLS)} />
              </section>
              <section>
                <Toggles
                  label="Studies at high risk of bias; a case can differ"
                  value={current.highBias}
                  options={WAYS}
                  onChange={(highBias) => change({ highBias })}
                />
                <p className="my-2 text-[16px] text-soft">{WAY_WORDS[current.highBias]}</p>
                <About name="highBias" words={labelOf(WAYS)} />
              </section>
              <section>
                <Toggles
                  label="Judgements in words"
                  value={current.judgements}
                  options={JUDGED}
                  onChange={(judgements) => change({ judgements })}
                />
                <p className="my-2 text-[16px] text-soft">
                  {current.judgements === "weigh"
                    ? "Most signs have never been studied. Where there is no study, how often a sign is there is judged in words, believed less than one study of sixty people, and marked wherever it shows. A study always goes before it."
                    : "Judgements are shown and do not weigh; a finding that has nothing else is listed as left out."}
                </p>
                <About name="judgements" words={labelOf(JUDGED)} />
              </section>
              <section>
                <Toggles
                  label="Figures that weigh"
                  value={current.checkedOnly ? "checked" : "all"}
                  options={CHECKS}
                  onChange={(id) => change({ checkedOnly: id === "checked" })}
                />
                <p className="my-2 text-[16px] text-soft">
                  {current.checkedOnly
                    ? "A finding whose figures nobody has checked is listed as such and not weighed. Rows are signed off under Evidence."
                    : "Figures not yet checked against their source weigh as well; reports say how much rests on them."}
                </p>
                <About name="checkedOnly" words={(v) => (v === "true" ? "checked ones" : "all")} />
              </section>
              {/* Each anew where its own values change: what is being typed survives every other change. */}
              <Overlaps
                key={JSON.stringify(["overlaps", current.familyOverlap, current.generalOverlap])}
                settings={current}
                onSave={change}
              />
              <Together
                key={JSON.stringify(["together", current.crossActivation, current.clusterShare])}
                settings={current}
                onSave={change}
              />
              {mayChange && <OwnTrial />}
              <ClinicFields
                key={JSON.stringify(["clinic", current.codePrefix, current.timeZone])}
                settings={current}
                onSave={change}
              />
              <Measuring
                key={JSON.stringify(["measuring", measured(current)])}
                settings={current}
                onSave={change}
              />
              <RecordSystem
                key={JSON.stringify(["records", current.recordSystem, current.insideHost])}
                settings={current}
                onSave={change}
              />
              {mayChange && <Privacy settings={current} onSave={change} />}
              <Variants settings={current} onSave={change} />
            </fieldset>
          </RefusedContext.Provider>
        )}
        <ReasonDialog
          key={asked && Object.keys(asked).join()}
          title="This changes every case"
          words="Where every open case stands, or how long a deleted one is kept, follows from this. The history keeps what was there before, and why it was changed."
          done="Change it"
          open={asked !== undefined}
          error={asked ? save.error : null}
          busy={save.isPending}
          onClose={() => {
            save.reset();
            setAsked(undefined);
          }}
          onReason={(why, sure) =>
            asked && save.mutate({ ...asked, why, sure }, { onSuccess: () => setAsked(undefined) })
          }
        />
      </main>
    </>
  );
}
