import { DropdownMenu } from "radix-ui";
import { useState } from "react";
import { useNavigate } from "react-router";
import { useChangeVisit } from "../api/caseQueries";
import type { CaseView } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { day } from "../pieces/format";
import { MENU_ITEM, Menu } from "../pieces/Menu";
import { useQueue } from "../queue/useQueue";
import { VisitDay } from "./VisitDay";

/** Which visit is recorded at, and the ways to the next one, to another, and to one whose readings are on paper. */
export function VisitMenu(props: { view: CaseView }) {
  const { view } = props;
  const navigate = useNavigate();
  const change = useChangeVisit(view.code);
  const [dating, setDating] = useState<"new" | "this">();
  const { state } = useQueue();
  const number = view.visit;
  const count = view.visits.length;
  const recorded = view.examination.readings.length > 0;
  // A tap on its way belongs to this visit; the next one waits until it has arrived.
  const waiting = state.acts.some((a) => a.code === view.code);
  return (
    <>
      <Menu label={`Visit ${number}`} align="start">
        <DropdownMenu.Label className="px-3 text-[15px] text-soft">
          Visit {number}, {day(view.visits[number - 1] ?? view.createdAt)}, recorded now
        </DropdownMenu.Label>
        {view.visits.map(
          (begun, i) =>
            i + 1 !== number && (
              <DropdownMenu.Item
                key={begun}
                className={MENU_ITEM}
                disabled={waiting}
                onSelect={() => change.mutate({ kind: "open", number: i + 1 })}
              >
                Open visit {i + 1}, {day(begun)}
              </DropdownMenu.Item>
            ),
        )}
        <DropdownMenu.Item
          className={MENU_ITEM}
          disabled={!recorded || waiting}
          onSelect={() => change.mutate({ kind: "start" })}
        >
          Begin visit {count + 1}: the same tests, nothing filled in
        </DropdownMenu.Item>
        <DropdownMenu.Item
          className={MENU_ITEM}
          disabled={!recorded || waiting}
          onSelect={() => setDating("new")}
        >
          Enter an earlier visit from paper
        </DropdownMenu.Item>
        <DropdownMenu.Item className={MENU_ITEM} disabled={waiting} onSelect={() => setDating("this")}>
          Change the day of this visit
        </DropdownMenu.Item>
        {count > 1 && number === count && (
          <DropdownMenu.Item
            className={MENU_ITEM}
            disabled={recorded || waiting}
            onSelect={() => change.mutate({ kind: "drop", number })}
          >
            Take visit {number} back
          </DropdownMenu.Item>
        )}
        <DropdownMenu.Item
          className={MENU_ITEM}
          onSelect={() => navigate(`/cases/${view.code}/measures?tab=visits`)}
        >
          Compare the visits
        </DropdownMenu.Item>
      </Menu>
      <VisitDay
        open={dating !== undefined}
        title={dating === "new" ? "When was the visit on paper?" : `When was visit ${number}?`}
        onClose={() => setDating(undefined)}
        onDay={(on) =>
          change.mutate(dating === "new" ? { kind: "start", day: on } : { kind: "day", number, day: on })
        }
      />
      <ErrorNote error={change.error} onDismiss={change.reset} />
    </>
  );
}
