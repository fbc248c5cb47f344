import type { StudyCheck } from "../api/types";
import { day } from "../pieces/format";

/** A sign-off in words, with who and when. */
export function checkWords(check: StudyCheck): string {
  const who = check.by ? ` by ${check.by}${check.on ? `, ${day(check.on)}` : ""}` : "";
  return `${check.words}${who}${check.note ? `: ${check.note}` : ""}`;
}
