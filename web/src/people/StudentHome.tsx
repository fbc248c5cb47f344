import { TopBar } from "../frame/TopBar";

/** A student's account is for practice, which this version does not have yet; no patient's case is open to it. */
export function StudentHome() {
  return (
    <>
      <TopBar />
      <main className="mx-auto max-w-[700px] px-5 py-8">
        <h1 className="m-0 text-[28px] font-bold">Practice</h1>
        <p>
          Your account is for practice on simulated patients. This version has none yet. Patients' cases are
          not open to students.
        </p>
      </main>
    </>
  );
}
