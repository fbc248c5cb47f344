import { Dialog } from "radix-ui";
import { useRef, useState } from "react";
import { Link } from "react-router";
import { useCaseChange } from "../../api/caseQueries";
import { isSimulated } from "../../api/client";

import type { CaseView, Catalogue } from "../../api/types";
import { DialogFrame } from "../../pieces/DialogFrame";
import { ErrorNote } from "../../pieces/ErrorNote";
import { asDone, positionName } from "../order/order";
import { AddSet } from "./AddSet";
import { AddTest } from "./AddTest";
import { Templates } from "./Templates";

export interface PlanChange {
  tests: string[];
  arrange: boolean;
  sets?: string[];
}

/** The running order to change: move, drop, add, put in order, or take from a list. Every change saves by itself. */
export function PlanDialog(props: {
  view: CaseView;
  catalogue: Catalogue;
  variants: Record<string, string>;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const { view, catalogue } = props;
  const save = useCaseChange<PlanChange>(view.code, (body) => ({ path: "plan", body }));
  const [moved, setMoved] = useState("");
  const plan = view.plan.tests;
  const set = (tests: string[], arrange = false) => save.mutate({ tests, arrange });
  const minutes = plan.reduce((sum, id) => sum + (catalogue.tests.find((t) => t.id === id)?.minutes ?? 0), 0);
  const move = (index: number, by: number) => {
    const tests = [...plan];
    const [test] = tests.splice(index, 1);
    if (test) {
      tests.splice(index + by, 0, test);
      set(tests);
      setMoved(`${name(catalogue, test)} is now number ${index + by + 1}`);
    }
  };
  const list = useRef<HTMLOListElement>(null);
  // After a removal the focus is at the row that has come up in its place.
  const drop = (index: number) => {
    set(plan.filter((_, i) => i !== index));
    const rows = list.current?.children;
    const next = rows?.[index + 1] ?? rows?.[index - 1];
    next?.querySelector<HTMLButtonElement>("[data-drop]")?.focus();
  };
  return (
    <DialogFrame
      open={props.open}
      onOpenChange={props.onOpenChange}
      title="Running order"
      width={1080}
      tall
      beside={
        <>
          <span className="text-soft">
            {view.plan.own ? "Own order" : "Proposed for these candidates"}, {plan.length} tests, about{" "}
            {Math.round(minutes)} minutes
          </span>
          <Link
            to={`/cases/${view.code}/order`}
            className="action ml-auto inline-flex items-center"
            data-quiet="true"
          >
            Print the visit
          </Link>
          <Dialog.Close className="action">Done</Dialog.Close>
        </>
      }
    >
      <ErrorNote error={save.error} onDismiss={save.reset} />
      <p aria-live="polite" className="sr-only">
        {moved}
      </p>
      <div className="mt-3 grid min-h-0 flex-1 grid-cols-[1fr_420px] gap-5 max-lg:flex max-lg:flex-none max-lg:flex-col">
        <ol
          ref={list}
          className="m-0 min-h-0 list-none overflow-auto rounded-md max-lg:overflow-visible border-[1.5px] border-line bg-card p-1"
        >
          {plan.map((id, i) => {
            const found = catalogue.tests.find((t) => t.id === id);
            const test = found && asDone(found, props.variants);
            return (
              <li
                key={id}
                className="flex flex-wrap items-center gap-1 border-b border-line px-2 text-[16px] last:border-0"
              >
                <span className="w-7 text-soft">{i + 1}</span>
                <span className="min-w-[60%] flex-1 py-1 leading-tight">
                  {test?.name ?? id}
                  <span className="block text-[14px] text-soft">{positionName(test?.position ?? "")}</span>
                </span>
                <span className="ml-auto flex gap-1">
                  <RowButton
                    label={`Earlier: ${test?.name}`}
                    text="↑"
                    off={i === 0}
                    onPress={() => move(i, -1)}
                  />
                  <RowButton
                    label={`Later: ${test?.name}`}
                    text="↓"
                    off={i === plan.length - 1}
                    onPress={() => move(i, 1)}
                  />
                  <RowButton
                    label={`Drop ${test?.name}`}
                    text="Drop"
                    off={plan.length === 1}
                    drops
                    onPress={() => drop(i)}
                  />
                </span>
              </li>
            );
          })}
        </ol>
        <div className="flex min-h-0 flex-col gap-3 overflow-auto max-lg:overflow-visible">
          <div className="flex flex-wrap gap-2">
            <button type="button" className="action" onClick={() => set(plan, true)}>
              Put in order
            </button>
            <button
              type="button"
              className="action disabled:opacity-60"
              data-quiet="true"
              disabled={!view.plan.own}
              onClick={() => set([])}
            >
              As proposed
            </button>
          </div>
          <p className="m-0 text-[15px] text-soft">
            In order: look, feel, move, measure, then provoke; what has to come first first; as few changes of
            position as possible; the most provoking last in its position.
          </p>
          <AddTest catalogue={catalogue} plan={plan} onAdd={(id) => set([...plan, id])} />
          <AddSet
            catalogue={catalogue}
            complaints={[view.intake.complaint, view.intake.alsoComplaint ?? ""]}
            put={view.plan.sets}
            onAdd={(chosen) =>
              save.mutate({
                tests: [...new Set([...plan, ...chosen.before, ...chosen.tests])],
                arrange: true,
                sets: [...view.plan.sets, chosen.id],
              })
            }
          />
          {!isSimulated(view.code) && <Templates plan={plan} onApply={(tests) => set(tests)} />}
        </div>
      </div>
    </DialogFrame>
  );
}

function name(catalogue: Catalogue, id: string): string {
  return catalogue.tests.find((t) => t.id === id)?.name ?? id;
}

function RowButton(props: {
  label: string;
  text: string;
  off: boolean;
  drops?: boolean;
  onPress: () => void;
}) {
  return (
    <button
      type="button"
      aria-label={props.label}
      className="min-h-11 min-w-11 rounded px-2 hover:bg-teal-wash disabled:opacity-40"
      data-drop={props.drops}
      disabled={props.off}
      onClick={props.onPress}
    >
      {props.text}
    </button>
  );
}
