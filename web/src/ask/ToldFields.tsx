import { useState } from "react";
import type { Told } from "../api/types";
import { TextField } from "../pieces/TextField";
import { Toggles } from "../pieces/Toggles";

const ONSETS = [
  { id: "sudden", label: "Suddenly" },
  { id: "gradual", label: "Gradually" },
  { id: "after-an-injury", label: "After an injury" },
] as const;

const WORDS = [
  ["duration", "For how long"],
  ["eases", "What eases it"],
  ["provokes", "What provokes it"],
  ["work", "Work and free time"],
  ["needs", "What the arm is needed for"],
] as const;

const PAINS = [
  ["painNow", "now"],
  ["painAtNight", "at night"],
  ["painAtWorst", "at worst"],
] as const;

const WORST = 10;

/** What is told in a few words, for the report; each field is kept when it is left. */
export function ToldFields(props: { told: Told | undefined; onSave: (told: Told | undefined) => void }) {
  const told = props.told ?? {};
  const save = (field: keyof Told, value: Told[keyof Told] | undefined) => {
    const { [field]: before, ...others } = told;
    if (value !== before) {
      const next: Told = value === undefined ? others : { ...others, [field]: value };
      props.onSave(Object.keys(next).length > 0 ? next : undefined);
    }
  };
  return (
    <fieldset className="m-0 flex flex-col gap-2 border-0 p-0">
      <legend className="mb-1 p-0">In a few words</legend>
      <Toggles
        label="It began"
        value={told.onset ?? ""}
        options={ONSETS}
        mayClear
        onChange={(onset) => save("onset", onset || undefined)}
      />
      {WORDS.map(([field, label]) => (
        <Words
          key={field}
          label={label}
          value={told[field] ?? ""}
          onSave={(text) => save(field, text || undefined)}
        />
      ))}
      <div className="flex flex-wrap gap-4">
        {PAINS.map(([field, when]) => (
          <Pain
            key={field}
            label={`Pain ${when}, 0 to 10`}
            value={told[field]}
            onSave={(pain) => save(field, pain)}
          />
        ))}
      </div>
    </fieldset>
  );
}

function Words(props: { label: string; value: string; onSave: (text: string) => void }) {
  const [text, setText] = useState(props.value);
  return (
    <TextField
      label={props.label}
      width="w-full"
      value={text}
      onChange={setText}
      onBlur={() => props.onSave(text.trim())}
    />
  );
}

function Pain(props: {
  label: string;
  value: number | undefined;
  onSave: (pain: number | undefined) => void;
}) {
  const [text, setText] = useState(props.value === undefined ? "" : String(props.value));
  const [problem, setProblem] = useState<string>();
  const keep = () => {
    const words = text.trim();
    const fits = words === "" || (/^\d{1,2}$/.test(words) && Number(words) <= WORST);
    setProblem(fits ? undefined : `A whole number from 0 to ${WORST}.`);
    if (fits) {
      props.onSave(words === "" ? undefined : Number(words));
    }
  };
  return (
    <TextField
      label={props.label}
      width="w-20"
      numeric
      value={text}
      {...(problem && { problem })}
      onChange={setText}
      onBlur={keep}
    />
  );
}
