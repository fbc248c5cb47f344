import { lazy, type ReactNode, Suspense } from "react";
import { ErrorNote } from "../pieces/ErrorNote";
import { LockScreen } from "./LockScreen";
import { LockWarning } from "./LockWarning";
import { SignIn } from "./SignIn";
import { useIdleLock } from "./useIdleLock";
import { useSession } from "./useSession";

const FirstLead = lazy(() => import("./FirstLead").then((m) => ({ default: m.FirstLead })));
const SecondFactorWanted = lazy(() =>
  import("./SecondFactorWanted").then((m) => ({ default: m.SecondFactorWanted })),
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
  switch (session.state) {
    case "first-lead":
      return (
        <Suspense>
          <FirstLead />
        </Suspense>
      );
    case "signed-out":
      return <SignIn demo={session.demo} />;
    case "locked":
      return <LockScreen session={session} />;
    case "second-factor":
      return (
        <Suspense>
          <SecondFactorWanted />
        </Suspense>
      );
    default:
      return (
        <>
          {props.children}
          {locksSoon && <LockWarning />}
        </>
      );
  }
}
