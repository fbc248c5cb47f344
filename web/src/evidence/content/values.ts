import type { FieldForm } from "../../api/types";

/** What a field of an entry can hold. */
export type Value = null | boolean | number | string | Value[] | Fields;

export interface Fields {
  [name: string]: Value | undefined;
}

export function isFields(value: Value | undefined): value is Fields {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

/** The texts of a list; anything else in it is none. */
export function textsOf(value: Value | undefined): string[] {
  return Array.isArray(value) ? value.filter((v): v is string => typeof v === "string") : [];
}

/** The entries of a list that have fields of their own. */
export function partsOf(value: Value | undefined): Fields[] {
  return Array.isArray(value) ? value.filter(isFields) : [];
}

export const textOf = (value: Value | undefined): string => (typeof value === "string" ? value : "");

/** One text a line; empty lines are none. */
export function lines(text: string): string[] {
  return text
    .split("\n")
    .map((l) => l.trim())
    .filter((l) => l !== "");
}

/** A name for files and links, made of what something is called. */
export function slug(name: string): string {
  return name
    .normalize("NFD")
    .replace(/[\u0300-\u036f]/g, "")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 60);
}

/** The same, told apart from those that are taken. */
export function freeId(wanted: string, taken: string[]): string {
  let id = wanted;
  for (let n = 2; taken.includes(id); n++) {
    id = `${wanted}-${n}`;
  }
  return id;
}

/** What an entry has before anything is said of it. */
export function emptyOf(forms: FieldForm[]): Fields {
  const fields: Fields = {};
  for (const form of forms) {
    if (form.type === "id") {
      fields[form.name] = "";
    } else if (form.needed) {
      fields[form.name] = emptyValue(form);
    }
  }
  return fields;
}

function emptyValue(form: FieldForm): Value {
  switch (form.type) {
    case "lines":
    case "choices":
    case "choices-or-new":
    case "list":
      return [];
    case "flag":
      return false;
    case "fields":
      return emptyOf(form.parts);
    case "by-choice":
    case "by-name":
    case "words":
      return {};
    case "rule":
    case "definition":
      return { all: [] };
    case "number":
    case "whole":
    case "share":
      return null;
    default:
      return "";
  }
}

/** The same fields with some changed; one that is undefined is no longer there. */
export function withFields(fields: Fields, change: Fields): Fields {
  const all = { ...fields, ...change };
  for (const name of Object.keys(all)) {
    if (all[name] === undefined) {
      delete all[name];
    }
  }
  return all;
}

/** The entry under another id: what it calls its own goes with it. */
export function renamed(kind: string, fields: Fields, id: string): Fields {
  const old = textOf(fields.id);
  const own = (name: string) => (name.startsWith(`${old}/`) ? id + name.slice(old.length) : name);
  return kind === "test"
    ? {
        ...fields,
        id,
        criteria: partsOf(fields.criteria).map((c) => ({ ...c, id: own(textOf(c.id)) })),
      }
    : { ...fields, id };
}
