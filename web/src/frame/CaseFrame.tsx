import type { ComponentType, ReactNode } from "react";
import { NavLink, useOutletContext, useParams } from "react-router";
import { withAll } from "../api/caseQueries";
import { useCase, useCatalogue, useSettings } from "../api/queries";
import type { CaseView, Catalogue, Changes, DepartmentSettings, Side } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { capital, sideName } from "../pieces/format";
import { PageHeading } from "../pieces/PageHeading";
import { BAR_WAY } from "./bar";
import { ClosedNote } from "./ClosedNote";
import { NextVisit } from "./NextVisit";
import { StoppableOutlet } from "./Stopped";
import { TopBar } from "./TopBar";
import { UnknownNote } from "./UnknownNote";
import { VisitMenu } from "./VisitMenu";
import { WaitingNote } from "./WaitingNote";
import { Warnings } from "./Warnings";

export interface CaseContext {
  view: CaseView;
  catalogue: Catalogue;
  settings: DepartmentSettings;
  /** Where the patient is a simulated one. */
  practice?: Practised;
}

/** What the couch has of a simulated patient: what answers in the place of a body, and what stands where the standing is. */
export interface Practised {
  /** Whether the patient has gone, or is somebody else's. */
  over: boolean;
  Answer: ComponentType<{
    test: string;
    at: string;
    side: Side;
    record: (side: Side, changes: Changes) => void;
  }>;
  Panel: ComponentType<{ upright: boolean; children: ReactNode }>;
}

export const useCaseContext = () => useOutletContext<CaseContext>();

/** The bar above every screen of a patient, and the patient for the screens as soon as there is all of it. */
export function PatientFrame(props: {
  code: string;
  steps: ReactNode;
  /** What it says of the patient in the bar. */
  about: (view: CaseView | undefined) => ReactNode;
  /** What stands above the screen. */
  notes?: (view: CaseView) => ReactNode;
  unopened: string;
  /** Whether its warning signs can be confirmed and excluded. */
  settles?: boolean;
  /** What the screens have besides; nothing while it is on its way. */
  besides: object | undefined;
  error?: Error | null;
}) {
  const found = useCase(props.code);
  const catalogue = useCatalogue();
  const settings = useSettings();
  const whole =
    found.data && catalogue.data && settings.data && props.besides
      ? { view: withAll(found.data), catalogue: catalogue.data, settings: settings.data, ...props.besides }
      : undefined;
  // With the case on the screen a lost connection is no reason to take it away: recording goes on.
  const error = whole ? null : (found.error ?? catalogue.error ?? settings.error ?? props.error);
  return (
    <div className="flex h-dvh flex-col flow:h-auto flow:min-h-dvh">
      <TopBar steps={props.steps}>
        {props.about(found.data)}
        <WaitingNote />
      </TopBar>
      {error && (
        <main className="flex flex-col gap-3 p-6">
          <PageHeading title="Not open" className="m-0 text-[24px] font-bold">
            {props.unopened}
          </PageHeading>
          <ErrorNote error={error} />
        </main>
      )}
      {found.data && (
        <Warnings raised={found.data.examination.warnings} {...(props.settles && { code: props.code })} />
      )}
      {found.data && props.notes?.(found.data)}
      {!whole && !error && <p className="p-6 text-soft">Opening it.</p>}
      {whole && <StoppableOutlet context={whole satisfies CaseContext} />}
    </div>
  );
}

/** By their addresses, which are their names. */
const STEPS = ["ask", "couch", "measures", "weigh", "report", "outcome"];

const NOTHING_BESIDES = {};

/** A case. */
export function CaseFrame() {
  const { code = "" } = useParams();
  return (
    <PatientFrame
      code={code}
      settles
      unopened="This case could not be opened"
      besides={NOTHING_BESIDES}
      steps={
        <nav aria-label="Steps of the case" className="flex flex-wrap">
          {STEPS.map((step) => (
            <NavLink key={step} to={`/cases/${code}/${step}`} className={BAR_WAY}>
              {capital(step)}
            </NavLink>
          ))}
        </nav>
      }
      about={(view) => (
        <>
          <span className="flex-none whitespace-nowrap rounded border-[1.5px] border-ink px-2 py-0.5">
            {code}
          </span>
          {view && (
            <>
              <span className="min-w-0 leading-tight max-md:hidden">
                {view.complaintName}, {sideName(view.intake.involvedSide).toLowerCase()} side
              </span>
              <VisitMenu view={view} />
              <NextVisit view={view} />
            </>
          )}
        </>
      )}
      notes={(view) => (
        <>
          <ClosedNote view={view} />
          <UnknownNote lines={view.examination.unknown} />
        </>
      )}
    />
  );
}
