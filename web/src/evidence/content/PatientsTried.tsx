import { useMutation } from "@tanstack/react-query";
import { call } from "../../api/client";
import type { PatientsTried as Tried } from "../../api/types";
import { ErrorNote } from "../../pieces/ErrorNote";
import { inAddress } from "../queries";
import type { Fields } from "./values";

/** Runs the textbook patients against the entry as it is in the form, before it is stored. */
export function PatientsTried(props: { kind: string; id: string; fields: Fields; ready: boolean }) {
  const tried = useMutation({
    mutationFn: () =>
      call<Tried>(`/api/evidence/patient-trials/${props.kind}/${inAddress(props.id)}`, "POST", {
        fields: props.fields,
        taps: [],
      }),
  });
  return (
    <section aria-label="Textbook patients" className="flex flex-col gap-1">
      <button
        type="button"
        className="choice self-start px-3"
        disabled={!props.ready || tried.isPending}
        onClick={() => tried.mutate()}
      >
        Try it on the textbook patients
      </button>
      <ErrorNote error={tried.error} />
      <div role="status" className="text-[16px]">
        {tried.data && <Found tried={tried.data} />}
      </div>
    </section>
  );
}

function Found(props: { tried: Tried }) {
  const { patients, otherwise } = props.tried;
  if (patients === 0) {
    return <p className="m-0">The content has no textbook patients.</p>;
  }
  if (otherwise.length === 0) {
    return <p className="m-0">All {patients} textbook patients would be read as before.</p>;
  }
  return (
    <>
      <p className="m-0 font-semibold">
        {otherwise.length === 1
          ? "One textbook patient would be read otherwise."
          : `${otherwise.length} textbook patients would be read otherwise.`}
      </p>
      <ul className="m-0 pl-5">
        {otherwise.map((p) => (
          <li key={p.id}>
            <b>{p.id.replaceAll("-", " ")}</b>:{" "}
            {p.after.length > 0 ? p.after.join("; ") : "as a clinician expects again"}
            {p.before.length > 0 && ` (before: ${p.before.join("; ")})`}
          </li>
        ))}
      </ul>
    </>
  );
}
