import type { Catalogue, ClinicalTest } from "../api/types";

/** What a condition is called where there is little room. */
export function shortCondition(catalogue: Catalogue, id: string, name: string): string {
  return catalogue.conditions.find((c) => c.id === id)?.shortName ?? name;
}

/** What a test is called where there is little room. */
export function shortTest(catalogue: Catalogue, id: string, name: string): string {
  return catalogue.tests.find((t) => t.id === id)?.shortName ?? name;
}

/** What a test is not done with, as it is said. */
export const notWith = (test: ClinicalTest) =>
  test.contraindications.map((c) => c.replaceAll("-", " ")).join(", ");
