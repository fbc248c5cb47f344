import { Tabs } from "radix-ui";
import type { ReactNode } from "react";
import { Link } from "react-router";
import type { ClinicalTest, Side } from "../api/types";
import { TestFigure } from "../figures/TestFigure";
import type { Folding } from "./useSteps";

/** How to do it: the figure, and beside it the steps or what to watch for. Whoever knows folds the words away, for all tests. */
export function TestBand(props: {
  test: ClinicalTest;
  side: Side;
  folding: Folding;
  /** What is seen or thought beside the criteria, and how much of it stands; nothing on a test that is blocked. */
  notes: ReactNode | undefined;
  noted: number;
  /** A simulated patient, whose figures are not looked up. */
  simulated?: boolean;
  /** Where the notes are what is recorded. */
  notesFirst: boolean;
}) {
  const { test, folding } = props;
  return (
    <section
      aria-label="How to do it"
      data-alone={folding.hidden}
      className="mt-0.5 flex min-h-[66px] flex-[0_1_200px] gap-3 data-[alone=true]:flex-[0_1_340px] high:flex-[0_1_340px] high:data-[alone=true]:flex-[0_1_480px] rounded-md border-[1.5px] border-line bg-card pr-3 max-md:flex-none max-md:flex-col max-md:pr-0"
    >
      <TestFigure
        test={test.id}
        name={test.name}
        side={props.side}
        className="aspect-[4/3] flex-none self-stretch max-md:w-full"
      />
      {folding.hidden && (
        <button
          type="button"
          className="min-h-6 self-start px-2 py-1 text-[15px] text-soft underline decoration-dotted"
          onClick={() => folding.fold(false)}
        >
          How to do it (H)
        </button>
      )}
      {/* Folded and not gone: what is being written in the notes, or was asked about, stays. */}
      <Tabs.Root
        hidden={folding.hidden}
        defaultValue={props.notes && props.notesFirst ? "notes" : "steps"}
        className="flex min-w-0 flex-1 flex-col py-0.5 [&[hidden]]:hidden max-md:px-3"
      >
        <div className="flex flex-wrap items-baseline gap-x-3 whitespace-nowrap text-[15px] text-soft">
          <Tabs.List aria-label="How to do it" className="flex flex-wrap gap-x-3">
            <BandTab value="steps">How to do it</BandTab>
            <BandTab value="watch">What to watch for</BandTab>
            {props.notes && <BandTab value="notes">Notes{props.noted > 0 ? `, ${props.noted}` : ""}</BandTab>}
          </Tabs.List>
          <span className="ml-auto flex items-baseline gap-x-3">
            {!props.simulated && (
              <Link to={`/evidence?test=${test.id}`} className="min-h-6 underline decoration-dotted">
                Evidence
              </Link>
            )}
            <button
              type="button"
              className="min-h-6 underline decoration-dotted"
              onClick={() => folding.fold(true)}
            >
              Fold<span className="max-xl:sr-only"> (H)</span>
            </button>
          </span>
        </div>
        <Words value="steps" lines={test.steps} />
        <Words
          value="watch"
          lines={
            test.unreliableIf.length > 0
              ? [...test.watchFor, `Unreliable with: ${test.unreliableIf.join("; ")}.`]
              : test.watchFor
          }
        />
        {props.notes && (
          <Tabs.Content
            value="notes"
            forceMount
            className="min-h-0 overflow-auto data-[state=inactive]:hidden"
          >
            {props.notes}
          </Tabs.Content>
        )}
      </Tabs.Root>
    </section>
  );
}

const BandTab = (props: { value: string; children: ReactNode }) => (
  <Tabs.Trigger
    value={props.value}
    className="min-h-6 border-b-2 border-transparent data-[state=active]:border-teal data-[state=active]:font-semibold data-[state=active]:text-ink"
  >
    {props.children}
  </Tabs.Trigger>
);

const Words = (props: { value: string; lines: string[] }) => (
  <Tabs.Content value={props.value} className="min-h-0 overflow-auto text-[16px] leading-[1.25]">
    <ol className="m-0 list-decimal pl-6">
      {props.lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ol>
  </Tabs.Content>
);
