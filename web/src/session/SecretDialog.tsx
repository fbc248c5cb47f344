import { type FormEvent, useState } from "react";
import { DialogFrame } from "../pieces/DialogFrame";
import { ErrorNote } from "../pieces/ErrorNote";
import { SecretField } from "../pieces/SecretField";
import { useSessionAct } from "./useSession";

const SECRETS = {
  pin: { title: "PIN", field: "pin", label: "New PIN, 4 to 8 digits", done: "Set the PIN", kind: "pin" },
  password: {
    title: "Password",
    field: "newPassword",
    label: "New password, 15 characters or more",
    done: "Change it",
    kind: "new-password",
  },
} as const;

/** A new PIN for the locked screen, or a new password; the old password shows that it is really them. */
export function SecretDialog(props: { secret: keyof typeof SECRETS; open: boolean; onClose: () => void }) {
  const { title, field, label, done, kind } = SECRETS[props.secret];
  const act = useSessionAct();
  const [password, setPassword] = useState("");
  const [wanted, setWanted] = useState("");
  const close = () => {
    act.reset();
    setPassword("");
    setWanted("");
    props.onClose();
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    act.mutate(
      { path: `/${props.secret}`, method: "PUT", body: { password, [field]: wanted } },
      { onSuccess: close },
    );
  };
  return (
    <DialogFrame open={props.open} onOpenChange={(open) => !open && close()} title={title} width={480}>
      <form className="flex flex-col gap-3" onSubmit={submit}>
        <SecretField label="Your password" kind="current-password" value={password} onChange={setPassword} />
        <SecretField label={label} kind={kind} value={wanted} onChange={setWanted} />
        <ErrorNote error={act.error} />
        <button type="submit" className="action self-start" disabled={act.isPending}>
          {done}
        </button>
      </form>
    </DialogFrame>
  );
}
