import { type FormEvent, useState } from "react";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";
import { SecretField } from "../pieces/SecretField";
import { useSessionAct } from "./useSession";

/** The first account of a new department. The link that the program printed brings the one-time word with it. */
export function FirstLead() {
  const act = useSessionAct();
  const [token, setToken] = useState(() => window.location.hash.slice(1));
  const [name, setName] = useState("");
  const [password, setPassword] = useState("");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    act.mutate(
      { path: "/first-lead", body: { token: token.trim(), name: name.trim(), password } },
      { onSuccess: () => window.location.replace("/cases") },
    );
  };
  return (
    <main className="mx-auto flex max-w-[560px] flex-col gap-4 px-5 py-10">
      <PageHeading title="The first lead of this department" className="m-0 text-[30px] font-bold" />
      <p className="m-0 text-soft">
        A lead looks after people, settings and evidence, and examines like any clinician. Everybody else gets
        an account from a lead.
      </p>
      <form className="flex flex-col gap-3" onSubmit={submit}>
        <label className="flex flex-col gap-1">
          Word from the link that the program printed
          <input className="field" value={token} onChange={(e) => setToken(e.target.value)} />
        </label>
        <label className="flex flex-col gap-1">
          <span>
            Name to sign in with <span className="text-soft">(small letters)</span>
          </span>
          <input
            className="field"
            autoComplete="username"
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <SecretField
          label="Password"
          hint="15 characters or more; a few words in a row"
          kind="new-password"
          value={password}
          onChange={setPassword}
        />
        <ErrorNote error={act.error} />
        <button type="submit" className="action self-start" disabled={act.isPending}>
          Make the account
        </button>
      </form>
    </main>
  );
}
