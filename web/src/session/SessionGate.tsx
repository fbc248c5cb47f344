import { type ReactNode, Suspense } from "react";
import { ErrorNote } from "../pieces/ErrorNote";
import { later, NotLoaded } from "../pieces/later";
import { LockWarning } from "./LockWarning";
import { useIdleLock } from "./useIdleLock";
import { useSession } from "./useSession";

// Whoever is in already needs none of these.
const SignIn = later(() => import("./SignIn").then((m) => m.SignIn), NotLoaded);
const LockScreen = later(() => import("./LockScreen").then((m) => m.LockScreen), NotLoaded);
const FirstLead = later(() => import("./FirstLead").then((m) => m.FirstLead), NotLoaded);
const SecondFactorWanted = later(
  () => import("./SecondFactorWanted").then((m) => m.SecondFactorWanted),
  NotLoaded,
);

/** Lets in who is signed in. Behind a locked screen nothing is left that shows a patient, dialogs neither. */
export function SessionGate(props: { children: ReactNode }) {
  const { data: session, error } = useSession();
  const locksSoon = useIdleLock(session);
  if (!session) {
    return (
      <main className="p-6">
        <ErrorNote error={error} />
      </main>
    );
  }
  if (session.state === "signed-in") {
    return (
      <>
        {props.children}
        {locksSoon && <LockWarning />}
      </>
    );
  }
  return (
    <Suspense>
      {session.state === "first-lead" && <FirstLead />}
      {session.state === "signed-out" && <SignIn demo={session.demo} />}
      {session.state === "locked" && <LockScreen session={session} />}
      {session.state === "second-factor" && <SecondFactorWanted />}
    </Suspense>
  );
}
