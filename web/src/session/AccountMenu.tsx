import { lazy, Suspense, useState } from "react";
import { MenuButton } from "../pieces/MenuButton";
import { useSession } from "./useSession";

const load = () => import("./AccountChoices").then((m) => ({ default: m.AccountChoices }));
const AccountChoices = lazy(load);

/** Who is signed in. What concerns their account comes once somebody reaches for it. */
export function AccountMenu() {
  const { data: session } = useSession();
  const [wanted, setWanted] = useState(false);
  if (!session?.name) {
    return null;
  }
  const button = (
    <MenuButton
      label={session.name}
      description={`Account of ${session.name}`}
      onPointerEnter={load}
      onFocus={load}
      onClick={() => setWanted(true)}
    />
  );
  return wanted ? (
    <Suspense fallback={button}>
      <AccountChoices />
    </Suspense>
  ) : (
    button
  );
}
