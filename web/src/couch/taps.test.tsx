// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { type QueryClient, useQuery } from "@tanstack/react-query";
import { act, cleanup } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { caseKey, showExamination } from "../api/queries";
import type { CaseView, Examination } from "../api/types";
import type { Act } from "../queue/act";
import { EXAMINATION } from "../test/couch";
import { page } from "../test/page";
import { useTaps } from "./useTaps";

afterEach(cleanup);

const FIRST = { tapId: "first", test: "neer", at: "", side: "right" } as const;
const VIEW = {
  code: "HB-001",
  id: 1,
  visit: 1,
  examination: { ...EXAMINATION, lastTaps: [FIRST] },
} as unknown as CaseView;

/** As the frame of a case gives it to a screen: it is drawn anew before the screen is, or after it. */
function Frame(props: { onDrawn: (taps: ReturnType<typeof useTaps>) => void }) {
  const { data } = useQuery({
    queryKey: caseKey("HB-001"),
    queryFn: () => VIEW,
    initialData: VIEW,
    staleTime: 60_000,
  });
  return <Screen view={data} onDrawn={props.onDrawn} />;
}

function Screen(props: { view: CaseView; onDrawn: (taps: ReturnType<typeof useTaps>) => void }) {
  props.onDrawn(useTaps(props.view));
  return null;
}

describe("What the server answers", () => {
  it("never brings back for a moment what was taken back", async () => {
    const drawn: string[][] = [];
    let taps: ReturnType<typeof useTaps> | undefined;
    let answer: (examination: Examination) => void = () => undefined;
    const shown: { client?: QueryClient } = {};
    const { client } = page(
      <Frame
        onDrawn={(now) => {
          taps = now;
          drawn.push(now.examination.lastTaps.map((t) => t.tapId));
        }}
      />,
      {
        queue: {
          send: (made: Act) =>
            new Promise((resolve) => {
              expect(made.kind).toBe("undo");
              answer = resolve;
            }),
          onAnswer: (made, examination) =>
            showExamination(shown.client as QueryClient, made.code, examination, true),
        },
      },
    );
    shown.client = client;
    await act(async () => taps?.undo());
    expect(drawn.at(-1)).toEqual([]);
    const before = drawn.length;
    await act(async () => {
      answer({ ...EXAMINATION, lastTaps: [] });
      await new Promise((later) => setTimeout(later, 30));
    });
    expect(drawn.length).toBeGreaterThan(before);
    expect(drawn.slice(before).flat()).toEqual([]);
  });
});
