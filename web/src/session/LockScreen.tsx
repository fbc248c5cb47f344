import { type FormEvent, useState } from "react";
import { Link } from "react-router";
import { Problem } from "../api/client";
import type { Session } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { useTitle } from "../pieces/PageHeading";
import { useQueue } from "../queue/useQueue";
import { CodeField } from "./CodeField";
import { useSessionAct } from "./useSession";

/** The locked screen: opens by the PIN, or by the password where there is none. */
export function LockScreen(props: { session: Session }) {
  const { session } = props;
  const act = useSessionAct();
  const { state } = useQueue();
  const [typed, setTyped] = useState("");
  const [code, setCode] = useState("");
  useTitle("Locked");
  const wantsCode = !session.hasPin && session.secondFactor;
  const waiting = state.acts.length;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    act.mutate(
      session.hasPin
        ? { path: "/unlock", body: { pin: typed } }
        : { path: "", body: { name: session.name, password: typed, code: wantsCode ? code : undefined } },
      { onError: (e) => !(e instanceof Problem && e.secondFactor) && setTyped("") },
    );
  };
  return (
    <main className="mx-auto flex max-w-[480px] flex-col gap-4 px-5 py-16">
      <h1 className="m-0 text-[30px] font-bold">Locked</h1>
      <p className="m-0">
        {session.name} is signed in. Everything is where it was
        {waiting > 0 && `, ${waiting} ${waiting === 1 ? "tap waits" : "taps wait"} to be saved`}.
      </p>
      <form className="flex flex-wrap items-end gap-3" onSubmit={submit}>
        <label className="flex flex-col gap-1">
          {session.hasPin ? "PIN" : "Password"}
          <input
            // biome-ignore lint/a11y/noAutofocus: it is the only thing on the screen
            autoFocus
            className="field w-56"
            type="password"
            inputMode={session.hasPin ? "numeric" : undefined}
            autoComplete={session.hasPin ? "off" : "current-password"}
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
          />
        </label>
        {wantsCode && <CodeField value={code} onChange={setCode} />}
        <button type="submit" className="action" disabled={act.isPending}>
          Open
        </button>
      </form>
      <ErrorNote error={act.error} />
      <button
        type="button"
        className="self-start underline"
        onClick={() => act.mutate({ path: "", method: "DELETE" })}
      >
        Somebody else: sign {session.name} out
      </button>
      <Link to="/help" className="self-start underline">
        Help
      </Link>
    </main>
  );
}
