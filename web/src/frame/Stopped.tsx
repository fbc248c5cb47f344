import { type ReactNode, Suspense } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { Outlet, useLocation } from "react-router";
import { useQueue } from "../queue/useQueue";

/** A page that fails to draw does not take the others with it, nor a tap. */
export function Stoppable(props: { children: ReactNode }) {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={Stopped} resetKeys={[pathname]}>
      {props.children}
    </ErrorBoundary>
  );
}

export function StoppableOutlet(props: { context?: unknown }) {
  return (
    <Stoppable>
      {/* The bar stays while a screen is on its way. */}
      <Suspense>
        <Outlet context={props.context} />
      </Suspense>
    </Stoppable>
  );
}

function Stopped() {
  const { state } = useQueue();
  const n = state.acts.length;
  return (
    <main className="mx-auto max-w-[640px] px-5 py-10">
      <div role="alert" className="flex flex-col gap-4">
        <h1 className="m-0 text-[28px] font-bold">This page has stopped</h1>
        <p className="m-0">
          Something went wrong while it was drawn. Every tap is kept
          {n > 0 ? `; ${n === 1 ? "1 is" : `${n} are`} on the way to the record` : ""}. Load the page again to
          go on; the other pages work.
        </p>
        <button type="button" className="action self-start" onClick={() => window.location.reload()}>
          Load it again
        </button>
      </div>
    </main>
  );
}
