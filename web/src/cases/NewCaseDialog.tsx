import { Dialog } from "radix-ui";
import { type FormEvent, useState } from "react";
import { useNavigate } from "react-router";
import { useCatalogue, useSettings } from "../api/queries";
import type { Intake, Side } from "../api/types";
import { DialogFrame } from "../pieces/DialogFrame";
import { ErrorNote } from "../pieces/ErrorNote";
import { Toggles } from "../pieces/Toggles";
import { useNewCase } from "./newCase";

const SIDES = [
  { id: "left", label: "Left" },
  { id: "right", label: "Right" },
] as const;

/** Opens a case with a complaint and a side; everything else is asked on the next screen, or later. */
export function NewCaseDialog(props: { onClose: () => void }) {
  const catalogue = useCatalogue();
  const settings = useSettings();
  const create = useNewCase();
  const navigate = useNavigate();
  const [code, setCode] = useState("");
  const [complaint, setComplaint] = useState("shoulder-pain");
  const [involvedSide, setInvolvedSide] = useState<Side>("right");
  const [setting, setSetting] = useState<Intake["setting"]>("community");

  const [to, setTo] = useState<"ask" | "couch">("ask");

  const begin = async (sure: boolean, where: "ask" | "couch") => {
    setTo(where);
    const created = await create
      .mutateAsync({ code: code.trim() || undefined, complaint, involvedSide, setting, sure })
      .catch(() => undefined);
    if (created) {
      navigate(`/cases/${created.code}/${where}`);
    }
  };

  return (
    <DialogFrame open onOpenChange={(next) => !next && props.onClose()} title="New case" width={560}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          begin(false, "ask");
        }}
      >
        <label className="flex flex-col gap-1">
          What brings the patient
          <select className="field" value={complaint} onChange={(e) => setComplaint(e.target.value)}>
            {catalogue.data?.complaints.map((c) => (
              <option key={c.id} value={c.id}>
                {c.name}
              </option>
            ))}
          </select>
        </label>
        <Toggles label="Affected side" value={involvedSide} options={SIDES} onChange={setInvolvedSide} />
        <Toggles
          label="Setting"
          value={setting}
          options={catalogue.data?.settings ?? []}
          onChange={setSetting}
        />
        <label className="flex flex-col gap-1">
          <span>
            Code <span className="text-soft">(left empty, the next free one; never a name)</span>
          </span>
          <input
            className="field w-40"
            value={code}
            onChange={(e) => setCode(e.target.value.toUpperCase())}
            placeholder={`${settings.data?.codePrefix ?? ""}-013`}
            aria-invalid={create.error ? true : undefined}
          />
        </label>
        <ErrorNote error={create.error} onKeep={() => begin(true, to)} />
        <div className="flex justify-end gap-3">
          <Dialog.Close className="action" data-quiet="true">
            Cancel
          </Dialog.Close>
          <button
            type="button"
            className="action"
            data-quiet="true"
            disabled={create.isPending}
            onClick={() => begin(false, "couch")}
          >
            Straight to the couch
          </button>
          <button type="submit" className="action" disabled={create.isPending}>
            Open the case
          </button>
        </div>
      </form>
    </DialogFrame>
  );
}
