import { useState } from "react";

/** Free words, saved when the field is left. */
export function MechanismField(props: { value: string; onSave: (value: string) => void }) {
  const [text, setText] = useState(props.value);
  return (
    <label className="flex flex-col gap-1">
      <span>
        What happened <span className="text-soft">(no names, no dates of birth)</span>
      </span>
      <textarea
        className="field resize-none"
        rows={3}
        maxLength={400}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => {
          if (text !== props.value) {
            props.onSave(text);
          }
        }}
      />
    </label>
  );
}
