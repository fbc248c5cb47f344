import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useNavigate } from "react-router";
import { call } from "../api/client";
import { caseKey } from "../api/queries";
import { changed } from "../api/stale";
import { DialogFrame } from "../pieces/DialogFrame";
import { ErrorNote } from "../pieces/ErrorNote";

interface Asked {
  confirmation: string;
  retentionDays: number;
}

/** In two steps: the reason, then the code once more. */
export function DeleteCase(props: { code: string; open: boolean; onClose: () => void }) {
  const { code } = props;
  const client = useQueryClient();
  const navigate = useNavigate();
  const [reason, setReason] = useState("");
  const [typed, setTyped] = useState("");
  const ask = useMutation({
    mutationFn: (sure: boolean) => call<Asked>(`/api/cases/${code}/deletion`, "POST", { reason, sure }),
  });
  const confirm = useMutation({
    mutationFn: (asked: Asked) =>
      call<void>(`/api/cases/${code}?confirmation=${asked.confirmation}`, "DELETE"),
    onSuccess: () => {
      client.removeQueries({ queryKey: caseKey(code) });
      changed(client, "cases");
      navigate("/cases");
    },
  });
  const close = () => {
    ask.reset();
    confirm.reset();
    setReason("");
    setTyped("");
    props.onClose();
  };
  const asked = ask.data;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (asked) {
      confirm.mutate(asked);
    } else {
      ask.mutate(false);
    }
  };
  return (
    <DialogFrame
      open={props.open}
      onOpenChange={(open) => !open && close()}
      title={`Delete ${code}`}
      width={560}
    >
      <form className="flex flex-col gap-3" onSubmit={submit}>
        {asked ? (
          <label className="flex flex-col gap-1">
            <span>
              The case goes out of sight now. Its history is removed after {asked.retentionDays} days; that it
              was there, and the reason, stay. Type <b>{code}</b> to delete it.
            </span>
            <input className="field w-48" value={typed} onChange={(e) => setTyped(e.target.value)} />
          </label>
        ) : (
          <label className="flex flex-col gap-1">
            Why it is deleted; kept for good
            <textarea
              className="field resize-none"
              rows={3}
              maxLength={400}
              value={reason}
              onChange={(e) => setReason(e.target.value)}
            />
          </label>
        )}
        <ErrorNote error={ask.error ?? confirm.error} onKeep={() => ask.mutate(true)} />
        <div className="flex gap-3">
          <button
            type="submit"
            className="action"
            disabled={asked !== undefined && typed.trim().toUpperCase() !== code}
          >
            {asked ? "Delete it" : "Go on"}
          </button>
          <button type="button" className="action" data-quiet="true" onClick={close}>
            Keep the case
          </button>
        </div>
      </form>
    </DialogFrame>
  );
}
