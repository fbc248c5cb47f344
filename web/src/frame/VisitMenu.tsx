import { DropdownMenu } from "radix-ui";
import { useNavigate } from "react-router";
import { useChangeVisit } from "../api/queries";
import type { CaseView } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { day } from "../pieces/format";
import { MENU_ITEM, Menu } from "../pieces/Menu";
import { useQueue } from "../queue/useQueue";

/** Which visit is recorded at, and the way to the next one. */
export function VisitMenu(props: { view: CaseView }) {
  const { view } = props;
  const navigate = useNavigate();
  const change = useChangeVisit(view.code);
  const { state } = useQueue();
  const number = view.visits.length;
  const recorded = view.examination.readings.length > 0;
  // A tap on its way belongs to this visit; the next one waits until it has arrived.
  const waiting = state.acts.some((a) => a.code === view.code);
  return (
    <>
      <Menu label={`Visit ${number}`} align="start">
        <DropdownMenu.Label className="px-3 text-[15px] text-soft">
          {view.visits.map((begun, i) => (
            <span key={begun} className="block">
              Visit {i + 1}, {day(begun)}
              {i + 1 === number && ", recorded now"}
            </span>
          ))}
        </DropdownMenu.Label>
        <DropdownMenu.Item
          className={MENU_ITEM}
          disabled={!recorded || waiting}
          onSelect={() => change.mutate(false)}
        >
          Begin visit {number + 1}: the same tests, nothing filled in
        </DropdownMenu.Item>
        {number > 1 && (
          <DropdownMenu.Item
            className={MENU_ITEM}
            disabled={recorded || waiting}
            onSelect={() => change.mutate(true)}
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
      <ErrorNote error={change.error} onDismiss={change.reset} />
    </>
  );
}
