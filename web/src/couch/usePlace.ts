import { useState } from "react";
import { useSearchParams } from "react-router";
import type { Side } from "../api/types";
import { AT_ONCE, type Stage } from "./order/order";

const KEPT = "lexicor.stages-at-once";

/** Whether somebody goes through looking, feeling and moving as a whole; kept on this device. */
export const prefersAtOnce = () => localStorage.getItem(KEPT) !== "no";

interface Place {
  test: string | undefined;
  at: string | undefined;
  /** The stage that is gone through as a whole. */
  stage: Stage | undefined;
}

/**
 * Where on the couch one is. The address follows the place and not the other way round: the router brings an address up with a
 * delay, and a fast key must never record on the test that was left.
 */
export function usePlace(involved: Side, first: () => Stage | undefined) {
  const [params, setParams] = useSearchParams();
  const [place, setPlace] = useState<Place>(() => {
    const test = params.get("test") ?? undefined;
    const stage = AT_ONCE.find((s) => s === params.get("stage"));
    const at = params.get("at") ?? undefined;
    return { test, at, stage: stage ?? (test ? undefined : first()) };
  });
  const [side, setSide] = useState<Side>(involved);
  const go = (next: Place, keepSide = false) => {
    setPlace(next);
    const address = Object.entries(next).filter(([, v]) => v !== undefined) as [string, string][];
    setParams(Object.fromEntries(address), { replace: true });
    if (!keepSide) {
      setSide(involved);
    }
  };
  return {
    ...place,
    side,
    setSide,
    goTo: (test: string, at?: string) => go({ test, at, stage: undefined }),
    openStage: (stage: Stage) => {
      localStorage.setItem(KEPT, "yes");
      go({ test: undefined, at: undefined, stage });
    },
    /** From the stage as a whole to its tests one by one, and so from now on. */
    oneByOne: (test: string, at?: string) => {
      localStorage.setItem(KEPT, "no");
      go({ test, at, stage: undefined });
    },
    choose: (test: string, at: string) => go({ ...place, test, at }, true),
  };
}
