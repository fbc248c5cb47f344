import type { ReactNode } from "react";
import { ErrorNote } from "../pieces/ErrorNote";
import { FirstLead } from "./FirstLead";
import { LockScreen } from "./LockScreen";
import { SignIn } from "./SignIn";
import { useIdleLock } from "./useIdleLock";
import { useSession } from "./useSession";

/** Lets in who is signed in. A locked screen keeps everything where it was, out of sight. */
export function SessionGate(props: { children: ReactNode }) {
  const { data: session, error } = useSession();
  useIdleLock(session);
  if (!session) {
    return (
      <main className="p-6">
        <ErrorNote error={error} />
      </main>
    );
  }
  if (session.state === "first-lead") {
    return <FirstLead />;
  }
  if (session.state === "signed-out") {
    return <SignIn demo={session.demo} />;
  }
  const locked = session.state === "locked";
  return (
    <>
      <div hidden={locked} inert={locked}>
        {props.children}
      </div>
      {locked && <LockScreen session={session} />}
    </>
  );
}
