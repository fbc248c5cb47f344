import type { ReactNode } from "react";
import { ErrorNote } from "../pieces/ErrorNote";
import { FirstLead } from "./FirstLead";
import { LockScreen } from "./LockScreen";
import { LockWarning } from "./LockWarning";
import { SecondFactorWanted } from "./SecondFactorWanted";
import { SignIn } from "./SignIn";
import { useIdleLock } from "./useIdleLock";
import { useSession } from "./useSession";

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
      return <FirstLead />;
    case "signed-out":
      return <SignIn demo={session.demo} />;
    case "locked":
      return <LockScreen session={session} />;
    case "second-factor":
      return <SecondFactorWanted />;
    default:
      return (
        <>
          {props.children}
          {locksSoon && <LockWarning />}
        </>
      );
  }
}
