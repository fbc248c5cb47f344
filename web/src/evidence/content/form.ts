import { type ComponentType, createContext, useContext } from "react";
import type { FieldForm, Vocabulary } from "../../api/types";
import type { FormSaid } from "./useTrial";
import { type Fields, partsOf, textOf, type Value } from "./values";

/** One field of a form, whatever it holds. */
export interface FieldProps {
  form: FieldForm;
  value: Value | undefined;
  path: string;
  onChange: (value: Value | undefined) => void;
}

/** What every field of a form needs of the whole. */
export interface Form {
  /** Shows a field: those that have fields of their own ask for it here. */
  Field: ComponentType<FieldProps>;
  /** All fields of the entry as they stand. */
  root: Fields;
  onRoot: (change: Fields) => void;
  vocabularies: Record<string, Vocabulary>;
  /** What is wrong, by path. */
  problems: FormSaid[];
  /** Criteria's rules read back in words, by criterion. */
  rules: Record<string, string>;
  /** Whether the entry is not stored yet, so that its ids still follow its names. */
  isNew: boolean;
  /** Ids of parts that are stored, which stay. */
  stored: Set<string>;
}

export const FormContext = createContext<Form | undefined>(undefined);

export function useForm(): Form {
  const form = useContext(FormContext);
  if (!form) {
    throw new Error("a field stands in a form");
  }
  return form;
}

/** What there is to choose: of the content, or of the entry's own places and rungs. */
export function choicesOf(form: Form, vocabulary: string): Vocabulary {
  if (vocabulary === "place") {
    return partsOf(form.root.places).map((p) => option(textOf(p.id), textOf(p.label)));
  }
  if (vocabulary === "rung") {
    const rungs = form.root.rungs;
    return Object.keys(typeof rungs === "object" && rungs !== null ? rungs : {}).map((r) => option(r, r));
  }
  return form.vocabularies[vocabulary] ?? [];
}

const option = (id: string, label: string) => ({
  id,
  label: label || id || "the test itself",
  meaning: "",
  group: "",
  kind: "",
  unit: "",
  codes: [],
});

/** What is said of a field; of one without fields of its own also what is said of anything within. */
export function saidOf(form: Form, path: string, withinToo: boolean): string {
  return form.problems
    .filter(
      (p) =>
        p.path === path || (withinToo && (p.path.startsWith(`${path}.`) || p.path.startsWith(`${path}[`))),
    )
    .map((p) => p.message)
    .join("; ");
}
