import { useState } from "react";
import { TextField } from "../pieces/TextField";

const OLDEST = 120;

/** The age in whole years, kept when the field is left. A birthday is refused with the reason, and stays to be mended. */
export function AgeField(props: { value: number | undefined; onSave: (age: number | undefined) => void }) {
  const [text, setText] = useState(props.value === undefined ? "" : String(props.value));
  const [problem, setProblem] = useState<string>();
  const keep = () => {
    const words = text.trim();
    const found = problemOf(words);
    setProblem(found);
    const age = words === "" ? undefined : Number(words);
    if (!found && age !== props.value) {
      props.onSave(age);
    }
  };
  return (
    <TextField
      label="Age in years"
      width="w-24"
      numeric
      value={text}
      {...(problem && { problem })}
      onChange={setText}
      onBlur={keep}
    />
  );
}

function problemOf(words: string): string | undefined {
  if (/^\d{1,4}[-./ ]\d{1,2}[-./ ]\d{1,4}$/.test(words) || /^(18|19|20)\d\d$/.test(words)) {
    return "Give the age in whole years: no dates of birth are kept.";
  }
  return words === "" || (/^\d{1,3}$/.test(words) && Number(words) <= OLDEST)
    ? undefined
    : `Give the age in whole years, from 0 to ${OLDEST}.`;
}
