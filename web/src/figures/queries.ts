import { useQuery } from "@tanstack/react-query";
import { call } from "../api/client";
import { orKept } from "../api/kept";
import { CONTENT_STALE_AFTER_MS } from "../api/queries";
import type { PosedFigures } from "../api/types";

const byTest = (figures: PosedFigures) => ({
  grips: figures.grips,
  tests: new Map(figures.tests.map((f) => [f.id, f])),
});

/** How the tests look, by test. */
export function useFigures() {
  return useQuery({
    queryKey: ["figures"],
    queryFn: () => orKept(["figures"], () => call<PosedFigures>("/api/figures")),
    staleTime: CONTENT_STALE_AFTER_MS,
    select: byTest,
  }).data;
}
