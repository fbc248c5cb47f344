import { Suspense } from "react";
import { Link } from "react-router";
import { useSaveIntake } from "../api/caseQueries";
import { Problem } from "../api/client";
import type { Intake, Side } from "../api/types";
import { Besides } from "../frame/Besides";
import { useCaseContext } from "../frame/CaseFrame";
import { CaseKeeping } from "../people/CaseKeeping";
import { ErrorNote } from "../pieces/ErrorNote";
import { capital } from "../pieces/format";
import { later } from "../pieces/later";
import { PageHeading } from "../pieces/PageHeading";
import { Toggles } from "../pieces/Toggles";
import { AgeField } from "./AgeField";
import { Candidates } from "./Candidates";
import { Checks } from "./Checks";
import { withComplaints } from "./complaints";
import { History } from "./History";
import { complaintsThatFit } from "./hurts";
import { LinesAndRates } from "./LinesAndRates";
import { MechanismField } from "./MechanismField";
import { ToldFields } from "./ToldFields";

/** Of an answer that was refused: the question is named by its words, not by where its answer is kept. */
const ofQuestion = (error: Error | null) =>
  error instanceof Problem
    ? error.fields.find((f) => f.field.startsWith("intake.answers."))?.message
    : undefined;

/** What draws comes after what can be answered before. */
const WhereItHurts = later(
  () => import("./WhereItHurts").then((m) => m.WhereItHurts),
  () => null,
);

const SIDES = [
  { id: "left", label: "Left" },
  { id: "right", label: "Right" },
] as const;

const SEXES = [
  { id: "female", label: "Female" },
  { id: "male", label: "Male" },
] as const;

