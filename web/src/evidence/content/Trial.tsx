import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Board, ClinicalTest, Leaves, Side, Tried } from "../../api/types";
import { ErrorNote } from "../../pieces/ErrorNote";
import { Mark, outcomeWord } from "../../pieces/Mark";
import type { TrialTap } from "./useTrial";

type Couch = typeof import("../../couch/CouchScreen");

/** The affected side of whoever a test is tried on. */
const AFFECTED: Side = "right";

/** The entry as it would be: what is still wrong, and of a test how it stands on the couch and what a few taps come to. */
export function Trial(props: {
  kind: string;
  tried: Tried | undefined;
  error: Error | null;
  taps: TrialTap[];
  onTaps: (taps: TrialTap[]) => void;
}) {
  const { tried } = props;
  // The couch comes where a test is tried.
  const couch = useQuery({
    queryKey: ["couch"],
    queryFn: () => import("../../couch/CouchScreen"),
    enabled: tried?.test !== undefined,
    structuralSharing: false,
  });
  if (props.error ?? couch.error) {
    return <ErrorNote error={props.error ?? couch.error} />;
  }
  if (!tried) {
    return null;
  }
  if (tried.problems.length > 0) {
    return (
      <section aria-label="Before it can be stored" className="border-l-4 border-amber pl-3 text-[16px]">
        <h2 className="m-0 text-[17px] font-bold">Before it can be stored</h2>
        <ul className="m-0 pl-5">
          {tried.problems.map((p) => (
            <li key={`${p.path} ${p.message}`}>
              <b>{p.label}</b>: {p.message}
            </li>
          ))}
        </ul>
      </section>
    );
  }
  return tried.test ? (
    couch.data && (
      <OnCouch
        couch={couch.data}
        test={tried.test as ClinicalTest}
        tried={tried}
        taps={props.taps}
        onTaps={props.onTaps}
      />
    )
  ) : (
    <p role="status" className="m-0 text-[16px]">
      It can be stored as it is.
    </p>
  );
}

interface Tries {
  couch: Couch;
  test: ClinicalTest;
  tried: Tried;
  taps: TrialTap[];
  onTaps: (taps: TrialTap[]) => void;
}

function OnCouch(props: Tries) {
  const { BothSides, padChanges } = props.couch;
  const { test, tried, taps, onTaps } = props;
  const [place, setPlace] = useState("");
  const [side, setSide] = useState<Side>(AFFECTED);
  const board = test.boards.find((b) => b.at === place) ?? test.boards[0];
  if (!board) {
    return null;
  }
  const leaves = { left: leavesOf(taps, board, "left"), right: leavesOf(taps, board, "right") };
  const tap = (on: Side, changes: TrialTap["changes"]) =>
    onTaps([...taps, { at: board.at, side: on, changes }]);
  return (
    <section aria-label="As it stands on the couch" className="rounded-md border-2 border-teal p-3">
      <h2 className="m-0 text-[17px] font-bold">As it stands on the couch</h2>
      <p className="m-0 text-[16px]">
        <b>{test.name}</b>, {test.minutes} min. {test.steps.join(" ")}
      </p>
      {test.boards.length > 1 && (
        <label className="flex max-w-72 flex-col text-[16px]">
          At
          <select className="field" value={board.at} onChange={(e) => setPlace(e.target.value)}>
            {test.boards.map((b) => (
              <option key={b.at} value={b.at}>
                {b.label || "the test itself"}
              </option>
            ))}
          </select>
        </label>
      )}
      <BothSides
        board={board}
        involved={AFFECTED}
        side={side}
        leaves={leaves}
        padKeys={[]}
        onSide={setSide}
        onPad={(on, pad) => tap(on, padChanges(pad, leaves[on]))}
        onChange={tap}
      />
      <ul aria-live="polite" aria-label="Outcomes" className="m-0 mt-2 list-none p-0">
        {tried.outcomes.map((o) => (
          <li key={o.criterion} className="flex items-baseline gap-2.5 text-[16px]">
            <span className="self-center">
              <Mark outcome={o.outcome} />
            </span>
            <b className="w-[76px] shrink-0">{outcomeWord(o.outcome)}</b>
            <span>
              {o.label}
              {o.reason && <span className="text-soft">: {o.reason}</span>}
            </span>
          </li>
        ))}
      </ul>
      {taps.length > 0 && (
        <button type="button" className="choice mt-2 px-3" onClick={() => onTaps([])}>
          Begin again
        </button>
      )}
    </section>
  );
}

/** What stands after the taps at a place, the later one before the earlier. */
function leavesOf(taps: TrialTap[], board: Board, side: Side): Leaves {
  const leaves: Leaves = {};
  for (const tap of taps.filter((t) => t.at === board.at && t.side === side)) {
    for (const [leaf, value] of Object.entries(tap.changes)) {
      if (value === null) {
        delete leaves[leaf];
      } else {
        leaves[leaf] = value;
      }
    }
  }
  return leaves;
}
