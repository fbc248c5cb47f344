import { useQuery } from "@tanstack/react-query";
import { call } from "../api/client";
import { orKept } from "../api/kept";
import { CONTENT_STALE_AFTER_MS } from "../api/queries";
import type { PosedFigures } from "../api/types";

// An earlier version kept no maps on this device.
const byTest = ({ grips, tests, maps = [], body = [], movements = [] }: PosedFigures) => ({
  grips,
  tests: new Map(tests.map((f) => [f.id, f])),
  maps,
  body,
  movements,
});

export type AllFigures = ReturnType<typeof byTest>;

/** How the tests look, by test, and whether that is still on its way. */
export function useFiguresQuery() {
  return useQuery({
    queryKey: ["figures"],
    queryFn: () => orKept(["figures"], () => call<PosedFigures>("/api/figures")),
    staleTime: CONTENT_STALE_AFTER_MS,
    select: byTest,
  });
}

export const useFigures = () => useFiguresQuery().data;
