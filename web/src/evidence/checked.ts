import type { StudyCheck } from "../api/types";
import { date } from "../pieces/date";

/** A sign-off in words, with who and when. */
export function checkWords(check: StudyCheck): string {
  const who = check.by ? ` by ${check.by}${check.on ? `, ${date(check.on)}` : ""}` : "";
  return `${check.words}${who}${check.note ? `: ${check.note}` : ""}${check.from ? ` (${check.from})` : ""}`;
}

/** So many opinions of the department's. */
export function judgements(n: number): string {
  return n === 1 ? "1 judgement" : `${n} judgements`;
}
