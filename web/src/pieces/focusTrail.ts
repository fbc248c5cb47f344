/** How many places are remembered: dialogs over menus over pages are no deeper. */
const LENGTH = 8;

const trail: WeakRef<HTMLElement>[] = [];

/** Remembers where the focus has been, so that it can go back there when what took it is gone. */
export function keepFocusTrail() {
  document.addEventListener("focusin", ({ target }) => {
    if (target instanceof HTMLElement && target !== document.body) {
      rememberFocus(target);
    }
  });
}

/** Counts as having had the focus: what opened something that took it at once. */
export function rememberFocus(element: HTMLElement) {
  trail.push(new WeakRef(element));
  trail.splice(0, trail.length - LENGTH);
}

/** The latest place that is still there. */
export function lastFocused(): HTMLElement | undefined {
  return trail
    .map((ref) => ref.deref())
    .findLast((e) => e?.isConnected && !e.closest("[role=menu], [role=dialog]"));
}

/** Where the focus is: nowhere if it was given up, and undefined where what had it is gone, or is a menu that goes. */
export function focusNow(): Element | undefined {
  const { activeElement, body } = document;
  if (activeElement && activeElement !== body) {
    return activeElement;
  }
  const last = trail.at(-1)?.deref();
  return trail.length > 0 && (!last?.isConnected || last.closest("[role=menu]")) ? undefined : body;
}
