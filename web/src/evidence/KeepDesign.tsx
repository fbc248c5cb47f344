import { type FormEvent, useState } from "react";
import { ErrorNote } from "../pieces/ErrorNote";
import { besides, problemAt } from "../pieces/problems";
import { TextField } from "../pieces/TextField";
import { type DesignRequest, useContentChange } from "./queries";

/** Keeps a line of the workbench as a cluster of the department's own, labelled designed. */
export function KeepDesign(props: { design: DesignRequest; lines: number[]; most: number }) {
  const [name, setName] = useState("");
  const [chosen, setAtLeast] = useState(2);
  // Other points, other lines: the nearest that is left.
  const atLeast = props.lines.find((l) => l >= chosen) ?? props.lines.at(-1);
  const [why, setWhy] = useState("");
  const save = useContentChange();
  const keep = (sure: boolean) =>
    save.mutate({
      path: "clusters",
      method: "POST",
      body: { name, design: props.design, atLeast, why, sure },
    });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    keep(false);
  };
  return (
    <details className="text-[16px] print:hidden">
      <summary className="min-h-8">Keep one as the department's cluster</summary>
      <form className="flex flex-wrap items-end gap-3 pt-2" onSubmit={submit}>
        <TextField
          label="Name"
          width="w-72"
          value={name}
          problem={problemAt(save.error, "name")}
          onChange={setName}
        />
        <label className="flex flex-col">
          At least
          <select className="field" value={atLeast} onChange={(e) => setAtLeast(Number(e.target.value))}>
            {props.lines.map((k) => (
              <option key={k} value={k}>
                {k} of {props.most}
              </option>
            ))}
          </select>
        </label>
        <TextField
          label="Why, for the history"
          width="w-72"
          value={why}
          problem={problemAt(save.error, "why")}
          onChange={setWhy}
        />
        <button type="submit" className="action" disabled={save.isPending}>
          Keep it
        </button>
        <span role="status">{save.isSuccess && "Kept, and weighed from now on; labelled designed."}</span>
      </form>
      <ErrorNote error={besides(save.error, ["name", "why"])} onKeep={() => keep(true)} />
    </details>
  );
}
