import { useCaseContext } from "../frame/CaseFrame";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";
import { Conditions } from "./Conditions";
import { NoteForm } from "./NoteForm";
import { Notes } from "./Notes";
import { useOutcome } from "./queries";
import { Referrals } from "./Referrals";
import { SecondExamination } from "./SecondExamination";

/** What came out of a case: by which reference, when; what is still waited for; what was thought before. */
export function OutcomeScreen() {
  const { view } = useCaseContext();
  const outcome = useOutcome(view.code);
  const of = outcome.data;
  return (
    <main className="min-h-0 flex-1 overflow-auto px-5 py-4 flow:overflow-visible">
      <PageHeading title="What came out" className="m-0 text-[24px] leading-tight font-bold" />
      <ErrorNote error={outcome.error} />
      {of?.simulated && (
        <p className="m-0 text-[16px] text-soft">A simulated case: nobody's patient, made by the program.</p>
      )}
      {of?.secondOf && (
        <p className="m-0 text-[16px]">
          This is a second examination of {of.secondOf}, blind until it is closed. What came out is noted
          there.
        </p>
      )}
      {of && !of.secondOf && (
        <div className="mt-2 grid grid-cols-[minmax(0,5fr)_minmax(0,4fr)] items-start gap-6 max-lg:grid-cols-1">
          <div className="flex flex-col gap-5">
            <Conditions code={view.code} outcome={of} />
            <Notes code={view.code} outcome={of} />
          </div>
          <div className="flex flex-col gap-5">
            <NoteForm code={view.code} outcome={of} />
            <Referrals code={view.code} outcome={of} />
            <SecondExamination code={view.code} outcome={of} />
          </div>
        </div>
      )}
    </main>
  );
}
