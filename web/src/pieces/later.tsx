import { type ComponentType, type LazyExoticComponent, lazy } from "react";

/**
 * A part of the page that is loaded when it is first drawn. One that cannot be loaded (there is no connection, and this device has
 * not kept it) says so in its place, and takes nothing else with it.
 */
export function later<P>(
  load: () => Promise<ComponentType<P>>,
  instead: ComponentType<P>,
): LazyExoticComponent<ComponentType<P>> {
  return lazy(async () => ({ default: await load().catch(() => instead) }));
}

/** In place of what has to be there to be used. */
export function NotLoaded() {
  return (
    <p role="alert" className="m-0 border-l-4 border-amber bg-card px-3 py-2 text-[16px]">
      This part could not be loaded without a connection. What is recorded is kept; load the page again later.
    </p>
  );
}
