import type { QueryClient } from "@tanstack/react-query";

/** What a change makes stale: of one case, or of all. Whoever changes something names the change and nothing else. */
const OF_A_CASE = {
  /** What is recorded, or what is asked before. */
  examination: ["weighed"],
  /** The whole of it: another visit, closed, opened again. */
  whole: ["weighed", "measures", "visits", "case-history"],
  measures: ["visits"],
  reports: ["reports"],
  /** A refused change: what is there now is shown. */
  refused: ["case"],
  deleted: ["case"],
} as const;

const OF_ALL = {
  cases: ["cases"],
  settings: ["cases", "case", "weighed", "measures", "visits"],
  "settings-refused": ["settings"],
  /** The content that everything is judged by. */
  content: [
    "evidence",
    "pair",
    "entries",
    "entry",
    "catalogue",
    "templates",
    "design",
    "cases",
    "case",
    "weighed",
    "session",
  ],
  people: ["people"],
  templates: ["templates"],
  session: ["session"],
  "deleted-cases": ["deleted-cases", "cases", "history"],
} as const;

/** Something of all cases, or of the department, changed. */
export function changed(client: QueryClient, what: keyof typeof OF_ALL) {
  for (const key of OF_ALL[what]) {
    client.invalidateQueries({ queryKey: [key] });
  }
}

/**
 * Something of one case changed: what is in sight is asked for anew, what is kept for later is not shown again. An answer that is
 * on its way already would pass for the new one, so it is not waited for.
 */
export async function changedInCase(client: QueryClient, code: string, what: keyof typeof OF_A_CASE) {
  for (const key of OF_A_CASE[what]) {
    client.removeQueries({ queryKey: [key, code], type: "inactive" });
    await client.cancelQueries({ queryKey: [key, code] });
    client.invalidateQueries({ queryKey: [key, code] });
  }
}
