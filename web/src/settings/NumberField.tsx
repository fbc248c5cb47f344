import { TextField } from "../pieces/TextField";
import { About, useRefused } from "./About";

/** One number of a form, typed as one writes it, with what it changes below. */
export function NumberField(props: {
  /** The setting. */
  name: string;
  label: string;
  value: string;
  /** What cannot be, as it was typed; empty where nothing is wrong. */
  problem: string;
  brief?: boolean;
  onChange: (value: string) => void;
}) {
  const refused = useRefused(props.name);
  return (
    <div className="flex flex-col gap-1">
      <TextField
        label={props.label}
        width="w-28"
        numeric
        value={props.value}
        problem={props.problem || refused}
        onChange={props.onChange}
      />
      <About name={props.name} brief={props.brief} told />
    </div>
  );
}