/** What is asked before anybody is touched. Every answer saves by itself. */
export function AskScreen() {
  const { view, catalogue } = useCaseContext();
  const save = useSaveIntake(view.code);
  const intake = view.intake;
  const set = (change: Partial<Intake>) => save.mutate({ change: (current) => ({ ...current, ...change }) });
  const choose = (complaint: string, also: string | undefined) =>
    save.mutate({
      change: (current) =>
        withComplaints(catalogue, current, complaint, also === complaint ? undefined : also),
    });
  const chooseComplaint = (id: string) => choose(id, intake.alsoComplaint);
  const { fitting, others } = complaintsThatFit(catalogue.complaints, intake.hurts ?? []);
  const option = (c: (typeof others)[number]) => (
    <option key={c.id} value={c.id}>
      {c.name}
    </option>
  );
  const better = fitting[0] && !fitting.some((c) => c.id === intake.complaint) ? fitting[0] : undefined;
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[500px_1fr] max-lg:block max-lg:overflow-auto max-lg:[&>*]:overflow-visible">
      <section
        aria-label="The patient"
        className="flex flex-col gap-3 overflow-auto border-r-[1.5px] border-line p-5"
      >
        <PageHeading title="Ask" className="m-0 text-[28px] leading-tight font-bold" />
        {/* In sight wherever the answer stands that is refused. */}
        <div className="sticky -top-5 z-10 empty:hidden">
          <ErrorNote
            error={save.error}
            words={ofQuestion(save.error)}
            onDismiss={save.reset}
            onKeep={save.variables && (() => save.mutate({ change: save.variables.change, sure: true }))}
          />
        </div>
        <label className="flex flex-col gap-1">
          What brings the patient
          <select
            className="field"
            value={intake.complaint}
            onChange={(e) => chooseComplaint(e.target.value)}
          >
            {fitting.length > 0 && <optgroup label="Fits where it hurts">{fitting.map(option)}</optgroup>}
            {fitting.length > 0 ? (
              <optgroup label="Others">{others.map(option)}</optgroup>
            ) : (
              others.map(option)
            )}
          </select>
        </label>
        <label className="flex flex-col gap-1">
          And what else
          <select
            className="field"
            value={intake.alsoComplaint ?? ""}
            onChange={(e) => choose(intake.complaint, e.target.value || undefined)}
          >
            <option value="">nothing</option>
            {catalogue.complaints.filter((c) => c.id !== intake.complaint).map(option)}
          </select>
        </label>
        {better && (
          <p className="m-0 text-[15px]">
            Where it hurts fits{" "}
            <button type="button" className="min-h-6 underline" onClick={() => chooseComplaint(better.id)}>
              {better.name}
            </button>
            .
          </p>
        )}
        <div className="flex gap-8">
          <Toggles
            label="Affected side"
            value={intake.involvedSide}
            options={SIDES}
            onChange={(involvedSide) => set({ involvedSide })}
          />
          <Toggles
            label="Dominant side"
            value={intake.dominantSide ?? ""}
            options={SIDES}
            mayClear
            onChange={(side) => set({ dominantSide: side || undefined })}
          />
        </div>
        <label className="flex min-h-8 items-center gap-2 text-[16px]">
          <input
            type="checkbox"
            className="h-6 w-6"
            checked={intake.bothSides ?? false}
            onChange={(e) => set({ bothSides: e.target.checked || undefined })}
          />
          The other side is troubled too, so it is no baseline
        </label>
        <div className="flex flex-wrap items-start gap-x-8 gap-y-3">
          <AgeField
            key={`${view.code} ${intake.age}`}
            value={intake.age}
            onSave={(age) => set({ age, ...(age === undefined && { ageBand: undefined }) })}
          />
          <Toggles
            label="Sex at birth, where it matters"
            value={intake.sex ?? ""}
            options={SEXES}
            mayClear
            onChange={(sex) => set({ sex: sex || undefined })}
          />
        </div>
        <Toggles
          label={intake.age === undefined ? "Or the age as a band" : "The band of the age"}
          value={intake.ageBand ?? ""}
          options={catalogue.ageBands}
          mayClear
          onChange={(band) => set({ age: undefined, ageBand: band || undefined })}
        />
        <History view={view} catalogue={catalogue} onAnswer={(answers) => set({ answers })} />
        <Suspense>
          <WhereItHurts
            key={intake.involvedSide}
            involved={intake.involvedSide as Side}
            hurts={intake.hurts ?? []}
            onChange={(hurts) => set({ hurts: hurts.length > 0 ? hurts : undefined })}
          />
        </Suspense>
        <Toggles
          label="Setting"
          value={intake.setting}
          options={catalogue.settings}
          onChange={(setting) => set({ setting })}
        />
        <MechanismField key={view.code} value={intake.mechanism} onSave={(mechanism) => set({ mechanism })} />
        <ToldFields key={`told ${view.code}`} told={intake.told} onSave={(told) => set({ told })} />
        <Checks
          title="Precautions"
          items={catalogue.precautions}
          chosen={intake.precautions}
          onChange={(precautions) => set({ precautions })}
        />
        <Checks
          title="Warning signs"
          items={catalogue.warnings
            .filter((w) => !w.discreet)
            .map((w) => ({ id: w.id, label: capital(w.when) }))}
          chosen={intake.warnings}
          onChange={(warnings) => set({ warnings })}
        />
        <Checks
          title="For you alone, not read out"
          discreet
          items={catalogue.warnings
            .filter((w) => w.discreet)
            .map((w) => ({ id: w.id, label: capital(w.when) }))}
          chosen={intake.warnings}
          onChange={(warnings) => set({ warnings })}
        />
      </section>
      <section
        aria-label="Suspicion before the examination"
        className="flex min-h-0 flex-col gap-2 overflow-auto p-5"
      >
        <Besides code={view.code} besides={view.examination.besides} />
        <Candidates
          intake={intake}
          catalogue={catalogue}
          standing={view.examination.standing}
          onChange={(candidates) => set({ candidates })}
        />
        <LinesAndRates view={view} catalogue={catalogue} />
        <CaseKeeping view={view} />
        <div className="mt-auto flex justify-end pt-3">
          <Link to={`/cases/${view.code}/couch`} className="action inline-flex items-center">
            To the couch
          </Link>
        </div>
      </section>
    </main>
  );
}
