import { type FormEvent, useState } from "react";
import { Link } from "react-router";
import { Problem } from "../api/client";
import type { Session } from "../api/types";
import { CAUTION } from "../pieces/caution";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";
import { SecretField } from "../pieces/SecretField";
import { CodeField } from "./CodeField";
import { useSessionAct } from "./useSession";

/** Name and password; in the demo the made-up accounts by one click. */
export function SignIn(props: { demo: Session["demo"] }) {
  const act = useSessionAct();
  const [name, setName] = useState("");
  const [password, setPassword] = useState("");
  const [code, setCode] = useState("");
  const asked = act.error instanceof Problem && act.error.secondFactor;
  const [wantsCode, setWantsCode] = useState(false);
  if (asked && !wantsCode) {
    setWantsCode(true);
  }
  const submit = (event: FormEvent) => {
    event.preventDefault();
    act.mutate({ path: "", body: { name: name.trim(), password, code: wantsCode ? code : undefined } });
  };
  return (
    <main className="mx-auto flex max-w-[560px] flex-col gap-4 px-5 py-10">
      <PageHeading title="Sign in" className="m-0 text-[34px] font-bold tracking-wide">
        Lexicor
      </PageHeading>
      {props.demo.length > 0 && (
        <section
          aria-label="Demo"
          className="flex flex-col gap-2 rounded-md border-2 border-amber bg-amber-wash p-4"
        >
          <p className="m-0">
            <b>Demo.</b> Made-up people, made-up patients. Go in as
          </p>
          <div className="flex flex-wrap gap-2">
            {props.demo.map((a) => (
              <button
                key={a.name}
                type="button"
                className="choice"
                onClick={() => act.mutate({ path: "/demo", body: { name: a.name } })}
              >
                {a.name}, {a.role}
              </button>
            ))}
          </div>
        </section>
      )}
      <form className="flex flex-col gap-3" onSubmit={submit}>
        <label className="flex flex-col gap-1">
          Name
          <input
            className="field"
            autoComplete="username"
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <SecretField label="Password" kind="current-password" value={password} onChange={setPassword} />
        {wantsCode && <CodeField value={code} onChange={setCode} />}
        <ErrorNote error={act.error} />
        <button type="submit" className="action self-start" disabled={act.isPending}>
          Sign in
        </button>
      </form>
      <p className="m-0 text-[15px] text-soft">{CAUTION}</p>
      <Link to="/help" className="self-start underline">
        Help
      </Link>
    </main>
  );
}
