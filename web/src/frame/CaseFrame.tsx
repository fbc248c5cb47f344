import { NavLink, useOutletContext, useParams } from "react-router";
import { withAll } from "../api/caseQueries";
import { useCase, useCatalogue, useSettings } from "../api/queries";
import type { CaseView, Catalogue, DepartmentSettings } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { sideName } from "../pieces/format";
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
}

export const useCaseContext = () => useOutletContext<CaseContext>();

const STEPS = [
  ["ask", "Ask"],
  ["couch", "Couch"],
  ["measures", "Measures"],
  ["weigh", "Weigh"],
  ["report", "Report"],
] as const;

/** The bar above every screen of a case, and the case itself for the screens. */
export function CaseFrame() {
  const { code = "" } = useParams();
  const found = useCase(code);
  const catalogue = useCatalogue();
  const settings = useSettings();
  const whole =
    found.data && catalogue.data && settings.data
      ? { view: withAll(found.data), catalogue: catalogue.data, settings: settings.data }
      : undefined;
  // With the case on the screen a lost connection is no reason to take it away: recording goes on.
  const error = whole ? null : (found.error ?? catalogue.error ?? settings.error);
  return (
    <div className="flex h-dvh flex-col flow:h-auto flow:min-h-dvh">
      <TopBar
        steps={
          <nav aria-label="Steps of the case" className="flex flex-wrap">
            {STEPS.map(([path, name]) => (
              <NavLink key={path} to={`/cases/${code}/${path}`} className={BAR_WAY}>
                {name}
              </NavLink>
            ))}
          </nav>
        }
      >
        <span className="flex-none whitespace-nowrap rounded border-[1.5px] border-ink px-2 py-0.5">
          {code}
        </span>
        {found.data && (
          <span className="min-w-0 leading-tight max-md:hidden">
            {found.data.complaintName}, {sideName(found.data.intake.involvedSide).toLowerCase()} side
          </span>
        )}
        {found.data && <VisitMenu view={found.data} />}
        {found.data && <NextVisit view={found.data} />}
        <WaitingNote />
      </TopBar>
      {error && (
        <main className="flex flex-col gap-3 p-6">
          <PageHeading title="Not open" className="m-0 text-[24px] font-bold">
            This case could not be opened
          </PageHeading>
          <ErrorNote error={error} />
        </main>
      )}
      {found.data && <Warnings raised={found.data.examination.warnings} />}
      {found.data && <ClosedNote view={found.data} />}
      {found.data && <UnknownNote lines={found.data.examination.unknown} />}
      {!whole && !error && <p className="p-6 text-soft">Opening the case.</p>}
      {whole && <StoppableOutlet context={whole satisfies CaseContext} />}
    </div>
  );
}
