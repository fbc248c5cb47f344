import { Problem } from "../api/client";

/** What the server said of one field; empty where it said nothing of it. */
export function problemAt(error: Error | null, field: string): string {
  const found = error instanceof Problem ? error.fields.find((f) => f.field === field) : undefined;
  return found?.message ?? "";
}

/** The refusal as long as it speaks of anything but these fields, beside which it is said already. */
export function besides(error: Error | null, fields: string[]): Error | null {
  const said =
    error instanceof Problem &&
    error.fields.length > 0 &&
    error.fields.every((f) => fields.includes(f.field)) &&
    !error.question;
  return said ? null : error;
}
