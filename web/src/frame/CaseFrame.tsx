import { NavLink, Outlet, useOutletContext, useParams } from "react-router";
import { useCase, useCatalogue } from "../api/queries";
import type { CaseView, Catalogue } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { sideName } from "../pieces/format";
import { TopBar } from "./TopBar";
import { Warnings } from "./Warnings";

export interface CaseContext {
  view: CaseView;
  catalogue: Catalogue;
}

export const useCaseContext = () => useOutletContext<CaseContext>();

const STEPS = [
  ["ask", "Ask"],
  ["couch", "Couch"],
  ["weigh", "Weigh"],
  ["print", "Print"],
] as const;

/** The bar above every screen of a case, and the case itself for the screens. */
export function CaseFrame() {
  const { code = "" } = useParams();
  const found = useCase(code);
  const catalogue = useCatalogue();
  const error = found.error ?? catalogue.error;
  return (
    <div className="flex h-dvh flex-col">
      <TopBar
        steps={
          <nav aria-label="Steps of the case" className="flex">
            {STEPS.map(([path, name]) => (
              <NavLink
                key={path}
                to={`/cases/${code}/${path}`}
                className="flex min-h-12 items-center border-b-[3px] border-transparent px-3 text-soft aria-[current=page]:border-teal aria-[current=page]:font-bold aria-[current=page]:text-ink"
              >
                {name}
              </NavLink>
            ))}
          </nav>
        }
      >
        <span className="rounded border-[1.5px] border-ink px-2 py-0.5">{code}</span>
        {found.data && (
          <span className="truncate">
            {found.data.complaintName}, {sideName(found.data.intake.involvedSide).toLowerCase()} side
          </span>
        )}
      </TopBar>
      {error && (
        <main className="p-6">
          <ErrorNote error={error} />
        </main>
      )}
      {found.data && <Warnings raised={found.data.examination.warnings} />}
      {!error && found.data && catalogue.data && (
        <Outlet context={{ view: found.data, catalogue: catalogue.data } satisfies CaseContext} />
      )}
    </div>
  );
}
