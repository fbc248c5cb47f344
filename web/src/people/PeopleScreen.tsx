import { type FormEvent, useState } from "react";
import type { Account } from "../api/types";
import { TopBar } from "../frame/TopBar";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";
import { WideTable } from "../pieces/WideTable";
import { useChangePerson, useNewPerson, usePeople } from "./queries";

const ROLES = ["clinician", "lead", "student", "auditor"];
const ROLE_WORDS: Record<string, string> = {
  clinician: "keeps cases of their own and those shared with them",
  lead: "a clinician who also looks after people, settings and evidence",
  student: "practises; sees no patient's case",
  auditor: "reads the history and changes nothing",
};

/** The department's accounts, for leads. */
export function PeopleScreen() {
  const people = usePeople();
  const change = useChangePerson();
  return (
    <>
      <TopBar />
      <main className="mx-auto flex max-w-[900px] flex-col gap-5 px-5 py-5">
        <PageHeading title="People" className="m-0 text-[28px] leading-tight font-bold" />
        <ErrorNote error={people.error ?? change.error} onDismiss={change.error ? change.reset : undefined} />
        <WideTable label="Accounts" heads={["Name", "Role", "Account", "Second factor", "New password"]}>
          {people.data?.map((p) => (
            <Row key={p.id} person={p} onChange={change.mutate} />
          ))}
        </WideTable>
        <NewPerson />
        <p className="m-0 text-[15px] text-soft">
          An account is closed, never deleted, so that the history keeps naming it. A new role, a new password
          or closing it ends its sessions.
        </p>
      </main>
    </>
  );
}

function Row(props: { person: Account; onChange: ReturnType<typeof useChangePerson>["mutate"] }) {
  const { person: p, onChange } = props;
  const [password, setPassword] = useState("");
  const same = { id: p.id, version: p.version, role: p.role, active: p.active };
  return (
    <tr className="border-b border-line">
      <th scope="row" className="py-2 text-left font-semibold">
        {p.name}
      </th>
      <td>
        <select
          className="field"
          aria-label={`Role of ${p.name}`}
          value={p.role}
          onChange={(e) => onChange({ ...same, role: e.target.value })}
        >
          {ROLES.map((r) => (
            <option key={r}>{r}</option>
          ))}
        </select>
      </td>
      <td>
        <button
          type="button"
          className="choice"
          onClick={() => onChange({ ...same, active: !p.active })}
          aria-label={p.active ? `Close the account of ${p.name}` : `Open the account of ${p.name} again`}
        >
          {p.active ? "open: close it" : "closed: open it"}
        </button>
      </td>
      <td>
        {p.secondFactor ? (
          <button
            type="button"
            className="choice"
            onClick={() => onChange({ ...same, dropSecondFactor: true })}
            aria-label={`Take the second factor of ${p.name} away`}
          >
            on: take it away
          </button>
        ) : (
          "none"
        )}
      </td>
      <td>
        <form
          className="flex gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            onChange({ ...same, password }, { onSuccess: () => setPassword("") });
          }}
        >
          <input
            className="field w-52"
            type="password"
            autoComplete="new-password"
            aria-label={`New password of ${p.name}`}
            value={password}
            onChange={(e) => setPassword(e.target.value)}
          />
          <button type="submit" className="choice" disabled={password === ""}>
            Set
          </button>
        </form>
      </td>
    </tr>
  );
}

function NewPerson() {
  const create = useNewPerson();
  const [name, setName] = useState("");
  const [role, setRole] = useState("clinician");
  const [password, setPassword] = useState("");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    create.mutate(
      { name: name.trim(), role, password },
      {
        onSuccess: () => {
          setName("");
          setPassword("");
        },
      },
    );
  };
  return (
    <form className="flex flex-col gap-2" onSubmit={submit}>
      <h2 className="m-0 text-[20px] font-bold">Somebody new</h2>
      <div className="flex flex-wrap items-end gap-3">
        <label className="flex flex-col text-[16px]">
          Name
          <input className="field w-40" value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <label className="flex flex-col text-[16px]">
          Role
          <select className="field" value={role} onChange={(e) => setRole(e.target.value)}>
            {ROLES.map((r) => (
              <option key={r}>{r}</option>
            ))}
          </select>
        </label>
        <label className="flex flex-col text-[16px]">
          First password
          <input
            className="field w-64"
            type="password"
            autoComplete="new-password"
            value={password}
            onChange={(e) => setPassword(e.target.value)}
          />
        </label>
        <button type="submit" className="action" disabled={create.isPending}>
          Make the account
        </button>
      </div>
      <p className="m-0 text-[15px] text-soft">
        {role}: {ROLE_WORDS[role]}. A password has 15 characters or more; no rule about their kinds.
      </p>
      <ErrorNote error={create.error} />
    </form>
  );
}
