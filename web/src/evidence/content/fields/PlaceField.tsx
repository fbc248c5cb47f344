import { useState } from "react";
import { useForm } from "../form";
import { freeId, partsOf, slug, textOf } from "../values";
import { Choice } from "./Choice";
import type { OneField } from "./plain";

/** At which of the test's places it is; a place that is not there yet can be added here. */
export function PlaceField(props: OneField) {
  const form = useForm();
  const [label, setLabel] = useState("");
  const places = partsOf(form.root.places);
  const add = () => {
    const name = label.trim();
    if (name !== "") {
      const id = freeId(
        slug(name),
        places.map((p) => textOf(p.id)),
      );
      form.onRoot({ places: [...places, { id, label: name }] });
      props.onChange(id);
      setLabel("");
    }
  };
  return (
    <>
      {places.length > 0 && <Choice {...props} />}
      <span className="flex items-end gap-1">
        <input
          className="field w-44"
          aria-label="A new place for it"
          placeholder="at a new place"
          value={label}
          onChange={(e) => setLabel(e.target.value)}
        />
        <button type="button" className="choice px-2" onClick={add}>
          Add the place
        </button>
      </span>
    </>
  );
}
