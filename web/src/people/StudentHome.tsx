import { TopBar } from "../frame/TopBar";
import { PageHeading } from "../pieces/PageHeading";

/** A student's account is for practice, which this version does not have yet; no patient's case is open to it. */
export function StudentHome() {
  return (
    <>
      <TopBar />
      <main className="mx-auto max-w-[700px] px-5 py-8">
        <PageHeading title="Practice" className="m-0 text-[28px] font-bold" />
        <p>
          Your account is for practice on simulated patients. This version has none yet. Patients' cases are
          not open to students.
        </p>
      </main>
    </>
  );
}
